import { z } from "zod";
import { mirror, point, type Point } from "../../anatomy";
import { crack, CrackSchema } from "./crack";
import { fern, FernSchema } from "./fern";
import { fork, ForkSchema } from "./fork";
import type { BrushStroke, Motif } from "./motif";
import { path, PathSchema } from "./path";
import { rays, RaysSchema } from "./rays";
import { ring, RingSchema } from "./ring";
import { spots, SpotsSchema } from "./spots";

export type { BrushStroke } from "./motif";
export { pathAlong } from "./path";

/** Every motif: its schema and its geometry. A new one is its folder and one line in each of these two tables. */
export const MarkSchema = z.discriminatedUnion("kind", [CrackSchema, ForkSchema, FernSchema, SpotsSchema, RingSchema, RaysSchema, PathSchema]);
const MOTIFS = { crack, fork, fern, spots, ring, rays, path } as const;

export type Mark = z.infer<typeof MarkSchema>;
export type MarkKind = Mark["kind"];
export const MARK_KINDS = Object.keys(MOTIFS) as MarkKind[];

const motifOf = (kind: MarkKind): Motif<Mark> => MOTIFS[kind] as unknown as Motif<Mark>;

export const markLabel = (kind: MarkKind): string => motifOf(kind).label;
export const markDifficulty = (kind: MarkKind): number => motifOf(kind).difficulty;

/** A mark of this kind at its usual size. */
export const newMark = (kind: MarkKind, at: Point, seed: number): Mark => MarkSchema.parse({ kind, x: at.x, y: at.y, seed });

/** How wide a mark is drawn where it is widest, mm: what the eye makes out last from far off. */
export const markWidthMm = (mark: Mark): number => Math.max(...motifOf(mark.kind).strokes(mark).map((stroke) => stroke.widthMm)) + 2 * mark.outsetMm;

/** Whether two marks have the same shape in the same place, one perhaps with a wider border. */
export function sameShape(a: Mark, b: Mark): boolean {
  const shape = ({ outsetMm: _, ...rest }: Mark) => JSON.stringify(Object.entries(rest).sort(([one], [other]) => one.localeCompare(other)));
  return a.kind === b.kind && shape(a) === shape(b);
}

/** Strokes of a mark on the face in mm, those of its mirror image with them. */
export function placedStrokes(mark: Mark): readonly BrushStroke[] {
  const known = PLACED_STROKES.get(mark);
  if (known) return known;
  const strokes = place(mark);
  PLACED_STROKES.set(mark, strokes);
  return strokes;
}
/** Marks are immutable values, and the same one is asked for by checks, plan and drawing. */
const PLACED_STROKES = new WeakMap<Mark, readonly BrushStroke[]>();

function place(mark: Mark): BrushStroke[] {
  const angle = (mark.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const onFace = (p: Point): Point => point(mark.x + p.x * cos - p.y * sin, mark.y + p.x * sin + p.y * cos);
  const here = motifOf(mark.kind).strokes(mark).map((stroke) => ({ widthMm: stroke.widthMm + 2 * mark.outsetMm, points: stroke.points.map(onFace) }));
  return mark.mirrored ? [...here, ...here.map((stroke) => ({ ...stroke, points: stroke.points.map(mirror) }))] : here;
}
