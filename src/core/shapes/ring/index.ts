import { z } from "zod";
import { point } from "../../anatomy";
import { PLACED, sizeMm, widthMm, type Motif } from "../motif";

export const RingSchema = z
  .object({
    kind: z.literal("ring"),
    ...PLACED,
    diameterMm: sizeMm.default(60),
    widthMm: widthMm.default(5),
    openDeg: z.number().min(0).max(330).default(0),
  })
  .strict();
export type Ring = z.infer<typeof RingSchema>;

/** A ring of even width, measured to the middle of its line; open below by some degrees if wished. */
export const ring: Motif<Ring> = {
  label: "ring",
  difficulty: 40,
  strokes: ({ diameterMm, widthMm: width, openDeg }) => {
    const span = ((360 - openDeg) * Math.PI) / 180;
    const start = -Math.PI / 2 + (openDeg * Math.PI) / 360;
    const steps = Math.max(24, Math.ceil((span * diameterMm) / 4));
    return [
      {
        points: Array.from({ length: steps + 1 }, (_, i) => {
          const angle = start + (span * i) / steps;
          return point((Math.cos(angle) * diameterMm) / 2, (Math.sin(angle) * diameterMm) / 2);
        }),
        widthMm: width,
      },
    ];
  },
};
