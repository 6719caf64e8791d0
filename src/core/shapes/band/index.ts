import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, type BrushStroke } from "../motif";
import { filled } from "../shape";

const BandSchema = z
  .object({
    kind: z.literal("band"),
    ...PLACED,
    lengthMm: named(sizeMm.default(50), "length", { unit: "mm" }),
    breadthMm: named(sizeMm.default(22), "breadth", { unit: "mm" }),
    bendMm: named(z.number().min(-40).max(40).default(6), "bend", { unit: "mm" }),
    steps: named(z.number().int().min(2).max(14).default(9), "steps"),
  })
  .strict();

/** A band that is full along its upper edge and blends away to nothing below. */
export const band = defineShape(BandSchema, {
  label: "gradient band",
  difficulty: 35,
  strokes: ({ lengthMm, breadthMm, bendMm, steps }) => {
    const along = (down: number): Point[] =>
      Array.from({ length: 13 }, (_, i) => {
        const t = i / 12;
        return point(
          lengthMm * (t - 0.5),
          breadthMm / 2 - down + bendMm * 4 * t * (1 - t) - bendMm / 2,
        );
      });
    const top = along(0);
    return Array.from({ length: steps }, (_, i): BrushStroke => ({
      ...filled([...top, ...along((breadthMm * (steps - i)) / steps).reverse()], 0.1),
      strength: 1 / (steps - i),
      lengthMm: i === 0 ? lengthMm : 0,
    }));
  },
});
