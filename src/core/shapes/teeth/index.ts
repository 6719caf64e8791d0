import { z } from "zod";
import { point } from "../../anatomy";
import { PLACED, sizeMm, widthMm, type Motif } from "../motif";
import { seededRandom } from "../../random";
import { filled } from "../shape";

export const TeethSchema = z
  .object({
    kind: z.literal("teeth"),
    ...PLACED,
    spanMm: sizeMm.default(54),
    heightMm: z.number().min(2, "at least 2 mm").max(60, "at most 60 mm").default(11),
    widthMm: widthMm.default(0.6),
    count: z.number().int().min(2).max(30).default(8),
    uneven: z.number().min(0).max(1).default(0.3),
    pointed: z.number().min(0).max(1).default(0.5),
    sagMm: z.number().min(-30).max(30).default(4),
  })
  .strict();
export type Teeth = z.infer<typeof TeethSchema>;

/** A row of teeth hanging from a curved gum line, of different heights and widths as real ones are (FORM-6). */
export const teeth: Motif<Teeth> = {
  label: "row of teeth",
  difficulty: 50,
  strokes: ({ spanMm, heightMm, widthMm: edge, count, uneven, pointed, sagMm, seed }) => {
    const random = seededRandom(seed);
    const shares = Array.from({ length: count }, () => 1 + (random() - 0.5) * uneven);
    const whole = shares.reduce((sum, share) => sum + share, 0);
    const gum = (x: number) => sagMm * ((2 * x) / spanMm) ** 2;
    let at = -spanMm / 2;
    return shares.map((share) => {
      const breadth = (spanMm * share) / whole;
      const height = heightMm * (1 - uneven * 0.5 * random());
      const [left, right, middle] = [at + breadth * 0.04, at + breadth * 0.96, at + breadth / 2];
      const shoulder = (breadth / 2) * (1 - pointed);
      at += breadth;
      return filled(
        [
          point(left, gum(left)),
          point(left + breadth * 0.02, gum(left) - height * 0.55),
          point(middle - shoulder, gum(middle) - height),
          point(middle + shoulder, gum(middle) - height),
          point(right - breadth * 0.02, gum(right) - height * 0.55),
          point(right, gum(right)),
        ],
        edge,
      );
    });
  },
};
