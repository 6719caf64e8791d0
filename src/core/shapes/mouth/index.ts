import { z } from "zod";
import { point, smoothClosed, smoothOpen } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { filled } from "../shape";

const MouthSchema = z
  .object({
    kind: z.literal("mouth"),
    ...PLACED,
    spanMm: named(sizeMm.default(52), "span", { unit: "mm" }),
    upperMm: named(z.number().min(0).max(40).default(9), "upper lip", { unit: "mm" }),
    lowerMm: named(z.number().min(0).max(40).default(11), "lower lip", { unit: "mm" }),
    bowMm: named(z.number().min(0).max(12).default(2.5), "bow", { unit: "mm" }),
    smileMm: named(z.number().min(-25).max(25).default(0), "corners up", { unit: "mm" }),
    muzzleMm: named(z.number().min(0).max(60).default(0), "muzzle up to the nose", { unit: "mm" }),
    widthMm: named(widthMm.default(1.2), "line width", { unit: "mm", step: 0.1 }),
  })
  .strict();

/** A lip shape; with a muzzle it is drawn round and the line up to the nose is added. */
export const mouth = defineShape(MouthSchema, {
  label: "lip shape or muzzle",
  difficulty: 45,
  home: ({ stomion }) => point(0, stomion.y),
  strokes: ({ spanMm, upperMm, lowerMm, bowMm, smileMm, muzzleMm, widthMm: width }) => {
    const half = spanMm / 2;
    const corner = smileMm;
    const lips = filled(
      smoothClosed([
        point(-half, corner),
        point(-half * 0.5, upperMm * 0.75 + corner * 0.35),
        point(-half * 0.16, upperMm),
        point(0, upperMm - bowMm),
        point(half * 0.16, upperMm),
        point(half * 0.5, upperMm * 0.75 + corner * 0.35),
        point(half, corner),
        point(half * 0.5, -lowerMm * 0.8 + corner * 0.35),
        point(0, -lowerMm),
        point(-half * 0.5, -lowerMm * 0.8 + corner * 0.35),
      ]),
    );
    if (!muzzleMm) return [lips];
    const round = (side: number) => ({
      points: smoothOpen([
        point(0, upperMm),
        point(side * half * 0.45, upperMm + muzzleMm * 0.5),
        point(side * half * 0.95, upperMm + muzzleMm * 0.35),
        point(side * half * 1.02, corner + 1),
      ]),
      widthMm: width,
    });
    return [
      lips,
      { points: [point(0, upperMm), point(0, upperMm + muzzleMm)], widthMm: width },
      round(1),
      round(-1),
    ];
  },
});
