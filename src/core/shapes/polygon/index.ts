import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const PolygonSchema = z
  .object({
    kind: z.literal("polygon"),
    ...PLACED,
    breadthMm: named(sizeMm.default(24), "breadth", { unit: "mm" }),
    heightMm: named(sizeMm.default(24), "height", { unit: "mm" }),
    corners: named(z.number().int().min(3).max(12).default(4), "corners"),
    roundness: named(z.number().min(0).max(1).default(0), "roundness, 0 to 1", { step: 0.1 }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** A shape of equal corners, one of them up: triangle, diamond, plate. */
export const polygon = defineShape(PolygonSchema, {
  label: "triangle or polygon",
  difficulty: 20,
  strokes: ({ breadthMm, heightMm, corners, roundness, ...line }) => {
    const all = Array.from({ length: corners }, (_, i) => {
      const angle = Math.PI / 2 + (i * 2 * Math.PI) / corners;
      return point((Math.cos(angle) * breadthMm) / 2, (Math.sin(angle) * heightMm) / 2);
    });
    if (roundness < 0.05) return [closedShape(all, line)];
    // Near each corner the outline leaves the straight side, the sooner the rounder it is.
    const cut = 0.08 + roundness * 0.36;
    const round = all.flatMap((p, i) => {
      const [before, after] = [all.at(i - 1) ?? p, all[(i + 1) % corners] ?? p];
      return [before, after].map((q) => point(p.x + (q.x - p.x) * cut, p.y + (q.y - p.y) * cut));
    });
    return [closedShape(smoothClosed(round), line)];
  },
});
