import { clamp, curve, type Pair, type Vec } from "../../src/core/anatomy/surface/smooth";
import { add, cross, distance, dot, square, unit } from "./vectors";

/**
 * A section of a lathe: place along it; offset of its middle to the side (u) and to the front (v);
 * half-breadths to +u and -u, half-depths to +v and -v, mm; squareness (2: ellipse); turn, rad.
 */
export type Section = readonly [
  at: number,
  u: number,
  v: number,
  right: number,
  left: number,
  front: number,
  back: number,
  power: number,
  turn: number,
];
const COLUMNS = 8;
const SAMPLES = 48;

export interface Local {
  readonly t: number;
  readonly a: number;
  readonly b: number;
  readonly c: number;
}

export interface Lathe {
  readonly name: string;
  readonly from: Vec;
  readonly axis: Vec;
  readonly side: Vec;
  readonly front: Vec;
  readonly length: number;
  readonly caps: readonly [number, number];
  readonly table: Float64Array;
  readonly middle: Vec;
  readonly reach: number;
}

export interface LatheSpec {
  readonly name: string;
  readonly from: Vec;
  readonly to: Vec;
  /** About where the front of the tube looks, and its side (to the left if not said). */
  readonly front: Vec;
  readonly side?: Vec;
  /** Lengths of the rounded ends beyond `from` and `to`, mm. */
  readonly caps: readonly [number, number];
  /** Places run from 0 at `from` to 1 at `to`. */
  readonly sections: readonly Section[];
}

export function lathe({ name, from, to, front, side: aside, caps, sections }: LatheSpec): Lathe {
  const length = distance(from, to);
  const axis = unit(add(to, from, -1));
  const v = square(front, axis);
  const u = cross(v, axis);
  const side: Vec = dot(u, aside ?? [1, 0, 0]) > 0 ? u : [-u[0], -u[1], -u[2]];
  const table = new Float64Array((SAMPLES + 3) * COLUMNS);
  for (let k = 0; k < COLUMNS; k++) {
    const along = curve(
      sections.map((s): Pair => [s[0], s[k + 1]!]),
      "straight",
    );
    for (let i = 0; i < SAMPLES + 3; i++) {
      table[i * COLUMNS + k] = along(clamp((i - 1) / SAMPLES));
    }
  }
  const widest = Math.max(
    ...sections.map((s) => Math.hypot(s[1], s[2]) + Math.max(s[3], s[4], s[5], s[6])),
  );
  return {
    name,
    from,
    axis,
    side,
    front: v,
    length,
    caps,
    table,
    middle: add(from, axis, length / 2),
    reach: length / 2 + Math.max(...caps) + widest,
  };
}

export const section = new Float64Array(COLUMNS);
/** The section at a share of the length, into `section` (Catmull-Rom between samples). */
export function sectionAt(l: Lathe, t: number): void {
  const s = clamp(t) * SAMPLES;
  const i = Math.min(Math.floor(s), SAMPLES - 1);
  const f = s - i;
  const [f2, f3] = [f * f, f * f * f];
  const w0 = (-f + 2 * f2 - f3) / 2;
  const w1 = (2 - 5 * f2 + 3 * f3) / 2;
  const w2 = (f + 4 * f2 - 3 * f3) / 2;
  const w3 = (f3 - f2) / 2;
  const { table } = l;
  let at = i * COLUMNS;
  for (let k = 0; k < COLUMNS; k++, at++) {
    section[k] =
      w0 * table[at]! +
      w1 * table[at + COLUMNS]! +
      w2 * table[at + 2 * COLUMNS]! +
      w3 * table[at + 3 * COLUMNS]!;
  }
}

/** Distance to a lathe, mm, below zero inside; near the surface right to the first order. */
export function toLathe(l: Lathe, x: number, y: number, z: number, limit: number): number {
  const far = Math.hypot(x - l.middle[0], y - l.middle[1], z - l.middle[2]) - l.reach;
  if (far > limit) return far;
  const [px, py, pz] = [x - l.from[0], y - l.from[1], z - l.from[2]];
  const t = (px * l.axis[0] + py * l.axis[1] + pz * l.axis[2]) / l.length;
  sectionAt(l, t);
  const u = px * l.side[0] + py * l.side[1] + pz * l.side[2] - section[0]!;
  const v = px * l.front[0] + py * l.front[1] + pz * l.front[2] - section[1]!;
  const turn = section[7]!;
  const [cos, sin] = turn === 0 ? [1, 0] : [Math.cos(turn), Math.sin(turn)];
  const du = u * cos + v * sin;
  const dv = v * cos - u * sin;
  const ru = du > 0 ? section[2]! : section[3]!;
  const rv = dv > 0 ? section[4]! : section[5]!;
  const rc = t < 0 ? l.caps[0] : l.caps[1];
  const beyond = t < 0 ? -t * l.length : t > 1 ? (t - 1) * l.length : 0;
  const n = section[6]!;
  const [a, b, c] = [Math.abs(du) / ru, Math.abs(dv) / rv, beyond / rc];
  if (Math.abs(n - 2) < 1e-6) {
    const q = Math.sqrt(a * a + b * b + c * c);
    if (q < 0.08) return (q - 1) * Math.min(ru, rv);
    return ((q - 1) * q) / Math.sqrt((a / ru) ** 2 + (b / rv) ** 2 + (c / rc) ** 2);
  }
  const [an, bn, cn] = [a ** (n - 1), b ** (n - 1), c ** (n - 1)];
  const q = (an * a + bn * b + cn * c) ** (1 / n);
  if (q < 0.08) return (q - 1) * Math.min(ru, rv);
  return ((q - 1) * q ** (n - 1)) / Math.sqrt((an / ru) ** 2 + (bn / rv) ** 2 + (cn / rc) ** 2);
}

/** Where a point is on a lathe, and back. */
export function toLocal(l: Lathe, p: Vec): Local {
  const d = add(p, l.from, -1);
  const t = dot(d, l.axis) / l.length;
  sectionAt(l, t);
  const [u, v] = [dot(d, l.side) - section[0]!, dot(d, l.front) - section[1]!];
  const [cos, sin] = [Math.cos(section[7]!), Math.sin(section[7]!)];
  const [du, dv] = [u * cos + v * sin, v * cos - u * sin];
  const beyond = t < 0 ? (t * l.length) / l.caps[0] : t > 1 ? ((t - 1) * l.length) / l.caps[1] : 0;
  return {
    t: clamp(t),
    a: du / (du > 0 ? section[2]! : section[3]!),
    b: dv / (dv > 0 ? section[4]! : section[5]!),
    c: beyond,
  };
}
export function fromLocal(l: Lathe, { t, a, b, c }: Local): Vec {
  sectionAt(l, t);
  const du = a * (a > 0 ? section[2]! : section[3]!);
  const dv = b * (b > 0 ? section[4]! : section[5]!);
  const [cos, sin] = [Math.cos(section[7]!), Math.sin(section[7]!)];
  const along = t * l.length + c * (c < 0 ? l.caps[0] : l.caps[1]);
  const p = add(add(l.from, l.axis, along), l.side, du * cos - dv * sin + section[0]!);
  return add(p, l.front, dv * cos + du * sin + section[1]!);
}

/** An ellipsoid: middle, half-axes, and its own directions. */
export interface Ellipsoid {
  readonly at: Vec;
  readonly r: Vec;
  readonly axes: readonly [Vec, Vec, Vec];
}
export const UPRIGHT: Ellipsoid["axes"] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

export function toEllipsoid(e: Ellipsoid, x: number, y: number, z: number): number {
  const [dx, dy, dz] = [x - e.at[0], y - e.at[1], z - e.at[2]];
  let q = 0;
  let g = 0;
  for (let k = 0; k < 3; k++) {
    const way = e.axes[k]!;
    const s = (dx * way[0] + dy * way[1] + dz * way[2]) / e.r[k]!;
    q += s * s;
    g += (s / e.r[k]!) ** 2;
  }
  q = Math.sqrt(q);
  return q < 0.08 ? (q - 1) * Math.min(...e.r) : ((q - 1) * q) / Math.sqrt(g);
}
