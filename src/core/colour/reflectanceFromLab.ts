import { rememberBy } from "../remember";
import type { Lab } from "./lab";
import { labFromReflectance } from "./labFromReflectance";
import { BANDS, spectrum, type Spectrum } from "./spectrum";
import { deltaE00 } from "./difference";

type Coefficients = readonly [c0: number, c1: number, c2: number];

const CLOSE_ENOUGH = 0.01; // dE00; the promise is 0.05
const MOST_STEPS = 200;

/** Smooth reflectance of three coefficients (Jakob & Hanika 2019, eq. 1 and 3), t = -1..1 over 380-780 nm. */
function sigmoid([c0, c1, c2]: Coefficients): Spectrum {
  return spectrum((_, band) => {
    const t = (2 * band) / (BANDS - 1) - 1;
    const x = (c0 * t + c1) * t + c2;
    return 0.5 + x / (2 * Math.sqrt(1 + x * x));
  });
}

const minus = (a: Lab, b: Lab): [number, number, number] => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const squared = (v: readonly number[]) => v.reduce((sum, x) => sum + x * x, 0);

/** Solves the 3x3 system by Cramer's rule; null when singular. */
function solve3(
  m: readonly (readonly number[])[],
  v: readonly number[],
): [number, number, number] | null {
  const at = (i: number, j: number) => m[i]?.[j] ?? 0;
  const determinant = (column: (i: number, j: number) => number) =>
    column(0, 0) * (column(1, 1) * column(2, 2) - column(1, 2) * column(2, 1)) -
    column(0, 1) * (column(1, 0) * column(2, 2) - column(1, 2) * column(2, 0)) +
    column(0, 2) * (column(1, 0) * column(2, 1) - column(1, 1) * column(2, 0));
  const whole = determinant(at);
  if (!Number.isFinite(whole) || Math.abs(whole) < 1e-30) return null;
  const replaced = (k: number) => determinant((i, j) => (j === k ? (v[i] ?? 0) : at(i, j))) / whole;
  return [replaced(0), replaced(1), replaced(2)];
}

/** Levenberg-Marquardt (damped Gauss-Newton) on the Lab residual, numeric Jacobian. */
function fit(target: Lab, start: Coefficients): { c: Coefficients; error: number } {
  let c = start;
  let residual = minus(labFromReflectance(sigmoid(c)), target);
  let damping = 1e-2;
  for (let step = 0; step < MOST_STEPS && squared(residual) > 1e-8; step++) {
    const jacobian = [0, 1, 2].map((k) => {
      const h = 1e-4 * Math.max(1, Math.abs(c[k] ?? 0));
      const nudged = c.map((value, i) => (i === k ? value + h : value)) as unknown as Coefficients;
      return minus(labFromReflectance(sigmoid(nudged)), target).map(
        (value, i) => (value - (residual[i] ?? 0)) / h,
      );
    });
    const dot = (a: readonly number[] = [], b: readonly number[] = []) =>
      a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);
    const gradient = jacobian.map((column) => -dot(column, residual));
    const normal = jacobian.map((a, i) =>
      jacobian.map((b, j) => dot(a, b) * (i === j ? 1 + damping : 1) + (i === j ? 1e-12 : 0)),
    );
    const move = solve3(normal, gradient);
    if (!move) break;
    const next: Coefficients = [c[0] + move[0], c[1] + move[1], c[2] + move[2]];
    const nextResidual = minus(labFromReflectance(sigmoid(next)), target);
    if (squared(nextResidual) < squared(residual)) {
      c = next;
      residual = nextResidual;
      damping = Math.max(damping / 5, 1e-12);
    } else {
      damping *= 4;
      if (damping > 1e12) break;
    }
  }
  return { c, error: squared(residual) };
}

/** Starting shapes: flat, a valley, a hill, rising and falling ramps, so that every hue is near one of them. */
const STARTS: readonly Coefficients[] = [
  [0, 0, 0],
  [8, 0, -2],
  [-8, 0, 2],
  [0, 6, -1],
  [0, -6, -1],
  [10, 8, -2],
  [10, -8, -2],
  [-10, -6, 0],
  [-10, 6, 0],
];

/** Colours whose reflectance is remembered. */
const MOST_KNOWN = 5000;

/**
 * A smooth reflectance that has this colour under D65: the paint nobody measured with an instrument.
 *
 * Method: Jakob & Hanika 2019, "A Low-Dimensional Function Space for Efficient Spectral Upsampling", fitted in Lab.
 * Every sRGB colour comes back within dE00 0.05; a colour no real surface can have comes back as the nearest shape found.
 * Results are shared between callers: treat them as read-only.
 * @throws RangeError when a coordinate is not finite or L* is outside 0-100
 */
export function reflectanceFromLab(lab: Lab): Spectrum {
  if (!lab.every(Number.isFinite) || lab[0] < -1e-6 || lab[0] > 100 + 1e-6)
    throw new RangeError(`not a surface colour: Lab ${lab.join(", ")}`);
  return fitted(lab);
}

const keyOf = (lab: Lab) => lab.map((value) => value.toFixed(3)).join(",");
const fitted = rememberBy(MOST_KNOWN, keyOf, (lab: Lab): Spectrum => {
  // L* = 0 and 100 lie at infinity in the coefficients; the target stops just short of them.
  const target: Lab = [Math.min(Math.max(lab[0], 0.01), 99.99), lab[1], lab[2]];
  let best = { c: STARTS[0] as Coefficients, error: Infinity };
  for (const start of STARTS) {
    const found = fit(target, start);
    if (found.error < best.error) best = found;
    if (deltaE00(labFromReflectance(sigmoid(best.c)), target) < CLOSE_ENOUGH) break;
  }
  return sigmoid(best.c);
});
