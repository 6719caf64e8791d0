import { z } from "zod";
import { point, smoothClosed, smoothOpen, toSegment, type Point } from "../../anatomy";
import { getStroke } from "perfect-freehand";
import { defineShape, named, PLACED, widthMm, type BrushStroke } from "../motif";
import { filled, lengthOf } from "../shape";

const coordinate = z.number().min(-300).max(300);
const PathSchema = z
  .object({
    kind: z.literal("path"),
    ...PLACED,
    points: z
      .array(z.tuple([coordinate, coordinate]))
      .min(2, "a line has two points or more")
      .max(200, "at most 200 points")
      .default([
        [-15, 0],
        [0, 4],
        [15, 0],
      ]),
    widthMm: named(widthMm.default(2), "line width", { unit: "mm", step: 0.1 }),
    /** Its ends meet, and what is inside is painted. */
    closed: named(z.boolean().default(false), "closed and filled"),
    smooth: z.boolean().default(true),
    /** Swells and thins as a hand draws it, at its widest as wide as said. */ hand: named(
      z.boolean().default(false),
      "swells like a hand-drawn line",
    ),
  })
  .strict();

/** A free line through points round its own centre, smoothed or not. */
export const path = defineShape(PathSchema, {
  label: "free line",
  difficulty: 25,
  strokes: ({ points, widthMm: width, smooth, hand, closed }) => {
    const drawn = points.map(([x, y]) => point(x, y));
    if (closed && drawn.length > 2) return [filled(smooth ? smoothClosed(drawn) : drawn)];
    if (hand) return [handDrawn(smooth && drawn.length > 2 ? smoothOpen(drawn) : drawn, width)];
    return [{ points: smooth && drawn.length > 2 ? smoothOpen(drawn) : drawn, widthMm: width }];
  },
});

/** The outline that a brush leaves along a line: thin where the hand is quick, wide where it lingers, pointed at both ends (perfect-freehand). */
function handDrawn(line: readonly Point[], width: number): BrushStroke {
  const outline = getStroke(
    line.map(({ x, y }) => [x, y]),
    {
      size: width,
      thinning: 0.45,
      smoothing: 0.6,
      streamline: 0.25,
      simulatePressure: true,
      start: { taper: width * 2 },
      end: { taper: width * 2 },
      last: true,
    },
  );
  return outline.length > 2
    ? {
        points: outline.map(([x, y]) => point(x, y)),
        widthMm: 0.2,
        fill: true,
        lengthMm: lengthOf(line),
      }
    : { points: line, widthMm: width };
}

/** Points of a line that stray less than this from it are left out, mm. */
const STRAY = 0.25;

/** The points that a line can't do without (Ramer 1972; Douglas & Peucker 1973). */
export function simplified(line: readonly Point[], stray = STRAY): Point[] {
  const first = line[0];
  const last = line.at(-1);
  if (!first || !last || line.length < 3) return [...line];
  const away = (p: Point) => toSegment(p, first, last);
  const far = line.reduce((best, p, i) => (away(p) > best.by ? { at: i, by: away(p) } : best), {
    at: 0,
    by: 0,
  });
  if (far.by <= stray) return [first, last];
  return [
    ...simplified(line.slice(0, far.at + 1), stray),
    ...simplified(line.slice(far.at), stray).slice(1),
  ];
}

/** A mark that follows a line on the face, placed at the line's middle. */
export function pathAlong(line: readonly Point[], width: number): z.input<typeof PathSchema> {
  let points = simplified(line);
  for (let stray = STRAY * 2; points.length > 200; stray *= 2) points = simplified(line, stray);
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  const middle = (values: number[]) =>
    Math.round(((Math.min(...values) + Math.max(...values)) / 2) * 100) / 100;
  const centre = point(middle(xs), middle(ys));
  const near = (value: number) => Math.round(value * 100) / 100;
  return {
    kind: "path",
    x: centre.x,
    y: centre.y,
    widthMm: width,
    smooth: false,
    points: points.map((p): [number, number] => [near(p.x - centre.x), near(p.y - centre.y)]),
  };
}

/** The same as a hand draws it. */
export const pathByHand = (line: readonly Point[], width: number): z.input<typeof PathSchema> => ({
  ...pathAlong(line, width),
  smooth: true,
  hand: true,
});
