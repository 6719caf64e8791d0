import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";
import { seededRandom } from "../../random";

const CrackSchema = z
  .object({
    kind: z.literal("crack"),
    ...PLACED,
    lengthMm: named(sizeMm.default(45), "length", { unit: "mm" }),
    widthMm: named(widthMm.default(1.6), "line width", { unit: "mm", step: 0.1 }),
    branches: named(z.number().int().min(0).max(12).default(4), "branches"),
  })
  .strict();

/** Walks from a point in short, wandering steps; lines in dry ground turn sharply and never run straight (FORM-5). */
function wander(
  random: () => number,
  from: Point,
  heading: number,
  lengthMm: number,
): { points: Point[]; headings: number[] } {
  const step = 5;
  const points = [from];
  const headings = [heading];
  let direction = heading;
  for (let done = 0; done < lengthMm; done += step) {
    direction = heading + (direction - heading) * 0.4 + (random() - 0.5) * 1.5;
    const last = points.at(-1) ?? from;
    points.push(point(last.x + Math.cos(direction) * step, last.y + Math.sin(direction) * step));
    headings.push(direction);
  }
  return { points, headings };
}

/** A crack in dry ground: a wandering line that thins out, with shorter cracks leaving it at near right angles. */
export const crack = defineShape(CrackSchema, {
  label: "crack",
  difficulty: 35,
  strokes: ({ lengthMm, widthMm: width, branches, seed }) => {
    const random = seededRandom(seed);
    const main = wander(random, point(0, lengthMm / 2), -Math.PI / 2, lengthMm);
    const half = Math.ceil(main.points.length / 2);
    const strokes: BrushStroke[] = [
      { points: main.points.slice(0, half + 1), widthMm: width },
      { points: main.points.slice(half), widthMm: width * 0.6 },
    ];
    for (let i = 0; i < branches; i++) {
      const at = 1 + Math.floor(random() * (main.points.length - 2));
      const side = i % 2 === 0 ? 1 : -1;
      const arm = wander(
        random,
        main.points[at] ?? point(0, 0),
        (main.headings[at] ?? 0) + side * (1.1 + random() * 0.5),
        lengthMm * (0.18 + random() * 0.25),
      );
      strokes.push({ points: arm.points, widthMm: width * 0.55 });
    }
    return strokes;
  },
});
