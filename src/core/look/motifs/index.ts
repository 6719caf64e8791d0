import { z } from "zod";
import { mirror, point, type Point } from "../../anatomy";
import { crack, CrackSchema } from "./crack";
import { fern, FernSchema } from "./fern";
import { fork, ForkSchema } from "./fork";
import type { BrushStroke, Motif } from "./motif";
import { spots, SpotsSchema } from "./spots";

export type { BrushStroke } from "./motif";

/** Every motif: its schema and its geometry. A new one is its folder and one line in each of these two tables. */
export const MarkSchema = z.discriminatedUnion("kind", [CrackSchema, ForkSchema, FernSchema, SpotsSchema]);
const MOTIFS = { crack, fork, fern, spots } as const;

export type Mark = z.infer<typeof MarkSchema>;
export type MarkKind = Mark["kind"];
export const MARK_KINDS = Object.keys(MOTIFS) as MarkKind[];

const motifOf = (kind: MarkKind): Motif<Mark> => MOTIFS[kind] as unknown as Motif<Mark>;

export const markLabel = (kind: MarkKind): string => motifOf(kind).label;
export const markDifficulty = (kind: MarkKind): number => motifOf(kind).difficulty;

/** A mark of this kind at its usual size. */
export const newMark = (kind: MarkKind, at: Point, seed: number): Mark => MarkSchema.parse({ kind, x: at.x, y: at.y, seed });

/** Strokes of a mark on the face in mm, those of its mirror image with them. */
export function placedStrokes(mark: Mark): BrushStroke[] {
  const angle = (mark.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const place = (p: Point): Point => point(mark.x + p.x * cos - p.y * sin, mark.y + p.x * sin + p.y * cos);
  const here = motifOf(mark.kind).strokes(mark).map((stroke) => ({ ...stroke, points: stroke.points.map(place) }));
  return mark.mirrored ? [...here, ...here.map((stroke) => ({ ...stroke, points: stroke.points.map(mirror) }))] : here;
}
