import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const HeartSchema = z
  .object({
    kind: z.literal("heart"),
    ...PLACED,
    breadthMm: named(sizeMm.default(22), "breadth", { unit: "mm" }),
    heightMm: named(sizeMm.default(20), "height", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** The right half of a heart, from its cleft to its tip, in halves of its breadth and height. */
const HALF = [
  [0, 0.55],
  [0.18, 0.86],
  [0.5, 1],
  [0.83, 0.86],
  [1, 0.48],
  [0.86, 0.02],
  [0.48, -0.5],
] as const;

/** A heart, its tip down. */
export const heart = defineShape(HeartSchema, {
  label: "heart",
  difficulty: 30,
  strokes: ({ breadthMm, heightMm, ...line }) => {
    const half = (sign: 1 | -1) =>
      HALF.map(([x, y]) => point((sign * x * breadthMm) / 2, (y * heightMm) / 2));
    const tip = point(0, -heightMm / 2);
    // Each side is a curve of its own, so that cleft and tip stay sharp.
    const right = smoothClosed([...half(1), tip]).filter(({ x }) => x >= 0);
    const left = right.slice(1, -1).map(({ x, y }) => point(-x, y));
    return [closedShape([...right, ...left.reverse()], line)];
  },
});
