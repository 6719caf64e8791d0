import { z } from "zod";
import { point, smoothOpen } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";
import { seededRandom } from "../../random";

const FernSchema = z
  .object({
    kind: z.literal("fern"),
    ...PLACED,
    lengthMm: named(sizeMm.default(50), "length", { unit: "mm" }),
    widthMm: named(widthMm.default(1.2), "line width", { unit: "mm", step: 0.1 }),
    pairs: named(z.number().int().min(2).max(20).default(8), "pairs of fronds"),
    curl: named(z.number().min(-1).max(1).default(0.4), "curl, -1 to 1", { step: 0.1 }),
  })
  .strict();

/** A frost fern: a bent stem with pairs of fronds that shorten towards the tip. */
export const fern = defineShape(FernSchema, {
  label: "frost fern",
  difficulty: 45,
  strokes: ({ lengthMm, widthMm: width, pairs, curl, seed }) => {
    const random = seededRandom(seed);
    const stemAt = (t: number) => point(curl * lengthMm * 0.35 * t * t, lengthMm * (t - 0.5));
    const stem = smoothOpen(Array.from({ length: 7 }, (_, i) => stemAt(i / 6)));
    const strokes: BrushStroke[] = [{ points: stem, widthMm: width }];
    for (let i = 0; i < pairs; i++) {
      const t = 0.1 + (0.85 * i) / pairs;
      const root = stemAt(t);
      const ahead = stemAt(t + 0.02);
      const along = Math.atan2(ahead.y - root.y, ahead.x - root.x);
      for (const side of [1, -1]) {
        const reach = lengthMm * 0.36 * (1 - t * 0.8) * (0.85 + random() * 0.3);
        const angle = along + side * (0.95 - 0.2 * t);
        const tip = point(root.x + Math.cos(angle) * reach, root.y + Math.sin(angle) * reach);
        const bend = point(
          (root.x + tip.x) / 2 + Math.cos(along) * reach * 0.12,
          (root.y + tip.y) / 2 + Math.sin(along) * reach * 0.12,
        );
        strokes.push({ points: smoothOpen([root, bend, tip]), widthMm: width * 0.7 });
      }
    }
    return strokes;
  },
});
