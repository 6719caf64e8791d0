import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { defineShape, FILLED_OR_LINE, named, PLACED, sizeMm } from "../motif";
import { closedShape } from "../shape";

const SocketSchema = z
  .object({
    kind: z.literal("socket"),
    ...PLACED,
    breadthMm: named(sizeMm.default(46), "breadth", { unit: "mm" }),
    heightMm: named(sizeMm.default(40), "height", { unit: "mm" }),
    droopMm: named(z.number().min(-20).max(20).default(6), "outer corner lower by", {
      unit: "mm",
    }),
    ...FILLED_OR_LINE,
  })
  .strict();

/** Corners of an eye socket in halves of its breadth and height, inner side first, and how far each droops. */
const CORNERS = [
  [-0.92, 0.15, 0],
  [-0.72, 0.72, 0],
  [-0.1, 1, 0],
  [0.62, 0.86, 0.5],
  [1, 0.25, 1],
  [0.86, -0.5, 1],
  [0.3, -0.98, 0.7],
  [-0.42, -0.86, 0.2],
  [-0.86, -0.4, 0],
] as const;

/** The socket of a skull: broader than high, its outer corner lower, flat above. Its right side is the outer one. */
export const socket = defineShape(SocketSchema, {
  label: "eye socket of a skull",
  difficulty: 30,
  home: ({ pupilLeft }) => point(pupilLeft.x, pupilLeft.y - 2),
  isPaired: true,
  strokes: ({ breadthMm, heightMm, droopMm, ...line }) => [
    closedShape(
      smoothClosed(
        CORNERS.map(([x, y, droop]) =>
          point((x * breadthMm) / 2, (y * heightMm) / 2 - droop * droopMm),
        ),
      ),
      line,
    ),
  ],
});
