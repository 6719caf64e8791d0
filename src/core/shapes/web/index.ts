import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";

const WebSchema = z
  .object({
    kind: z.literal("web"),
    ...PLACED,
    diameterMm: named(sizeMm.default(56), "diameter", { unit: "mm" }),
    widthMm: named(widthMm.default(0.9), "line width", { unit: "mm", step: 0.1 }),
    spokes: named(z.number().int().min(3).max(24).default(9), "spokes"),
    rings: named(z.number().int().min(1).max(10).default(4), "rings"),
    sag: named(z.number().min(0).max(0.6).default(0.22), "sag, 0 to 1", { step: 0.1 }),
  })
  .strict();

/** A web: spokes from the centre, and threads that sag between them. */
export const web = defineShape(WebSchema, {
  label: "web",
  difficulty: 50,
  strokes: ({ diameterMm, widthMm: width, spokes, rings, sag }) => {
    const at = (spoke: number, share: number): Point => {
      const angle = Math.PI / 2 + (spoke * 2 * Math.PI) / spokes;
      return point(
        (Math.cos(angle) * share * diameterMm) / 2,
        (Math.sin(angle) * share * diameterMm) / 2,
      );
    };
    const lines: BrushStroke[] = Array.from({ length: spokes }, (_, i) => ({
      points: [point(0, 0), at(i, 1)],
      widthMm: width,
    }));
    const threads = Array.from({ length: rings }, (_, ring) => (ring + 1) / (rings + 0.4)).flatMap(
      (share) =>
        Array.from({ length: spokes }, (_, i): BrushStroke => ({
          points: [
            at(i, share),
            at(i + 0.5, share * (1 - sag) * Math.cos(Math.PI / spokes)),
            at(i + 1, share),
          ],
          widthMm: width * 0.8,
        })),
    );
    return [...lines, ...threads];
  },
});
