import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";
import { bent, filled, wedge } from "../shape";

const FoldSchema = z
  .object({
    kind: z.literal("fold"),
    ...PLACED,
    lengthMm: named(sizeMm.default(40), "length", { unit: "mm" }),
    bendMm: named(z.number().min(-40).max(40).default(6), "bend", { unit: "mm" }),
    widthMm: named(widthMm.default(1.8), "line width", { unit: "mm", step: 0.1 }),
    fadeMm: named(z.number().min(0).max(25, "at most 25 mm").default(7), "fade", { unit: "mm" }),
    fadeLeft: named(z.boolean().default(true), "fades to the person's left"),
  })
  .strict();

/** Steps a fade is blended in. */
const STEPS = 6;

/** A line or a fold: hard on one side, faded over the fuller form on the other (FORM-2), wedged in width (FORM-5). */
export const fold = defineShape(FoldSchema, {
  label: "line or fold",
  difficulty: 30,
  strokes: ({ lengthMm, bendMm, widthMm: width, fadeMm, fadeLeft }) => {
    const line = bent(lengthMm, bendMm);
    const side = fadeLeft ? 1 : -1;
    const fade =
      fadeMm > 0
        ? Array.from({ length: STEPS }, (_, i): BrushStroke => {
            const reach = (fadeMm * (STEPS - i)) / STEPS;
            const outer = line.map((p, k) =>
              point(
                p.x + side * reach * Math.sin((Math.PI * (k + 0.5)) / (line.length + 0.5)),
                p.y,
              ),
            );
            return {
              ...filled([...line, ...outer.reverse()], 0.1),
              strength: 0.8 / (STEPS - i + 1),
              lengthMm: i === 0 ? lengthMm : 0,
            };
          })
        : [];
    return [
      ...fade,
      wedge(line.slice(0, Math.ceil(line.length / 2) + 1), width * 0.35, width),
      wedge(line.slice(Math.ceil(line.length / 2)), width, width * 0.35),
    ];
  },
});
