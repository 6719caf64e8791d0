import { z } from "zod";
import { point, smoothOpen } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const NasalHoleSchema = z
  .object({
    kind: z.literal("nasalHole"),
    ...PLACED,
    breadthMm: named(sizeMm.default(26), "breadth", { unit: "mm" }),
    heightMm: named(sizeMm.default(34), "height", { unit: "mm" }),
    spineMm: named(z.number().min(0).max(40).default(9), "spine from below", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** The nasal hole of a skull: narrow above, two lobes below with the spine of the nose between them. */
export const nasalHole = defineShape(NasalHoleSchema, {
  label: "nasal hole of a skull",
  difficulty: 30,
  home: ({ pronasale }) => point(0, pronasale.y + 4),
  strokes: ({ breadthMm, heightMm, spineMm, ...line }) => {
    const [half, top] = [breadthMm / 2, heightMm / 2];
    const right = [
      ...smoothOpen([
        point(0, top),
        point(half * 0.5, top * 0.62),
        point(half * 0.86, -top * 0.1),
        point(half, -top * 0.55),
        point(half * 0.72, -top * 0.92),
        point(half * 0.34, -top),
      ]),
      point(half * 0.06, -top + spineMm),
    ];
    const left = right.slice(1).map(({ x, y }) => point(-x, y));
    return [closedShape([...right, ...left.reverse()], line)];
  },
});
