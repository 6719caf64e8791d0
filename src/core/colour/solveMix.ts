import { masstoneLab } from "./mixedLab";
import { coatsToCover } from "./coatsToCover";
import { deltaE00, differenceTo } from "./difference";
import type { Lab } from "./lab";
import { xyzWeights } from "./labFromReflectance";
import { labCurve, paintBounds, reachInPlane, xyzBox } from "./mixBounds";
import { mixOptics } from "./mixOptics";
import { allBands, mixQuadrature } from "./mixQuadrature";
import type { PaintOptics } from "./paintOptics";
import type { Spectrum } from "./spectrum";

export interface MixPaint {
  readonly id: string;
  readonly optics: PaintOptics;
}

export interface MixQuery {
  readonly target: Lab;
  readonly paints: readonly MixPaint[];
  /** What the mix goes over; with it each recipe says its coats. */
  readonly ground?: Spectrum;
  /** Reference films a coat lays, 1 by default. */
  readonly filmPerCoat?: number;
  readonly maxPaints?: number;
  /** Most parts of a recipe in all, 8 by default. */
  readonly maxParts?: number;
  /** How many recipes to answer with, 5 by default. */
  readonly top?: number;
}

export interface MixRecipe {
  parts: { id: string; parts: number }[];
  lab: Lab;
  deltaE: number;
  coats?: number;
}

export interface MixProgress {
  readonly tried: number;
  readonly of: number;
  readonly best: MixRecipe[];
}

/** dE00 a further pot on the palette has to be worth. Common practice, no published source. */
export const EXTRA_PAINT_COST = 0.25;

/** In a space of fewer mixes than this, choosing bands takes longer than the search. */
const SMALL = 8000;

/** Mixes between two reports: some tens of milliseconds' work. */
const STRIDE = 400_000;

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/** Every way to share out up to `most` whole parts among `count` paints, in lowest terms. */
export function sharings(count: number, most: number): number[][] {
  const of = (left: number, n: number): number[][] =>
    n === 0
      ? [[]]
      : Array.from({ length: Math.max(0, left - n + 1) }, (_, i) => i + 1).flatMap((a) =>
          of(left - a, n - 1).map((rest) => [a, ...rest]),
        );
  return of(most, count).filter((parts) => parts.reduce(divisor, 0) === 1);
}

const chosen = (n: number, size: number): number => {
  let ways = 1;
  for (let i = 0; i < size; i++) ways = (ways * (n - i)) / (i + 1);
  return ways;
};

interface Ranked {
  readonly picked: readonly number[];
  readonly parts: readonly number[];
  readonly optics: PaintOptics;
  readonly lab: Lab;
  readonly deltaE: number;
  readonly score: number;
}

const inOrder = (a: Ranked, b: Ranked) =>
  a.score - b.score ||
  a.picked.length - b.picked.length ||
  a.picked.join().localeCompare(b.picked.join()) ||
  a.parts.join().localeCompare(b.parts.join());

/** The best few so far; `limit` is what a further mix has to beat. */
function shortlist(q: MixQuery, top: number) {
  let best: Ranked[] = [];
  const list = {
    limit: Infinity,
    tryInFull(picked: readonly number[], parts: readonly number[]) {
      const optics = mixOptics(
        picked.flatMap((paint, i) => {
          const found = q.paints[paint];
          return found ? [{ optics: found.optics, parts: parts[i] ?? 0 }] : [];
        }),
      );
      const lab = masstoneLab(optics);
      const deltaE = deltaE00(lab, q.target);
      best = [
        ...best,
        {
          picked: [...picked],
          parts: [...parts],
          optics,
          lab,
          deltaE,
          score: deltaE + EXTRA_PAINT_COST * (picked.length - 1),
        },
      ]
        .sort(inOrder)
        .slice(0, top);
      list.limit = best.length === top ? (best.at(-1)?.score ?? Infinity) : Infinity;
    },
    recipes: (): MixRecipe[] =>
      best.map(({ picked, parts, optics, lab, deltaE }) => ({
        parts: picked
          .map((paint, i) => ({ id: q.paints[paint]?.id ?? "", parts: parts[i] ?? 0 }))
          .sort((a, b) => b.parts - a.parts),
        lab,
        deltaE,
        ...(q.ground && {
          coats: coatsToCover(optics, q.ground, { filmPerCoat: q.filmPerCoat ?? 1 }).coats,
        }),
      })),
  };
  return list;
}

/**
 * The search of {@link solveMix} in slices: yields the best so far every few hundred thousand mixes, so that a worker can show it, or stop.
 *
 * Every recipe of the space is accounted for. Most fall to bounds that hold for any mix of its paints ({@link paintBounds}): two
 * multiplications an axis. What is left is computed on a few bands whose error near this target has been measured on these paints
 * ({@link mixQuadrature}), and what comes within that error of the best few, in full.
 */
export function* solveMixSteps(q: MixQuery): Generator<MixProgress, MixRecipe[]> {
  const { target, paints, maxPaints = 3, maxParts = 8, top = 5 } = q;
  if (!paints.length) throw new RangeError("a mix needs paints");
  if (!target.every(Number.isFinite))
    throw new RangeError(`not a colour: Lab ${target.join(", ")}`);
  if (![maxPaints, maxParts, top].every((n) => Number.isInteger(n) && n >= 1))
    throw new RangeError("paints, parts and recipes are whole numbers from one on");
  const list = shortlist(q, top);
  const differs = differenceTo(target);
  const count = paints.length;
  const most = Math.min(maxPaints, count, maxParts);
  const of = Array.from(
    { length: most },
    (_, i) => sharings(i + 1, maxParts).length * chosen(count, i + 1),
  ).reduce((sum, n) => sum + n, 0);

  // Lightest paint first: a mix that is already too dark stays so with every paint that follows.
  const order = paints.map((_, p) => p).sort((a, b) => toneOf(paints[b]) - toneOf(paints[a]));
  const optics = order.flatMap((p) => {
    const paint = paints[p];
    return paint ? [paint.optics] : [];
  });
  const bounds = paintBounds(optics, target);
  const {
    bands,
    weights: [wx, wy, wz],
    slack,
  } = of < SMALL ? allBands() : mixQuadrature(optics, target, { maxPaints: most, maxParts });
  const N = bands.length;
  const K = new Float64Array(count * N);
  const S = new Float64Array(count * N);
  optics.forEach((paint, p) =>
    bands.forEach((band, n) => {
      K[p * N + n] = paint.k[band] ?? 0;
      S[p * N + n] = Math.max(paint.s[band] ?? 0, 1e-12);
    }),
  );
  const {
    white: [xn, yn, zn],
  } = xyzWeights();

  // A mix can only be near when every one of six sums is at most zero: S (under - high) and S (low - over), axis by axis.
  const SUMS = 6;
  const beta = new Float64Array(count * SUMS);
  let within = Infinity;
  let reach = Infinity;
  let lows: readonly [number, number, number] = [0, 0, 0];
  let [yLow, yHigh] = [0, Infinity];
  // From which paint on every one that follows is above zero in a sum.
  const hopeless = new Int32Array(SUMS).fill(count);
  const tighten = (bound: number) => {
    if (bound === within) return;
    within = bound;
    const [low, high] = xyzBox(target, bound + slack);
    lows = low;
    [yLow, yHigh, reach] = [low[1], high[1], reachInPlane(target, bound + slack)];
    if (bounds)
      for (let p = 0; p < count; p++)
        for (let axis = 0; axis < 3; axis++) {
          const s = bounds.scattering[p] ?? 0;
          const h = high[axis] ?? Infinity;
          beta[p * SUMS + axis] = h === Infinity ? 0 : (bounds.under[p * 3 + axis] ?? 0) - h * s;
          beta[p * SUMS + 3 + axis] = (low[axis] ?? 0) * s - (bounds.over[p * 3 + axis] ?? 0);
        }
    for (let i = 0; i < SUMS; i++) {
      let p = count;
      while (p > 0 && (beta[(p - 1) * SUMS + i] as number) > 0) p--;
      hopeless[i] = p;
    }
  };
  /** Whether a mix is past saving: one of its sums is above zero, and every paint that may still come only adds to it. */
  const pastSaving = (sums: Float64Array, from: number): boolean => {
    for (let i = 0; i < SUMS; i++)
      if ((sums[i] as number) > 0 && from >= (hopeless[i] as number)) return true;
    return false;
  };

  const r = new Float64Array(N);
  const sumK = Array.from({ length: most }, () => new Float64Array(N));
  const sumS = Array.from({ length: most }, () => new Float64Array(N));
  const alpha = Array.from({ length: most }, () => new Float64Array(SUMS));
  const picked: number[] = [];
  const picks: number[] = [];
  const parts: number[] = [];
  const none = new Float64Array(Math.max(N, SUMS));

  const full = xyzWeights();
  /** Two paints whose own colour is computed bound a mix more closely from above than each by itself. */
  const pairOver = (into: Float64Array, p: number, a: number, o: number, b: number) => {
    const [{ k: k1, s: s1 }, { k: k2, s: s2 }] = [optics[p], optics[o]] as [
      PaintOptics,
      PaintOptics,
    ];
    let [X, Y, Z] = [0, 0, 0];
    for (let band = 0; band < k1.length; band++) {
      const k = a * (k1[band] as number) + b * (k2[band] as number);
      const s = a * (s1[band] as number) + b * (s2[band] as number);
      const value = (k + s - Math.sqrt(k * (k + s + s))) / s;
      X += (full.x[band] as number) * value;
      Y += (full.y[band] as number) * value;
      Z += (full.z[band] as number) * value;
    }
    const scattering = a * (s1[0] as number) + b * (s2[0] as number);
    into[3] = (lows[0] - X) * scattering;
    into[4] = (lows[1] - Y) * scattering;
    into[5] = (lows[2] - Z) * scattering;
  };

  /** Whether a mix passes on the few bands: the sums below, and so many parts of one paint more. */
  const mayBeNear = (
    baseK: Float64Array,
    baseS: Float64Array,
    paint: number,
    d: number,
  ): boolean => {
    const row = paint * N;
    let Y = 0;
    for (let n = 0; n < N; n++) {
      const k = (baseK[n] as number) + d * (K[row + n] as number);
      const s = (baseS[n] as number) + d * (S[row + n] as number);
      const value = (k + s - Math.sqrt(k * (k + s + s))) / s;
      r[n] = value;
      Y += (wy[n] as number) * value;
    }
    if (Y < yLow || Y > yHigh) return false;
    let X = 0;
    let Z = 0;
    for (let n = 0; n < N; n++) {
      X += (wx[n] as number) * (r[n] as number);
      Z += (wz[n] as number) * (r[n] as number);
    }
    const fy = labCurve(Math.max(0, Y) / yn);
    const a = 500 * (labCurve(Math.max(0, X) / xn) - fy);
    const b = 200 * (fy - labCurve(Math.max(0, Z) / zn));
    return (
      Math.hypot(a - target[1], b - target[2]) <= reach &&
      differs(116 * fy - 16, a, b) <= within + slack
    );
  };

  /** Takes the last paint of a mix: the inner loop, some tens of millions of times. */
  const finish = (size: number, from: number, mostParts: number, common: number) => {
    const depth = size - 1;
    const extra = EXTRA_PAINT_COST * depth;
    const [baseK, baseS, baseA] = depth
      ? ([sumK[depth - 1], sumS[depth - 1], alpha[depth - 1]] as [
          Float64Array,
          Float64Array,
          Float64Array,
        ])
      : [none, none, none];
    // Plain variables, no destructuring: an array made here costs more than the six sums.
    const a0 = baseA[0] as number,
      a1 = baseA[1] as number,
      a2 = baseA[2] as number,
      a3 = baseA[3] as number,
      a4 = baseA[4] as number,
      a5 = baseA[5] as number;
    tighten(list.limit - extra);
    if (pastSaving(baseA, from)) return;
    for (let p = from; p < count; p++) {
      const o = p * SUMS;
      const b0 = beta[o] as number,
        b1 = beta[o + 1] as number,
        b2 = beta[o + 2] as number,
        b3 = beta[o + 3] as number,
        b4 = beta[o + 4] as number,
        b5 = beta[o + 5] as number;
      // A sum that is above zero at both ends is so all along.
      if (
        bounds &&
        mostParts > 1 &&
        ((a4 + b4 > 0 && a4 + mostParts * b4 > 0) ||
          (a1 + b1 > 0 && a1 + mostParts * b1 > 0) ||
          (a0 + b0 > 0 && a0 + mostParts * b0 > 0) ||
          (a2 + b2 > 0 && a2 + mostParts * b2 > 0) ||
          (a3 + b3 > 0 && a3 + mostParts * b3 > 0) ||
          (a5 + b5 > 0 && a5 + mostParts * b5 > 0))
      )
        continue;
      for (let d = 1; d <= mostParts; d++) {
        if (common === 0 ? d > 1 : common > 1 && divisor(common, d) > 1) continue;
        if (
          bounds &&
          (a4 + d * b4 > 0 ||
            a1 + d * b1 > 0 ||
            a0 + d * b0 > 0 ||
            a2 + d * b2 > 0 ||
            a3 + d * b3 > 0 ||
            a5 + d * b5 > 0)
        )
          continue;
        if (within !== Infinity && !mayBeNear(baseK, baseS, p, d)) continue;
        picked[depth] = order[p] ?? 0;
        parts[depth] = d;
        list.tryInFull(picked.slice(0, size), parts.slice(0, size));
        // Sums taken under the wider bounds of before stay true, only weaker; the few bands use the new ones at once.
        tighten(list.limit - extra);
      }
    }
  };

  const descend = (
    size: number,
    depth: number,
    from: number,
    left: number,
    common: number,
  ): void => {
    if (depth === size - 1) {
      finish(size, from, left, common);
      return;
    }
    if (depth > 0 && pastSaving(alpha[depth - 1] as Float64Array, from)) return;
    for (let p = from; p <= count - (size - depth); p++)
      for (let d = 1; d <= left - (size - 1 - depth); d++) take(size, depth, p, d, left, common);
  };

  const take = (
    size: number,
    depth: number,
    p: number,
    d: number,
    left: number,
    common: number,
  ): void => {
    const [baseK, baseS, baseA] = depth
      ? ([sumK[depth - 1], sumS[depth - 1], alpha[depth - 1]] as [
          Float64Array,
          Float64Array,
          Float64Array,
        ])
      : [none, none, none];
    const [intoK, intoS, intoA] = [sumK[depth], sumS[depth], alpha[depth]] as [
      Float64Array,
      Float64Array,
      Float64Array,
    ];
    const row = p * N;
    for (let n = 0; n < N; n++) {
      intoK[n] = (baseK[n] as number) + d * (K[row + n] as number);
      intoS[n] = (baseS[n] as number) + d * (S[row + n] as number);
    }
    for (let i = 0; i < SUMS; i++)
      intoA[i] = (baseA[i] as number) + d * (beta[p * SUMS + i] as number);
    if (bounds && depth === 1 && size > 2)
      pairOver(intoA, picks[0] as number, parts[0] as number, p, d);
    picked[depth] = order[p] ?? 0;
    picks[depth] = p;
    parts[depth] = d;
    descend(size, depth + 1, p + 1, left - d, divisor(common, d));
  };

  let tried = 0;
  let reported = 0;
  for (let size = 1; size <= most; size++) {
    tighten(list.limit - EXTRA_PAINT_COST * (size - 1));
    if (size === 1) {
      finish(1, 0, 1, 0);
      tried += count;
      continue;
    }
    const beginning = Array.from(
      { length: maxParts + 1 },
      (_, first) => sharings(size, maxParts).filter((shared) => shared[0] === first).length,
    );
    for (let p = 0; p <= count - size; p++)
      for (let d = 1; d <= maxParts - (size - 1); d++) {
        take(size, 0, p, d, maxParts, 0);
        tried += (beginning[d] ?? 0) * chosen(count - p - 1, size - 1);
        if (tried - reported >= STRIDE) {
          reported = tried;
          yield { tried, of, best: list.recipes() };
        }
      }
  }
  return list.recipes();
}

const toneOf = (paint: MixPaint | undefined): number => (paint ? masstoneLab(paint.optics)[0] : 0);

/**
 * Recipes in whole parts whose masstone comes nearest to a colour: the best of every mix of up to `maxPaints` paints and `maxParts` parts,
 * sorted by dE00 plus {@link EXTRA_PAINT_COST} for each further paint. Never worse than trying every mix in full.
 * @throws RangeError without paints, or with a count below one
 * @example solveMix({ target: [62, 34, 58], paints: [{ id: "yellow", optics: yellow }, { id: "red", optics: red }] })[0]?.parts
 */
export function solveMix(q: MixQuery): MixRecipe[] {
  const steps = solveMixSteps(q);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
