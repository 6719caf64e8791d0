import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const StarSchema = z
  .object({
    kind: z.literal("star"),
    ...PLACED,
    diameterMm: named(sizeMm.default(30), "diameter", { unit: "mm" }),
    tips: named(z.number().int().min(3).max(24).default(5), "tips"),
    innerShare: named(z.number().min(0.1).max(0.95).default(0.4), "hollow, share", { step: 0.1 }),
    ...FILLED_OR_LINE,
    roundness: named(z.number().min(0).max(1).default(0), "roundness, 0 to 1", { step: 0.1 }),
  })
  .strict();

/** A star with one tip up; rounded, its tips and hollows are drawn as one smooth line. */
export const star = defineShape(StarSchema, {
  label: "star",
  difficulty: 55,
  strokes: ({ diameterMm, tips, innerShare, roundness, ...line }) => {
    const corners = Array.from({ length: tips * 2 }, (_, i) => {
      const angle = Math.PI / 2 + (i * Math.PI) / tips;
      const reach =
        (diameterMm / 2) *
        (i % 2 ? innerShare + (1 - innerShare) * roundness * 0.35 : 1 - roundness * 0.12);
      return point(Math.cos(angle) * reach, Math.sin(angle) * reach);
    });
    return [closedShape(roundness > 0.05 ? smoothClosed(corners) : corners, line)];
  },
});
