import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const DropSchema = z
  .object({
    kind: z.literal("drop"),
    ...PLACED,
    lengthMm: named(sizeMm.default(16), "length", { unit: "mm" }),
    breadthMm: named(z.number().min(1, "at least 1 mm").max(120).default(9), "breadth", {
      unit: "mm",
    }),
    ...FILLED_OR_LINE,
  })
  .strict();

const CORNERS = 48;

/** A drop or tear: a point above, round below. */
export const drop = defineShape(DropSchema, {
  label: "drop or tear",
  difficulty: 15,
  strokes: ({ lengthMm, breadthMm, ...line }) => {
    // The teardrop curve x = sin t sin^2(t/2), y = cos t; its own greatest breadth is 1.3 (general reference, quartic teardrop).
    const outline = Array.from({ length: CORNERS }, (_, i) => {
      const t = (i * 2 * Math.PI) / CORNERS;
      return point(
        (breadthMm / 1.3) * Math.sin(t) * Math.sin(t / 2) ** 2,
        (lengthMm / 2) * Math.cos(t),
      );
    });
    return [closedShape(outline, line)];
  },
});
