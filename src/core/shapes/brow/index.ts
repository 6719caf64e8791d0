import { z } from "zod";
import { distance, point, smoothOpen, type Point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { wedge } from "../shape";

const BrowSchema = z
  .object({
    kind: z.literal("brow"),
    ...PLACED,
    lengthMm: named(sizeMm.default(46), "length", { unit: "mm" }),
    archMm: named(z.number().min(-20).max(30).default(7), "arch", { unit: "mm" }),
    archAt: named(z.number().min(0.3).max(0.85).default(0.62), "arch at, share of length", {
      step: 0.1,
    }),
    widthMm: named(widthMm.default(5), "line width", { unit: "mm", step: 0.1 }),
  })
  .strict();

/** A drawn brow: full at its head, thin at its tail. It runs from left to right as drawn for the person's left side. */
export const brow = defineShape(BrowSchema, {
  label: "brow",
  difficulty: 50,
  strokes: ({ lengthMm, archMm, archAt, widthMm: width }) => {
    const line = smoothOpen([
      point(-lengthMm / 2, 0),
      point(-lengthMm / 2 + lengthMm * archAt * 0.55, archMm * 0.72),
      point(-lengthMm / 2 + lengthMm * archAt, archMm),
      point(lengthMm / 2, 0),
    ]);
    const turn = Math.max(1, Math.round(line.length * archAt));
    return [
      wedge(line.slice(0, turn + 1), width, width * 0.85),
      wedge(line.slice(turn), width * 0.85, 0.4),
    ];
  },
});

/** A brow through three points of the left side (BROW-5): start, arch and end. */
export function browThrough({ start, arch, end }: { start: Point; arch: Point; end: Point }): {
  x: number;
  y: number;
  turnDeg: number;
  lengthMm: number;
  archMm: number;
  archAt: number;
} {
  const lengthMm = distance(start, end);
  const [ux, uy] = [(end.x - start.x) / lengthMm, (end.y - start.y) / lengthMm];
  const [ax, ay] = [arch.x - start.x, arch.y - start.y];
  const near = (value: number, step = 10) => Math.round(value * step) / step;
  return {
    x: near((start.x + end.x) / 2),
    y: near((start.y + end.y) / 2),
    turnDeg: near((Math.atan2(uy, ux) * 180) / Math.PI),
    lengthMm: near(lengthMm),
    archMm: near(-ax * uy + ay * ux),
    archAt: near(Math.min(0.85, Math.max(0.3, (ax * ux + ay * uy) / lengthMm)), 100),
  };
}
