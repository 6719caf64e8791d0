import type { RuleId } from "./registry";

/** A number of the trade that a painter may hold differently. */
export interface HouseNumber {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** The rule it belongs to. */
  readonly rule: RuleId;
  readonly source: string;
}

const trade = "common practice, no published source";
const number = (
  label: string,
  unit: string,
  value: number,
  [least, most]: readonly [number, number],
  rule: RuleId,
  source = trade,
): HouseNumber => ({ label, unit, value, least, most, rule, source });

/** Every number of the house that may be changed; a new one is one line here, read where it counts through the context. */
export const NUMBERS = {
  touchUpShare: number("Touch up when less than this is intact", "%", 85, [50, 99], "WEAR-1"),
  failureShare: number("Past a touch-up below", "%", 60, [20, 90], "WEAR-3"),
  touchUpsTogether: number(
    "Touch-ups so close are one walk to the mirror",
    "h",
    0.5,
    [0, 3],
    "WEAR-1",
  ),
  sweatLight: number("Light sweaters: share of average", "×", 0.6, [0.2, 1], "CLIM-1"),
  sweatHeavy: number(
    "Who sweats heavily sweats so many times the average",
    "×",
    1.6,
    [1, 3],
    "CLIM-1",
  ),
  sunRadiant: number(
    "Direct sun warms the surroundings by",
    "°C",
    18,
    [0, 40],
    "CLIM-1",
    "from memory of outdoor comfort studies",
  ),
  waxSoftens: number("Wax colour softens from", "°C", 33, [25, 45], "CLIM-1"),
  prepFrom: number("Prep is wanted from so much sweat", "g/m² h", 400, [50, 900], "PREP-2"),
  heatCaution: number(
    "Heat is a caution from a feels-like of",
    "°C",
    32.2,
    [25, 45],
    "SAFE-9",
    'US National Weather Service, step "extreme caution", 90 °F',
  ),
  sunHeat: number(
    "Full sun makes it feel hotter by",
    "°C",
    8,
    [0, 12],
    "SAFE-9",
    "US National Weather Service, heat index: full sunshine adds up to 15 °F",
  ),
  heatSweat: number("Heat is a caution from so much sweat", "g/m² h", 500, [200, 1000], "SAFE-9"),
  heatCovered: number("Covered and moving, heat is a caution from", "°C", 27, [15, 40], "SAFE-9"),
  slowCoat: number("A coat is slow to dry from", "min", 15, [3, 60], "CLIM-1"),
  longestWait: number("No coat is waited for longer than", "min", 60, [10, 180], "ORDER-6"),
  powderRest: number("Powder rests before it is dusted off", "min", 1, [0, 10], "SET-1"),
  blending: number(
    "Contour, shade and highlight, laid and blended, take so many times a flat coat",
    "×",
    3,
    [1, 6],
    "COLOUR-4",
  ),
  fading: number("A faded edge takes so many times a hard one", "×", 1.6, [1, 4], "COLOUR-4"),
  loading: number("Changing tool or colour takes", "min", 1.2, [0, 5], "TIME-2"),
  loadingMix: number("Mixing a colour and loading it takes", "min", 2, [0, 10], "TIME-2"),
  pickingUp: number("Picking up a puff, a bottle or a piece takes", "min", 0.4, [0, 5], "TIME-2"),
  boothLoading: number(
    "At a booth, with brushes laid out, changing tool or colour takes",
    "min",
    0.3,
    [0, 5],
    "TIME-2",
  ),
  boothTurnover: number(
    "At a booth sitting down, choosing, asking and paying takes",
    "min",
    1.5,
    [0, 15],
    "TIME-2",
  ),
  changingPerformer: number("Going on to another performer takes", "min", 3.5, [0, 15], "SAFE-7"),
  self: number("Who paints themselves takes so many times as long", "×", 1.4, [1, 3], "TIME-3"),
  selfUnseen: number("And where one can't see it, so many times", "×", 2, [1, 4], "TIME-3"),
  hurried: number(
    "In a hurry hands take this share of their usual minutes",
    "×",
    0.75,
    [0.5, 1],
    "TIME-4",
  ),
  comfortable: number("Comfortably they take so many times as long", "×", 1.4, [1, 3], "TIME-4"),
  breakEvery: number(
    "Comfortably a break comes after so much work",
    "min",
    45,
    [15, 180],
    "TIME-4",
  ),
  breakMinutes: number("A break takes", "min", 5, [1, 30], "TIME-4"),
  leadDays: number("An order takes", "d", 7, [0, 60], "KIT-1"),
  browShows: number(
    "A brow shows from this difference to the forehead",
    "colour difference",
    2,
    [0.5, 10],
    "BROW-3",
  ),
  toldApart: number(
    "A tint is told from its ground from",
    "colour difference",
    3,
    [1, 15],
    "LAYER-8",
  ),
  powderMatch: number(
    "A coloured powder fits up to this difference",
    "colour difference",
    12,
    [2, 30],
    "SET-2",
  ),
  patchFrom: number("A patch test is read first after", "h", 24, [12, 72], "SAFE-2"),
  patchUntil: number("A patch test is read again, late, after", "h", 48, [24, 120], "SAFE-2"),
  patchMonths: number("A clear patch test counts for", "months", 12, [1, 24], "SAFE-2"),
} as const satisfies Record<string, HouseNumber>;

export type NumberId = keyof typeof NUMBERS;
export const NUMBER_IDS = Object.keys(NUMBERS) as NumberId[];
export const numberOf = (id: NumberId): HouseNumber => NUMBERS[id];
