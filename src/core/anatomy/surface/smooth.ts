/** Millimetres on a head: origin at the sellion, x to the person's left, y up, z towards who looks. */
export type Vec = readonly [x: number, y: number, z: number];
export type Pair = readonly [number, number];

export const clamp = (v: number, least = 0, most = 1) => Math.min(most, Math.max(least, v));
export const mix = (a: number, b: number, t: number) => a + (b - a) * t;
/** 0 at `from`, 1 at `to`, smooth at both ends; `from` may lie above `to`. */
export const step = (from: number, to: number, v: number) => {
  const t = clamp((v - from) / (to - from));
  return t * t * (3 - 2 * t);
};
export const bell = (v: number, width: number) => Math.exp(-((v / width) ** 2));
/** A bell on either side of the midline, smooth across it. */
export const both = (x: number, at: number, width: number) =>
  bell(x - at, width) + bell(x + at, width);
/** The larger of two heights with a fillet of about `k` mm between them. */
export const smoothMax = (a: number, b: number, k: number) => {
  const h = clamp(0.5 + (a - b) / (2 * k));
  return mix(b, a, h) + k * h * (1 - h);
};

/**
 * A smooth curve y(x) through points of rising x (monotone cubic, Fritsch & Carlson 1980).
 *
 * @param ends whether it keeps its last value beyond its ends, or its last slope
 */
export function curve(
  points: readonly Pair[],
  ends: "held" | "straight" = "held",
): (x: number) => number {
  const n = points.length;
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const slopes = xs.slice(1).map((x, i) => (ys[i + 1]! - ys[i]!) / (x - xs[i]!));
  const tangents = xs.map((_, i) => {
    const [before, after] = [slopes[i - 1], slopes[i]];
    if (before === undefined) return after ?? 0;
    if (after === undefined) return before;
    if (before * after <= 0) return 0;
    return (2 * before * after) / (before + after);
  });
  return (x) => {
    const on = (i: number) => ys[i]! + (ends === "held" ? 0 : (x - xs[i]!) * tangents[i]!);
    if (x <= xs[0]!) return on(0);
    if (x >= xs[n - 1]!) return on(n - 1);
    let i = 0;
    while (x > xs[i + 1]!) i++;
    const width = xs[i + 1]! - xs[i]!;
    const t = (x - xs[i]!) / width;
    const [t2, t3] = [t * t, t * t * t];
    return (
      (2 * t3 - 3 * t2 + 1) * ys[i]! +
      (t3 - 2 * t2 + t) * width * tangents[i]! +
      (3 * t2 - 2 * t3) * ys[i + 1]! +
      (t3 - t2) * width * tangents[i + 1]!
    );
  };
}
