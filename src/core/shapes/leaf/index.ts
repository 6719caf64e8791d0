import { z } from "zod";
import { point, smoothOpen } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { filled } from "../shape";

const LeafSchema = z
  .object({
    kind: z.literal("leaf"),
    ...PLACED,
    lengthMm: named(sizeMm.default(32), "length", { unit: "mm" }),
    breadthMm: named(z.number().min(3, "at least 3 mm").max(120).default(15), "breadth", {
      unit: "mm",
    }),
    widthMm: named(widthMm.default(1.1), "line width", { unit: "mm", step: 0.1 }),
    veins: named(z.number().int().min(0).max(14).default(4), "veins"),
    filled: named(z.boolean().default(false), "filled"),
    bendMm: named(z.number().min(-30).max(30).default(3), "bend", { unit: "mm" }),
  })
  .strict();

/** A leaf or petal, filled or in outline, pointed at both ends, with a rib and veins that leave it in pairs. */
export const leaf = defineShape(LeafSchema, {
  label: "leaf or petal",
  difficulty: 30,
  strokes: ({ lengthMm, breadthMm, widthMm: width, veins, bendMm, filled: isFilled }) => {
    const rib = (t: number) => point(bendMm * 4 * t * (1 - t), lengthMm * (t - 0.5));
    const half = (t: number) => (breadthMm / 2) * Math.sin(Math.PI * t ** 0.85);
    const edge = (side: number) =>
      smoothOpen(
        Array.from({ length: 9 }, (_, i) => {
          const t = i / 8;
          const p = rib(t);
          return point(p.x + side * half(t), p.y);
        }),
      );
    const pairs = Array.from(
      { length: veins },
      (_, i) => 0.18 + (0.62 * i) / Math.max(1, veins),
    ).flatMap((t) =>
      [1, -1].map((side) => {
        const [from, to] = [rib(t), rib(Math.min(1, t + 0.14))];
        return {
          points: [from, point(to.x + side * half(Math.min(1, t + 0.14)) * 0.75, to.y)],
          widthMm: width * 0.6,
        };
      }),
    );
    if (isFilled) return [filled([...edge(1), ...edge(-1).reverse().slice(1, -1)])];
    return [
      { points: edge(1), widthMm: width },
      { points: edge(-1), widthMm: width },
      ...(veins
        ? [{ points: Array.from({ length: 7 }, (_, i) => rib(i / 6)), widthMm: width * 0.8 }]
        : []),
      ...pairs,
    ];
  },
});
