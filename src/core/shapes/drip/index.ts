import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm } from "../motif";
import { seededRandom } from "../../random";
import { filled } from "../shape";

const DripSchema = z
  .object({
    kind: z.literal("drip"),
    ...PLACED,
    spanMm: named(sizeMm.default(30), "span", { unit: "mm" }),
    lengthMm: named(sizeMm.default(28), "length", { unit: "mm" }),
    count: named(z.number().int().min(1).max(12).default(4), "how many"),
    beadMm: named(z.number().min(1, "at least 1 mm").max(20).default(4.5), "bead", { unit: "mm" }),
  })
  .strict();

/** Drips that run down from one edge, each with a bead at its end. */
export const drip = defineShape(DripSchema, {
  label: "drips",
  difficulty: 25,
  strokes: ({ spanMm, lengthMm, count, beadMm, seed }) => {
    const random = seededRandom(seed);
    return Array.from({ length: count }, (_, i) => {
      const x =
        count === 1 ? 0 : -spanMm / 2 + (spanMm * (i + (random() - 0.5) * 0.4)) / (count - 1);
      const reach = lengthMm * (0.4 + random() * 0.6);
      const bead = beadMm * (0.7 + random() * 0.5);
      const top = lengthMm / 2;
      return filled(
        smoothClosed([
          point(x - bead * 0.9, top),
          point(x - bead * 0.28, top - reach * 0.3),
          point(x - bead * 0.26, top - reach * 0.7),
          point(x - bead / 2, top - reach + bead * 0.4),
          point(x, top - reach),
          point(x + bead / 2, top - reach + bead * 0.4),
          point(x + bead * 0.26, top - reach * 0.7),
          point(x + bead * 0.28, top - reach * 0.3),
          point(x + bead * 0.9, top),
        ]),
      );
    });
  },
});
