import type { Pair, Vec } from "./smooth";

/** What a triangle belongs to. */
export const PART = { skin: 0, lidEdge: 1, eye: 2, ear: 3 } as const;

export class Builder {
  readonly xyz: number[] = [];
  readonly chart: number[] = [];
  readonly net: number[] = [];
  readonly part: number[] = [];
  readonly faces: number[] = [];
  add(p: Vec, chart: Pair, part: number, net: Pair = [-1, -1]): number {
    this.xyz.push(...p);
    this.chart.push(...chart);
    this.net.push(...net);
    this.part.push(part);
    return this.part.length - 1;
  }
  point(i: number): Vec {
    return [this.xyz[3 * i]!, this.xyz[3 * i + 1]!, this.xyz[3 * i + 2]!];
  }
}

/** Area-weighted normals; vertices of another part or side keep their own. */
export function normalsOf(positions: Float32Array, triangles: Uint32Array): Float32Array {
  const normals = new Float32Array(positions.length);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]! * 3, triangles[t + 1]! * 3, triangles[t + 2]! * 3];
    const [ux, uy, uz] = [
      positions[b]! - positions[a]!,
      positions[b + 1]! - positions[a + 1]!,
      positions[b + 2]! - positions[a + 2]!,
    ];
    const [vx, vy, vz] = [
      positions[c]! - positions[a]!,
      positions[c + 1]! - positions[a + 1]!,
      positions[c + 2]! - positions[a + 2]!,
    ];
    const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    for (const i of [a, b, c]) for (let k = 0; k < 3; k++) normals[i + k]! += n[k]!;
  }
  for (let i = 0; i < normals.length; i += 3) {
    const l = Math.hypot(normals[i]!, normals[i + 1]!, normals[i + 2]!) || 1;
    for (let k = 0; k < 3; k++) normals[i + k]! /= l;
  }
  return normals;
}
