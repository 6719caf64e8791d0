import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const MuzzleSchema = z
  .object({
    kind: z.literal("muzzle"),
    ...PLACED,
    breadthMm: named(sizeMm.default(62), "breadth", { unit: "mm" }),
    heightMm: named(sizeMm.default(40), "height", { unit: "mm" }),
    cleftMm: named(z.number().min(0).max(60).default(10), "cleft from below", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** An animal's muzzle, filled: two pads that meet under the nose, the lip parted between them. */
export const muzzle = defineShape(MuzzleSchema, {
  label: "muzzle",
  difficulty: 30,
  home: ({ subnasale }) => point(0, subnasale.y - 8),
  strokes: ({ breadthMm, heightMm, cleftMm, ...line }) => {
    const [half, top] = [breadthMm / 2, heightMm / 2];
    const pad = [
      point(half * 0.22, top),
      point(half * 0.72, top * 0.62),
      point(half, -top * 0.1),
      point(half * 0.78, -top * 0.8),
      point(half * 0.36, -top),
    ];
    const left = pad.map(({ x, y }) => point(-x, y)).reverse();
    return [
      closedShape(
        smoothClosed([point(0, top * 0.9), ...pad, point(0, -top + cleftMm), ...left]),
        line,
      ),
    ];
  },
});
