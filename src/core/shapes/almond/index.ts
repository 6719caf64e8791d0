import { z } from "zod";
import { point, smoothOpen } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const AlmondSchema = z
  .object({
    kind: z.literal("almond"),
    ...PLACED,
    spanMm: named(sizeMm.default(36), "span", { unit: "mm" }),
    upperMm: named(z.number().min(0).max(60).default(9), "upper lid", { unit: "mm" }),
    lowerMm: named(z.number().min(0).max(60).default(6), "lower lid", { unit: "mm" }),
    tiltMm: named(z.number().min(-30).max(30).default(2), "outer corner higher by", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** The opening of an eye that is drawn: a second pair over the brows, a creature's. Its right corner is the outer one; iris and pupil are discs on it. */
export const almond = defineShape(AlmondSchema, {
  label: "opening of an eye",
  difficulty: 40,
  home: ({ superciliareLeft }) => point(superciliareLeft.x, superciliareLeft.y + 14),
  isPaired: true,
  strokes: ({ spanMm, upperMm, lowerMm, tiltMm, ...line }) => {
    const half = spanMm / 2;
    const corners = [point(-half, -tiltMm / 2), point(half, tiltMm / 2)] as const;
    const lid = (y: number) =>
      smoothOpen([
        corners[0],
        point(-half * 0.45, y * 0.86 - tiltMm * 0.2),
        point(half * 0.1, y + tiltMm * 0.1),
        point(half * 0.62, y * 0.68 + tiltMm * 0.35),
        corners[1],
      ]);
    return [closedShape([...lid(upperMm), ...lid(-lowerMm).reverse().slice(1, -1)], line)];
  },
});
