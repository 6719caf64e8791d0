import type { Landmarks } from "../landmarks";
import { onChart } from "./depths";
import { headSurface, type Head } from "./head";
import { lampLight, lampTowards, roomLight, type LightKey } from "./light";
import { headOfFace } from "./ofFace";
import { rasterise, valueAt, type Raster } from "./raster";
import type { Vec } from "./smooth";

/** Flat maps of the head that have a relief: towards whom the surface is seen, and which way is forward in the picture. */
export const CHARTS = {
  face: { towards: [0, 0, 1] },
  leftProfile: { towards: [1, 0, 0] },
  rightProfile: { towards: [-1, 0, 0] },
  backOfHead: { towards: [0, 0, -1] },
  topOfHead: { towards: [0, 1, 0] },
} as const satisfies Record<string, { towards: Vec }>;
export type HeadChart = keyof typeof CHARTS;

/** A part of a chart, mm, downwards as in a picture. */
export interface ChartBox {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

export interface HeadReliefRequest {
  readonly part: "head";
  readonly face: Landmarks;
  readonly ageYears: number;
  readonly chart: HeadChart;
  readonly light: LightKey;
  /** Light and shade of the form, or what a surface as smooth as gloss throws back of the lamp. */
  readonly what: "form" | "gloss";
}

/** A picture that is laid over flat colours and gives them form. */
export interface Relief {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue and cover of each pixel, 0 to 255: dark over what lies in shade, white over what catches the light. */
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  /** Where it lies on the chart, mm, downwards as in a picture. */
  readonly box: ChartBox;
}

/** Fineness of the surface and of the picture, pixels a mm: form is soft, its lines are drawn elsewhere. */
const [DETAIL, PX] = [0.35, 2];
/** Where the pictures lie on their charts, mm. */
export const RELIEF_BOXES: Readonly<Record<HeadChart, ChartBox>> = {
  face: { left: -130, top: -125, width: 260, height: 320 },
  backOfHead: { left: -130, top: -125, width: 260, height: 320 },
  leftProfile: { left: -60, top: -125, width: 270, height: 320 },
  rightProfile: { left: -210, top: -125, width: 270, height: 320 },
  topOfHead: { left: -110, top: -215, width: 220, height: 250 },
};
/** Shares of the lamp, of the room and of what comes back from before the head. Common practice, no published source. */
export const [LAMP, ROOM, FRONT] = [0.95, 0.3, 0.12];
/** What is brighter than this share of a lit head is taken for its plain colour. By eye, no published source. */
const PLAIN = 0.66;
/** Displays and eyes: light to the code of a pixel (IEC 61966-2-1, rounded to one power). */
const GAMMA = 2.2;
/** Shade on skin is warm: light comes back red from inside it. All three by eye, no published source. */
const SHADE = [36, 14, 6] as const;
const GLOW = [255, 250, 242] as const;
const WHITE = [255, 255, 255] as const;
/** How white what is lit more than plainly becomes, and at most. By eye, no published source. */
const [BRIGHT, MOST_BRIGHT] = [0.9, 0.3];
/** No place gives back more than this share of its colour, however lit: beyond it colours wash out. */
const MOST_LIGHT = 1.5;
/** Pixels the relief is carried past its edge, where the drawing reaches farther than the surface. */
const PAST_PX = 14;

/** Where the vertices lie on a chart, in pixels of its picture. */
function laidOn(head: Head, { face, chart }: HeadReliefRequest) {
  const { left, top } = RELIEF_BOXES[chart];
  const places = onChart(head, face, DETAIL);
  const [tx, ty, tz] = CHARTS[chart].towards;
  const count = head.parts.length;
  const laid = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    near: new Float32Array(count),
  };
  for (let i = 0; i < count; i++) {
    const [x, y, z] = [
      head.positions[3 * i]!,
      head.positions[3 * i + 1]!,
      head.positions[3 * i + 2]!,
    ];
    // From the side forward is to the left on the person's left; from behind left stays left; from above forward is down.
    const across = tx === 0 ? (tz < 0 ? -1 : 1) * places[2 * i]! : -tx * z;
    laid.x[i] = (across - left) * PX;
    laid.y[i] = ((ty > 0 ? z : -places[2 * i + 1]!) - top) * PX;
    laid.near[i] = x * tx + y * ty + z * tz;
  }
  return laid;
}

/** Carries values a few pixels past the edge of what has any (NaN has none). */
function carriedPast(values: Float32Array, width: number, height: number, pixels: number): void {
  let edge: number[] = [];
  for (let at = 0; at < values.length; at++)
    if (!Number.isNaN(values[at]!)) {
      const column = at % width;
      const inner =
        (column === 0 || !Number.isNaN(values[at - 1]!)) &&
        (column === width - 1 || !Number.isNaN(values[at + 1]!)) &&
        (at < width || !Number.isNaN(values[at - width]!)) &&
        (at >= width * (height - 1) || !Number.isNaN(values[at + width]!));
      if (!inner) edge.push(at);
    }
  for (let pass = 0; pass < pixels; pass++) {
    const next: number[] = [];
    for (const at of edge) {
      const column = at % width;
      for (const to of [at - 1, at + 1, at - width, at + width]) {
        const around = (to === at - 1 && column === 0) || (to === at + 1 && column === width - 1);
        if (around || to < 0 || to >= values.length || !Number.isNaN(values[to]!)) continue;
        values[to] = values[at]!;
        next.push(to);
      }
    }
    edge = next;
  }
}

/** Light at each vertex of a head: of the lamp, of the room, and what comes back from before the face. */
export function lightOnHead(head: Head, lamp: Vec, detail: number, isBack = false): Float32Array {
  const room = roomLight(headSurface({ detail }), detail);
  const facing = (z: number) => Math.max(0, isBack ? -z : z);
  return lampLight(head, lamp).map(
    (lit, i) => LAMP * lit + ROOM * room[i]! + FRONT * facing(head.normals[3 * i + 2]!),
  );
}

/** One pixel in so many is enough to tell how bright a picture is. */
const SAMPLED = 13;

/** The value that a share of all are below. */
function quantile(values: Float32Array, share: number): number {
  const sampled: number[] = [];
  for (let i = 0; i < values.length; i += SAMPLED)
    if (!Number.isNaN(values[i]!)) sampled.push(values[i]!);
  const sorted = Float32Array.from(sampled).sort();
  return sorted[Math.floor(share * (sorted.length - 1))] ?? 1;
}

/** The light that the eye takes for plain: what lies in it shows its own colour. */
export const plainOf = (light: Float32Array): number => quantile(light, PLAIN);

/** What comes back from a place in some light, as a share of its own colour. */
export const shareOfLight = (light: number, plain: number): number =>
  Math.min(MOST_LIGHT, Math.max(0, light) / plain);

/** How sharp a lamp is mirrored in wet-looking skin (Phong 1975, exponent by eye), and how white at most. */
const SHARP = 26;
export const MOST_WHITE = 0.62;

/**
 * What a glossy place throws back of the lamp towards who looks at it, 0 to 1.
 *
 * @param light of the lamp that reaches it
 * @param lamp where it hangs
 * @param towards where the one who looks is, of length 1
 */
export function mirroredAt(
  [nx, ny, nz]: Vec,
  light: number,
  [lx, ly, lz]: Vec,
  [tx, ty, tz]: Vec,
): number {
  const far = Math.hypot(lx, ly, lz);
  // Halfway between the lamp and the eye a mirror shows the lamp (Blinn 1977).
  const [hx, hy, hz] = [lx / far + tx, ly / far + ty, lz / far + tz];
  const facing = (nx * hx + ny * hy + nz * hz) / (Math.hypot(hx, hy, hz) || 1);
  return light > 0 && facing > 0 ? Math.min(1, 2 * light) * facing ** SHARP : 0;
}

/** The same at each vertex. */
export const mirrored = (
  normals: Float32Array,
  lit: Float32Array,
  lamp: Vec,
  towards: Vec,
): Float32Array =>
  lit.map((light, i) =>
    mirroredAt([normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!], light, lamp, towards),
  );

/** Values of vertices at each pixel; `none` where nothing is. */
export function onPixels(
  raster: Raster,
  triangles: Uint32Array,
  values: Float32Array,
  none: number,
): Float32Array {
  // A plain loop: half a million calls of a function cost more than what they work out.
  const all = new Float32Array(raster.triangle.length);
  for (let at = 0; at < all.length; at++)
    all[at] = raster.triangle[at]! < 0 ? none : valueAt(raster, triangles, at, values);
  return all;
}

/** Writes a pixel: red, green, blue and how much it covers, 0 to 1. */
function put(rgba: Uint8ClampedArray, at: number, colour: readonly number[], cover: number): void {
  const to = 4 * at;
  rgba[to] = colour[0]!;
  rgba[to + 1] = colour[1]!;
  rgba[to + 2] = colour[2]!;
  rgba[to + 3] = 255 * cover;
}

/** The picture of a lamp in gloss, from how much of it each pixel mirrors. */
export function glossPicture(shine: Float32Array): Relief["rgba"] {
  const rgba = new Uint8ClampedArray(shine.length * 4);
  for (let at = 0; at < shine.length; at++) put(rgba, at, WHITE, MOST_WHITE * shine[at]!);
  return rgba;
}

/** The picture of a form, from the light at each pixel (NaN where nothing is), carried a little past its edge. */
export function formPicture(light: Float32Array, width: number, height: number): Relief["rgba"] {
  const rgba = new Uint8ClampedArray(light.length * 4);
  const plain = plainOf(light);
  carriedPast(light, width, height, PAST_PX);
  for (let at = 0; at < light.length; at++) {
    if (Number.isNaN(light[at]!)) continue;
    const seen = shareOfLight(light[at]!, plain) ** (1 / GAMMA);
    if (seen < 1) put(rgba, at, SHADE, 1 - seen);
    else put(rgba, at, GLOW, Math.min(MOST_BRIGHT, (seen - 1) * BRIGHT));
  }
  return rgba;
}

/** The relief of a head on one of its flat maps, in one light: pure, for a worker. */
export function headRelief(request: HeadReliefRequest): Relief {
  const { face, ageYears, chart, light, what } = request;
  const head = headOfFace(face, ageYears, DETAIL);
  const box = RELIEF_BOXES[chart];
  const [width, height] = [box.width * PX, box.height * PX];
  const raster = rasterise(laidOn(head, request), head.triangles, width, height);
  const { towards } = CHARTS[chart];
  const isBack = towards[2] < 0;
  const lamp = lampTowards(light, isBack);
  if (what === "gloss") {
    const shine = mirrored(head.normals, lampLight(head, lamp), lamp, towards);
    return { width, height, box, rgba: glossPicture(onPixels(raster, head.triangles, shine, 0)) };
  }
  const lit = onPixels(raster, head.triangles, lightOnHead(head, lamp, DETAIL, isBack), NaN);
  return { width, height, box, rgba: formPicture(lit, width, height) };
}
