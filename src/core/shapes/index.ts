import { remember } from "../remember";
import { z } from "zod";
import { mirror, point, signedArea, type Point } from "../anatomy";
import { crack, CrackSchema } from "./crack";
import { band, BandSchema } from "./band";
import { brow, BrowSchema } from "./brow";
import { drip, DripSchema } from "./drip";
import { fold, FoldSchema } from "./fold";
import { fur, FurSchema } from "./fur";
import { leaf, LeafSchema } from "./leaf";
import { lettering, LetteringSchema } from "./lettering";
import { mouth, MouthSchema } from "./mouth";
import { scales, ScalesSchema } from "./scales";
import { star, StarSchema } from "./star";
import { teeth, TeethSchema } from "./teeth";
import { web, WebSchema } from "./web";
import { whiskers, WhiskersSchema } from "./whiskers";
import { wing, WingSchema } from "./wing";
import { fern, FernSchema } from "./fern";
import { fork, ForkSchema } from "./fork";
import type { BrushStroke, Motif } from "./motif";
import { path, PathSchema } from "./path";
import { rays, RaysSchema } from "./rays";
import { ring, RingSchema } from "./ring";
import { lengthOf, wedge } from "./shape";
import { spots, SpotsSchema } from "./spots";

export type { BrushStroke } from "./motif";
export { browThrough } from "./brow";
export { pathAlong, pathByHand } from "./path";

/** Every motif: its schema and its geometry. A new one is its folder and one line in each of these two tables. */
export const MarkSchema = z.discriminatedUnion("kind", [
  CrackSchema,
  ForkSchema,
  FernSchema,
  SpotsSchema,
  RingSchema,
  RaysSchema,
  PathSchema,
  FoldSchema,
  StarSchema,
  TeethSchema,
  FurSchema,
  WhiskersSchema,
  LeafSchema,
  ScalesSchema,
  BrowSchema,
  DripSchema,
  WebSchema,
  WingSchema,
  BandSchema,
  MouthSchema,
  LetteringSchema,
]);
const MOTIFS = {
  crack,
  fork,
  fern,
  spots,
  ring,
  rays,
  path,
  fold,
  star,
  teeth,
  fur,
  whiskers,
  leaf,
  scales,
  brow,
  drip,
  web,
  wing,
  band,
  mouth,
  lettering,
} as const;

export type Mark = z.infer<typeof MarkSchema>;
export type MarkKind = Mark["kind"];
export const MARK_KINDS = Object.keys(MOTIFS) as MarkKind[];

const motifOf = (kind: MarkKind): Motif<Mark> => MOTIFS[kind] as unknown as Motif<Mark>;

export const markLabel = (kind: MarkKind): string => motifOf(kind).label;
export const markDifficulty = (kind: MarkKind): number => motifOf(kind).difficulty;

/** A mark of this kind at its usual size. */
export const newMark = (kind: MarkKind, at: Point, seed: number): Mark =>
  MarkSchema.parse({ kind, x: at.x, y: at.y, seed });

/** How wide a mark is drawn where it is widest, mm: what the eye makes out last from far off. */
export const markWidthMm = (mark: Mark): number =>
  Math.max(...motifOf(mark.kind).strokes(mark).map(strokeBreadth)) + 2 * mark.outsetMm;

/** Breadth of a stroke, mm: of a filled shape its area over half its outline, as of a long thin one. */
function strokeBreadth({ points, widthMm, fill }: BrushStroke): number {
  if (!fill) return widthMm;
  const outline = lengthOf([...points, points[0] ?? { x: 0, y: 0 }]);
  return outline ? (2 * Math.abs(signedArea(points))) / outline + widthMm : widthMm;
}

/** The outline of what a stroke covers, mm on the face: to fill, or to cut. */
export function strokeOutline({ points, widthMm, fill }: BrushStroke): readonly Point[] {
  if (fill) return points;
  const [only] = points;
  if (points.length === 1 && only)
    return Array.from({ length: 36 }, (_, i) =>
      point(
        only.x + (widthMm / 2) * Math.cos((i * Math.PI) / 18),
        only.y + (widthMm / 2) * Math.sin((i * Math.PI) / 18),
      ),
    );
  return wedge(points, widthMm, widthMm).points;
}

/** Way of the brush along a stroke, mm; a dot counts its circumference, a filled shape its outline. */
export function strokeLength({ points, widthMm, fill, lengthMm }: BrushStroke): number {
  if (lengthMm !== undefined) return lengthMm;
  if (points.length === 1) return Math.PI * widthMm;
  return lengthOf(fill ? [...points, points[0] ?? { x: 0, y: 0 }] : points);
}

/** Skin a stroke covers, mm2, by its strength. */
export function strokeArea({ points, widthMm, fill, strength = 1 }: BrushStroke): number {
  if (fill)
    return (
      strength *
      (Math.abs(signedArea(points)) +
        (lengthOf([...points, points[0] ?? { x: 0, y: 0 }]) * widthMm) / 2)
    );
  return (
    strength * (points.length === 1 ? (Math.PI / 4) * widthMm ** 2 : lengthOf(points) * widthMm)
  );
}

/** Whether two marks have the same shape in the same place, one perhaps with a wider border. */
export function sameShape(a: Mark, b: Mark): boolean {
  if (a.kind !== b.kind || a.x !== b.x || a.y !== b.y || a.seed !== b.seed) return false;
  const shape = ({ outsetMm: _, ...rest }: Mark) =>
    JSON.stringify(Object.entries(rest).sort(([one], [other]) => one.localeCompare(other)));
  return shape(a) === shape(b);
}

/** Strokes of a mark on the face in mm, those of its mirror image with them. */
export const placedStrokes = remember((mark: Mark): readonly BrushStroke[] => place(mark));

/** Far enough that no neighbour in a row of copies has the same seed. */
const VARIED_BY = 5003;

function place(mark: Mark): BrushStroke[] {
  const angle = (mark.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const onFace = (p: Point): Point =>
    point(mark.x + p.x * cos - p.y * sin, mark.y + p.x * sin + p.y * cos);
  const strokes = (shape: Mark) =>
    motifOf(shape.kind)
      .strokes(shape)
      .map((stroke) => ({
        ...stroke,
        widthMm: stroke.widthMm + 2 * shape.outsetMm,
        points: stroke.points.map(onFace),
      }));
  const here = strokes(mark);
  if (!mark.mirrored) return here;
  // Planned asymmetry (FORM-6): the other side grows from a seed of its own.
  const other = mark.varied ? strokes({ ...mark, seed: mark.seed + VARIED_BY }) : here;
  return [...here, ...other.map((stroke) => ({ ...stroke, points: stroke.points.map(mirror) }))];
}

/** What a number of a mark may be, by its own schema; everything where it is no number. */
export function markLimits(
  kind: MarkKind,
  field: string,
): { least?: number; most?: number; whole?: boolean } {
  const own = MarkSchema.options.find(({ shape }) => shape.kind.value === kind);
  const declared = (own?.shape as Record<string, z.ZodType> | undefined)?.[field];
  const number = declared instanceof z.ZodDefault ? declared.unwrap() : declared;
  if (!(number instanceof z.ZodNumber)) return {};
  const { minValue, maxValue, format } = number;
  return { least: minValue ?? undefined, most: maxValue ?? undefined, whole: format === "safeint" };
}
