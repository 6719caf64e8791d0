import { remember, rememberBy } from "../../remember";
import type { Head } from "./head";
import { rasterise, valueAt } from "./raster";
import type { Vec } from "./smooth";

/**
 * Directions light comes from, as a painter calls them. Above in front is how a face is looked at by
 * day and under most stage rigs; footlights come from below (common practice, no published source).
 */
export const LIGHTS = {
  above: { label: "above, in front", from: [0.22, 0.66, 0.72] },
  left: { label: "their left", from: [0.92, 0.22, 0.34] },
  right: { label: "their right", from: [-0.92, 0.22, 0.34] },
  foot: { label: "below, in front", from: [0, -0.66, 0.75] },
  behind: { label: "behind", from: [0.35, 0.5, -0.8] },
} as const satisfies Record<string, { label: string; from: Vec }>;
export type LightKey = keyof typeof LIGHTS;
export const LIGHT_KEYS = Object.keys(LIGHTS) as LightKey[];

const scaled = ([x, y, z]: Vec, by: number): Vec => [x * by, y * by, z * by];
const normal = (v: Vec): Vec => scaled(v, 1 / (Math.hypot(...v) || 1));
const cross = ([ax, ay, az]: Vec, [bx, by, bz]: Vec): Vec => [
  ay * bz - az * by,
  az * bx - ax * bz,
  ax * by - ay * bx,
];

/** The picture a light sees: side in pixels, mm a pixel, and the middle of a head. */
const [SEEN_PX, SEEN_MM] = [240, 1.5];
const MIDDLE: Vec = [0, -45, -85];
/** A vertex within so many mm of what the light sees is lit; more where the light grazes. */
const NEAR_MM = 1.6;
const GRAZING_MM = 2;

/** Adds how much of a light from one direction reaches each vertex: the cosine of its angle, none in the shadow of something nearer. */
function addLight(head: Head, from: Vec, weight: number, sum: Float32Array): void {
  const up: Vec = Math.abs(from[1]) > 0.9 ? [0, 0, 1] : [0, 1, 0];
  const right = normal(cross(up, from));
  const over = cross(from, right);
  const { positions, normals, triangles } = head;
  const count = sum.length;
  const laid = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    near: new Float32Array(count),
  };
  for (let i = 0; i < count; i++) {
    const x = positions[3 * i]! - MIDDLE[0];
    const y = positions[3 * i + 1]! - MIDDLE[1];
    const z = positions[3 * i + 2]! - MIDDLE[2];
    laid.x[i] = SEEN_PX / 2 + (x * right[0] + y * right[1] + z * right[2]) / SEEN_MM;
    laid.y[i] = SEEN_PX / 2 - (x * over[0] + y * over[1] + z * over[2]) / SEEN_MM;
    laid.near[i] = x * from[0] + y * from[1] + z * from[2];
  }
  const seen = rasterise(laid, triangles, SEEN_PX, SEEN_PX);
  const depth = new Float32Array(SEEN_PX * SEEN_PX).fill(-Infinity);
  for (let at = 0; at < depth.length; at++)
    if (seen.triangle[at]! >= 0) depth[at] = valueAt(seen, triangles, at, laid.near);
  for (let i = 0; i < count; i++) {
    const facing =
      normals[3 * i]! * from[0] + normals[3 * i + 1]! * from[1] + normals[3 * i + 2]! * from[2];
    if (facing <= 0) continue;
    const spare = laid.near[i]! + NEAR_MM + GRAZING_MM * (1 - facing);
    const left = Math.floor(laid.x[i]!);
    const top = Math.floor(laid.y[i]!);
    let lit = 0;
    for (let k = 0; k < 4; k++) {
      const px = left + (k & 1);
      const py = top + (k >> 1);
      const outside = px < 0 || py < 0 || px >= SEEN_PX || py >= SEEN_PX;
      if (outside || depth[py * SEEN_PX + px]! < spare) lit += 0.25;
    }
    sum[i]! += weight * facing * lit;
  }
}

/** Directions of the light of a room, spread evenly by the golden angle; what comes from below is what the floor gives back. */
const [ROOM, FLOOR] = [14, 0.55];
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/**
 * Light from all round at each vertex of the average adult, 1 where nothing stands before it. The same for
 * everybody: what shades what differs little between faces, and every face has the same vertices.
 */
export const roomLight = rememberBy(
  2,
  (_: Head, detail: number) => detail,
  (average: Head): Float32Array => {
    const sum = new Float32Array(average.positions.length / 3);
    let weights = 0;
    for (let i = 0; i < ROOM; i++) {
      const y = 1 - (2 * (i + 0.5)) / ROOM;
      const r = Math.sqrt(1 - y * y);
      const weight = y > 0 ? 1 : FLOOR;
      weights += weight;
      addLight(average, [r * Math.cos(i * GOLDEN), y, r * Math.sin(i * GOLDEN)], weight, sum);
    }
    // A plane lit evenly from all round gets a quarter of the sum of cosines over the sphere.
    return sum.map((value) => (4 * value) / weights);
  },
);

/** A lamp has a size: rays from so many points of it, this far off its middle; an odd count, so that left and right are alike. */
const [RAYS, SPREAD] = [5, 0.3];

/** Light of one lamp at each vertex, its shadows soft. */
function lit(head: Head, light: LightKey): Float32Array {
  const sum = new Float32Array(head.positions.length / 3);
  const middle = normal(LIGHTS[light].from);
  const across = normal(cross([0, 1, 0], middle));
  const over = cross(middle, across);
  for (let i = 0; i < RAYS; i++) {
    const turn = (i * 2 * Math.PI) / (RAYS - 1);
    const reach = i === 0 ? 0 : SPREAD;
    const from = normal(
      [0, 1, 2].map(
        (k) => middle[k]! + reach * (Math.cos(turn) * across[k]! + Math.sin(turn) * over[k]!),
      ) as unknown as Vec,
    );
    addLight(head, from, 1 / RAYS, sum);
  }
  return sum;
}

/** The same of a head that was lit by that lamp before: its form and its gloss ask one after the other. */
const litBy = remember((head: Head) => {
  const known = new Map<LightKey, Float32Array>();
  return (light: LightKey) => {
    const found = known.get(light) ?? lit(head, light);
    known.set(light, found);
    return found;
  };
});

/** Light of one lamp at each vertex, its shadows soft; none in the shadow of something nearer. */
export const lampLight = (head: Head, light: LightKey): Float32Array => litBy(head)(light);
