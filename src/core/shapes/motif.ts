import { z } from "zod";
import type { Landmarks, Point } from "../anatomy";
import { AnchorSchema } from "./anchor";

/** One touch of the brush, in mm round the motif's own centre: a line of some width, a dot where it has one point, or a filled shape. */
export interface BrushStroke {
  readonly points: readonly Point[];
  readonly widthMm: number;
  /** The points are the outline of a shape that is filled. */
  readonly fill?: true;
  /** Share of a full film, 1 where it is missing: fades are laid in steps. */
  readonly strength?: number;
  /** Way of the brush, mm, where it is not the length of the line. */
  readonly lengthMm?: number;
}

export interface Motif<Shape> {
  readonly label: string;
  /** Strokes of the shape at its own centre, upright. Pure: the same shape gives the same strokes. */
  readonly strokes: (shape: Shape) => BrushStroke[];
  /** 0-100 for one of them: what it asks of hand and eye. Common practice, no published source. */
  readonly difficulty: number;
  /** Where it belongs on a face, its left side where there are two. */
  readonly home?: (face: Landmarks) => Point;
  /** A face has one on each side. */
  readonly isPaired?: true;
}

/** A field of a shape under the name it has on screen; its limits are the schema's own. */
export const named = <Field extends z.ZodType>(
  field: Field,
  label: string,
  o: { readonly unit?: "mm" | "°"; readonly step?: number } = {},
): Field => field.meta({ label, ...o });

/** A shape: what is kept of it, what it is called, what it asks of a hand, and how it is drawn. */
export const defineShape = <Schema extends z.ZodObject>(
  schema: Schema,
  motif: Motif<z.output<Schema>>,
): Motif<z.output<Schema>> & { readonly schema: Schema } => ({ schema, ...motif });

/** What every motif has: where its centre lies on the face, its turn, whether the other side mirrors it, and its seed. */
export const PLACED = {
  x: named(z.number().min(-700).max(700), "to the person's left of the midline", { unit: "mm" }),
  y: named(z.number().min(-2150).max(150), "above the bridge of the nose", { unit: "mm" }),
  /** The side of the person it is on; both are measured from the bridge of the nose, x to the person's left. */
  frame: z.enum(["front", "back"]).default("front"),
  turnDeg: named(z.number().min(-360).max(360).default(0), "turn", { unit: "°" }),
  mirrored: named(z.boolean().default(false), "mirrored"),
  /** The mirrored side is another one of its kind, not the exact image. */
  varied: named(z.boolean().default(false), "other side varied"),
  /** A border of this width all round, mm: an edging under a mark is the mark itself with an outset. */
  outsetMm: named(z.number().min(0).max(20, "at most 20 mm").default(0), "border all round", {
    unit: "mm",
  }),
  seed: z.number().int().min(0).max(1_000_000).default(1),
  /** What it moves with; nothing where it is missing. */
  anchor: AnchorSchema.optional(),
  /** What other shapes know it by that move with it. */
  tag: z.string().max(24).optional(),
} as const;

export const widthMm = z.number().min(0.3, "at least 0.3 mm").max(20, "at most 20 mm");
/** Filled, or a line round it. */
export const FILLED_OR_LINE = {
  filled: named(z.boolean().default(true), "filled"),
  widthMm: named(
    z.number().min(0.3, "at least 0.3 mm").max(20, "at most 20 mm").default(1.2),
    "line width",
    { unit: "mm", step: 0.1 },
  ),
} as const;

export const sizeMm = z.number().min(3, "at least 3 mm").max(200, "at most 200 mm");
