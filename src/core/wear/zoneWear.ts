import { remember, rememberBy } from "../remember";
import { zoneInfo, type ZoneId } from "../anatomy";
import { ACTIVITIES, type Brief } from "../brief";
import { greatestEvaporation } from "../climate";
import { auxiliary, paintType, type Hazard, type AuxiliaryKey, type PaintTypeKey } from "../paint";
import type { Person } from "../people";
import { HOUSE, type House } from "../rules";
import { climateOf, coverOf, sweatOf } from "./exposure";

export type Hazards = Readonly<Record<Hazard, number>>;
export const HAZARD_WORDS: Readonly<Record<Hazard, string>> = {
  sweat: "sweat",
  rubbing: "rubbing",
  flexing: "the skin moving",
  sebum: "skin oil",
  heat: "heat",
  water: "water",
};
export const HAZARDS = Object.keys(HAZARD_WORDS) as Hazard[];

/** Sweat that skin can carry before it runs off; more makes no difference. Common practice, no published source. */
const RUNS_OFF = 900;
/** Skin that is wet by more than this share feels it run; so much of what the air could take up dries where it is (Gagge's skin wettedness, from memory). */
const DRIES_WHERE_IT_IS = 0.5;
/** Sweat that dries in place lifts paint by this share of what runs. Common practice, no published source. */
const DRIED_LIFTS = 0.1;
/** Oil by kind of skin, against normal skin's; lids fold with every blink; dry skin flakes where it moves; sensitive skin itches and is touched. Common practice, no published source. */
const OIL = { normal: 1, dry: 0.6, oily: 1.6, sensitive: 1 } as const;
const LIDS_FOLD = 2.5;
const FLAKES = 1.3;
const TOUCHED = { normal: 1, dry: 1, oily: 1, sensitive: 1.2 } as const;
/** Sun on the skin, degC over the air, where heat softens paint. Common practice, no published source. */
const SUN_ON_SKIN = 8;

/** In a pool paint is under water for some of every hour. Common practice, no published source. */
const IN_WATER = 1.5;
/** A lid that folds over itself creases its paint the more; a hat rubs where it sits. Common practice, no published source. */
const [HOODED, HAT_RUBS] = [1.5, 0.08];

type Sweats = Pick<Person, "sweat" | "skinKind"> & Partial<Pick<Person, "hoodedLids">>;

type Cover = ReturnType<typeof coverOf>;
/** People by covers by house rules that one brief is compared for. */
const MOST_KNOWN = 100;

/** Sweat by cover, asked for again and again while systems are compared. */
const sweatOn = remember((brief: Brief) =>
  rememberBy(
    MOST_KNOWN,
    (person: Sweats, cover: Cover, { numbers }: House) =>
      `${person.sweat} ${cover} ${numbers.sweatLight} ${numbers.sweatHeavy} ${numbers.sunRadiant}`,
    (person, cover, house) =>
      lifting(sweatOf(person, brief, cover ?? (brief.hood ? "hood" : null), house), brief, cover),
  ),
);
const sweatAt = (person: Sweats, brief: Brief, cover: Cover, house: House): number =>
  sweatOn(brief)(person, cover, house);

/** The part of the sweat that lifts paint: what runs because the air can't take it up, and a little of the rest. Dry wind spares a face that damp air would run. */
function lifting(sweat: number, brief: Brief, cover: ReturnType<typeof coverOf>): number {
  const runs = Math.max(
    0,
    sweat - DRIES_WHERE_IT_IS * greatestEvaporation(climateOf(brief, cover)),
  );
  return runs + DRIED_LIFTS * (sweat - runs);
}

/**
 * Hazard of each kind in an hour on a zone with no protection, as a rate: 1 takes an unresisting paint down to 37 % in an hour. Scaled so
 * that unprotected water colour on a heavily sweating face (500 g/m2h) needs a touch-up within about half an hour (WEAR-3); the
 * rest common practice, no published source.
 */
export function hazardsOf(
  zone: ZoneId,
  person: Sweats,
  brief: Brief,
  house: House = HOUSE,
): Hazards {
  const { traits, group, kind } = zoneInfo(zone);
  const { met } = ACTIVITIES[brief.activity];
  const cover = coverOf(brief, zone);
  const warmth = climateOf(brief, cover).airDegC + (brief.sun && !cover ? SUN_ON_SKIN : 0);
  const eaten =
    brief.meal && (group === "lips" || kind === "lipSide" || kind === "philtrum")
      ? group === "lips"
        ? 1
        : 0.3
      : 0;
  const handled = brief.handProps && group === "hands" ? 2 : 1;
  const isLid = kind === "upperLid";
  return {
    sweat: traits.sweat * (Math.min(sweatAt(person, brief, cover, house), RUNS_OFF) / 500) * 1.15,
    rubbing:
      traits.rubbing * 0.12 * (0.05 + 0.39 * met) * handled * TOUCHED[person.skinKind] +
      (brief.hatLineMm !== null && (kind === "forehead" || kind === "temple") ? HAT_RUBS : 0) +
      (cover === "mask" ? 0.12 : cover === "hood" ? 0.05 : 0) +
      eaten * 0.4,
    flexing:
      (traits.movement * 0.6 + traits.crease * 0.4) *
      0.16 *
      (0.02 + 0.18 * met) *
      (isLid ? LIDS_FOLD * (person.hoodedLids ? HOODED : 1) : 1) *
      (person.skinKind === "dry" ? FLAKES : 1),
    sebum: traits.sebum * 0.04 * OIL[person.skinKind],
    heat: 0.35 / (1 + Math.exp(-(warmth - house.numbers.waxSoftens) / 3)),
    water:
      (group === "hands" || group === "lips" ? 0.05 : 0) +
      (brief.circumstances.includes("swims") ? IN_WATER : brief.wet && !cover ? 0.6 : 0) +
      eaten * 0.25,
  };
}

/** A piece keeps the skin's sweat and oil from the paint on it, but for what comes round its edge. Common practice, no published source. */
const THROUGH_PIECE = { sweat: 0.15, sebum: 0.05 } as const;

/** What is left of a zone's hazards on a piece that is worn there. */
export const onPiece = (raw: Hazards): Hazards => ({
  ...raw,
  sweat: raw.sweat * THROUGH_PIECE.sweat,
  sebum: raw.sebum * THROUGH_PIECE.sebum,
});

/** How much of the paint is still whole after so many hours: S(t) = exp(-hazard t). */
export interface ZoneWear {
  readonly zone: ZoneId;
  readonly hazardPerHour: number;
  readonly cause: Hazard;
  /** Hours to the first touch-up and to failure: when less than the house's shares is whole. */
  readonly touchUpHours: number;
  readonly failureHours: number;
}

/**
 * What helpers leave of a hazard. Powder does more for grease, which it dries and holds, than for what dries by itself; what is sprayed or
 * brushed over grease that was never powdered holds nothing (SET-1).
 */
function eased(helpers: readonly AuxiliaryKey[], type: PaintTypeKey, hazard: Hazard): number {
  const isGrease = paintType(type).setting === "powder";
  const isOpen = isGrease && !helpers.some((key) => auxiliary(key).use === "set");
  return helpers.reduce((left, key) => {
    const { eases, easesGrease, use } = auxiliary(key);
    if (isOpen && (use === "seal" || use === "activate")) return left;
    return left * ((isGrease ? easesGrease?.[hazard] : undefined) ?? eases[hazard] ?? 1);
  }, 1);
}

/** Wear by hazards that are known already. @param factor how much faster than the house forecasts, by the painter's own record (calibrate.ts) */
export function wearUnder(
  zone: ZoneId,
  raw: Hazards,
  type: PaintTypeKey,
  helpers: readonly AuxiliaryKey[],
  house: House = HOUSE,
  factor = 1,
): ZoneWear {
  const { resists } = paintType(type);
  let [hazardPerHour, most, cause]: [number, number, Hazard] = [0, -1, "sweat"];
  for (const hazard of HAZARDS) {
    const rate = raw[hazard] * (1 - resists[hazard]) * factor * eased(helpers, type, hazard);
    hazardPerHour += rate;
    if (rate > most) [most, cause] = [rate, hazard];
  }
  const hoursTo = (percent: number) =>
    hazardPerHour > 0 ? -Math.log(percent / 100) / hazardPerHour : Infinity;
  return {
    zone,
    hazardPerHour,
    cause,
    touchUpHours: hoursTo(house.numbers.touchUpShare),
    failureHours: hoursTo(house.numbers.failureShare),
  };
}

/** Wear of one paint type on one zone under prep, powder, sealing medium and barrier. */
export function zoneWear(o: {
  zone: ZoneId;
  type: PaintTypeKey;
  helpers: readonly AuxiliaryKey[];
  person: Sweats;
  brief: Brief;
  house?: House;
  factor?: number;
  /** Painted on a cap or a piece. */ onPiece?: boolean;
}): ZoneWear {
  const raw = hazardsOf(o.zone, o.person, o.brief, o.house);
  return wearUnder(o.zone, o.onPiece ? onPiece(raw) : raw, o.type, o.helpers, o.house, o.factor);
}

/** Share still whole after some hours. */
export const survival = (wear: Pick<ZoneWear, "hazardPerHour">, hours: number): number =>
  Math.exp(-wear.hazardPerHour * hours);
