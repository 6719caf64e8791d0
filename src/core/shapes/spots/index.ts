import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { seededRandom } from "../../random";

const SpotsSchema = z
  .object({
    kind: z.literal("spots"),
    ...PLACED,
    spreadMm: named(sizeMm.default(40), "spread", { unit: "mm" }),
    widthMm: named(widthMm.default(4), "line width", { unit: "mm", step: 0.1 }),
    count: named(z.number().int().min(1).max(200).default(24), "how many"),
    falloff: named(z.number().min(0).max(1).default(0.6), "smaller to the edge, 0 to 1", {
      step: 0.1,
    }),
  })
  .strict();

/** Spots scattered round a centre by the golden angle, smaller towards the edge (size falloff). */
export const spots = defineShape(SpotsSchema, {
  label: "spots",
  difficulty: 15,
  strokes: ({ spreadMm, widthMm: width, count, falloff, seed }) => {
    const random = seededRandom(seed);
    const golden = Math.PI * (3 - Math.sqrt(5));
    return Array.from({ length: count }, (_, i) => {
      const share = Math.sqrt((i + 0.5) / count);
      const angle = i * golden + random() * 0.9;
      const reach = (spreadMm / 2) * share * (0.85 + random() * 0.3);
      return {
        points: [point(Math.cos(angle) * reach, Math.sin(angle) * reach)],
        widthMm: Math.max(0.4, width * (1 - falloff * share) * (0.8 + random() * 0.4)),
      };
    });
  },
});
