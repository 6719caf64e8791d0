import type { Point, ZoneId } from "../anatomy";
import { COVERED, lightOfCode, type ChartPicture } from "../anatomy/surface";
import type { Balance, Photograph, PhotoMap } from "../photograph";

/** A colour as light of a display, 0 to 1. */
export type Light = readonly [red: number, green: number, blue: number];

/** What a photograph shows of an area. */
export interface AreaSeen {
  readonly zone: ZoneId;
  /** Places that were looked at. */
  readonly places: number;
  /** How much of the paint is there, 0 bare to 1 as planned: the middle of all places. */
  readonly cover: number;
  /** How much of the paint is there in all: the mean, where no place counts for more than whole. */
  readonly present: number;
  /** Share of the places that are nearer to bare skin than to the paint. */
  readonly bareShare: number;
  /** How much of the chart they are, mm2. */
  readonly bareMm2: number;
  /** How much the cover changes from one patch of it to the next: what they are off their mean, 0 even. */
  readonly streaks: number;
  /** Middle of the bare places, on the chart, mm; of all places where none is bare. */
  readonly at: Point;
  /** How far the colour, whatever its brightness, lies off what skin and paint can make between them, degrees. */
  readonly offDeg: number;
  /** Middle colours, all of one brightness: as planned, as seen, and what skin and paint would make. */
  readonly planned: Light;
  readonly seen: Light;
  readonly made: Light;
}

const dot = (a: Light, b: Light): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const sizeOf = (a: Light): number => Math.sqrt(dot(a, a));
const DEGREES = 180 / Math.PI;

/** Angle between two colours as directions, degrees: what no brightness of a light can change. */
export const angleDeg = (a: Light, b: Light): number =>
  Math.acos(Math.min(1, dot(a, b) / (sizeOf(a) * sizeOf(b) || 1))) * DEGREES;

/**
 * How much of a colour is paint: whatever light falls there, it is so much of skin and so much of paint (least
 * squares in linear light, neither less than nothing).
 *
 * @returns 0 bare to 1 painted; NaN where skin and paint are one hue and cannot be told apart
 */
export function coverOf(seen: Light, bare: Light, planned: Light): number {
  const [bb, pp, bp] = [dot(bare, bare), dot(planned, planned), dot(bare, planned)];
  const det = bb * pp - bp * bp;
  if (det < 1e-9 * bb * pp) return NaN;
  const [sb, sp] = [dot(seen, bare), dot(seen, planned)];
  const ofBare = Math.max(0, (sb * pp - sp * bp) / det);
  const ofPaint = Math.max(0, (sp * bb - sb * bp) / det);
  return ofBare + ofPaint > 0 ? ofPaint / (ofBare + ofPaint) : NaN;
}

/** Nearer to bare than this a place is bare or thin. */
const THIN = 0.5;
/** Darker than this light a camera sees no colour; brighter, it has burnt out. */
const [TOO_DARK, TOO_BRIGHT] = [0.004, 0.97];
/** Skin and paint nearer in hue than this are not told apart on a photograph, degrees. By eye, no published source. */
const LEAST_APART_DEG = 6;
/** A place is looked at every so many mm, and every so many pixels at most: an area has thousands. */
const [EVERY_MM, LEAST_PX] = [0.8, 2];

/** Pixels from one place that is looked at to the next, by how large the face is in the middle of the picture. */
function stride({ width, height }: Photograph, map: PhotoMap): number {
  const mm2 = mm2At(map, Math.round(width / 2), Math.round(height / 2));
  return Math.max(LEAST_PX, Math.round(EVERY_MM / Math.sqrt(mm2 || 1)));
}

const middle = (values: number[]): number =>
  values.length ? (values.sort((a, b) => a - b)[values.length >> 1] ?? 0) : NaN;

/** Colours that far apart, in hue or in brightness, have an edge between them. */
const [EDGE_DEG, EDGE_LIGHT] = [6, 1.25];

/** Whether the design changes within a brush's softness of a place: a shape, or another colour. */
function isNearEdge(
  chart: ChartPicture,
  x: number,
  y: number,
  here: Light,
  edgeMm: number,
): boolean {
  for (const [dx, dy] of [
    [edgeMm, 0],
    [-edgeMm, 0],
    [0, edgeMm],
    [0, -edgeMm],
  ] as const) {
    const there = chartLight(chart, x + dx, y + dy);
    if (!there) continue;
    const share = sizeOf(there) / (sizeOf(here) || 1);
    if (share > EDGE_LIGHT || share < 1 / EDGE_LIGHT || angleDeg(here, there) > EDGE_DEG)
      return true;
  }
  return false;
}

/** Light of a chart at a place, mm; null where it has nothing. */
function chartLight(
  { width, height, data, box }: ChartPicture,
  x: number,
  y: number,
): Light | null {
  const px = Math.round(((x - box.left) * width) / box.width);
  const py = Math.round(((-y - box.top) * height) / box.height);
  if (px < 0 || py < 0 || px >= width || py >= height) return null;
  const at = 4 * (py * width + px);
  if ((data[at + 3] ?? 0) < COVERED) return null;
  return [0, 1, 2].map((k) => lightOfCode(data[at + k] ?? 0)) as unknown as Light;
}

/** A patch is as large as a brush mark is wide, mm. */
const PATCH_MM = 4;
/** Fewer places than this say nothing of a patch. */
const LEAST_IN_PATCH = 6;

interface Sum {
  bareMm2: number;
  readonly all: Mean;
  readonly bare: Mean;
  readonly patches: Map<string, Mean>;
  readonly covers: number[];
  readonly planned: number[];
  readonly seen: number[];
  readonly made: number[];
}

/** A mean as it is gathered: of places, or, of `x` alone, of covers. */
interface Mean {
  x: number;
  y: number;
  count: number;
}
const newSum = (): Sum => ({
  ...{ bareMm2: 0, covers: [], planned: [], seen: [], made: [] },
  ...{ all: noMean(), bare: noMean(), patches: new Map() },
});
const noMean = (): Mean => ({ x: 0, y: 0, count: 0 });
function addTo(mean: Mean, x: number, y: number): void {
  mean.x += x;
  mean.y += y;
  mean.count++;
}

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** How far patches of an area are off their mean, the mean of them. */
function streaksOf(patches: ReadonlyMap<string, Mean>): number {
  const covers = [...patches.values()]
    .filter(({ count }) => count >= LEAST_IN_PATCH)
    .map(({ x, count }) => x / count);
  if (covers.length < 4) return 0;
  const usual = meanOf(covers);
  return meanOf(covers.map((cover) => Math.abs(cover - usual)));
}

/** Adds a colour to a sum as if it were as bright as any other. */
function addHue(sum: number[], light: Light): void {
  const size = sizeOf(light) || 1;
  light.forEach((value, k) => (sum[k] = (sum[k] ?? 0) + value / size));
}

/**
 * What a photograph shows of the areas of a face, each place against the design at that very place: shapes, fades and
 * veils too. Places where paint and skin are of one hue say nothing.
 *
 * @param charts the design, flat and without hair, and the same face bare
 * @param edgeMm so near to an edge of the design nothing is judged
 * @param zoneAt which area lies at a place of the chart, mm; null off them, and near their edges
 */
export function coverSeen(
  photo: Photograph,
  map: PhotoMap,
  balance: Balance,
  charts: { readonly painted: ChartPicture; readonly bare: ChartPicture },
  zoneAt: (x: number, y: number) => ZoneId | null,
  edgeMm: number,
): AreaSeen[] {
  const { width, height, data } = photo;
  const sums = new Map<ZoneId, Sum>();
  const every = stride(photo, map);
  const brightest = TOO_BRIGHT * Math.max(...balance);
  for (let py = 0; py < height; py += every)
    for (let px = 0; px < width; px += every) {
      const [x, y] = placeAt(map, px, py);
      const zone = zoneAt(x, y);
      const planned = zone && chartLight(charts.painted, x, y);
      const bare = zone && chartLight(charts.bare, x, y);
      if (!zone || !planned || !bare || angleDeg(planned, bare) < LEAST_APART_DEG) continue;
      if (isNearEdge(charts.painted, x, y, planned, edgeMm)) continue;
      const at = 4 * (py * width + px);
      const light = [0, 1, 2].map(
        (k) => lightOfCode(data[at + k] ?? 0) * (balance[k] ?? 1),
      ) as unknown as Light;
      const most = Math.max(...light);
      if (most < TOO_DARK || most > brightest) continue;
      const cover = coverOf(light, bare, planned);
      const sum = sums.get(zone) ?? newSum();
      sums.set(zone, sum);
      const key = `${Math.floor(x / PATCH_MM)} ${Math.floor(y / PATCH_MM)}`;
      const patch = sum.patches.get(key) ?? noMean();
      sum.patches.set(key, patch);
      addTo(patch, cover, 0);
      addTo(sum.all, x, y);
      if (cover < THIN) addTo(sum.bare, x, y);
      sum.covers.push(cover);
      if (cover < THIN) sum.bareMm2 += mm2At(map, px, py) * every ** 2;
      addHue(sum.planned, planned);
      addHue(sum.seen, light);
      addHue(
        sum.made,
        planned.map((value, k) => cover * value + (1 - cover) * (bare[k] ?? 0)) as unknown as Light,
      );
    }
  return [...sums].map(([zone, sum]): AreaSeen => {
    const { covers, seen, made, bareMm2 } = sum;
    const places = sum.bare.count > 0 ? sum.bare : sum.all;
    const scaled = (of: number[]) => of.map((value) => value / covers.length) as unknown as Light;
    return {
      zone,
      places: covers.length,
      streaks: streaksOf(sum.patches),
      at: { x: places.x / places.count, y: places.y / places.count },
      cover: middle(covers),
      present: meanOf(covers.map((cover) => Math.min(1, cover))),
      bareMm2,
      bareShare: covers.filter((cover) => cover < THIN).length / covers.length,
      offDeg: angleDeg(scaled(seen), scaled(made)),
      planned: scaled(sum.planned),
      seen: scaled(seen),
      made: scaled(made),
    };
  });
}

/** Where a pixel lies on the chart, mm. */
export function placeAt(
  { cell, columns, x, y }: PhotoMap,
  px: number,
  py: number,
): [number, number] {
  const [column, row] = [Math.floor(px / cell), Math.floor(py / cell)];
  const [u, v] = [(px % cell) / cell, (py % cell) / cell];
  const i = row * columns + column;
  const between = (of: Float32Array) =>
    (1 - v) * ((1 - u) * (of[i] ?? 0) + u * (of[i + 1] ?? 0)) +
    v * ((1 - u) * (of[i + columns] ?? 0) + u * (of[i + columns + 1] ?? 0));
  return [between(x), between(y)];
}

/** How much of the chart a pixel is, mm2. */
function mm2At({ cell, columns, x, y }: PhotoMap, px: number, py: number): number {
  const i = Math.floor(py / cell) * columns + Math.floor(px / cell);
  const by = (of: Float32Array, step: number) => ((of[i + step] ?? 0) - (of[i] ?? 0)) / cell;
  return Math.abs(by(x, 1) * by(y, columns) - by(x, columns) * by(y, 1));
}
