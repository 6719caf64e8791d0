import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";
import { seededRandom } from "../../random";

const ForkSchema = z
  .object({
    kind: z.literal("fork"),
    ...PLACED,
    lengthMm: named(sizeMm.default(60), "length", { unit: "mm" }),
    widthMm: named(widthMm.default(2.4), "line width", { unit: "mm", step: 0.1 }),
    forks: named(z.number().int().min(0).max(8).default(3), "forks"),
  })
  .strict();

/** `within`: how far from the centre it may go, mm; `scale`: its steps beside those of a long bolt. */
function zigzag(
  random: () => number,
  from: Point,
  lengthMm: number,
  lean: number,
  within: number,
  scale: number,
): Point[] {
  const points = [from];
  let side = random() < 0.5 ? 1 : -1;
  let done = 0;
  while (done < lengthMm) {
    const step = (6 + random() * 7) * scale;
    const last = points.at(-1) ?? from;
    const next = point(last.x + side * step * (0.35 + random() * 0.4) + lean * step, last.y - step);
    if (points.length > 1 && Math.hypot(next.x, next.y) > within) break;
    points.push(next);
    side = -side;
    done += step;
  }
  return points;
}

/** A forked bolt: a jagged line from the top down that splits, each arm thinner than what it left. */
export const fork = defineShape(ForkSchema, {
  label: "forked line",
  difficulty: 30,
  strokes: ({ lengthMm, widthMm: width, forks, seed }) => {
    const random = seededRandom(seed);
    const [within, scale] = [lengthMm * 0.7, Math.min(1, lengthMm / 50)];
    const main = zigzag(random, point(0, lengthMm / 2), lengthMm, 0, within, scale);
    const strokes: BrushStroke[] = [{ points: main, widthMm: width }];
    for (let i = 0; i < forks; i++) {
      const at = main[1 + Math.floor(random() * Math.max(1, main.length - 2))] ?? point(0, 0);
      const lean = (i % 2 === 0 ? 1 : -1) * (0.5 + random() * 0.5);
      strokes.push({
        points: zigzag(random, at, lengthMm * (0.2 + random() * 0.25), lean, within, scale),
        widthMm: width * 0.6,
      });
    }
    return strokes;
  },
});
