import type { Landmarks } from "../landmarks";
import { onChart } from "./depths";
import type { Head } from "./head";
import { lampTowards, type LightKey } from "./light";
import { PART } from "./mesh";
import { headOfFace } from "./ofFace";
import { rasterise, valueAt, type Raster } from "./raster";
import { lightOnHead, plainOf, shareOfLight, type ChartBox, type HeadChart } from "./relief";
import { clamp, step } from "./smooth";

/** A chart as it is drawn, flat and in its colours. */
export interface ChartPicture {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue and cover of each pixel, 0 to 255. */
  readonly data: Uint8ClampedArray;
  /** What of the chart is in it, mm, downwards as in a picture. */
  readonly box: ChartBox;
}

/** The charts that a turned head takes its colours from. */
export type TurnChart = Exclude<HeadChart, "topOfHead">;

export interface PaintedHead {
  readonly face: Landmarks;
  readonly ageYears: number;
  readonly light: LightKey;
  readonly charts: Readonly<Record<TurnChart, ChartPicture>>;
  /** Bare skin, for what no chart shows: red, green, blue, 0 to 255. */
  readonly skin: readonly [number, number, number];
}

/** From where it is looked at: degrees to the person's left and upwards, and pixels a side. */
export interface Standpoint {
  readonly yaw: number;
  readonly pitch: number;
  readonly width: number;
  readonly height: number;
}

/** Fineness of the surface, and where its neck is cut, mm on the chart: no chart shows all round what lies below. */
const [DETAIL, CUT] = [0.5, -142];
/** The middle a head turns round, mm; and the mm that are in the height of the picture. */
const [MIDDLE_Y, MIDDLE_Z, SHOWN_MM] = [-22, -82, 300];
/** How far the surface may turn away before the front's chart is left for the side's, and the side's for the back's. By eye, no published source. */
const [FRONT_FROM, FRONT_TO, BACK_FROM, BACK_TO] = [0.12, 0.42, 0.35, 0.65];
/** A vertex turned so far to the front is of the face. */
const FACES_FRONT = 0.2;
/** A pixel of a chart is taken where its colour covers at least this, 0 to 255. */
const COVERED = 200;

/** Codes of a display to light and back (IEC 61966-2-1), as tables: one look for each pixel. */
const linear = Float32Array.from({ length: 256 }, (_, code) => {
  const value = code / 255;
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
});
const STEPS = 4096;
const coded = Uint8ClampedArray.from({ length: STEPS + 1 }, (_, i) => {
  const value = i / STEPS;
  return 255 * (value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055);
});

/** Adds a chart's colour at a place to a sum, by a weight; answers the weight that found colour. */
function addColour(
  { width, height, data, box }: ChartPicture,
  x: number,
  y: number,
  weight: number,
  sum: Float32Array,
): number {
  if (weight <= 0) return 0;
  const px = Math.round(((x - box.left) * width) / box.width);
  const py = Math.round(((-y - box.top) * height) / box.height);
  if (px < 0 || py < 0 || px >= width || py >= height) return 0;
  const at = 4 * (py * width + px);
  if (data[at + 3]! < COVERED) return 0;
  sum[0]! += weight * linear[data[at]!]!;
  sum[1]! += weight * linear[data[at + 1]!]!;
  sum[2]! += weight * linear[data[at + 2]!]!;
  return weight;
}

interface Ready {
  readonly head: Head;
  readonly chart: Float32Array;
  readonly light: Float32Array;
  readonly triangles: Uint32Array;
  readonly plain: number;
}

/** What does not change while a head is turned: its surface, and the light, which stays where it hangs. */
function readied({ face, ageYears, light }: PaintedHead): Ready {
  const head = headOfFace(face, ageYears, DETAIL);
  const chart = onChart(head, face, DETAIL);
  const corners: number[] = [];
  for (let t = 0; t < head.triangles.length; t += 3) {
    const [a, b, c] = [head.triangles[t]!, head.triangles[t + 1]!, head.triangles[t + 2]!];
    if (Math.max(chart[2 * a + 1]!, chart[2 * b + 1]!, chart[2 * c + 1]!) > CUT)
      corners.push(a, b, c);
  }
  const lit = lightOnHead(head, lampTowards(light, false), DETAIL);
  // What is plain is told by the face, as on its chart: the back of the head lies in shade.
  const onFace = lit.filter((_, i) => head.normals[3 * i + 2]! > FACES_FRONT);
  return { head, chart, light: lit, triangles: Uint32Array.from(corners), plain: plainOf(onFace) };
}

function laidFrom({ positions, parts }: Head, { yaw, pitch, width, height }: Standpoint) {
  const [turn, tilt] = [(yaw * Math.PI) / 180, (pitch * Math.PI) / 180];
  const [ct, st, cp, sp] = [Math.cos(turn), Math.sin(turn), Math.cos(tilt), Math.sin(tilt)];
  const px = height / SHOWN_MM;
  const count = parts.length;
  const laid = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    near: new Float32Array(count),
  };
  for (let i = 0; i < count; i++) {
    const x = positions[3 * i]!;
    const y = positions[3 * i + 1]! - MIDDLE_Y;
    const z = positions[3 * i + 2]! - MIDDLE_Z;
    const forward = x * st + z * ct;
    laid.x[i] = width / 2 + px * (x * ct - z * st);
    laid.y[i] = height / 2 - px * (y * cp - forward * sp);
    laid.near[i] = y * sp + forward * cp;
  }
  return laid;
}

/** Puts the colour of one pixel, in linear light before it is lit, into a sum. */
function colourAt(
  painted: PaintedHead,
  ready: Ready,
  raster: Raster,
  at: number,
  sum: Float32Array,
): void {
  const { head, chart, triangles } = ready;
  const x = valueAt(raster, triangles, at, chart, 2, 0);
  const y = valueAt(raster, triangles, at, chart, 2, 1);
  const z = valueAt(raster, triangles, at, head.positions, 3, 2);
  const across = valueAt(raster, triangles, at, head.normals, 3, 0);
  const forward = valueAt(raster, triangles, at, head.normals, 3, 2);
  const part = head.parts[triangles[raster.triangle[at]!]!]!;
  const isEye = part === PART.eye || part === PART.lidEdge;
  const front = isEye ? 1 : step(FRONT_FROM, FRONT_TO, forward);
  const back = isEye || part === PART.ear ? 0 : step(BACK_FROM, BACK_TO, -forward);
  const side = Math.max(0, 1 - front - back);
  const { face, leftProfile, rightProfile, backOfHead } = painted.charts;
  sum.fill(0);
  let found = addColour(face, x, y, front, sum) + addColour(backOfHead, -x, y, back, sum);
  // What lies on the side that is turned away from both charts of the sides belongs to the nearer one.
  const left = Math.abs(across) > 0.05 ? across > 0 : x > 0;
  found += left
    ? addColour(leftProfile, -z, y, side, sum)
    : addColour(rightProfile, z, y, side, sum);
  if (found < 0.2) found += addColour(face, x, y, 1, sum);
  if (found < 0.2) {
    painted.skin.forEach((code, k) => (sum[k]! += linear[code]!));
    found += 1;
  }
  for (let k = 0; k < 3; k++) sum[k]! /= found;
}

/**
 * A painted head that can be looked at from anywhere. Each pixel takes its colour from the chart that sees it
 * most squarely, and is lit in linear light by the lamp, which stays where it hangs on the stage.
 *
 * @returns pixels for a standpoint; nothing is drawn round the head
 */
export function turnable(
  painted: PaintedHead,
): (from: Standpoint) => Uint8ClampedArray<ArrayBuffer> {
  const ready = readied(painted);
  const sum = new Float32Array(3);
  return (from) => {
    const { width, height } = from;
    const raster = rasterise(laidFrom(ready.head, from), ready.triangles, width, height);
    const pixels = new Uint8ClampedArray(width * height * 4);
    for (let at = 0; at < raster.triangle.length; at++) {
      if (raster.triangle[at]! < 0) continue;
      if (valueAt(raster, ready.triangles, at, ready.chart, 2, 1) < CUT) continue;
      colourAt(painted, ready, raster, at, sum);
      const light = shareOfLight(valueAt(raster, ready.triangles, at, ready.light), ready.plain);
      for (let k = 0; k < 3; k++)
        pixels[4 * at + k] = coded[Math.round(STEPS * clamp(sum[k]! * light))]!;
      pixels[4 * at + 3] = 255;
    }
    return pixels;
  };
}

/** How turned it is, as one says it. */
export function turnWords(yaw: number): string {
  const far = Math.round(Math.abs(yaw));
  const side = yaw > 0 ? "left" : "right";
  if (far < 8) return "from the front";
  if (far > 172) return "from behind";
  if (far < 70) return `three-quarter, their ${side}`;
  if (far <= 110) return `their ${side} profile`;
  return `from behind, their ${side}`;
}
