import { z } from "zod";
import { point, smoothOpen, type Point } from "../../anatomy";
import { seededRandom } from "../../random";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const FlameSchema = z
  .object({
    kind: z.literal("flame"),
    ...PLACED,
    spanMm: named(sizeMm.default(40), "span", { unit: "mm" }),
    heightMm: named(sizeMm.default(34), "height", { unit: "mm" }),
    tongues: named(z.number().int().min(1).max(12).default(3), "tongues"),
    leanMm: named(z.number().min(-40).max(40).default(5), "lean of the tips", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** A flame of several tongues from one foot, each curled to the side it leans to, no two alike. */
export const flame = defineShape(FlameSchema, {
  label: "flame",
  difficulty: 40,
  strokes: ({ spanMm, heightMm, tongues, leanMm, seed, ...line }) => {
    const random = seededRandom(seed);
    const foot = -heightMm / 2;
    const each = spanMm / tongues;
    const outline = Array.from({ length: tongues }, (_, i): Point[] => {
      const left = -spanMm / 2 + i * each;
      const middle = 1 - Math.abs((2 * (i + 0.5)) / tongues - 1) * 0.45;
      const tip = point(
        left + each / 2 + leanMm * (0.6 + random() * 0.4),
        foot + heightMm * middle * (0.8 + random() * 0.2),
      );
      const low = foot + (tip.y - foot) * 0.3;
      const mid = foot + (tip.y - foot) * 0.6;
      return [
        ...smoothOpen([point(left, low), point(left + each * 0.08, mid), tip]),
        ...smoothOpen([tip, point(left + each * 0.72, mid), point(left + each, low)]).slice(1),
      ];
    }).flat();
    const [low, right] = [outline[0] ?? point(0, foot), outline.at(-1) ?? point(0, foot)];
    const below = smoothOpen([
      right,
      point(spanMm * 0.36, foot + heightMm * 0.07),
      point(0, foot),
      point(-spanMm * 0.36, foot + heightMm * 0.07),
      low,
    ]).slice(1, -1);
    return [closedShape([...outline, ...below], line)];
  },
});
