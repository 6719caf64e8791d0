import type { Brief, Matter } from "../brief";
import { isChild, type Person } from "../people";
import { sweatOf } from "../wear";
import type { Candidate } from "./candidates";
import type { AdviceGroup } from "./groups";

export const SCORE_KEYS = [
  "wear",
  "lineWear",
  "gentle",
  "time",
  "comfort",
  "removal",
  "strength",
  "blends",
  "lines",
  "closeUp",
  "simple",
  "cost",
  "stain",
  "shelf",
] as const;
export type ScoreKey = (typeof SCORE_KEYS)[number];

/** What an ordinary job weighs; the hours count most because the brief is hours to be worn. Common practice, no published source. */
const USUAL: Readonly<Record<ScoreKey, number>> = {
  wear: 24,
  lineWear: 8,
  gentle: 15,
  time: 8,
  comfort: 5,
  removal: 8,
  strength: 6,
  blends: 5,
  lines: 5,
  closeUp: 2,
  simple: 5,
  cost: 5,
  stain: 4,
  shelf: 8,
};

/** What the painter puts first, in how many times it weighs. */
const MATTER: Readonly<Record<Matter, Partial<Record<ScoreKey, number>>>> = {
  longWear: { wear: 2.2, lineWear: 2 },
  quick: { time: 4 },
  cheap: { cost: 5 },
  comfort: { comfort: 4, gentle: 1.3 },
  easyOff: { removal: 3, stain: 2 },
  softBlends: { blends: 6 },
  fineLines: { lines: 5, lineWear: 2.5 },
  closeUp: { closeUp: 12, blends: 2, lines: 1.5 },
};

/** Seen from nearer than this every film shows; from farther than that only strong colour does, m. Common practice, no published source. */
const [NEAR_M, FAR_M] = [0.8, 20];
/** So many hours are a long day; what holds weighs the more the longer, up to so many times. */
const LONG_HOURS = 5;
const MOST_LONG = 2.8;

/** Weights of a brief, 100 in all. */
export function weightsOf(
  brief: Brief,
  person: Pick<Person, "skinKind" | "ageYears" | "sweat">,
  group: AdviceGroup,
  hasShelf = true,
): Readonly<Record<ScoreKey, number>> {
  const weights = { ...USUAL };
  const times = (key: ScoreKey, factor: number) => {
    weights[key] *= factor;
  };
  for (const matter of brief.matters)
    for (const [key, factor] of Object.entries(MATTER[matter]) as [ScoreKey, number][])
      times(key, factor);
  if (person.skinKind === "sensitive") times("gentle", 2);
  if (isChild(person)) {
    times("gentle", 1.5);
    times("removal", 1.5);
    times("time", 1.5);
  }
  if (brief.hoursWorn >= LONG_HOURS) {
    const long = Math.min(MOST_LONG, 1.4 + (brief.hoursWorn - LONG_HOURS) * 0.2);
    times("wear", long);
    times("lineWear", long);
  }
  // Where a queue waits what is quick and plain wins, and nobody wears it for long.
  if (brief.circumstances.includes("queue")) {
    times("time", 5);
    times("simple", 6);
    times("wear", 0.4);
    times("lineWear", 0.4);
  }
  if (brief.circumstances.includes("hides")) {
    times("strength", 4);
    times("wear", 2);
    times("blends", 0.5);
  }
  if (brief.circumstances.includes("swims")) times("wear", 2);
  if (brief.hoursWorn <= 2) {
    times("removal", 1.3);
    times("wear", 0.8);
  }
  // Where the mild ones run within the hour, what holds is worth more than what is kind.
  const sweat = sweatOf(person, brief);
  if (sweat > 400) {
    times("wear", 1 + Math.min(1.5, (sweat - 400) / 200));
    times("lineWear", 1 + Math.min(1, (sweat - 400) / 300));
  }
  if (brief.wet) times("wear", 1.5);
  if (brief.nearestM < NEAR_M) times("closeUp", 3);
  if (brief.farthestM >= FAR_M) {
    times("strength", 1.5);
    times("lines", 0.6);
  }
  // Nothing is at hand yet: then it tells no two apart.
  if (!hasShelf) times("shelf", 0);
  if (group === "prosthetic") {
    times("lines", 2);
    times("lineWear", 2);
  }
  if (group === "lips" || group === "teeth") {
    times("lines", 0);
    times("lineWear", 0);
    times("blends", 0.5);
  }
  if (group === "lips" && brief.meal) times("wear", 2);
  if (group === "hands" || group === "body") {
    times("lines", 0.5);
    times("cost", 1.5);
  }
  const whole = SCORE_KEYS.reduce((sum, key) => sum + weights[key], 0);
  return Object.fromEntries(SCORE_KEYS.map((key) => [key, (weights[key] * 100) / whole])) as Record<
    ScoreKey,
    number
  >;
}

const clamp = (value: number) => Math.max(0, Math.min(1, value));

/** How good a candidate is in each, 0-1. */
export function usesOf(c: Candidate, brief: Brief): Readonly<Record<ScoreKey, number>> {
  return {
    wear:
      (clamp(c.first.touchUpHours / brief.hoursWorn) + clamp(c.failureHours / brief.hoursWorn)) / 2,
    lineWear: clamp(c.lineHours / brief.hoursWorn),
    gentle: c.gentle,
    time: clamp(1 - (c.onMinutes + c.dryMinutes - 15) / 90),
    comfort: c.comfort,
    removal: clamp(1 - c.offMinutes / 60),
    strength: c.strength,
    blends: c.blends,
    lines: c.lines,
    closeUp: c.thin,
    simple: c.simple,
    cost: clamp(1 - c.costMinor / 1200),
    stain: 1 - c.stain,
    shelf: c.owned / c.needed,
  };
}
