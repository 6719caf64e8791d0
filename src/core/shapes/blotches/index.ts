import { z } from "zod";
import { point, smoothClosed } from "../../anatomy";
import { seededRandom } from "../../random";
import { defineShape, named, PLACED, sizeMm } from "../motif";
import { filled } from "../shape";

const blotMm = z.number().min(0.5, "at least 0.5 mm").max(40, "at most 40 mm");
const BlotchesSchema = z
  .object({
    kind: z.literal("blotches"),
    ...PLACED,
    breadthMm: named(sizeMm.default(50), "breadth", { unit: "mm" }),
    heightMm: named(sizeMm.default(40), "height", { unit: "mm" }),
    count: named(z.number().int().min(1).max(150).default(30), "how many"),
    smallestMm: named(blotMm.default(1.5), "smallest", { unit: "mm", step: 0.5 }),
    largestMm: named(blotMm.default(6), "largest", { unit: "mm", step: 0.5 }),
    ragged: named(z.number().min(0).max(1).default(0.5), "ragged, 0 to 1", { step: 0.1 }),
    outwards: named(z.number().min(-1).max(1).default(0), "thicker at the edge, -1 to 1", {
      step: 0.1,
    }),
  })
  .strict();

/** Points round one blotch. */
const CORNERS = 9;

/** What a torn sponge or a flicked brush leaves: blotches scattered in an oval, many small ones to a few large, thicker in the middle or at the edge. */
export const blotches = defineShape(BlotchesSchema, {
  label: "blotches of a torn sponge",
  difficulty: 10,
  strokes: ({ breadthMm, heightMm, count, smallestMm, largestMm, ragged, outwards, seed }) => {
    const random = seededRandom(seed);
    const golden = Math.PI * (3 - Math.sqrt(5));
    return Array.from({ length: count }, (_, i) => {
      // Even over the oval where the share is a square root; the bias bends that.
      const share = Math.sqrt((i + 0.5) / count) ** (2 ** -outwards);
      const angle = i * golden + (random() - 0.5) * 1.2;
      const size = smallestMm + Math.max(0, largestMm - smallestMm) * random() ** 2.5;
      const at = point(
        ((breadthMm - size) / 2) * share * Math.cos(angle),
        ((heightMm - size) / 2) * share * Math.sin(angle),
      );
      const outline = Array.from({ length: CORNERS }, (__, k) => {
        const turn = (k * 2 * Math.PI) / CORNERS;
        const reach = (size / 2) * (1 - ragged * 0.55 * random());
        return point(at.x + reach * Math.cos(turn), at.y + reach * Math.sin(turn));
      });
      return filled(smoothClosed(outline));
    });
  },
});
