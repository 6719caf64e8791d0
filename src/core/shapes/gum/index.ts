import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const GumSchema = z
  .object({
    kind: z.literal("gum"),
    ...PLACED,
    spanMm: named(sizeMm.default(54), "span", { unit: "mm" }),
    heightMm: named(
      z.number().min(1, "at least 1 mm").max(40, "at most 40 mm").default(6),
      "height",
      { unit: "mm" },
    ),
    count: named(z.number().int().min(2).max(30).default(8), "how many"),
    scallopMm: named(z.number().min(0).max(15).default(2.5), "round the teeth by", { unit: "mm" }),
    sagMm: named(z.number().min(-30).max(30).default(4), "curve of the gum", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** Steps along one scallop. */
const STEPS = 6;

/** A gum above a row of teeth of the same span, curve and number: its edge goes up round each of them and down between two. */
export const gum = defineShape(GumSchema, {
  label: "gum line",
  difficulty: 35,
  home: ({ stomion }) => point(0, stomion.y + 6),
  strokes: ({ spanMm, heightMm, count, scallopMm, sagMm, ...line }) => {
    const curve = (x: number) => sagMm * ((2 * x) / spanMm) ** 2;
    const along = Array.from(
      { length: count * STEPS + 1 },
      (_, i) => -spanMm / 2 + (spanMm * i) / (count * STEPS),
    );
    const edge = along.map((x, i): Point =>
      point(x, curve(x) + scallopMm * Math.abs(Math.sin((Math.PI * i) / STEPS))),
    );
    const top = along.map((x): Point => point(x, curve(x) + heightMm + scallopMm * 0.5));
    return [closedShape([...edge, ...top.reverse()], line)];
  },
});
