import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";

const RingSchema = z
  .object({
    kind: z.literal("ring"),
    ...PLACED,
    diameterMm: named(sizeMm.default(60), "diameter", { unit: "mm" }),
    widthMm: named(widthMm.default(5), "line width", { unit: "mm", step: 0.1 }),
    openDeg: named(z.number().min(0).max(330).default(0), "open below", { unit: "°" }),
  })
  .strict();

/** A ring of even width, measured to the middle of its line; open below by some degrees if wished. */
export const ring = defineShape(RingSchema, {
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
});
