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

/** A surface that light falls on. */
export type LitSurface = Pick<Head, "positions" | "normals" | "triangles">;

/** The picture a light sees of a surface. */
interface Sight {
  /** Side in pixels, and mm a pixel. */
  readonly px: number;
  readonly mm: number;
  readonly middle: Vec;
  /** A vertex within so many mm of what the light sees is lit; so much more where the light grazes. */
  readonly nearMm: number;
  readonly grazingMm: number;
}
const OF_HEAD: Sight = { px: 240, mm: 1.5, middle: [0, -45, -85], nearMm: 1.6, grazingMm: 2 };
/** Of a body of 1700 mm whose soles are at 0. */
const OF_BODY: Sight = { px: 460, mm: 4, middle: [0, 800, 0], nearMm: 9, grazingMm: 12 };

/** Adds how much of a light from one direction reaches each vertex: the cosine of its angle, none in the shadow of something nearer. */
function addLight(
  surface: LitSurface,
  from: Vec,
  weight: number,
  sum: Float32Array,
  { px: side, mm, middle, nearMm, grazingMm }: Sight = OF_HEAD,
): void {
  const up: Vec = Math.abs(from[1]) > 0.9 ? [0, 0, 1] : [0, 1, 0];
  const right = normal(cross(up, from));
  const over = cross(from, right);
  const { positions, normals, triangles } = surface;
  const count = sum.length;
  const laid = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    near: new Float32Array(count),
  };
  for (let i = 0; i < count; i++) {
    const x = positions[3 * i]! - middle[0];
    const y = positions[3 * i + 1]! - middle[1];
    const z = positions[3 * i + 2]! - middle[2];
    laid.x[i] = side / 2 + (x * right[0] + y * right[1] + z * right[2]) / mm;
    laid.y[i] = side / 2 - (x * over[0] + y * over[1] + z * over[2]) / mm;
    laid.near[i] = x * from[0] + y * from[1] + z * from[2];
  }
  const seen = rasterise(laid, triangles, side, side);
  const depth = new Float32Array(side * side).fill(-Infinity);
  for (let at = 0; at < depth.length; at++)
    if (seen.triangle[at]! >= 0) depth[at] = valueAt(seen, triangles, at, laid.near);
  for (let i = 0; i < count; i++) {
    const facing =
      normals[3 * i]! * from[0] + normals[3 * i + 1]! * from[1] + normals[3 * i + 2]! * from[2];
    if (facing <= 0) continue;
    const spare = laid.near[i]! + nearMm + grazingMm * (1 - facing);
    const left = Math.floor(laid.x[i]!);
    const top = Math.floor(laid.y[i]!);
    let lit = 0;
    for (let k = 0; k < 4; k++) {
      const px = left + (k & 1);
      const py = top + (k >> 1);
      const outside = px < 0 || py < 0 || px >= side || py >= side;
      if (outside || depth[py * side + px]! < spare) lit += 0.25;
    }
    sum[i]! += weight * facing * lit;
  }
}

/** Directions of the light of a room, spread evenly by the golden angle; what comes from below is what the floor gives back. */
const [ROOM, FLOOR] = [14, 0.55];
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/** Light from so many directions all round at each vertex, 1 where nothing stands before it. */
function lightAllRound(surface: LitSurface, directions: number, sight: Sight): Float32Array {
  const sum = new Float32Array(surface.positions.length / 3);
  let weights = 0;
  for (let i = 0; i < directions; i++) {
    const y = 1 - (2 * (i + 0.5)) / directions;
    const r = Math.sqrt(1 - y * y);
    const weight = y > 0 ? 1 : FLOOR;
    weights += weight;
    const from: Vec = [r * Math.cos(i * GOLDEN), y, r * Math.sin(i * GOLDEN)];
    addLight(surface, from, weight, sum, sight);
  }
  // A plane lit evenly from all round gets a quarter of the sum of cosines over the sphere.
  return sum.map((value) => (4 * value) / weights);
}

/**
 * The light of a room on the average adult's head. The same for everybody: what shades what differs
 * little between faces, and every face has the same vertices.
 */
export const roomLight = rememberBy(
  2,
  (_: Head, detail: number) => detail,
  (average: Head): Float32Array => lightAllRound(average, ROOM, OF_HEAD),
);

/** The light of a room on a body of 1700 mm that stands on 0. */
export const roomLightOnBody = (body: LitSurface, directions = ROOM): Float32Array =>
  lightAllRound(body, directions, OF_BODY);

/** A lamp has a size: rays from so many points of it, this far off its middle; an odd count, so that left and right are alike. */
const [RAYS, SPREAD] = [5, 0.3];

/** Light of one lamp at each vertex, its shadows soft. */
function lit(surface: LitSurface, lamp: Vec, sight: Sight): Float32Array {
  const sum = new Float32Array(surface.positions.length / 3);
  const middle = normal(lamp);
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
    addLight(surface, from, 1 / RAYS, sum, sight);
  }
  return sum;
}

/** The same of a surface that was lit from there before: its form and its gloss ask one after the other. */
const litFrom = remember((surface: LitSurface) => {
  const known = new Map<string, Float32Array>();
  return (lamp: Vec, sight: Sight) => {
    const found = known.get(String(lamp)) ?? lit(surface, lamp, sight);
    known.set(String(lamp), found);
    return found;
  };
});

/** Where a lamp hangs for who looks at somebody: "in front" is before the back that is looked at, their left stays theirs. */
export function lampTowards(light: LightKey, isBack: boolean): Vec {
  const [x, y, z] = LIGHTS[light].from;
  return isBack ? [x, y, -z] : [x, y, z];
}

/** Light from a lamp at each vertex of a head, its shadows soft; none in the shadow of something nearer. */
export const lampLight = (head: LitSurface, lamp: Vec): Float32Array =>
  litFrom(head)(lamp, OF_HEAD);

/**
 * The same on a body.
 *
 * @param size its stature against 1700 mm
 * @param bridgeMm how high the bridge of its nose is above the floor
 */
export const lampLightOnBody = (
  body: LitSurface,
  lamp: Vec,
  size: number,
  bridgeMm: number,
): Float32Array => {
  const [x, y, z] = OF_BODY.middle;
  const middle: Vec = [x, y * size - bridgeMm, z];
  return litFrom(body)(lamp, { ...OF_BODY, mm: OF_BODY.mm * size, middle });
};
