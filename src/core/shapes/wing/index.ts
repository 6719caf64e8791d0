import { z } from "zod";
import { point, smoothOpen } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { wedge } from "../shape";

const WingSchema = z
  .object({
    kind: z.literal("wing"),
    ...PLACED,
    lengthMm: named(sizeMm.default(38), "length", { unit: "mm" }),
    liftMm: named(z.number().min(-20).max(30).default(8), "lift of the tail", { unit: "mm" }),
    tailMm: named(z.number().min(0).max(60).default(12), "tail", { unit: "mm" }),
    widthMm: named(widthMm.default(2.4), "line width", { unit: "mm", step: 0.1 }),
  })
  .strict();

/** The outline of an eye with its wing: thin at the inner corner, full over the pupil's outer side, drawn out to a lifted tail. */
export const wing = defineShape(WingSchema, {
  label: "eye outline and wing",
  difficulty: 55,
  strokes: ({ lengthMm, liftMm, tailMm, widthMm: width }) => {
    const eye = lengthMm - tailMm;
    const left = -lengthMm / 2;
    const lash = smoothOpen([
      point(left, -1),
      point(left + eye * 0.35, 4.2),
      point(left + eye * 0.7, 3.6),
      point(left + eye, 0),
    ]);
    const tail = smoothOpen([
      point(left + eye * 0.9, 1.2),
      point(left + eye + tailMm * 0.4, liftMm * 0.45),
      point(lengthMm / 2, liftMm),
    ]);
    return [wedge(lash, width * 0.35, width), ...(tailMm > 0 ? [wedge(tail, width, 0.3)] : [])];
  },
});
