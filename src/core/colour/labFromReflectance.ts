import { rememberBy } from "../remember";
import type { Lab } from "./lab";
import { LAMP_KEYS, LAMPS, type Lamp, type LampKey } from "./lamps";
import { X_BAR, Y_BAR, Z_BAR } from "./observer";
import type { Spectrum } from "./spectrum";

export type Xyz = readonly [X: number, Y: number, Z: number];

interface Weights {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
  readonly white: Xyz;
}

const total = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0);

/** Lamp times observer, scaled so that a perfect white has Y = 100 (CIE 15, tristimulus values of reflecting objects), or less in a light it is not taken for white in. */
function weightsOf({ power: lamp, exposure = 1 }: Lamp): Weights {
  const weigh = (bar: readonly number[]) => lamp.map((power, band) => power * (bar[band] ?? 0));
  const scale = (100 * exposure) / total(weigh(Y_BAR));
  const [x, y, z] = [X_BAR, Y_BAR, Z_BAR].map((bar) =>
    weigh(bar).map((value) => value * scale),
  ) as [Float64Array, Float64Array, Float64Array];
  return { x, y, z, white: [total(x), total(y), total(z)] };
}

const WEIGHTS = Object.fromEntries(LAMP_KEYS.map((key) => [key, weightsOf(LAMPS[key])])) as Record<
  LampKey,
  Weights
>;

/** Lamp times observer per band, a perfect white at Y = 100: XYZ of a reflectance is its sum over these. */
export const xyzWeights = (lamp: LampKey = "D65"): Readonly<Weights> => WEIGHTS[lamp];

// Cone responses L, M, S of XYZ (Hunt-Pointer-Estevez, normalised to D65), and back. Real cones, unlike sharpened ones, answer no light with
// less than nothing and Y is a sum of L and M with positive weights: so no surface under any gel comes out lighter than a white card.
const CONES = [
  [0.4002, 0.7076, -0.0808],
  [-0.2263, 1.1653, 0.0457],
  [0, 0, 0.9182],
] as const;
const CONES_INVERSE = [
  [1.8600666, -1.1294801, 0.2198983],
  [0.3612229, 0.6388043, -0.0000071],
  [0, 0, 1.0890873],
] as const;

type Matrix = readonly (readonly [number, number, number])[];
const times = (matrix: Matrix, v: Xyz): Xyz =>
  matrix.map((row) => row[0] * v[0] + row[1] * v[1] + row[2] * v[2]) as unknown as Xyz;

/** XYZ of a reflectance under a lamp, perfect white at Y = 100. */
export function xyzFromReflectance(r: Spectrum, lamp: LampKey = "D65"): Xyz {
  const { x, y, z } = WEIGHTS[lamp];
  let sumX = 0;
  let sumY = 0;
  let sumZ = 0;
  for (let band = 0; band < x.length; band++) {
    const value = r[band] as number;
    sumX += (x[band] as number) * value;
    sumY += (y[band] as number) * value;
    sumZ += (z[band] as number) * value;
  }
  return [sumX, sumY, sumZ];
}

/** Luminance factor Y of a reflectance under D65, 0-100. */
export function luminanceFactor(r: Spectrum): number {
  return xyzFromReflectance(r)[1];
}

const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);

/** CIELAB of tristimulus values against a white (CIE 15). */
export function labFromXyz([X, Y, Z]: Xyz, white: Xyz): Lab {
  const [fx, fy, fz] = [f(X / white[0]), f(Y / white[1]), f(Z / white[2])];
  return [116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)];
}

/** Lamps by degrees of adaptation: the bench may ask for any. */
const MOST_KNOWN = 200;
const keyOf = (lamp: LampKey, adaptation: number) => `${lamp} ${adaptation}`;

/** The lamp's matrix from its XYZ to what the eye makes of it, for a degree of adaptation; built once for each. */
const adapting = rememberBy(MOST_KNOWN, keyOf, (lamp: LampKey, adaptation: number): Matrix => {
  const lampCones = times(CONES, WEIGHTS[lamp].white);
  const dayCones = times(CONES, WEIGHTS.D65.white);
  const scaled = CONES.map((row, i) =>
    row.map(
      (value) => value * (adaptation * ((dayCones[i] ?? 0) / (lampCones[i] ?? 1)) + 1 - adaptation),
    ),
  ) as unknown as Matrix;
  const columns = [0, 1, 2].map((j) =>
    times(CONES_INVERSE, scaled.map((row) => row[j] ?? 0) as unknown as Xyz),
  );
  const matrix = [0, 1, 2].map((i) => columns.map((column) => column[i] ?? 0)) as unknown as Matrix;
  // A white card keeps its Y whatever the lamp: nothing that only reflects is lighter than paper.
  const keeps = WEIGHTS[lamp].white[1] / times(matrix, WEIGHTS[lamp].white)[1];
  return matrix.map((row) => row.map((value) => value * keeps)) as unknown as Matrix;
});

/** XYZ under a lamp as an eye sees it that has adapted to the lamp's white by a degree; a white card keeps Y = 100. */
export const seenXyz = (
  xyz: Xyz,
  lamp: LampKey,
  adaptation: number = LAMPS[lamp].adaptation,
): Xyz => (lamp === "D65" ? xyz : times(adapting(lamp, adaptation), xyz));

/**
 * CIELAB (D65 white) of a reflectance seen under a lamp.
 *
 * The eye adapts to the lamp's white only in part: `adaptation` 1 is complete (a white card looks white under any lamp),
 * 0 is none (everything takes the lamp's colour). The cone responses are scaled as in CIECAM02's von Kries step, with its degree of adaptation.
 * @param r 41 bands, 0-1
 * @param adaptation 0-1; the lamp's own degree by default
 */
export function labFromReflectance(
  r: Spectrum,
  lamp: LampKey = "D65",
  adaptation: number = LAMPS[lamp].adaptation,
): Lab {
  if (!(adaptation >= 0 && adaptation <= 1))
    throw new RangeError(`adaptation must be 0 to 1, not ${adaptation}`);
  const xyz = xyzFromReflectance(r, lamp);
  if (lamp === "D65") return labFromXyz(xyz, WEIGHTS.D65.white);
  const [X, Y, Z] = seenXyz(xyz, lamp, adaptation);
  // Rounding of the matrices, no more: a surface is neither darker than black nor lighter than white.
  return labFromXyz(
    [Math.max(0, X), Math.min(100, Math.max(0, Y)), Math.max(0, Z)],
    WEIGHTS.D65.white,
  );
}
