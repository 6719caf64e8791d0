import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { PLACED, sizeMm, type Motif } from "../motif";
import { filled } from "../shape";

export const StarSchema = z
  .object({
    kind: z.literal("star"),
    ...PLACED,
    diameterMm: sizeMm.default(30),
    tips: z.number().int().min(3).max(24).default(5),
    innerShare: z.number().min(0.1).max(0.95).default(0.4),
    roundness: z.number().min(0).max(1).default(0),
  })
  .strict();
export type Star = z.infer<typeof StarSchema>;

/** A star with one tip up; rounded, its tips and hollows are drawn as one smooth line. */
export const star: Motif<Star> = {
  label: "star",
  difficulty: 55,
  strokes: ({ diameterMm, tips, innerShare, roundness }) => {
    const corners = Array.from({ length: tips * 2 }, (_, i) => {
      const angle = Math.PI / 2 + (i * Math.PI) / tips;
      const reach =
        (diameterMm / 2) *
        (i % 2 ? innerShare + (1 - innerShare) * roundness * 0.35 : 1 - roundness * 0.12);
      return point(Math.cos(angle) * reach, Math.sin(angle) * reach);
    });
    return [filled(roundness > 0.05 ? smoothClosed(corners) : corners)];
  },
};
