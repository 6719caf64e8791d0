import type { ChartBox } from "./relief";

/** A chart as it is drawn, flat and in its colours. */
export interface ChartPicture {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue and cover of each pixel, 0 to 255. */
  readonly data: Uint8ClampedArray;
  /** What of the chart is in it, mm, downwards as in a picture. */
  readonly box: ChartBox;
}

/** A pixel of a chart is taken where its colour covers at least this, 0 to 255. */
export const COVERED = 200;

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

/** Light of each code of a display, 0 to 1; for loops over pixels. */
export const LIGHT_OF_CODES: Readonly<Float32Array> = linear;
/** Light of a display's code, 0 to 1. */
export const lightOfCode = (code: number): number => linear[code]!;
/** The code of a light, 0 to 1. */
export const codeOfLight = (light: number): number =>
  coded[Math.round(STEPS * Math.min(1, Math.max(0, light)))]!;

/** Adds a chart's colour at a place, x right and y up in mm, to a sum by a weight; answers the weight that found colour. */
export function addColour(
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
