import type { Lab } from "../colour";
import { contrastSensitivity } from "./contrastSensitivity";
import { OPPONENT, passes } from "./opponent";
import { degreesAcross } from "./smallestVisible";

export type Verdict = "visible" | "marginal" | "lost";

/** Highest contrast sensitivity, for a glance at a moving face rather than a laboratory grating. Common practice, no published source. */
const PEAK = 60;
/**
 * What lies over every colour as a luminance factor and makes darks merge: sheen of the skin, light scattered in the eye by a bright stage round a dark
 * detail (the disability glare of CIE 135, from memory), and the haze of a stage. Common practice, no published source for the figures.
 */
const VEIL = { sheen: 2, eye: 2, stage: 2 } as const;
const VEILED = VEIL.sheen + VEIL.eye + VEIL.stage;
/** To be read and not just detected, contrast must be some times its threshold (the visibility levels of CIE 19; the figure is from memory). */
const TO_READ = 3;
/** Chroma difference, C*ab units, that is just read on a large area. Common practice, no published source. */
const CHROMA_READ = 6;
/** Exponent by which luminance and chroma add up (Quick pooling; from memory). */
const POOLING = 3.5;

const luminance = (L: number) => (L > 8 ? 100 * ((L + 16) / 116) ** 3 : (100 * L * 27) / 24389);

/** Where contrast sensitivity is highest, cycles a degree. */
const BEST_SEEN = 8;
/** Sensitivity to a bar: a square wave's first harmonic is 4/pi of its contrast (Campbell & Robson 1968), and a wider bar still has edges as sharp as one that is seen best. */
const barSensitivity = (fundamental: number): number =>
  (4 / Math.PI) * contrastSensitivity(Math.max(BEST_SEEN, fundamental));

const CHROMATIC = OPPONENT[1];

/**
 * Whether two colours side by side still read as two: luminance contrast against the eye's contrast sensitivity for bars of that width,
 * and chroma with its lower cut-off (the red-green spread of S-CIELAB).
 * @param at.widthMm of the narrower of the two
 * @param at.distanceM from the eye
 * @returns `ratio`: times what reading it takes at the least; below 1 lost, from 2 on visible
 * @throws RangeError when the width is not above zero or the distance is negative
 * @example edgeVisibility([90, 0, 0], [30, 0, 0], { widthMm: 10, distanceM: 10 }).verdict // "visible"
 */
export function edgeVisibility(
  a: Lab,
  b: Lab,
  at: { widthMm: number; distanceM: number },
): { verdict: Verdict; ratio: number } {
  if (!(at.widthMm > 0) || !(at.distanceM >= 0))
    throw new RangeError("width above 0 mm, distance from 0 m on");
  // Nobody looks closer than a hand's breadth: there the eye no longer focuses.
  const fundamental = 1 / (2 * degreesAcross(at.widthMm, Math.max(0.15, at.distanceM)));
  const [Ya, Yb] = [luminance(a[0]), luminance(b[0])];
  const contrast = Math.abs(Ya - Yb) / (Ya + Yb + 2 * VEILED);
  const light = (contrast * PEAK * barSensitivity(fundamental)) / TO_READ;
  const colour =
    (Math.hypot(a[1] - b[1], a[2] - b[2]) * Math.max(0, passes(CHROMATIC, fundamental))) /
    CHROMA_READ;
  const ratio = (light ** POOLING + colour ** POOLING) ** (1 / POOLING);
  return { verdict: verdictOf(ratio), ratio };
}

export const verdictOf = (ratio: number): Verdict =>
  ratio >= 2 ? "visible" : ratio >= 1 ? "marginal" : "lost";
