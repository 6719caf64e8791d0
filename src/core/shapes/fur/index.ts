import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { seededRandom } from "../../random";
import { wedge } from "../shape";

const FurSchema = z
  .object({
    kind: z.literal("fur"),
    ...PLACED,
    spanMm: named(sizeMm.default(36), "span", { unit: "mm" }),
    heightMm: named(sizeMm.default(26), "height", { unit: "mm" }),
    lengthMm: named(z.number().min(2, "at least 2 mm").max(60).default(11), "length", {
      unit: "mm",
    }),
    widthMm: named(widthMm.default(1.1), "line width", { unit: "mm", step: 0.1 }),
    count: named(z.number().int().min(1).max(300).default(45), "how many"),
    fanDeg: named(z.number().min(0).max(180).default(50), "fan", { unit: "°" }),
  })
  .strict();

/** Strokes of fur that fan out along their flow, each wedged to nothing and none quite like the next. */
export const fur = defineShape(FurSchema, {
  label: "fur strokes",
  difficulty: 35,
  strokes: ({ spanMm, heightMm, lengthMm, widthMm: width, count, fanDeg, seed }) => {
    const random = seededRandom(seed);
    const columns = Math.max(1, Math.round(Math.sqrt((count * spanMm) / heightMm)));
    const rows = Math.ceil(count / columns);
    return Array.from({ length: count }, (_, i) => {
      const row = Math.floor(i / columns);
      const u =
        ((i % columns) + 0.5 + (row % 2 ? 0.25 : -0.25)) / columns -
        0.5 +
        ((random() - 0.5) * 0.5) / columns;
      const v = 0.5 - (row + 0.5) / rows + ((random() - 0.5) * 0.5) / rows;
      const heading = -Math.PI / 2 + u * ((fanDeg * Math.PI) / 180) + (random() - 0.5) * 0.25;
      const reach = lengthMm * (0.75 + random() * 0.5);
      const curl = (random() - 0.5) * 0.5 + u * 0.5;
      const from = point(u * spanMm, v * heightMm);
      return wedge(
        Array.from({ length: 5 }, (__, k) => {
          const t = k / 4;
          const angle = heading + curl * t;
          return point(from.x + Math.cos(angle) * reach * t, from.y + Math.sin(angle) * reach * t);
        }),
        width,
        0.25,
      );
    });
  },
});
