import { addDays } from "../days";
import { buildMaterial } from "./kinds";
import type { Piece } from "./schema";

/** Hours a day one builds. Common practice, no published source. */
const HOURS_A_DAY = 8;
/** A wait so long goes overnight. */
const NIGHT_HOURS = 8;
/** Parts made side by side take so much of the first one's minutes each. Common practice, no published source. */
const LIKE_PART = 0.3;
/** Kept free for repairs, and the day of the dry fit, before the day it is worn (PIECE-1). */
const SPARE_DAYS = 1;

export interface BuildStep {
  readonly on: string;
  readonly words: string;
  readonly minutes: number;
  readonly ready: string;
  readonly aired: boolean;
  readonly done: boolean;
  readonly kind: "coat" | "order" | "fit";
}
export interface BuildList {
  readonly steps: readonly BuildStep[];
  /** The first day of what is left; null when nothing is. */ readonly startOn: string | null;
  readonly fitOn: string;
}

interface Coat {
  readonly words: string;
  readonly minutes: number;
  readonly waitHours: number;
  readonly ready: string;
  readonly aired: boolean;
}

/** One step of a build list as it is done: what its material usually asks, but for what was said otherwise. */
function stepOf({ material, name, minutes, waitHours }: Piece["builds"][number]) {
  const usual = buildMaterial(material);
  return {
    ...usual,
    label: name || usual.label,
    minutes: minutes ?? usual.minutes,
    waitHours: waitHours ?? usual.waitHours,
  };
}

/** Parts to make: those worn, and one to try it out. */
const partsOf = ({ count, testPiece }: Piece): number => count + (testPiece ? 1 : 0);

function coatsOf(piece: Piece): Coat[] {
  const parts = partsOf(piece);
  const each = parts > 1 ? `, ${parts} parts` : "";
  return piece.builds.flatMap((build) => {
    const { label, minutes, waitHours, ready, aired } = stepOf(build);
    return Array.from({ length: build.coats }, (_, i): Coat => ({
      words: (build.coats > 1 ? `${label}, coat ${i + 1} of ${build.coats}` : label) + each,
      minutes: Math.round(minutes * (1 + (parts - 1) * LIKE_PART)),
      waitHours,
      ready,
      aired,
    }));
  });
}

/** What a made thing weighs, g, all its parts and coats; null where nobody has said how large it is. */
export const weightGrams = ({ areaCm2, builds, count }: Piece): number | null =>
  areaCm2 === null
    ? null
    : (areaCm2 / 10_000) *
      count *
      builds.reduce(
        (sum, { material, coats }) => sum + buildMaterial(material).gramsPerM2 * coats,
        0,
      );

/** Days from the first coat, 0 the first, on which each falls: a day holds so many hours of work and short waits, and a long wait is a night. */
function dayOfEach(coats: readonly Coat[]): number[] {
  let [day, hours] = [0, 0];
  return coats.map(({ minutes, waitHours }) => {
    if (hours > 0 && hours + minutes / 60 > HOURS_A_DAY) [day, hours] = [day + 1, 0];
    const own = day;
    hours += minutes / 60 + waitHours;
    if (waitHours >= NIGHT_HOURS) [day, hours] = [day + 1, 0];
    return own;
  });
}

/**
 * What there is to do for a piece before the day it is worn, day by day back from it: coats with their waits, a day for repairs, the dry fit the day before
 * (PIECE-1). What is bought is ordered so that it comes before the day for repairs.
 * @param wornOn ISO date, or a moment of that day
 */
export function buildList(piece: Piece, wornOn: string): BuildList {
  const fitOn = addDays(wornOn, -1);
  const lastDay = addDays(fitOn, -(SPARE_DAYS + 1));
  const fit: BuildStep = {
    on: fitOn,
    words: "dry fit, all worn together: draw the glue line; mend and pack",
    minutes: 30,
    ready: "",
    aired: false,
    done: false,
    kind: "fit",
  };
  if (piece.source === "bought") {
    const on = addDays(lastDay, -piece.leadDays);
    return {
      fitOn,
      startOn: piece.done ? null : on,
      steps: [
        {
          on,
          words: `order it: ${piece.leadDays === 1 ? "a day" : `${piece.leadDays} days`} until it comes`,
          minutes: 10,
          ready: "",
          aired: false,
          done: piece.done > 0,
          kind: "order",
        },
        fit,
      ],
    };
  }
  const coats = coatsOf(piece);
  const days = dayOfEach(coats);
  // The last coat's own night is over before the day for repairs.
  const nights = (coats.at(-1)?.waitHours ?? 0) >= NIGHT_HOURS ? 1 : 0;
  const left = coats.findIndex((_, i) => i >= piece.done);
  const end = (days.at(-1) ?? 0) + nights;
  const steps = coats.map((coat, i): BuildStep => ({
    on: addDays(lastDay, -(end - (days[i] ?? 0))),
    words: coat.words,
    minutes: coat.minutes,
    ready: coat.ready,
    aired: coat.aired,
    done: i < piece.done,
    kind: "coat",
  }));
  return { steps: [...steps, fit], startOn: left < 0 ? null : (steps[left]?.on ?? null), fitOn };
}

/** Coats in a build list: so many can be done. */
export const coatCount = (piece: Piece): number =>
  piece.source === "bought" ? 1 : coatsOf(piece).length;

/** What the coats take from the inside of a piece, mm of its wall. */
export const wallMm = ({ builds }: Pick<Piece, "builds">): number =>
  builds.reduce((sum, { material, coats }) => sum + buildMaterial(material).coatMm * coats, 0);

/** How far round to build the form so that the finished inside still fits: each mm of wall takes 2 pi mm of what it goes round (PIECE-2). */
export const innerRoundMm = (measureMm: number, wall: number): number =>
  measureMm + 2 * Math.PI * wall;
