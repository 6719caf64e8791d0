import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { defineShape, named, PLACED, type BrushStroke } from "../motif";
import { filled } from "../shape";
import { CAP_HEIGHT, GLYPHS } from "./glyphs";

const LetteringSchema = z
  .object({
    kind: z.literal("lettering"),
    ...PLACED,
    text: named(
      z
        .string()
        .min(1, "a letter or more")
        .max(24, "at most 24 letters")
        .refine(
          (text) => Array.from(text).every((letter) => letter in GLYPHS),
          "letters A to Z, figures, spaces and . , ! ? ' & - + only",
        )
        .default("Frost"),
      "letters",
    ),
    heightMm: named(
      z.number().min(3, "at least 3 mm").max(120, "at most 120 mm").default(14),
      "height",
      { unit: "mm" },
    ),
    /** How far the middle of the line is pushed up, mm: an arch, or with a minus a bowl. */
    bendMm: named(z.number().min(-80).max(80).default(0), "bend", { unit: "mm" }),
    spacingMm: named(z.number().min(-2).max(20).default(0), "between letters", { unit: "mm" }),
  })
  .strict();
type Lettering = z.infer<typeof LetteringSchema>;

interface Letter {
  readonly shapes: readonly (readonly Point[])[];
  readonly from: number;
  readonly width: number;
}

/** Letters one after another on a straight line from 0, in mm. */
function set({ text, heightMm, spacingMm }: Pick<Lettering, "text" | "heightMm" | "spacingMm">): {
  letters: Letter[];
  width: number;
} {
  const mm = heightMm / CAP_HEIGHT;
  let from = 0;
  const letters = Array.from(text).map((letter): Letter => {
    const [advance, shapes] = GLYPHS[letter] ?? [0, []];
    const points = shapes.map((shape) => {
      const n = shape.split(" ").map(Number);
      return Array.from({ length: n.length / 2 }, (_, i) =>
        point((n[2 * i] ?? 0) * mm, (n[2 * i + 1] ?? 0) * mm),
      );
    });
    const at = from;
    from += advance * mm + spacingMm;
    return { shapes: points, from: at, width: advance * mm };
  });
  return { letters, width: Math.max(0, from - spacingMm) };
}

/**
 * Puts a point of a straight line of a width onto an arc whose middle rises by `bendMm`: each letter stands upright on the arc where its own
 * middle is, unbent. The arc is as long as the line was, so letters keep their spacing.
 */
function onArc(width: number, bendMm: number): (along: number) => { foot: Point; turn: number } {
  const half = width / 2;
  if (Math.abs(bendMm) < 0.01 || half < 0.01)
    return (along) => ({ foot: point(along - half, 0), turn: 0 });
  // Half the arc's angle a from its rise over its length: (1 - cos a) / (2 a) = bend / width, solved by halving.
  const wanted = Math.min(0.36, Math.abs(bendMm) / width);
  let [low, high] = [1e-6, 2.3];
  for (let i = 0; i < 50; i++) {
    const a = (low + high) / 2;
    if ((1 - Math.cos(a)) / (2 * a) < wanted) low = a;
    else high = a;
  }
  const angle = (low + high) / 2;
  const radius = half / angle;
  const way = Math.sign(bendMm);
  return (along) => {
    const at = (along - half) / radius;
    return {
      foot: point(radius * Math.sin(at), way * radius * (Math.cos(at) - (1 + Math.cos(angle)) / 2)),
      turn: -way * at,
    };
  };
}

/** Letters of the shipped font on a line or an arc, read by who looks at the person. */
export const lettering = defineShape(LetteringSchema, {
  label: "lettering",
  difficulty: 65,
  strokes: (shape): BrushStroke[] => {
    const { letters, width } = set(shape);
    const arc = onArc(width, shape.bendMm);
    // The person's left is to the right of who reads, as x is.
    return letters.flatMap(({ shapes, from, width: own }) => {
      const { foot, turn } = arc(from + own / 2);
      const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
      return shapes.map((points) =>
        filled(
          points.map((p) => {
            const [x, y] = [p.x - own / 2, p.y - shape.heightMm / 2];
            return point(foot.x + x * cos - y * sin, foot.y + x * sin + y * cos);
          }),
          0.1,
        ),
      );
    });
  },
});
