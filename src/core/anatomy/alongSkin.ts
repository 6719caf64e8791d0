import { remember } from "../remember";
import type { Figure } from "./figure";
import { distance, point, type Point } from "./point";
import { headAndDepths } from "./profile";
import { bodySurface } from "./surface/body";
import { rasterise, valueAt } from "./surface/raster";
import type { Frame } from "./zone";

/** Fineness of the map of depths of a body, and of a walk along the skin, mm. */
const [CELL_MM, STEP_MM] = [2, 2];

type Depth = (p: Point) => number;

/** Depth of a body under its charts, mm forward of the bridge of the nose; NaN beside it. */
const bodyDepths = remember((figure: Figure): Readonly<Record<Frame, Depth>> => {
  const { physique, landmarks } = figure;
  const bridgeMm = physique.heightCm * 10 - landmarks.vertex.y;
  const { positions, triangles } = bodySurface(physique, bridgeMm);
  const count = positions.length / 3;
  const [xs, ys] = [0, 1].map((k) =>
    Float32Array.from({ length: count }, (_, i) => positions[3 * i + k] ?? 0),
  ) as [Float32Array, Float32Array];
  const far = xs.reduce((most, x) => Math.max(most, Math.abs(x)), 0) + CELL_MM;
  const top = ys.reduce((most, y) => Math.max(most, y), -Infinity) + CELL_MM;
  const wide = Math.ceil((2 * far) / CELL_MM);
  const high = Math.ceil((top + bridgeMm) / CELL_MM) + 2;
  const of = (sign: 1 | -1): Depth => {
    const near = Float32Array.from({ length: count }, (_, i) => sign * (positions[3 * i + 2] ?? 0));
    const laid = {
      x: xs.map((x) => (x + far) / CELL_MM),
      y: ys.map((y) => (top - y) / CELL_MM),
      near,
    };
    const raster = rasterise(laid, triangles, wide, high, false);
    const cells = raster.triangle.reduce<Float32Array>(
      (all, t, at) => {
        all[at] = t < 0 ? NaN : sign * valueAt(raster, triangles, at, near);
        return all;
      },
      new Float32Array(wide * high),
    );
    const cell = (column: number, row: number) =>
      column < 0 || row < 0 || column >= wide || row >= high
        ? NaN
        : (cells[row * wide + column] ?? NaN);
    return ({ x, y }) => {
      const [u, v] = [(x + far) / CELL_MM, (top - y) / CELL_MM];
      const [column, row] = [Math.floor(u), Math.floor(v)];
      const [a, b] = [u - column, v - row];
      return (
        (1 - b) * ((1 - a) * cell(column, row) + a * cell(column + 1, row)) +
        b * ((1 - a) * cell(column, row + 1) + a * cell(column + 1, row + 1))
      );
    };
  };
  return { front: of(1), back: of(-1) };
});

/** Depth of the skin under a place of one of the charts, mm; NaN where nothing is. */
function depthUnder(figure: Figure, frame: Frame, p: Point): number {
  return p.y > figure.landmarks.jugulare.y
    ? headAndDepths(figure)[frame](p)
    : bodyDepths(figure)[frame](p);
}

/** How long a straight line of a chart is along the skin under it, mm; beside the figure it goes on flat. */
export function lengthAlongSkin(figure: Figure, frame: Frame, from: Point, to: Point): number {
  const pieces = Math.max(1, Math.ceil(distance(from, to) / STEP_MM));
  const flat = distance(from, to) / pieces;
  let length = 0;
  let before = depthUnder(figure, frame, from);
  for (let i = 1; i <= pieces; i++) {
    const share = i / pieces;
    const at = point(from.x + (to.x - from.x) * share, from.y + (to.y - from.y) * share);
    const depth = depthUnder(figure, frame, at);
    length += Number.isNaN(depth - before) ? flat : Math.hypot(flat, depth - before);
    before = depth;
  }
  return length;
}

/** How far a point is from the midline by a tape laid along the skin at its height, mm. */
export const tapeFromMidline = (at: Point, figure: Figure, frame: Frame): number =>
  lengthAlongSkin(figure, frame, point(0, at.y), at);

/**
 * The skin round a place, laid flat: widths are those along the skin at their height, heights those along it up and
 * down through the place. True on what bends one way, as limbs and trunk mostly do.
 */
export function unrolledRound(middle: Point, figure: Figure, frame: Frame): (p: Point) => Point {
  const along = (from: Point, to: Point) => lengthAlongSkin(figure, frame, from, to);
  return ({ x, y }) =>
    point(
      middle.x + Math.sign(x - middle.x) * along(point(middle.x, y), point(x, y)),
      middle.y + Math.sign(y - middle.y) * along(middle, point(middle.x, y)),
    );
}

/** Less than this between ruler and tape is not worth saying, mm. */
const WORTH_SAYING_MM = 2;

/** What a tape along the skin measures from the midline, in words, where it is more than a ruler held before it does; nothing elsewhere. */
export function tapeWords(at: Point, figure: Figure, frame: Frame): string {
  const tape = Math.round(tapeFromMidline(at, figure, frame));
  return tape - Math.abs(at.x) < WORTH_SAYING_MM ? "" : `${tape} mm by a tape along the skin`;
}
