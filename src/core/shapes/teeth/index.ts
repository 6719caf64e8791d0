import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { seededRandom } from "../../random";
import { filled } from "../shape";

const TeethSchema = z
  .object({
    kind: z.literal("teeth"),
    ...PLACED,
    spanMm: named(sizeMm.default(54), "span", { unit: "mm" }),
    heightMm: named(
      z.number().min(2, "at least 2 mm").max(60, "at most 60 mm").default(11),
      "height",
      { unit: "mm" },
    ),
    widthMm: named(widthMm.default(0.6), "line width", { unit: "mm", step: 0.1 }),
    count: named(z.number().int().min(2).max(30).default(8), "how many"),
    uneven: named(z.number().min(0).max(1).default(0.3), "unevenness, 0 to 1", { step: 0.1 }),
    pointed: named(z.number().min(0).max(1).default(0.5), "pointed, 0 to 1", { step: 0.1 }),
    rootMm: named(z.number().min(0).max(60, "at most 60 mm").default(0), "roots up by", {
      unit: "mm",
    }),
    sagMm: named(z.number().min(-30).max(30).default(4), "curve of the gum", { unit: "mm" }),
  })
  .strict();

/** A row of teeth hanging from a curved gum line, of different heights and widths as real ones are (FORM-6). */
export const teeth = defineShape(TeethSchema, {
  label: "row of teeth",
  difficulty: 50,
  home: ({ stomion }) => point(0, stomion.y + 4),
  strokes: ({ spanMm, heightMm, widthMm: edge, count, uneven, pointed, rootMm, sagMm, seed }) => {
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
      // A bare jaw shows the roots too: they thin to a blunt end.
      const root = rootMm
        ? [
            point(right - breadth * 0.16, gum(middle) + rootMm * 0.6),
            point(middle + breadth * 0.12, gum(middle) + rootMm),
            point(middle - breadth * 0.12, gum(middle) + rootMm),
            point(left + breadth * 0.16, gum(middle) + rootMm * 0.6),
          ]
        : [];
      return filled(
        [
          point(left, gum(left)),
          point(left + breadth * 0.02, gum(left) - height * 0.55),
          point(middle - shoulder, gum(middle) - height),
          point(middle + shoulder, gum(middle) - height),
          point(right - breadth * 0.02, gum(right) - height * 0.55),
          point(right, gum(right)),
          ...root,
        ],
        edge,
      );
    });
  },
});
