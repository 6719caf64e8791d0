import { z } from "zod";
import { defineShape, FILLED_OR_LINE, named, PLACED } from "../motif";
import { closedShape, oval } from "../shape";

const sideMm = z.number().min(1, "at least 1 mm").max(300, "at most 300 mm");
const DiscSchema = z
  .object({
    kind: z.literal("disc"),
    ...PLACED,
    breadthMm: named(sideMm.default(20), "breadth", { unit: "mm" }),
    heightMm: named(sideMm.default(20), "height", { unit: "mm" }),
    pointed: named(z.number().min(0).max(1).default(0), "pointed, 0 to 1", { step: 0.1 }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** A disc or oval; pointed, a slit: an iris, a pupil, a full moon, one of three circles that make a mask. */
export const disc = defineShape(DiscSchema, {
  label: "disc or slit",
  difficulty: 20,
  strokes: ({ breadthMm, heightMm, pointed, ...line }) => [
    closedShape(oval(breadthMm, heightMm, pointed), line),
  ],
});
