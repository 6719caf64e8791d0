import { clamp, type Vec } from "../../src/core/anatomy/surface/smooth";
import { toEllipsoid, toLathe, type Ellipsoid, type Lathe } from "./lathe";
import type { Person } from "./person";
import { blend, dot } from "./vectors";

/** A swelling (above zero) or dent of the surface, mm: Gaussian about a place. */
export interface Relief {
  readonly at: Vec;
  readonly r: Vec;
  readonly axes: Ellipsoid["axes"];
  readonly by: number;
  /** Square of the distance beyond which nothing is left of it. */
  readonly far: number;
}

/** One form of the sculpture and the fillet it is joined with, mm. */
export type Form = { readonly k: number } & (
  { readonly lathe: Lathe } | { readonly ellipsoid: Ellipsoid }
);

export interface Group {
  readonly forms: readonly Form[];
  readonly k: number;
  readonly middle: Vec;
  readonly reach: number;
  /** Fillet with its own mirror image, mm: both thighs at the crotch. */
  readonly across: number;
}

export interface Sculpture {
  readonly groups: readonly Group[];
  readonly reliefs: readonly Relief[];
  readonly lathes: readonly Lathe[];
  readonly joints: Readonly<Record<JointName, Vec>>;
  readonly person: Person;
}

export type JointName =
  | "neck"
  | "shoulder"
  | "elbow"
  | "wrist"
  | "knuckle"
  | "fingertip"
  | "hip"
  | "knee"
  | "ankle"
  | "heel"
  | "toe"
  | "navel"
  | "crotch"
  | "acromion";

function toGroup(g: Group, x: number, y: number, z: number, limit: number): number {
  const far = Math.hypot(x - g.middle[0], y - g.middle[1], z - g.middle[2]) - g.reach;
  if (far > limit) return far;
  let f = 1e3;
  for (const form of g.forms) {
    const one =
      "lathe" in form
        ? toLathe(form.lathe, x, y, z, Math.min(f, limit) + form.k)
        : toEllipsoid(form.ellipsoid, x, y, z);
    f = f > 999 ? one : blend(f, one, form.k);
  }
  return f;
}

/** The field: distance to the skin, mm, below zero inside; the left half, mirrored. */
export function field(s: Sculpture, x: number, y: number, z: number): number {
  const left = Math.abs(x);
  let f = 1e3;
  for (const g of s.groups) {
    let one = toGroup(g, left, y, z, Math.min(f, 200) + g.k);
    if (g.across && left < g.across * 2) {
      one = blend(one, toGroup(g, -left, y, z, Math.min(f, 200) + g.k), g.across);
    }
    f = f > 999 ? one : blend(f, one, g.k);
  }
  if (f < 25 && f > -25)
    for (const { at, r, axes, by, far } of s.reliefs) {
      const [dx, dy, dz] = [left - at[0], y - at[1], z - at[2]];
      if (dx * dx + dy * dy + dz * dz > far) continue;
      let q = 0;
      for (let k = 0; k < 3; k++) {
        const way = axes[k]!;
        q += ((dx * way[0] + dy * way[1] + dz * way[2]) / r[k]!) ** 2;
      }
      if (q < 6) f -= by * Math.exp(-q);
    }
  // Soles stand on the floor.
  const sole = -y;
  const h = Math.max(5 - Math.abs(f - sole), 0);
  return Math.max(f, sole) + (h * h) / 20;
}
/** Slope of the field: outwards, one long. */
export function slope(s: Sculpture, p: Vec, e: number): Vec {
  const a = field(s, p[0] + e, p[1] - e, p[2] - e);
  const b = field(s, p[0] - e, p[1] - e, p[2] + e);
  const c = field(s, p[0] - e, p[1] + e, p[2] - e);
  const d = field(s, p[0] + e, p[1] + e, p[2] + e);
  return [(a - b - c + d) / (4 * e), (-a - b + c + d) / (4 * e), (-a + b - c + d) / (4 * e)];
}

/** Sets a point on the skin. */
export function settle(s: Sculpture, p: Vec, passes: number, e: number): Vec {
  let q = p;
  for (let i = 0; i < passes; i++) {
    const f = field(s, q[0], q[1], q[2]);
    if (Math.abs(f) < 0.03) break;
    const g = slope(s, q, e);
    const g2 = Math.max(0.2, dot(g, g));
    const move = clamp(-f / g2, -8, 8);
    q = [
      p[0] === 0 ? 0 : Math.max(0.05, q[0] + move * g[0]),
      q[1] + move * g[1],
      q[2] + move * g[2],
    ];
  }
  return q;
}
