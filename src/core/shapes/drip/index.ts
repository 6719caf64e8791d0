import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { PLACED, sizeMm, type Motif } from "../motif";
import { seededRandom } from "../../random";
import { filled } from "../shape";

export const DripSchema = z
  .object({
    kind: z.literal("drip"),
    ...PLACED,
    spanMm: sizeMm.default(30),
    lengthMm: sizeMm.default(28),
    count: z.number().int().min(1).max(12).default(4),
    beadMm: z.number().min(1, "at least 1 mm").max(20).default(4.5),
  })
  .strict();
export type Drip = z.infer<typeof DripSchema>;

/** Drips that run down from one edge, each with a bead at its end. */
export const drip: Motif<Drip> = {
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
};
