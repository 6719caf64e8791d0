import { rememberBy } from "../../remember";
import type { Landmarks } from "../landmarks";
import { point, type Point } from "../point";
import type { Polygon } from "../polygon";
import { warpTo } from "../warp";
import type { Head } from "./head";
import { PART } from "./mesh";
import { onDrawing } from "./onDrawing";
import { rasterise, valueAt } from "./raster";
import { clamp, mix, step } from "./smooth";

const drawnPlaces = rememberBy(
  2,
  (_: Head, detail: number) => detail,
  (head, detail) => onDrawing(head, detail),
);

/** Where the vertices of somebody's head lie on their front chart, mm. */
export function onChart(head: Head, face: Landmarks, detail: number): Float32Array {
  const warp = warpTo(face);
  const drawn = drawnPlaces(head, detail);
  const placed = new Float32Array(drawn.length);
  for (let i = 0; i < placed.length; i += 2) {
    const { x, y } = warp(point(drawn[i]!, drawn[i + 1]!));
    placed[i] = x;
    placed[i + 1] = y;
  }
  return placed;
}

/** Depth of a head under its front chart, mm forward of the bridge of the nose. */
export interface Depths {
  /** Of what is seen from the front, and from behind, at a place of the chart. */
  readonly front: (p: Point) => number;
  readonly back: (p: Point) => number;
  /** The edge of the head from the side: forward and height, once round. */
  readonly silhouette: Polygon;
  /** The rim of the ear from the side. */
  readonly ear: Polygon;
}

/** The map of depths: its left and top, its size, one entry a mm. */
const [LEFT, TOP, WIDE, HIGH] = [-130, 125, 260, 320];

/** Depths on one side of the head; NaN where nothing is. */
function depthMap(head: Head, chart: Float32Array, sign: 1 | -1): Float32Array {
  const count = head.parts.length;
  const laid = {
    x: Float32Array.from({ length: count }, (_, i) => chart[2 * i]! - LEFT),
    y: Float32Array.from({ length: count }, (_, i) => TOP - chart[2 * i + 1]!),
    near: Float32Array.from({ length: count }, (_, i) => sign * head.positions[3 * i + 2]!),
  };
  const skin = head.triangles.filter((_, i, all) => head.parts[all[i - (i % 3)]!] !== PART.ear);
  const raster = rasterise(laid, skin, WIDE, HIGH, false);
  const depth = new Float32Array(WIDE * HIGH).fill(NaN);
  for (let at = 0; at < depth.length; at++)
    if (raster.triangle[at]! >= 0) depth[at] = sign * valueAt(raster, skin, at, laid.near);
  return depth;
}

/** A row of values, each the mean of those around it; empty ones take no part. */
const evened = (values: readonly number[], around: number): number[] =>
  values.map((value, row) => {
    if (Number.isNaN(value)) return value;
    const near = values.slice(Math.max(0, row - around), row + around + 1);
    const known = near.filter((entry) => !Number.isNaN(entry));
    return known.reduce((sum, entry) => sum + entry, 0) / known.length;
  });

/** The edge is evened over so many rows either way; so far inside it front and back begin to meet, mm. */
const [EVEN_ROWS, MEET_MM] = [6, 7];
/** Below this height front and back meet at the side of the neck, above it so far behind the root of the ear, mm. */
const [NECK_Y, BEHIND_EAR_MM] = [-84, 7];

/** Lets both maps meet at the head's edge, fills them past it with the depth they meet at, and past its ends with the last row. */
function filled(front: Float32Array, back: Float32Array, behindEar: number): void {
  const edges = Array.from({ length: HIGH }, (_, row) => {
    const columns = front.subarray(row * WIDE, (row + 1) * WIDE);
    const last = columns.findLastIndex((depth) => !Number.isNaN(depth));
    if (last < 0) return { breadth: NaN, depth: NaN };
    const depth = (columns[last]! + back[row * WIDE + last]!) / 2;
    // The face goes on to behind the ear, though the jaw is broadest before it.
    const isNeck = TOP - row < NECK_Y;
    return { breadth: last + LEFT, depth: isNeck ? depth : Math.min(depth, behindEar) };
  });
  const breadths = evened(
    edges.map(({ breadth }) => breadth),
    EVEN_ROWS,
  );
  const meets = evened(
    edges.map(({ depth }) => depth),
    EVEN_ROWS,
  );
  for (let at = 0; at < front.length; at++) {
    const [row, x] = [Math.floor(at / WIDE), Math.abs((at % WIDE) + LEFT)];
    const [breadth, meet] = [breadths[row]!, meets[row]!];
    const share = step(breadth - MEET_MM, breadth - 1, x);
    for (const depth of [front, back])
      depth[at] = Number.isNaN(depth[at]!) ? meet : mix(depth[at]!, meet, share);
  }
  // From the middle of the head outwards, so that a row that is filled fills the next.
  const empty = breadths.flatMap((breadth, row) => (Number.isNaN(breadth) ? [row] : []));
  empty.sort((a, b) => Math.abs(a - TOP) - Math.abs(b - TOP));
  for (const row of empty) {
    const [to, of] = [row * WIDE, (row < TOP ? row + 1 : row - 1) * WIDE];
    front.copyWithin(to, of, of + WIDE);
    back.copyWithin(to, of, of + WIDE);
  }
}

type Rows = (y: number, x: number) => number;

const rowsOf =
  (depth: Float32Array): Rows =>
  (y, x) =>
    depth[clamp(TOP - y, 0, HIGH - 1) * WIDE + clamp(x - LEFT, 0, WIDE - 1)]!;

/** A value between four entries of a map. */
function smooth(rows: Rows, { x, y }: Point): number {
  const [x0, y0] = [Math.floor(x), Math.floor(y)];
  const upper = mix(rows(y0 + 1, x0), rows(y0 + 1, x0 + 1), x - x0);
  const lower = mix(rows(y0, x0), rows(y0, x0 + 1), x - x0);
  return mix(lower, upper, y - y0);
}

/** A curve through corners runs inside what bulges between them: by so much it is drawn wider. */
const OVER = 1.06;

/** Which way round a middle, in so many directions, the farthest of some points lies. */
function rimOf(points: readonly Point[], directions: number): Polygon {
  const middle = point(
    points.reduce((sum, { x }) => sum + x, 0) / points.length,
    points.reduce((sum, { y }) => sum + y, 0) / points.length,
  );
  const farthest = new Map<number, { readonly far: number; readonly at: Point }>();
  for (const at of points) {
    const turn = Math.atan2(at.y - middle.y, at.x - middle.x) / (2 * Math.PI) + 0.5;
    const sector = Math.floor(turn * directions) % directions;
    const far = Math.hypot(at.x - middle.x, at.y - middle.y);
    if (far > (farthest.get(sector)?.far ?? 0)) farthest.set(sector, { far, at });
  }
  return [...farthest]
    .sort(([a], [b]) => a - b)
    .map(([, { at }]) =>
      point(middle.x + (at.x - middle.x) * OVER, middle.y + (at.y - middle.y) * OVER),
    );
}

/** Every so many mm a corner of the silhouette. */
const STEP_MM = 1.5;

/** Foremost and rearmost at each height: where edges of the mesh cross it. */
function silhouetteOf(head: Head, chart: Float32Array): Polygon {
  const rows = new Map<number, { front: number; back: number }>();
  const { triangles, parts, positions } = head;
  for (let k = 0; k < triangles.length; k++) {
    const [a, b] = [triangles[k]!, triangles[k % 3 === 2 ? k - 2 : k + 1]!];
    if (parts[a] === PART.ear) continue;
    const [ya, yb] = [chart[2 * a + 1]! / STEP_MM, chart[2 * b + 1]! / STEP_MM];
    const [za, zb] = [positions[3 * a + 2]!, positions[3 * b + 2]!];
    const last = Math.floor(Math.max(ya, yb));
    for (let row = Math.ceil(Math.min(ya, yb)); row <= last; row++) {
      const z = ya === yb ? za : mix(za, zb, (row - ya) / (yb - ya));
      const known = rows.get(row) ?? { front: -Infinity, back: Infinity };
      rows.set(row, { front: Math.max(known.front, z), back: Math.min(known.back, z) });
    }
  }
  const down = [...rows].sort(([a], [b]) => b - a);
  const heights = down.map(([row]) => row * STEP_MM);
  const edge = (which: "front" | "back", around: number) =>
    evened(
      down.map(([, row]) => row[which]),
      around,
    ).map((z, i) => point(z, heights[i]!));
  // The profile keeps its corners; the back of a head has none.
  return [...edge("front", 0), ...edge("back", 3).reverse()];
}

/** Corners of an ear's rim. */
const RIM = 26;

/** Depths under the front chart of somebody's head. */
export function depthsOf(head: Head, face: Landmarks, detail: number): Depths {
  const chart = onChart(head, face, detail);
  const maps = { front: depthMap(head, chart, 1), back: depthMap(head, chart, -1) };
  filled(maps.front, maps.back, head.landmarks.otobasionSuperius[2] - BEHIND_EAR_MM);
  const [front, back] = [rowsOf(maps.front), rowsOf(maps.back)];
  const ears: Point[] = [];
  for (let i = 0; i < head.parts.length; i++)
    if (head.parts[i] === PART.ear && head.positions[3 * i]! > 0)
      ears.push(point(head.positions[3 * i + 2]!, chart[2 * i + 1]!));
  return {
    front: (p) => smooth(front, p),
    back: (p) => smooth(back, p),
    silhouette: silhouetteOf(head, chart),
    ear: rimOf(ears, RIM),
  };
}
