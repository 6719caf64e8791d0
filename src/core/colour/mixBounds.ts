import type { Lab } from "./lab";
import { xyzFromReflectance, xyzWeights } from "./labFromReflectance";
import type { PaintOptics } from "./paintOptics";
import { reflectanceFromLab } from "./reflectanceFromLab";
import { BANDS } from "./spectrum";

/** Largest weighting of lightness in CIEDE2000: S_L at L* 0 or 100. */
const MOST_SL = 1.75;
/** Largest of S_C and S_H a unit of mean chroma: S_C's 0.045, and a' at most 1.5 a. */
const SC_SLOPE = 0.045 * 1.5;

const LIMIT = 216 / 24389;
const curve = (t: number) => (t > LIMIT ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);
const inverse = (f: number) =>
  f ** 3 > LIMIT ? f ** 3 : Math.max(0, (116 * f - 16) / (24389 / 27));

/** Least that a squared difference in the a*b* plane counts in CIEDE2000 for mean hues within some degrees of one: 1 - |R_T| / 2. */
function leastRotation(hue: number, within: number): number {
  let apart = Math.abs(((hue - 275 + 540) % 360) - 180);
  apart = Math.max(0, apart - within);
  return 1 - Math.sin((Math.PI / 180) * 60 * Math.exp(-((apart / 25) ** 2)));
}

/** Distance in the a*b* plane beyond which CIEDE2000 to a target exceeds a bound. */
export function reachInPlane(target: Lab, bound: number): number {
  const chroma = Math.hypot(target[1], target[2]);
  const reach = (rotation: number) => {
    const per = Math.sqrt(rotation) - (bound * SC_SLOPE) / 2;
    return per > 0 ? (bound * (1 + SC_SLOPE * chroma)) / per : Infinity;
  };
  const anywhere = reach(leastRotation(275, 0));
  if (!(anywhere < chroma)) return anywhere;
  const hue = (Math.atan2(target[2], target[1]) * 180) / Math.PI;
  // CIEDE2000 turns hues a little by stretching a*: some degrees more for that.
  return Math.min(
    anywhere,
    reach(leastRotation(hue, (Math.asin(anywhere / chroma) * 180) / Math.PI + 12)),
  );
}

export type Box = readonly [
  low: readonly [number, number, number],
  high: readonly [number, number, number],
];

/** A box in XYZ outside which CIEDE2000 to the target exceeds the bound. */
export function xyzBox(target: Lab, bound: number): Box {
  const {
    white: [xn, yn, zn],
  } = xyzWeights();
  const rise = bound * MOST_SL;
  const plane = reachInPlane(target, bound);
  const [yLow, yHigh] = [(target[0] - rise + 16) / 116, (target[0] + rise + 16) / 116];
  const xs = [yLow + (target[1] - plane) / 500, yHigh + (target[1] + plane) / 500];
  const zs = [yLow - (target[2] + plane) / 200, yHigh - (target[2] - plane) / 200];
  const value = (f: number, n: number) =>
    f === Infinity ? Infinity : f === -Infinity ? 0 : n * inverse(f);
  return [
    [value(xs[0] ?? 0, xn) - 1e-9, value(yLow, yn) - 1e-9, value(zs[0] ?? 0, zn) - 1e-9],
    [value(xs[1] ?? 0, xn) + 1e-9, value(yHigh, yn) + 1e-9, value(zs[1] ?? 0, zn) + 1e-9],
  ];
}

export { curve as labCurve };

/** What convexity says of one paint in any mix, three axes each: `under` and `over` are per unit of scattering and add up by parts. */
export interface PaintBounds {
  readonly scattering: Float64Array;
  readonly under: Float64Array;
  readonly over: Float64Array;
}

/**
 * Bounds on the XYZ of every mix, from the masstone R(q) = 1 + q - sqrt(q^2 + 2q) being convex in q = K/S, and the observer's weights positive.
 *
 * With scattering level over the spectrum, a mix's q is the mean of its paints' by S times parts, so that
 * X(mix) <= mean of X(paint) (Jensen), and X(mix) >= X(t) + sum w R'(q_t) (q - q_t) for the tangent at any spectrum t, here the target's.
 * Both are means by S times parts: numerators and S add up paint by paint. Null when some paint's scattering is not level.
 */
export function paintBounds(paints: readonly PaintOptics[], target: Lab): PaintBounds | null {
  if (
    paints.some(({ s }) => {
      const [low, high] = [Math.min(...s), Math.max(...s)];
      return !(low > 0) || high - low > 1e-9 * high;
    })
  )
    return null;
  const { x, y, z } = xyzWeights();
  const tangent = reflectanceFromLab([Math.min(100, Math.max(0, target[0])), target[1], target[2]]);
  const at = xyzFromReflectance(tangent);
  const scattering = Float64Array.from(paints, ({ s }) => s[0] ?? 0);
  const under = new Float64Array(paints.length * 3);
  const over = new Float64Array(paints.length * 3);
  paints.forEach(({ k, s }, p) => {
    const S = s[0] ?? 0;
    const sums = [0, 0, 0];
    const tones = [0, 0, 0];
    for (let band = 0; band < BANDS; band++) {
      const r = Math.min(Math.max(tangent[band] ?? 0, 1e-4), 1 - 1e-6);
      const qt = (1 - r) ** 2 / (2 * r);
      const slope = 1 - (qt + 1) / Math.sqrt(qt * (qt + 2));
      const q = (k[band] ?? 0) / S;
      const tone = 1 + q - Math.sqrt(q * (q + 2));
      [x, y, z].forEach((weights, axis) => {
        const w = weights[band] ?? 0;
        sums[axis] = (sums[axis] ?? 0) + w * (r + slope * (q - qt));
        tones[axis] = (tones[axis] ?? 0) + w * tone;
      });
    }
    for (let axis = 0; axis < 3; axis++) {
      under[p * 3 + axis] = (sums[axis] ?? at[axis] ?? 0) * S;
      over[p * 3 + axis] = (tones[axis] ?? 0) * S;
    }
  });
  return { scattering, under, over };
}
