import { clamp, type Vec } from "../../src/core/anatomy/surface/smooth";
import { field, settle, type Sculpture } from "./field";
import { toLathe, toLocal, type Local } from "./lathe";
import { nets, openEdges, zip, type Mesh } from "./nets";
import { DRAWN, personOf } from "./person";
import { sculpt } from "./sculpture";
import { add } from "./vectors";

/** Where the neck ring runs, drawn heights: low at pit of the neck and nape, high at the sides. */
const RING = { y: 1397, rise: 18, at: 108 } as const;
const ringHeight = (x: number) => RING.y + RING.rise * (x / RING.at) ** 2;
/** Heights at which the grids of hand and foot meet the body's, and how far out the hand begins. */
const CUTS = { wrist: 884, hand: 240, ankle: 132 } as const;
/** Cells of the grids at fineness 1, mm. */
const CELLS = { body: 7.5, hand: 2.7, foot: 3.6 } as const;

/** What a vertex is held to. */
export const KIND = { skin: 0, midline: 1, ring: 2 } as const;

/** A vertex's place on each lathe it belongs to, and how much. */
type Weights = readonly (readonly [lathe: number, weight: number, local: Local])[];

/** Half a body: the drawn adult's mesh and each vertex's places on the lathes. */
export interface Half {
  readonly mesh: Mesh;
  readonly kinds: Uint8Array;
  readonly weights: readonly Weights[];
}

/** Sets a point on the skin, at the height of the neck ring. */
export function onRing(s: Sculpture, p: Vec): Vec {
  let q = p;
  const { height, wide } = s.person;
  for (let i = 0; i < 6; i++) {
    q = settle(s, q, 2, 1);
    q = [q[0], height(ringHeight(q[0] / wide(1400))), q[2]];
  }
  return q;
}

/** Trunk and limbs, hand and foot from grids of their own fineness, zipped together. */
function polygonised(sculpture: Sculpture, detail: number): Mesh {
  const cell = CELLS.body / detail;
  const body = nets(sculpture, {
    from: [-cell / 2, CUTS.ankle - cell, -175],
    to: [470, 1440, 150],
    cell,
    has: ([x, y]) => y < ringHeight(x) && y > CUTS.ankle && !(x > CUTS.hand && y < CUTS.wrist),
  });
  const handCell = CELLS.hand / detail;
  const hand = nets(sculpture, {
    from: [CUTS.hand, 640, -90],
    to: [560, CUTS.wrist, 110],
    cell: handCell,
    has: ([x, y]) => x > CUTS.hand && y < CUTS.wrist - handCell,
  });
  const footCell = CELLS.foot / detail;
  const foot = nets(sculpture, {
    from: [8, -3 * footCell, -120],
    to: [220, CUTS.ankle, 200],
    cell: footCell,
    has: ([, y]) => y < CUTS.ankle - footCell,
  });
  const withHand = zip(body, hand, ([x, y]) => x > CUTS.hand && y < CUTS.wrist + 20);
  return zip(withHand, foot, ([x, y]) => x > 5 && y < CUTS.ankle + 20 && y > CUTS.ankle - 40);
}

function kindsOf({ points, faces }: Mesh, cell: number): Uint8Array {
  const open = openEdges(faces, points.length);
  const kinds = new Uint8Array(points.length);
  points.forEach((p, i) => {
    if (p[0] === 0) kinds[i] = KIND.midline;
    if (!open.has(i) || p[1] <= ringHeight(p[0]) - 2.2 * cell) return;
    const next = open.get(i);
    if (p[0] !== 0 || next === undefined || points[next]![0] !== 0) kinds[i] = KIND.ring;
  });
  for (const [a, b] of open)
    if (kinds[a] === KIND.ring && points[a]![0] !== 0 && points[b]![0] === 0) kinds[b] = KIND.ring;
  return kinds;
}

/** Moves the points along the skin, so that triangles are even. */
function relax(sculpture: Sculpture, { points, faces }: Mesh, kinds: Uint8Array): void {
  const around: Set<number>[] = points.map(() => new Set());
  for (let t = 0; t < faces.length; t += 3)
    for (let e = 0; e < 3; e++)
      around[faces[t + e]!]!.add(faces[t + ((e + 1) % 3)]!).add(faces[t + ((e + 2) % 3)]!);
  const holds = (kind: number, other: number) =>
    kind === KIND.skin || other === kind || (kind === KIND.midline && other === KIND.ring);
  for (let pass = 0; pass < 4; pass++)
    points.forEach((p, i) => {
      const kind = kinds[i]!;
      const near = [...around[i]!].filter((k) => holds(kind, kinds[k]!));
      let mean: Vec = [0, 0, 0];
      for (const k of near) mean = add(mean, points[k]!, 1 / near.length);
      const to: Vec = near.length < 2 ? p : add(p, add(mean, p, -1), 0.5);
      const held: Vec = p[0] === 0 ? [0, to[1], to[2]] : to;
      if (kind === KIND.ring) points[i] = onRing(sculpture, held);
      else points[i] = pass % 2 ? settle(sculpture, held, 1, 0.6) : held;
    });
}

/** Lathes that a point has less of than this take no part in moving it. */
const LEAST = 0.03;

function weightsAt(s: Sculpture, p: Vec): Weights {
  const far = s.lathes.map((l) => toLathe(l, p[0], p[1], p[2], 60));
  const least = Math.min(...far);
  const shares = far.map((v, i) =>
    Math.exp((least - v) / clamp(s.lathes[i]!.reach * 0.06, 2.5, 14)),
  );
  const total = shares.reduce((sum, share) => sum + (share > LEAST ? share : 0), 0);
  return shares.flatMap((share, i) =>
    share > LEAST ? [[i, share / total, toLocal(s.lathes[i]!, p)] as const] : [],
  );
}

/** Polygonises the drawn adult: some seconds. */
export function buildHalf(detail: number): Half {
  const sculpture = sculpt(personOf(DRAWN));
  const mesh = polygonised(sculpture, detail);
  const kinds = kindsOf(mesh, CELLS.body / detail);
  relax(sculpture, mesh, kinds);
  return { mesh, kinds, weights: mesh.points.map((p) => weightsAt(sculpture, p)) };
}

/** How far the skin of a sculpture is from a point, mm. */
export const farFrom = (s: Sculpture, [x, y, z]: Vec): number => Math.abs(field(s, x, y, z));
