import { z } from "zod";
import { point, smoothOpen } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const TongueSchema = z
  .object({
    kind: z.literal("tongue"),
    ...PLACED,
    breadthMm: named(sizeMm.default(24), "breadth", { unit: "mm" }),
    lengthMm: named(sizeMm.default(34), "length", { unit: "mm" }),
    pointed: named(z.number().min(0).max(1).default(0.3), "pointed, 0 to 1", { step: 0.1 }),
    forkMm: named(z.number().min(0).max(60).default(0), "forked by", { unit: "mm" }),
    curlMm: named(z.number().min(-40).max(40).default(4), "tip to the side", { unit: "mm" }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** A tongue out of a mouth: broad at its root, round, pointed or forked at its tip. */
export const tongue = defineShape(TongueSchema, {
  label: "tongue",
  difficulty: 25,
  home: ({ stomion }) => point(0, stomion.y - 16),
  strokes: ({ breadthMm, lengthMm, pointed, forkMm, curlMm, ...line }) => {
    const half = breadthMm / 2;
    const curl = (t: number) => curlMm * t * t;
    const at = (x: number, t: number) => point(x + curl(t), lengthMm * (0.5 - t));
    const tip = half * (0.8 * (1 - pointed) + 0.1);
    const fork = Math.min(0.9, forkMm / lengthMm);
    const side = (sign: 1 | -1) => [
      at(sign * half * 0.82, 0),
      at(sign * half, 0.32),
      at(sign * (half * 0.5 + tip * 0.5), 0.72),
      at(sign * tip * (fork > 0 ? 1.1 : 0.7), fork > 0 ? 1 : 0.93),
    ];
    const [right, left] = [side(1), side(-1).reverse()];
    const outline =
      fork > 0
        ? [...smoothOpen(right), at(0, 1 - fork), ...smoothOpen(left)]
        : smoothOpen([...right, at(0, 1), ...left]);
    return [closedShape(outline, line)];
  },
});
