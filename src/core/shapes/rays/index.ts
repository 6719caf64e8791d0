import { z } from "zod";
import { point } from "../../anatomy";
import { PLACED, sizeMm, widthMm, type BrushStroke, type Motif } from "../motif";

export const RaysSchema = z
  .object({
    kind: z.literal("rays"),
    ...PLACED,
    diameterMm: sizeMm.default(30),
    discShare: z.number().min(0).max(0.9).default(0.5),
    widthMm: widthMm.default(2),
    rays: z.number().int().min(0).max(48).default(16),
    shortShare: z.number().min(0.2).max(1).default(0.75),
  })
  .strict();
export type Rays = z.infer<typeof RaysSchema>;

/** A rayed disc: a full disc with rays from its edge to the outer diameter, every second one shorter. */
export const rays: Motif<Rays> = {
  label: "rayed disc",
  difficulty: 45,
  strokes: ({ diameterMm, discShare, widthMm: width, rays: count, shortShare }) => {
    const disc = (diameterMm / 2) * discShare;
    const lines = Array.from({ length: count }, (_, i): BrushStroke => {
      const angle = Math.PI / 2 + (i * 2 * Math.PI) / count;
      const reach = disc + (diameterMm / 2 - disc) * (i % 2 ? shortShare : 1);
      return {
        points: [
          point(Math.cos(angle) * disc * 0.8, Math.sin(angle) * disc * 0.8),
          point(Math.cos(angle) * reach, Math.sin(angle) * reach),
        ],
        widthMm: width,
      };
    });
    return disc > 0 ? [{ points: [point(0, 0)], widthMm: disc * 2 }, ...lines] : lines;
  },
};
