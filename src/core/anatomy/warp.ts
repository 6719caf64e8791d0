import { DRAWN, type LandmarkName, type Landmarks } from "./landmarks";
import { point, type Point } from "./point";

/** Radial basis of the thin plate: r^2 log r (written with r^2 so that no root is taken). */
function bending(a: Point, b: Point): number {
  const r2 = (a.x - b.x) ** 2 + (a.y - b.y) ** 2;
  return r2 === 0 ? 0 : 0.5 * r2 * Math.log(r2);
}

/** Gaussian elimination with partial pivoting, two right-hand sides; rows are changed in place. */
function solve(rows: Float64Array[], right: [number, number][]): [number, number][] {
  const n = rows.length;
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let row = column + 1; row < n; row++)
      if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[pivot]?.[column] ?? 0)) pivot = row;
    [rows[column], rows[pivot]] = [rows[pivot] as Float64Array, rows[column] as Float64Array];
    [right[column], right[pivot]] = [
      right[pivot] as [number, number],
      right[column] as [number, number],
    ];
    const top = rows[column] as Float64Array;
    const lead = top[column] ?? 0;
    if (Math.abs(lead) < 1e-12) throw new RangeError("two landmarks lie on the same spot");
    for (let row = column + 1; row < n; row++) {
      const below = rows[row] as Float64Array;
      const factor = (below[column] ?? 0) / lead;
      if (factor === 0) continue;
      for (let k = column; k < n; k++) below[k] = (below[k] ?? 0) - factor * (top[k] ?? 0);
      const [x, y] = right[column] as [number, number];
      const at = right[row] as [number, number];
      right[row] = [at[0] - factor * x, at[1] - factor * y];
    }
  }
  const answer: [number, number][] = Array.from({ length: n }, () => [0, 0]);
  for (let row = n - 1; row >= 0; row--) {
    const current = rows[row] as Float64Array;
    let [x, y] = right[row] as [number, number];
    for (let k = row + 1; k < n; k++) {
      x -= (current[k] ?? 0) * (answer[k]?.[0] ?? 0);
      y -= (current[k] ?? 0) * (answer[k]?.[1] ?? 0);
    }
    const lead = current[row] ?? 1;
    answer[row] = [x / lead, y / lead];
  }
  return answer;
}

/** Carries any point of the drawing onto a person, so that every curve and zone follows them. */
export const warpTo = (face: Landmarks): ((drawn: Point) => Point) => warpBetween(DRAWN, face);

/** Carries any point of one face onto another, every landmark exactly. @throws RangeError when two landmarks of the first coincide */
export function warpBetween(from: Landmarks, face: Landmarks): (drawn: Point) => Point {
  const names = Object.keys(DRAWN) as LandmarkName[];
  return thinPlate(
    names.map((name) => from[name]),
    names.map((name) => face[name]),
  );
}

/**
 * The thin-plate spline through pairs of points (Bookstein 1989): the smoothest map that carries each of the first exactly onto
 * its partner.
 * @throws RangeError when two of the first coincide
 */
export function thinPlate(anchors: readonly Point[], onto: readonly Point[]): (p: Point) => Point {
  const n = anchors.length;
  const rows = anchors.map((a) =>
    Float64Array.from([...anchors.map((b) => bending(a, b)), 1, a.x, a.y]),
  );
  rows.push(
    Float64Array.from([...anchors.map(() => 1), 0, 0, 0]),
    Float64Array.from([...anchors.map((a) => a.x), 0, 0, 0]),
    Float64Array.from([...anchors.map((a) => a.y), 0, 0, 0]),
  );
  const weights = solve(rows, [
    ...onto.map(({ x, y }): [number, number] => [x, y]),
    [0, 0],
    [0, 0],
    [0, 0],
  ]);
  const affine = (i: number) => weights[n + i] ?? [0, 0];
  return (p) => {
    let x = affine(0)[0] + affine(1)[0] * p.x + affine(2)[0] * p.y;
    let y = affine(0)[1] + affine(1)[1] * p.x + affine(2)[1] * p.y;
    anchors.forEach((anchor, i) => {
      const pull = bending(p, anchor);
      x += (weights[i]?.[0] ?? 0) * pull;
      y += (weights[i]?.[1] ?? 0) * pull;
    });
    return point(x, y);
  };
}
