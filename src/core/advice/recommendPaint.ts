import { money } from "../text/words";
import type { ZoneId } from "../anatomy";
import type { Brief } from "../brief";
import type { PaintKit } from "../look";
import { isWaterColour, material, paintType, type Hazard, type PaintTypeKey } from "../paint";
import { HOUSE } from "../rules";
import { HAZARD_WORDS, wearUnder } from "../wear";
import {
  candidatesFor,
  hazardsIn,
  judgedZones,
  type AdviceBrief,
  type Candidate,
} from "./candidates";
import { ADVICE_GROUPS, type AdviceGroup } from "./groups";
import { refusalsFor, type Refusal } from "./refusals";
import { SCORE_KEYS, usesOf, weightsOf, type ScoreKey } from "./score";

/** One number of the score with its share of it, so that a painter sees why. */
export interface ScorePart {
  readonly name: ScoreKey;
  readonly points: number;
  readonly most: number;
  readonly says: string;
}

export interface PaintSystem {
  readonly id: string;
  readonly group: AdviceGroup;
  readonly kit: PaintKit;
  readonly title: string;
  /** 0-100, by the brief's weights. */
  readonly score: number;
  readonly parts: readonly ScorePart[];
  readonly touchUp: { readonly hours: number; readonly zone: ZoneId; readonly cause: Hazard };
  readonly onMinutes: number;
  readonly dryMinutes: number;
  readonly offMinutes: number;
  readonly costMinor: number;
  /** 0-1. */
  readonly comfort: number;
  readonly stain: number;
  readonly because: readonly string[];
  readonly against: string;
  /** What one loses by taking this instead of the next of another kind; null where there is no other. */
  readonly givesUp: string | null;
}

export interface Recommendation {
  readonly options: PaintSystem[];
  readonly refused: (Refusal & { readonly group: AdviceGroup })[];
}

const label = (key: PaintTypeKey) => material(key).label;

/** "1 h 35", "40 min", "over 10 h". */
export const hoursWords = (hours: number): string =>
  hours >= 10
    ? "over 10 h"
    : hours >= 1
      ? `${Math.floor(hours)} h ${String(Math.min(55, Math.round(((hours % 1) * 60) / 5) * 5)).padStart(2, "0")}`
      : `${Math.max(5, Math.round((hours * 60) / 5) * 5)} min`;
const minutes = (value: number) =>
  value >= 90
    ? `${Math.round(value / 30) / 2} h`
    : `${value >= 20 ? Math.round(value / 5) * 5 : Math.max(1, Math.round(value))} min`;

/** What a candidate is compared by, more is better; rounded as a painter would tell two apart, so that a hair's breadth is no reason to keep both. */
const compared = (c: Candidate): readonly number[] => [
  Math.round(Math.min(c.first.touchUpHours, 24) * 4),
  Math.round(Math.min(c.lineHours, 24) * 4),
  -Math.round((c.onMinutes + c.dryMinutes) / 4),
  -Math.round(c.offMinutes / 5),
  -Math.round(c.costMinor / 40),
  Math.round(c.gentle * 10),
  Math.round(c.comfort * 10),
  -Math.round(c.stain * 10),
  Math.round(c.strength * 10),
  Math.round(c.blends * 10),
  Math.round(c.lines * 10),
  Math.round(c.thin * 10),
  Math.round(c.simple * 4),
  Math.round((c.owned / c.needed) * 10),
];

function beats(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) if ((a[i] ?? 0) < (b[i] ?? 0)) return false;
  return true;
}

/** Those that no other beats in everything: the Pareto set, best score first. */
function undominated(scored: readonly Scored[]): Scored[] {
  const kept: Scored[] = [];
  for (const one of scored)
    if (!kept.some((other) => beats(other.compared, one.compared))) kept.push(one);
  return kept;
}

interface Scored {
  readonly candidate: Candidate;
  readonly uses: Readonly<Record<ScoreKey, number>>;
  readonly compared: readonly number[];
  readonly score: number;
}

const SAYS: Readonly<Record<ScoreKey, (c: Candidate, brief: Brief) => string>> = {
  wear: (c, brief) =>
    c.first.touchUpHours >= brief.hoursWorn
      ? `holds all of the ${brief.hoursWorn} h`
      : `holds about ${hoursWords(c.first.touchUpHours)} before the first touch-up`,
  lineWear: (c, brief) =>
    c.lineHours >= brief.hoursWorn
      ? `its lines stand all of the ${brief.hoursWorn} h`
      : `its lines stand about ${hoursWords(c.lineHours)}`,
  gentle: () => "kind to skin and lungs",
  time: (c) => `on and dry in about ${minutes(c.onMinutes + c.dryMinutes)}`,
  comfort: () => "light on the skin through the hours",
  removal: (c) => `off in ${minutes(c.offMinutes)} with ${material(c.kit.base).removal.with}`,
  strength: () => "strong colour at one coat",
  blends: () => "blends softly: gradients without a join",
  lines: () => "draws fine, crisp lines",
  closeUp: () => "thin on the skin: looks good close up",
  simple: () => "little besides the paint itself to carry and lay",
  cost: (c) => `about ${money(c.costMinor)} in paint`,
  stain: () => "leaves little tint behind",
  shelf: (c) =>
    c.owned === c.needed
      ? "everything is on your shelf"
      : `${c.owned} of ${c.needed} kinds are on your shelf`,
};

const AGAINST: Readonly<Record<ScoreKey, (c: Candidate, brief: Brief) => string>> = {
  wear: (c, brief) =>
    `needs a touch-up after about ${hoursWords(c.first.touchUpHours)} of the ${brief.hoursWorn} h, from ${HAZARD_WORDS[c.first.cause]}`,
  lineWear: (c) => `its lines need mending after about ${hoursWords(c.lineHours)}`,
  gentle: (c) =>
    paintType(c.kit.base).cosmetic && paintType(c.kit.detail).cosmetic
      ? "air the room, no flame near, nothing in the eye sockets or on the lips"
      : "an adhesive, no cosmetic: the label and the skin decide",
  time: (c) => `takes ${minutes(c.onMinutes + c.dryMinutes)} to lay and dry`,
  comfort: () => "felt on the skin through the hours",
  removal: (c) => `${minutes(c.offMinutes)} to take off: ${material(c.kit.base).removal.care}`,
  strength: () => "weak colour at one coat",
  blends: () => "hard to blend: joins show",
  lines: () => "lines come out soft",
  closeUp: () => "thick on the skin when seen from near",
  simple: () => "several preparations to carry, lay and wait for",
  cost: (c) => `dear: about ${money(c.costMinor)} in paint`,
  stain: () => "may leave a tint for a day or two",
  shelf: (c) => `${c.needed - c.owned} of ${c.needed} kinds would have to be bought`,
};

const byId = (kit: PaintKit) =>
  [kit.base, kit.detail, kit.prep, kit.activate, kit.set, kit.seal].filter(Boolean).join("-");
export const kitTitle = (kit: PaintKit): string =>
  kit.detail === kit.base
    ? `${label(kit.base)} throughout`
    : `${label(kit.base)} base, ${label(kit.detail)} lines`;
const sameKind = (a: Candidate, b: Candidate) =>
  a.kit.base === b.kit.base && a.kit.detail === b.kit.detail;

/** What the next of another kind does better, the largest first, in words; what is lost by not taking it. */
function lossAgainst(
  one: Scored,
  next: Scored | undefined,
  weights: Readonly<Record<ScoreKey, number>>,
  brief: Brief,
): string | null {
  if (!next) return null;
  const better = SCORE_KEYS.map((key) => ({
    key,
    gain: (next.uses[key] - one.uses[key]) * weights[key],
  })).sort((a, b) => b.gain - a.gain)[0];
  return better && better.gain > 0.2
    ? `${kitTitle(next.candidate.kit)}: ${SAYS[better.key](next.candidate, brief)}`
    : null;
}

function optionOf(
  one: Scored,
  middle: Readonly<Record<ScoreKey, number>>,
  next: Scored | undefined,
  group: AdviceGroup,
  weights: Readonly<Record<ScoreKey, number>>,
  brief: Brief,
): PaintSystem {
  const { candidate: c, uses } = one;
  const parts = SCORE_KEYS.filter((key) => weights[key] > 0).map((key): ScorePart => ({
    name: key,
    most: Math.round(weights[key] * 10) / 10,
    points: Math.round(weights[key] * uses[key] * 10) / 10,
    says: (uses[key] >= 0.5 ? SAYS : AGAINST)[key](c, brief),
  }));
  // A reason is what it does better than the others, by how much that weighs here; a bare advantage of little is none.
  const ahead = SCORE_KEYS.filter((key) => weights[key] > 0).map((key) => ({
    key,
    by: (uses[key] - middle[key]) * weights[key],
    use: uses[key],
  }));
  const because = [...ahead]
    .sort((a, b) => Number(b.use >= 0.5) - Number(a.use >= 0.5) || b.by - a.by || b.use - a.use)
    .slice(0, 3);
  // What is praised is not blamed as well, nor a soft blend for lying thick or a thin film for its joins.
  const praised = new Set(because.map(({ key }) => key));
  const isBlamed = (key: ScoreKey) =>
    !praised.has(key) &&
    !(key === "closeUp" && praised.has("blends")) &&
    !(key === "blends" && praised.has("closeUp"));
  const worst = ahead
    .filter(({ key }) => isBlamed(key))
    .map(({ key, use }) => ({ key, lost: (1 - use) * weights[key] }))
    .sort((a, b) => b.lost - a.lost)[0];
  return {
    id: byId(c.kit),
    group,
    kit: c.kit,
    title: kitTitle(c.kit),
    score: Math.round(one.score),
    parts,
    touchUp: { hours: c.first.touchUpHours, zone: c.first.zone, cause: c.first.cause },
    onMinutes: c.onMinutes,
    dryMinutes: c.dryMinutes,
    offMinutes: c.offMinutes,
    costMinor: c.costMinor,
    comfort: c.comfort,
    stain: c.stain,
    because: because.map(({ key }) => SAYS[key](c, brief)),
    against: AGAINST[worst?.key ?? "wear"](c, brief),
    givesUp: lossAgainst(one, next, weights, brief),
  };
}

/** The options of one part of the person: its Pareto set, best by the brief's weights first. */
function optionsOf(group: AdviceGroup, advice: AdviceBrief): PaintSystem[] {
  const { brief, person } = advice;
  const weights = weightsOf(brief, person, group, advice.shelf.length > 0);
  const scored = candidatesFor(group, advice)
    .map((candidate): Scored => {
      const uses = usesOf(candidate, brief);
      return {
        candidate,
        uses,
        compared: compared(candidate),
        score: SCORE_KEYS.reduce((sum, key) => sum + weights[key] * uses[key], 0),
      };
    })
    .sort((a, b) => b.score - a.score || (byId(a.candidate.kit) < byId(b.candidate.kit) ? -1 : 1));
  const set = undominated(scored);
  const middle = Object.fromEntries(
    SCORE_KEYS.map((key) => [
      key,
      set.reduce((sum, other) => sum + other.uses[key], 0) / set.length,
    ]),
  ) as Record<ScoreKey, number>;
  return set.map((one, i) =>
    optionOf(
      one,
      middle,
      set.slice(i + 1).find((other) => !sameKind(one.candidate, other.candidate)) ??
        set.find((other) => !sameKind(one.candidate, other.candidate)),
      group,
      weights,
      brief,
    ),
  );
}

/**
 * Paint systems for each part of a person, and the types left out with the rule that did it.
 *
 * Every kit of prep x base x activation x detail x set x seal is looked at. Hard constraints (allergy, reactions, age, sensitive skin, eyes and mouth,
 * what goes over what) come first and nothing outweighs them; of the rest the Pareto set is kept, and ranked out of 100 by weights that the brief
 * gives (hours, activity, distance, skin, what matters most).
 * @param groups the parts asked for, face, eyes and lips by default
 * @returns options part by part, best first within each
 */
export function recommendPaint(
  advice: AdviceBrief,
  groups: readonly AdviceGroup[] = ["face", "eyes", "lips"],
): Recommendation {
  const asked = ADVICE_GROUPS.filter((group) => groups.includes(group));
  return {
    options: asked.flatMap((group) => optionsOf(group, advice)),
    refused: asked.flatMap((group) =>
      refusalsFor(group, advice).map((entry) => ({ ...entry, group })),
    ),
  };
}

/** The best option of each base paint, so that those side by side are really different. */
export const bestOfKinds = (options: readonly PaintSystem[], most = 3): PaintSystem[] =>
  options
    .filter((option, i) => options.findIndex((other) => other.kit.base === option.kit.base) === i)
    .slice(0, most);

/** One change to a kit or to the day and the hours it adds before the first touch-up. */
export interface Gain {
  readonly change: string;
  readonly kit: PaintKit | null;
  readonly gainsHours: number;
}

/** What a change of the day would do: told, since nobody but the painter can make it. */
const DAY: readonly {
  readonly words: string;
  readonly applies: (brief: Brief) => boolean;
  readonly change: Partial<Brief>;
}[] = [
  { words: "out of the sun", applies: ({ sun }) => sun, change: { sun: false } },
  { words: "without the mask", applies: ({ mask }) => mask, change: { mask: false } },
  { words: "without the hood", applies: ({ hood }) => hood, change: { hood: false } },
  { words: "a straw and no meal", applies: ({ meal }) => meal, change: { meal: false } },
  { words: "out of the wet", applies: ({ wet }) => wet, change: { wet: false } },
];

/** "What would buy another two hours?": every single change to a kit or the day that puts off the first touch-up, the most first. */
export function whatBuysTime(kit: PaintKit, group: AdviceGroup, advice: AdviceBrief): Gain[] {
  const { person, brief, house = HOUSE } = advice;
  const hours = (changed: PaintKit, day: Brief) =>
    judgedZones(group, day).reduce((least, zone) => {
      const helpers = [
        changed.prep,
        isWaterColour(changed.base) ? changed.activate : null,
        changed.set,
        changed.seal,
      ].filter((key) => key !== null);
      return Math.min(
        least,
        wearUnder(
          zone,
          hazardsIn(group, zone, person, day, house),
          changed.base,
          helpers,
          house,
          advice.factors?.[changed.base] ?? 1,
        ).touchUpHours,
      );
    }, Infinity);
  const now = hours(kit, brief);
  const single = candidatesFor(group, advice).filter(
    ({ kit: other }) =>
      (["base", "detail", "prep", "activate", "set", "seal"] as const).filter(
        (part) =>
          other[part] !== kit[part] &&
          !(part === "set" && other.base !== kit.base && other.set !== null) &&
          !(part === "activate" && other.activate === null),
      ).length === 1 && other.detail === kit.detail,
  );
  const words = (other: PaintKit) => {
    if (other.base !== kit.base) return `${label(other.base)} for the base`;
    const key =
      other.prep !== kit.prep
        ? other.prep
        : other.activate !== kit.activate
          ? other.activate
          : other.set !== kit.set
            ? other.set
            : other.seal;
    return key
      ? `${material(key).label}${key === other.activate && other.activate !== kit.activate ? " instead of water" : ""}`
      : "";
  };
  const kits = single
    .map(({ kit: other }): Gain => ({
      change: words(other),
      // Of eyes and lips only the paint is chosen: what goes under it is the face's.
      kit: other.base === kit.base && (group === "eyes" || group === "lips") ? null : other,
      gainsHours: hours(other, brief) - now,
    }))
    .filter(({ change }) => change !== "");
  const days = DAY.filter(({ applies }) => applies(brief)).map(
    ({ words: change, change: day }): Gain => ({
      change,
      kit: null,
      gainsHours: hours(kit, { ...brief, ...day }) - now,
    }),
  );
  const told = new Set<string>();
  // Two kits may differ in one and the same words, by the powder a base brings: the better is told.
  return [...kits, ...days]
    .filter(({ gainsHours }) => gainsHours > 0.05)
    .sort((a, b) => b.gainsHours - a.gainsHours)
    .filter(({ change }) => !told.has(change) && told.add(change));
}
