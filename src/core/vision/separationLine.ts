import type { Lab } from "../colour";
import { edgeVisibility } from "./edgeVisibility";

/** How far in L* the line stands off the two tones. Common practice, no published source. */
const STAND_OFF = 35;
/** Two areas, not lines: the width a line is judged without. */
const AREA_MM = 40;
const STEP_MM = 0.5;
const MOST_MM = 60;

/** The colour a separating line has between two tones: lighter between darks, darker between lights (DIST-1). */
export function separatingTone(a: Lab, b: Lab): { tone: "lighter" | "darker"; lab: Lab } {
  const tone = (a[0] + b[0]) / 2 < 50 ? "lighter" : "darker";
  const L =
    tone === "lighter" ? Math.max(a[0], b[0]) + STAND_OFF : Math.min(a[0], b[0]) - STAND_OFF;
  return { tone, lab: [Math.min(97, Math.max(5, L)), (a[1] + b[1]) / 4, (a[2] + b[2]) / 4] };
}

/**
 * What to do about two tones that merge from a distance (DIST-1): a lighter line between two darks, a darker one between two lights, at least
 * so wide that it reads against both.
 * @param areaMm width of the narrower area, 40 by default
 * @returns null when they read as two by themselves; `minWidthMm` in half millimetres, 60 at most
 */
export function separationLine(
  a: Lab,
  b: Lab,
  distanceM: number,
  areaMm = AREA_MM,
): { tone: "lighter" | "darker"; minWidthMm: number } | null {
  if (edgeVisibility(a, b, { widthMm: areaMm, distanceM }).verdict === "visible") return null;
  const { tone, lab } = separatingTone(a, b);
  return {
    tone,
    minWidthMm: Math.max(...[a, b].map((side) => leastWidthMm(side, lab, distanceM) ?? MOST_MM)),
  };
}

/** The least width at which a mark of one colour reads on a ground of another; null when no width up to 60 mm does. */
export function leastWidthMm(mark: Lab, ground: Lab, distanceM: number): number | null {
  const reads = (steps: number) =>
    edgeVisibility(mark, ground, { widthMm: steps * STEP_MM, distanceM }).verdict === "visible";
  let [low, high] = [1, MOST_MM / STEP_MM];
  if (!reads(high)) return null;
  // A wider mark is never harder to see: halving finds the first width that reads.
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (reads(middle)) high = middle;
    else low = middle + 1;
  }
  return low * STEP_MM;
}
