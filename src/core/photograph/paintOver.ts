import { point, type Point } from "../anatomy";
import {
  codeOfLight,
  COVERED,
  LIGHT_OF_CODES,
  lightOfCode,
  type ChartPicture,
} from "../anatomy/surface";

/** A photograph as pixels: red, green, blue and cover, 0 to 255. */
export interface Photograph {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** Where each place of a photograph lies on the chart, mm; known on a grid and straight between. */
export interface PhotoMap {
  readonly cell: number;
  readonly columns: number;
  readonly x: Float32Array;
  readonly y: Float32Array;
}

/** Pixels from one known place to the next: a face bends little between them. */
const CELL = 8;

export function photoMap(
  { width, height }: Pick<Photograph, "width" | "height">,
  onto: (p: Point) => Point,
): PhotoMap {
  const [columns, rows] = [Math.ceil(width / CELL) + 1, Math.ceil(height / CELL) + 1];
  const [x, y] = [new Float32Array(columns * rows), new Float32Array(columns * rows)];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const at = onto(point(column * CELL, row * CELL));
      x[row * columns + column] = at.x;
      y[row * columns + column] = at.y;
    }
  return { cell: CELL, columns, x, y };
}

/** How much of each colour the light of a photograph has too much: its pixels are multiplied by this. */
export type Balance = readonly [red: number, green: number, blue: number];
export const AS_TAKEN: Balance = [1, 1, 1];
/** No light is so far off that colours are multiplied by more, or less, than this. By eye, no published source. */
const MOST_GAIN = 4;
const within = (gain: number) => Math.min(MOST_GAIN, Math.max(1 / MOST_GAIN, gain));

const middleOf = (values: number[]): number =>
  values.sort((a, b) => a - b)[values.length >> 1] ?? 1;

/** Pixels round a place that are looked at, either way. */
const ROUND_PX = 4;

/** Light of each colour at some places of a photograph: the middle of what is found there. */
function lightAt({ width, height, data }: Photograph, places: readonly Point[]): Balance {
  const found: [number[], number[], number[]] = [[], [], []];
  for (const { x, y } of places)
    for (let dy = -ROUND_PX; dy <= ROUND_PX; dy++)
      for (let dx = -ROUND_PX; dx <= ROUND_PX; dx++) {
        const [px, py] = [Math.round(x) + dx, Math.round(y) + dy];
        if (px < 0 || py < 0 || px >= width || py >= height) continue;
        for (let k = 0; k < 3; k++)
          found[k]?.push(lightOfCode(data[4 * (py * width + px) + k] ?? 0));
      }
  return found.map(middleOf) as [number, number, number];
}

/** Balance by skin of a colour that was measured: so the picture shows it as it is by daylight. */
export function balanceBySkin(
  photo: Photograph,
  places: readonly Point[],
  skin: readonly [number, number, number],
): Balance {
  const seen = lightAt(photo, places);
  return skin.map((code, k) => within(lightOfCode(code) / Math.max(1e-4, seen[k] ?? 1))) as [
    number,
    number,
    number,
  ];
}

/** Balance by a grey or white card in the picture: no colour of it stands out, and it is no brighter than before. */
export function balanceByCard(photo: Photograph, place: Point): Balance {
  const seen = lightAt(photo, [place]);
  const mean = (seen[0] + seen[1] + seen[2]) / 3;
  return seen.map((light) => within(mean / Math.max(1e-4, light))) as [number, number, number];
}

/**
 * Lays a design over a photograph: each pixel, in linear light, times painted over bare at its place of the chart, so that
 * the shading of the photograph and the texture of the skin stay. What is bare on the chart stays as it was taken.
 *
 * @param painted the chart with its paint, `bare` the same without: of one size, lit flatly
 * @param skin how much of each pixel takes paint; all of it where nothing is said
 * @returns pixels as large as the photograph
 */
export function paintOver(
  { width, height, data }: Photograph,
  map: PhotoMap,
  { painted, bare }: { readonly painted: ChartPicture; readonly bare: ChartPicture },
  balance: Balance,
  skin: Uint8Array | null = null,
): Uint8ClampedArray<ArrayBuffer> {
  const result = new Uint8ClampedArray(data);
  const { box } = painted;
  const [perX, perY] = [painted.width / box.width, painted.height / box.height];
  const [left, top, chartWidth, chartHeight] = [box.left, box.top, painted.width, painted.height];
  const [over, under] = [painted.data, bare.data];
  const isTaken = balance.every((gain) => gain === 1);
  const [light, code] = [LIGHT_OF_CODES, codeOfLight];
  const { cell, columns, x, y } = map;
  const gains = Float32Array.from(balance);
  // Along a row of pixels a cell's places go on evenly: one step each, no sum of four.
  for (let py = 0; py < height; py++) {
    const row = Math.floor(py / cell);
    const v = (py % cell) / cell;
    for (let first = 0; first < width; first += cell) {
      const i = row * columns + first / cell;
      const j = i + columns;
      let cx = (1 - v) * x[i]! + v * x[j]!;
      let cy = (1 - v) * y[i]! + v * y[j]!;
      const stepX = ((1 - v) * x[i + 1]! + v * x[j + 1]! - cx) / cell;
      const stepY = ((1 - v) * y[i + 1]! + v * y[j + 1]! - cy) / cell;
      const end = Math.min(width, first + cell);
      for (let px = first; px < end; px++, cx += stepX, cy += stepY) {
        const ux = Math.round((cx - left) * perX);
        const uy = Math.round((-cy - top) * perY);
        const isOn = ux >= 0 && uy >= 0 && ux < chartWidth && uy < chartHeight;
        const on = isOn ? 4 * (uy * chartWidth + ux) : -1;
        const isDrawn = on >= 0 && under[on + 3]! >= COVERED;
        if (!isDrawn && isTaken) continue;
        const at = 4 * (py * width + px);
        const takes = skin ? skin[py * width + px]! / 255 : 1;
        for (let k = 0; k < 3; k++) {
          const now = isDrawn ? over[on + k]! : 0;
          const before = isDrawn ? under[on + k]! : 0;
          if (now === before && isTaken) continue;
          const share =
            now === before
              ? 1
              : 1 -
                takes +
                (takes * Math.max(LEAST_LIGHT, light[now]!)) /
                  Math.max(LEAST_LIGHT, light[before]!);
          result[at + k] = code(light[data[at + k]!]! * gains[k]! * share);
        }
      }
    }
  }
  return result;
}

/** Light that a colour which is as good as black still gives back: nothing is divided by less. */
const LEAST_LIGHT = 0.004;
