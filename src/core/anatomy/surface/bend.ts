import type { Vec } from "./smooth";

/** Solves a system of linear equations with several right sides (Gauss, pivot by column). */
function solve(a: number[][], b: number[][]): number[][] {
  const n = a.length;
  for (let c = 0; c < n; c++) {
    let pivot = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(a[r]![c]!) > Math.abs(a[pivot]![c]!)) pivot = r;
    [a[c], a[pivot]] = [a[pivot]!, a[c]!];
    [b[c], b[pivot]] = [b[pivot]!, b[c]!];
    for (let r = c + 1; r < n; r++) {
      const f = a[r]![c]! / a[c]![c]!;
      if (f === 0) continue;
      for (let k = c; k < n; k++) a[r]![k]! -= f * a[c]![k]!;
      for (let k = 0; k < b[r]!.length; k++) b[r]![k]! -= f * b[c]![k]!;
    }
  }
  for (let c = n - 1; c >= 0; c--)
    for (let k = 0; k < b[c]!.length; k++) {
      let sum = b[c]![k]!;
      for (let j = c + 1; j < n; j++) sum -= a[c]![j]! * b[j]![k]!;
      b[c]![k] = sum / a[c]![c]!;
    }
  return b;
}

/**
 * The smoothest displacement through given ones (biharmonic spline in space, kernel r; the form of
 * Duchon 1977's thin plate in three dimensions). Centres are mirrored, so that the midline stays.
 */
export function displacement(from: readonly Vec[], by: readonly Vec[]): (p: Vec) => Vec {
  const centres: Vec[] = [];
  const values: Vec[] = [];
  from.forEach((p, i) => {
    const d = by[i]!;
    centres.push(p);
    values.push(p[0] === 0 ? [0, d[1], d[2]] : d);
    if (p[0] !== 0) {
      centres.push([-p[0], p[1], p[2]]);
      values.push([-d[0], d[1], d[2]]);
    }
  });
  const n = centres.length;
  const r = (p: Vec, q: Vec) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  const size = n + 4;
  const a = Array.from({ length: size }, (_, i) =>
    Array.from({ length: size }, (__, k) => {
      if (i < n && k < n) return r(centres[i]!, centres[k]!);
      if (i >= n && k >= n) return 0;
      const [row, term] = i < n ? [i, k - n] : [k, i - n];
      return term === 0 ? 1 : centres[row]![term - 1]! / 100;
    }),
  );
  const w = solve(
    a,
    Array.from({ length: size }, (_, i) => (i < n ? [...values[i]!] : [0, 0, 0])),
  );
  const flat = centres.flatMap((c, i) => [...c, ...w[i]!]);
  return ([px, py, pz]) => {
    const affine = (k: number) =>
      w[n]![k]! + (w[n + 1]![k]! * px + w[n + 2]![k]! * py + w[n + 3]![k]! * pz) / 100;
    let [x, y, z] = [affine(0), affine(1), affine(2)];
    for (let i = 0; i < flat.length; i += 6) {
      const [dx, dy, dz] = [px - flat[i]!, py - flat[i + 1]!, pz - flat[i + 2]!];
      const distance = Math.sqrt(dx * dx + dy * dy + dz * dz);
      x += flat[i + 3]! * distance;
      y += flat[i + 4]! * distance;
      z += flat[i + 5]! * distance;
    }
    return [x, y, z];
  };
}
