import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, widthMm, type BrushStroke } from "../motif";

const ScalesSchema = z
  .object({
    kind: z.literal("scales"),
    ...PLACED,
    columns: named(z.number().int().min(1).max(20).default(5), "across"),
    rows: named(z.number().int().min(1).max(20).default(4), "rows"),
    sizeMm: named(z.number().min(2, "at least 2 mm").max(40).default(8), "scale", { unit: "mm" }),
    shrink: named(z.number().min(0).max(0.9).default(0.35), "smaller below, 0 to 1", { step: 0.1 }),
    widthMm: named(widthMm.default(0.9), "line width", { unit: "mm", step: 0.1 }),
  })
  .strict();

/** Rows of scales, each row set half a scale over and smaller than the one above. */
export const scales = defineShape(ScalesSchema, {
  label: "scales",
  difficulty: 45,
  strokes: ({ columns, rows, sizeMm: size, shrink, widthMm: width }) => {
    const sizes = Array.from(
      { length: rows },
      (_, row) => size * (1 - (shrink * row) / Math.max(1, rows - 1 || 1)),
    );
    const whole = sizes.reduce((sum, s) => sum + s * 0.62, 0);
    let y = whole / 2;
    return sizes.flatMap((s, row): BrushStroke[] => {
      y -= s * 0.62;
      const n = columns - (row % 2);
      return Array.from({ length: Math.max(1, n) }, (_, i) => {
        const x = (i - (Math.max(1, n) - 1) / 2) * s;
        return {
          points: Array.from({ length: 11 }, (__, k) => {
            const angle = Math.PI + (Math.PI * k) / 10;
            return point(x + Math.cos(angle) * (s / 2), y + s * 0.4 + Math.sin(angle) * s * 0.78);
          }),
          widthMm: width,
        };
      });
    });
  },
});
