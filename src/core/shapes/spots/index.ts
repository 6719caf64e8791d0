import { z } from "zod";
import { point } from "../../anatomy";
import { PLACED, sizeMm, widthMm, type Motif } from "../motif";
import { seededRandom } from "../../random";

export const SpotsSchema = z
  .object({
    kind: z.literal("spots"),
    ...PLACED,
    spreadMm: sizeMm.default(40),
    widthMm: widthMm.default(4),
    count: z.number().int().min(1).max(200).default(24),
    falloff: z.number().min(0).max(1).default(0.6),
  })
  .strict();
export type Spots = z.infer<typeof SpotsSchema>;

/** Spots scattered round a centre by the golden angle, smaller towards the edge (size falloff). */
export const spots: Motif<Spots> = {
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
};
