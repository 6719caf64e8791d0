import { distance, point, type Point } from "./point";

const SAMPLES = 8;

/** One span of a centripetal Catmull-Rom curve (alpha 0.5; Barry & Goldman's pyramid) from p1 towards p2, p2 itself left out. */
function span(p0: Point, p1: Point, p2: Point, p3: Point): Point[] {
  const knot = (from: number, a: Point, b: Point) =>
    from + Math.max(Math.sqrt(distance(a, b)), 1e-6);
  const t0 = 0;
  const t1 = knot(t0, p0, p1);
  const t2 = knot(t1, p1, p2);
  const t3 = knot(t2, p2, p3);
  const mix = (a: Point, b: Point, from: number, to: number, t: number) => {
    const share = (t - from) / (to - from);
    return point(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
  };
  return Array.from({ length: SAMPLES }, (_, i) => {
    const t = t1 + ((t2 - t1) * i) / SAMPLES;
    const a1 = mix(p0, p1, t0, t1, t);
    const a2 = mix(p1, p2, t1, t2, t);
    const a3 = mix(p2, p3, t2, t3, t);
    return mix(mix(a1, a2, t0, t2, t), mix(a2, a3, t1, t3, t), t1, t2, t);
  });
}

/**
 * A smooth open curve through points.
 * @param before where the curve would have come from, and `after` where it would go on; by default it ends straight
 * @returns one run of samples for each span (the end point of the last run included), so that a part of a curve can be taken exactly
 */
export function smoothSpans(points: readonly Point[], before?: Point, after?: Point): Point[][] {
  const first = points[0];
  const last = points.at(-1);
  if (!first || !last || points.length < 2)
    throw new RangeError("a curve needs two points or more");
  const beyond = (a: Point, b: Point) => point(2 * a.x - b.x, 2 * a.y - b.y);
  const padded = [
    before ?? beyond(first, points[1] ?? first),
    ...points,
    after ?? beyond(last, points.at(-2) ?? last),
  ];
  return points.slice(1).map((end, i) => {
    const [p0 = first, p1 = first, p2 = last, p3 = last] = padded.slice(i, i + 4);
    const run = span(p0, p1, p2, p3);
    return [...run, end];
  });
}

/** A smooth open curve through points, as one polyline. */
export function smoothOpen(points: readonly Point[], before?: Point, after?: Point): Point[] {
  return joinRuns(smoothSpans(points, before, after));
}

/** A smooth closed curve through points, as a polyline whose last point is not the first again. */
export function smoothClosed(points: readonly Point[]): Point[] {
  const n = points.length;
  if (n < 3) throw new RangeError("a closed curve needs three points or more");
  const at = (i: number): Point => points[(i + n) % n] ?? point(0, 0);
  return points.flatMap((_, i) => span(at(i - 1), at(i), at(i + 1), at(i + 2)));
}

/** Joins runs that share their end points. */
export function joinRuns(runs: readonly (readonly Point[])[]): Point[] {
  return runs.flatMap((run, i) => (i === 0 ? [...run] : run.slice(1)));
}
