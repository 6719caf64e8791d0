import { z } from "zod";
import { point, ZONE_IDS } from "../../anatomy";
import { defineShape, PLACED } from "../motif";
import { filled } from "../shape";

const coordinate = z.number().min(-2200).max(2200);
/** Corners of an outline at most: what many shapes leave of an area has many. */
const MOST_CORNERS = 4000;

const AreaSchema = z
  .object({
    kind: z.literal("area"),
    ...PLACED,
    /** The area that it is a part of. */
    zone: z.enum(ZONE_IDS).default("forehead"),
    /** Its outline round its centre, mm. */
    ring: z
      .array(z.tuple([coordinate, coordinate]))
      .min(3, "an outline has three corners or more")
      .max(MOST_CORNERS)
      .default([
        [-10, 20],
        [10, 20],
        [0, 40],
      ]),
  })
  .strict();

/**
 * What a layer covers of a named area, as an outline: made on this figure from the areas of a layer
 * that holds shapes as well, or that leaves something out (see design/leftOut). Nobody adds one by hand.
 */
export const area = defineShape(AreaSchema, {
  label: "part of an area",
  difficulty: 5,
  strokes: ({ ring }) => [filled(ring.map(([x, y]) => point(x, y)))],
});
