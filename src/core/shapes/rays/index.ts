import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";

const RaysSchema = z
  .object({
    kind: z.literal("rays"),
    ...PLACED,
    diameterMm: named(sizeMm.default(30), "diameter", { unit: "mm" }),
    discShare: named(z.number().min(0).max(0.9).default(0.5), "disc, share of it", { step: 0.1 }),
    widthMm: named(widthMm.default(2), "line width", { unit: "mm", step: 0.1 }),
    rays: named(z.number().int().min(0).max(48).default(16), "rays"),
    shortShare: named(z.number().min(0.2).max(1).default(0.75), "every second ray, share", {
      step: 0.1,
    }),
  })
  .strict();

/** A rayed disc: a full disc with rays from its edge to the outer diameter, every second one shorter. */
export const rays = defineShape(RaysSchema, {
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
});
