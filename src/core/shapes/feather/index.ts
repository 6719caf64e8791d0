import { z } from "zod";
import { point } from "../../anatomy";
import { seededRandom } from "../../random";
import { defineShape, named, PLACED, sizeMm, widthMm, type BrushStroke } from "../motif";
import { wedge } from "../shape";

const FeatherSchema = z
  .object({
    kind: z.literal("feather"),
    ...PLACED,
    lengthMm: named(sizeMm.default(48), "length", { unit: "mm" }),
    breadthMm: named(z.number().min(3, "at least 3 mm").max(120).default(14), "breadth", {
      unit: "mm",
    }),
    widthMm: named(widthMm.default(1), "line width", { unit: "mm", step: 0.1 }),
    barbs: named(z.number().int().min(3).max(40).default(16), "barbs a side"),
    bendMm: named(z.number().min(-30).max(30).default(4), "bend", { unit: "mm" }),
  })
  .strict();

/** Where the barbs begin along the quill, and how far towards the tip each of them reaches, as shares of the length. */
const [BARBS_FROM, FORWARD] = [0.16, 0.16];

/** A feather: a quill, and barbs that leave it towards the tip, a few of them parted. */
export const feather = defineShape(FeatherSchema, {
  label: "feather",
  difficulty: 45,
  strokes: ({ lengthMm, breadthMm, widthMm: width, barbs, bendMm, seed }) => {
    const random = seededRandom(seed);
    const quill = (t: number) => point(bendMm * 4 * t * (1 - t), lengthMm * (t - 0.5));
    const reach = (t: number) => (breadthMm / 2) * Math.sin(Math.PI * Math.min(1, t * 0.9 + 0.12));
    const barb = (i: number, side: 1 | -1): BrushStroke => {
      const t = BARBS_FROM + ((1 - BARBS_FROM - 0.05) * i) / Math.max(1, barbs - 1);
      const [from, to] = [quill(t), quill(Math.min(1, t + FORWARD))];
      const parted = random() < 0.15 ? 0.6 : 1;
      const tip = point(to.x + side * reach(t) * parted, to.y);
      const bow = point((from.x + tip.x) / 2 + side * reach(t) * 0.12, (from.y + tip.y) / 2 - 0.6);
      return wedge([from, bow, tip], width, width * 0.3);
    };
    const each = Array.from({ length: barbs }, (_, i) => [barb(i, 1), barb(i, -1)]).flat();
    const shaft = Array.from({ length: 13 }, (_, i) => quill(i / 12));
    return [wedge(shaft, width * 1.4, width * 0.5), ...each];
  },
});
