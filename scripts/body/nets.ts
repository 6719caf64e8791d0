import type { Vec } from "../../src/core/anatomy/surface/smooth";
import { field, type Sculpture } from "./field";
import { distance } from "./vectors";

export interface Mesh {
  readonly points: Vec[];
  readonly faces: number[];
}

export interface Box {
  readonly from: Vec;
  readonly to: Vec;
  readonly cell: number;
  readonly has: (p: Vec) => boolean;
}

/** Naive surface nets (Gibson 1998): one vertex in each cell the skin passes through. */
export function nets(s: Sculpture, { from, to, cell, has }: Box): Mesh {
  const n = [0, 1, 2].map((k) => Math.ceil((to[k]! - from[k]!) / cell) + 1);
  const [nx, ny, nz] = n as [number, number, number];
  const values = new Float32Array(nx * ny * nz).fill(NaN);
  const index = (i: number, j: number, k: number) => (k * ny + j) * nx + i;
  const B = 6;
  for (let k = 0; k < nz - 1; k += B)
    for (let j = 0; j < ny - 1; j += B)
      for (let i = 0; i < nx - 1; i += B) {
        const half = (B * cell) / 2;
        const f = field(
          s,
          from[0] + i * cell + half,
          from[1] + j * cell + half,
          from[2] + k * cell + half,
        );
        if (Math.abs(f) > half * 2.7 + 5) continue;
        for (let c = k; c <= Math.min(k + B, nz - 1); c++)
          for (let b = j; b <= Math.min(j + B, ny - 1); b++) {
            for (let a = i; a <= Math.min(i + B, nx - 1); a++) {
              const at = index(a, b, c);
              if (values[at] === values[at]) continue;
              values[at] = field(s, from[0] + a * cell, from[1] + b * cell, from[2] + c * cell);
            }
          }
      }
  const points: Vec[] = [];
  /** Vertex of each cell; minus two where skin passes twice: one vertex for each inner part. */
  const made = new Int32Array(nx * ny * nz).fill(-1);
  const parted = new Map<number, number>();
  const corner = new Float32Array(8);
  for (let k = 0; k < nz - 1; k++)
    for (let j = 0; j < ny - 1; j++)
      for (let i = 0; i < nx - 1; i++) {
        let known = true;
        for (let c = 0; c < 8 && known; c++) {
          corner[c] = values[index(i + (c & 1), j + ((c >> 1) & 1), k + (c >> 2))]!;
          known = corner[c] === corner[c];
        }
        if (!known) continue;
        // Inner corners that hang together by the cell's edges share a vertex.
        const part = [0, 1, 2, 3, 4, 5, 6, 7];
        for (let pass = 0; pass < 3; pass++)
          for (let c = 0; c < 8; c++)
            for (const bit of [1, 2, 4]) {
              const e = c ^ bit;
              if (corner[c]! < 0 && corner[e]! < 0)
                part[c] = part[e] = Math.min(part[c]!, part[e]!);
            }
        const sums = new Map<number, [number, number, number, number]>();
        for (let c = 0; c < 8; c++)
          for (const bit of [1, 2, 4]) {
            const e = c | bit;
            const [f0, f1] = [corner[c]!, corner[e]!];
            if (c & bit || f0 < 0 === f1 < 0) continue;
            const t = f0 / (f0 - f1);
            const id = part[f0 < 0 ? c : e]!;
            const sum = sums.get(id) ?? [0, 0, 0, 0];
            sums.set(id, [
              sum[0] + (c & 1) + (bit === 1 ? t : 0),
              sum[1] + ((c >> 1) & 1) + (bit === 2 ? t : 0),
              sum[2] + (c >> 2) + (bit === 4 ? t : 0),
              sum[3] + 1,
            ]);
          }
        const middle: Vec = [
          from[0] + (i + 0.5) * cell,
          from[1] + (j + 0.5) * cell,
          from[2] + (k + 0.5) * cell,
        ];
        if (!sums.size || !has(middle)) continue;
        for (const [id, [x, y, z, count]] of sums) {
          const at = index(i, j, k);
          if (sums.size === 1) made[at] = points.length;
          else {
            made[at] = -2;
            for (let c = 0; c < 8; c++) if (part[c] === id) parted.set(at * 8 + c, points.length);
          }
          const px = from[0] < 0 && i === 0 ? 0 : from[0] + (i + x / count) * cell;
          points.push([px, from[1] + (j + y / count) * cell, from[2] + (k + z / count) * cell]);
        }
      }
  const faces: number[] = [];
  const quad = (a: number, b: number, c: number, d: number, flip: boolean) => {
    if (a < 0 || b < 0 || c < 0 || d < 0) return;
    const [p, q, r, t] = flip ? [a, d, c, b] : [a, b, c, d];
    if (distance(points[p]!, points[r]!) < distance(points[q]!, points[t]!))
      faces.push(p, q, r, p, r, t);
    else faces.push(q, r, t, q, t, p);
  };
  for (let k = 1; k < nz - 1; k++)
    for (let j = 1; j < ny - 1; j++)
      for (let i = 0; i < nx - 1; i++) {
        const at = index(i, j, k);
        if (Number.isNaN(values[at]!)) continue;
        const inner = values[at]! < 0;
        for (let axis = i > 0 ? 2 : 0; axis >= 0; axis--) {
          const other = index(
            i + (axis === 0 ? 1 : 0),
            j + (axis === 1 ? 1 : 0),
            k + (axis === 2 ? 1 : 0),
          );
          if (Number.isNaN(values[other]!) || inner === values[other]! < 0) continue;
          const end = inner ? 0 : 1;
          const vertex = (a: number, b: number, c: number) => {
            const id = index(i - a, j - b, k - c);
            if (made[id] !== -2) return made[id]!;
            const [dx, dy, dz] = [a, b, c].map((v, n_) => v + (n_ === axis ? end : 0)) as [
              number,
              number,
              number,
            ];
            return parted.get(id * 8 + dx + 2 * dy + 4 * dz) ?? -1;
          };
          if (axis === 0)
            quad(vertex(0, 1, 1), vertex(0, 0, 1), vertex(0, 0, 0), vertex(0, 1, 0), !inner);
          else if (axis === 1)
            quad(vertex(1, 0, 1), vertex(1, 0, 0), vertex(0, 0, 0), vertex(0, 0, 1), !inner);
          else quad(vertex(1, 1, 0), vertex(0, 1, 0), vertex(0, 0, 0), vertex(1, 0, 0), !inner);
        }
      }
  return { points, faces };
}

/** Open edges of a mesh, each leading on to the next. */
export function openEdges(faces: readonly number[], count: number): Map<number, number> {
  const seen = new Set<number>();
  for (let t = 0; t < faces.length; t += 3)
    for (let e = 0; e < 3; e++) {
      seen.add(faces[t + e]! * count + faces[t + ((e + 1) % 3)]!);
    }
  const next = new Map<number, number>();
  for (const key of seen) {
    const [a, b] = [Math.floor(key / count), key % count];
    if (!seen.has(b * count + a)) next.set(a, b);
  }
  return next;
}

/** The longest closed line of open edges that runs wholly where `near` says. */
function loopNear(mesh: Mesh, near: (p: Vec) => boolean): number[] {
  const next = openEdges(mesh.faces, mesh.points.length);
  const used = new Set<number>();
  let best: number[] = [];
  for (const start of next.keys()) {
    if (used.has(start) || !near(mesh.points[start]!)) continue;
    const loop: number[] = [];
    let at: number | undefined = start;
    while (at !== undefined && !used.has(at)) {
      used.add(at);
      loop.push(at);
      at = next.get(at);
    }
    if (at === start && loop.length > best.length && loop.every((i) => near(mesh.points[i]!)))
      best = loop;
  }
  return best;
}

/** Joins a finer mesh to a coarser one with a band of triangles between two open rings. */
export function zip(coarse: Mesh, fine: Mesh, near: (p: Vec) => boolean): Mesh {
  const ringA = loopNear(coarse, near);
  const ringB = loopNear(fine, near).reverse();
  const shift = coarse.points.length;
  const points = [...coarse.points, ...fine.points];
  const faces = [...coarse.faces, ...fine.faces.map((i) => i + shift)];
  let nearest = 0;
  for (let i = 1; i < ringB.length; i++) {
    const to = coarse.points[ringA[0]!]!;
    if (distance(to, fine.points[ringB[i]!]!) < distance(to, fine.points[ringB[nearest]!]!))
      nearest = i;
  }
  const b = ringB.map((_, i) => ringB[(i + nearest) % ringB.length]! + shift);
  let [i, j] = [0, 0];
  const A = (k: number) => ringA[k % ringA.length]!;
  const Bp = (k: number) => b[k % b.length]!;
  while (i < ringA.length || j < b.length) {
    const alongA = i < ringA.length ? distance(points[A(i + 1)]!, points[Bp(j)]!) : 1e9;
    const alongB = j < b.length ? distance(points[A(i)]!, points[Bp(j + 1)]!) : 1e9;
    if (alongA <= alongB) faces.push(A(i + 1), A(i++), Bp(j));
    else faces.push(Bp(j), Bp(++j), A(i));
  }
  return { points, faces };
}
