import type { Lab } from "./lab";
import { LAMPS, type LampKey } from "./lamps";
import { X_BAR, Y_BAR, Z_BAR } from "./observer";
import { BANDS, type Spectrum } from "./spectrum";

export type Xyz = readonly [X: number, Y: number, Z: number];

interface Weights { readonly x: Float64Array; readonly y: Float64Array; readonly z: Float64Array; readonly white: Xyz }

const total = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0);

/** Lamp times observer, scaled so that a perfect white has Y = 100 (CIE 15, tristimulus values of reflecting objects). */
function weightsOf(lamp: Spectrum): Weights {
  const weigh = (bar: readonly number[]) => lamp.map((power, band) => power * (bar[band] ?? 0));
  const scale = 100 / total(weigh(Y_BAR));
  const [x, y, z] = [X_BAR, Y_BAR, Z_BAR].map((bar) => weigh(bar).map((value) => value * scale)) as [Float64Array, Float64Array, Float64Array];
  return { x, y, z, white: [total(x), total(y), total(z)] };
}

const WEIGHTS: Readonly<Record<LampKey, Weights>> = { D65: weightsOf(LAMPS.D65), A: weightsOf(LAMPS.A) };

// Bradford cone response (CIECAM97s; the matrix of ICC.1). Its inverse is computed once below.
const BRADFORD = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]] as const;
const BRADFORD_INVERSE = [[0.9869929, -0.1470543, 0.1599627], [0.4323053, 0.5183603, 0.0492912], [-0.0085287, 0.0400428, 0.9684867]] as const;

type Matrix = readonly (readonly [number, number, number])[];
const times = (matrix: Matrix, v: Xyz): Xyz =>
  matrix.map((row) => row[0] * v[0] + row[1] * v[1] + row[2] * v[2]) as unknown as Xyz;

/** XYZ of a reflectance under a lamp, perfect white at Y = 100. */
export function xyzFromReflectance(r: Spectrum, lamp: LampKey = "D65"): Xyz {
  const { x, y, z } = WEIGHTS[lamp];
  let sumX = 0;
  let sumY = 0;
  let sumZ = 0;
  for (let band = 0; band < BANDS; band++) {
    const value = r[band] ?? 0;
    sumX += (x[band] ?? 0) * value;
    sumY += (y[band] ?? 0) * value;
    sumZ += (z[band] ?? 0) * value;
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

/**
 * CIELAB (D65 white) of a reflectance seen under a lamp.
 *
 * The eye adapts to the lamp's white only in part: `adaptation` 1 is complete (a white card looks white under any lamp),
 * 0 is none (everything takes the lamp's colour). The cone responses are scaled as in CIECAM02's von Kries step, on Bradford axes.
 * @param r 41 bands, 0-1
 */
export function labFromReflectance(r: Spectrum, lamp: LampKey = "D65", adaptation = 1): Lab {
  if (!(adaptation >= 0 && adaptation <= 1)) throw new RangeError(`adaptation must be 0 to 1, not ${adaptation}`);
  const xyz = xyzFromReflectance(r, lamp);
  const day = WEIGHTS.D65.white;
  if (lamp === "D65") return labFromXyz(xyz, day);
  const cones = times(BRADFORD, xyz);
  const lampCones = times(BRADFORD, WEIGHTS[lamp].white);
  const dayCones = times(BRADFORD, day);
  const adapted = cones.map((cone, i) => cone * (adaptation * ((dayCones[i] ?? 0) / (lampCones[i] ?? 1)) + 1 - adaptation)) as unknown as Xyz;
  return labFromXyz(times(BRADFORD_INVERSE, adapted), day);
}
