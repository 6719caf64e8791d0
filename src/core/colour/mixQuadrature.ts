import { deltaE00 } from "./difference";
import { masstoneReflectance } from "./film";
import type { Lab } from "./lab";
import { labFromXyz, xyzFromReflectance, xyzWeights, type Xyz } from "./labFromReflectance";
import type { PaintOptics } from "./paintOptics";
import { BANDS } from "./spectrum";

/** A few bands that stand for all 41 in mixes of some paints near a target. */
export interface MixQuadrature {
  readonly bands: readonly number[];
  readonly weights: readonly [Float64Array, Float64Array, Float64Array];
  /** How far it can be off near the target, dE00. */
  readonly slack: number;
}

/** Bands tried in turn until few enough stand for all 41. */
const COUNTS = [7, 9, 12, 16, 22] as const;
/** A quadrature further off than this, dE00, would send too many mixes to be computed in full. */
const CLOSE_ENOUGH = 0.3;
/** The sample sees not every mix: its worst error is taken this many times over. */
const CAUTION = 3;
const SAMPLE = 2000;
const FITTED = 200;
/** Sampled mixes a calibration rests on at the least. */
const ENOUGH = 30;
/** Mixes within this of the target are what it has to get right, dE00. */
const NEAR = 10;

/** A fixed congruential sequence (Numerical Recipes' quick generator): the sample has to be the same every time. */
function* sequence(): Generator<number, never> {
  let x = 12345;
  for (;;) {
    x = (Math.imul(x, 1664525) + 1013904223) >>> 0;
    yield x / 2 ** 32;
  }
}

/** Solves A x = b for a symmetric positive definite A (Cholesky). */
function solvePositive(A: readonly Float64Array[], b: Float64Array): Float64Array {
  const n = b.length;
  const L = A.map((row) => Float64Array.from(row));
  const at = (i: number, j: number) => L[i]?.[j] ?? 0;
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = at(i, j);
      for (let k = 0; k < j; k++) sum -= at(i, k) * at(j, k);
      const row = L[i];
      if (row) row[j] = i === j ? Math.sqrt(Math.max(sum, 1e-15)) : sum / at(j, j);
    }
  const y = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    let sum = b[i] ?? 0;
    for (let k = 0; k < i; k++) sum -= at(i, k) * (y[k] ?? 0);
    y[i] = sum / at(i, i);
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = y[i] ?? 0;
    for (let k = i + 1; k < n; k++) sum -= at(k, i) * (y[k] ?? 0);
    y[i] = sum / at(i, i);
  }
  return y;
}

interface Sampled {
  readonly r: Float64Array;
  readonly xyz: Xyz;
  readonly lab: Lab;
  readonly away: number;
}

/** Random mixes of these paints, the ones nearest the target first. Sums are written out: this runs before every search. */
function sampleNear(
  paints: readonly PaintOptics[],
  target: Lab,
  maxPaints: number,
  maxParts: number,
): Sampled[] {
  const random = sequence();
  const whole = (n: number) => Math.floor(random.next().value * n);
  const { white } = xyzWeights();
  const sample = Array.from({ length: SAMPLE }, (): Sampled => {
    const mix = { k: new Float64Array(BANDS), s: new Float64Array(BANDS) };
    for (let i = 0, n = 1 + whole(maxPaints); i < n; i++) {
      const { k, s } = paints[whole(paints.length)] as PaintOptics;
      const parts = 1 + whole(maxParts);
      for (let band = 0; band < k.length; band++) {
        mix.k[band] = (mix.k[band] as number) + parts * (k[band] as number);
        mix.s[band] = (mix.s[band] as number) + parts * (s[band] as number);
      }
    }
    const r = masstoneReflectance(mix);
    const xyz = xyzFromReflectance(r);
    const lab = labFromXyz(xyz, white);
    return {
      r,
      xyz,
      lab,
      away: Math.hypot(lab[0] - target[0], lab[1] - target[1], lab[2] - target[2]),
    };
  });
  return sample.sort((a, b) => a.away - b.away).slice(0, FITTED);
}

function fit(count: number, sample: readonly Sampled[], target: Lab, near: number): MixQuadrature {
  // The ends of the spectrum weigh next to nothing: 410 to 690 nm is what the eye sees.
  const [first, last] = [3, 31];
  const bands = Array.from({ length: count }, (_, i) =>
    Math.round(first + (i * (last - first)) / (count - 1)),
  );
  const weights = [0, 1, 2].map((axis) => {
    const A = bands.map(() => new Float64Array(count));
    const b = new Float64Array(count);
    for (const { r, xyz, away } of sample) {
      const value = xyz[axis] ?? 0;
      // Errors over the 2/3 power, as L*, a* and b* take them.
      const weight = Math.max(value, 0.2) ** (-4 / 3) / (1 + (away / near) ** 2);
      bands.forEach((p, i) => {
        b[i] = (b[i] ?? 0) + weight * (r[p] ?? 0) * value;
        const row = A[i];
        if (row)
          bands.forEach((s, j) => {
            row[j] = (row[j] ?? 0) + weight * (r[p] ?? 0) * (r[s] ?? 0);
          });
      });
    }
    const trace = A.reduce((sum, row, i) => sum + (row[i] ?? 0), 0);
    A.forEach((row, i) => {
      row[i] = (row[i] ?? 0) + 1e-9 * trace + 1e-12;
    });
    return solvePositive(A, b);
  }) as [Float64Array, Float64Array, Float64Array];
  const { white } = xyzWeights();
  const error = sample.reduce((worst, { r, lab }) => {
    const off = deltaE00(lab, target);
    if (off > near) return worst;
    const [X, Y, Z] = weights.map((axis) =>
      Math.max(
        0,
        bands.reduce((sum, band, i) => sum + (axis[i] ?? 0) * (r[band] ?? 0), 0),
      ),
    ) as [number, number, number];
    return Math.max(worst, Math.abs(deltaE00(labFromXyz([X, Y, Z], white), target) - off));
  }, 0);
  return { bands, weights, slack: error * CAUTION + 1e-6 };
}

/** Every band with its own weight: exact, and nothing to calibrate. */
export function allBands(): MixQuadrature {
  const { x, y, z } = xyzWeights();
  return { bands: Array.from({ length: BANDS }, (_, i) => i), weights: [x, y, z], slack: 1e-9 };
}

/** The fewest bands, with weights by least squares, that give the colour of mixes of these paints near the target; all 41, exact, where few can't. */
export function mixQuadrature(
  paints: readonly PaintOptics[],
  target: Lab,
  o: { maxPaints: number; maxParts: number },
): MixQuadrature {
  const all = allBands();
  const sample = sampleNear(paints, target, o.maxPaints, o.maxParts);
  // A colour these paints don't reach is judged on the mixes that come nearest to it.
  const away = sample.map(({ lab }) => deltaE00(lab, target)).sort((a, b) => a - b);
  const near = Math.max(NEAR, (away[ENOUGH] ?? Infinity) + 2);
  if (!Number.isFinite(near)) return all;
  for (const count of COUNTS) {
    const found = fit(count, sample, target, near);
    if (found.slack <= CLOSE_ENOUGH) return found;
  }
  return all;
}
