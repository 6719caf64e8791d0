import { z } from "zod";
import { point } from "../../anatomy";
import { defineShape, named, PLACED, sizeMm, widthMm } from "../motif";
import { seededRandom } from "../../random";
import { wedge } from "../shape";

const WhiskersSchema = z
  .object({
    kind: z.literal("whiskers"),
    ...PLACED,
    lengthMm: named(sizeMm.default(42), "length", { unit: "mm" }),
    widthMm: named(widthMm.default(1.3), "line width", { unit: "mm", step: 0.1 }),
    count: named(z.number().int().min(1).max(12).default(3), "how many"),
    fanDeg: named(z.number().min(0).max(160).default(38), "fan", { unit: "°" }),
    curl: named(z.number().min(-1).max(1).default(0.3), "curl, -1 to 1", { step: 0.1 }),
  })
  .strict();

/** Whiskers that spread outward from their roots; three one side and five the other look alive (FORM-6). */
export const whiskers = defineShape(WhiskersSchema, {
  label: "whiskers",
  difficulty: 40,
  strokes: ({ lengthMm, widthMm: width, count, fanDeg, curl, seed }) => {
    const random = seededRandom(seed);
    return Array.from({ length: count }, (_, i) => {
      const share = count === 1 ? 0 : i / (count - 1) - 0.5;
      const heading = -share * ((fanDeg * Math.PI) / 180);
      const reach = lengthMm * (0.85 + random() * 0.25);
      const root = point(-lengthMm / 2 + Math.abs(share) * 3, -share * 12);
      return wedge(
        Array.from({ length: 9 }, (__, k) => {
          const t = k / 8;
          const angle = heading - curl * 0.9 * t;
          return point(root.x + Math.cos(angle) * reach * t, root.y + Math.sin(angle) * reach * t);
        }),
        width,
        0.25,
      );
    });
  },
});
