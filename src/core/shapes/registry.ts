import { keysOf } from "../keysOf";
import { remember, rememberBy } from "../remember";
import { z } from "zod";
import { mirror, point, signedArea, type Landmarks, type Point } from "../anatomy";
import { area } from "./area";
import { crack } from "./crack";
import { dried } from "./dried";
import { band } from "./band";
import { brow } from "./brow";
import { drip } from "./drip";
import { fold } from "./fold";
import { fur } from "./fur";
import { leaf } from "./leaf";
import { lettering } from "./lettering";
import { mouth } from "./mouth";
import { scales } from "./scales";
import { star } from "./star";
import { teeth } from "./teeth";
import { web } from "./web";
import { whiskers } from "./whiskers";
import { wing } from "./wing";
import { fern } from "./fern";
import { fork } from "./fork";
import type { BrushStroke, Motif } from "./motif";
import { path } from "./path";
import { rays } from "./rays";
import { disc } from "./disc";
import { heart } from "./heart";
import { drop } from "./drop";
import { flame } from "./flame";
import { feather } from "./feather";
import { socket } from "./socket";
import { nasalHole } from "./nasalHole";
import { tongue } from "./tongue";
import { gum } from "./gum";
import { muzzle } from "./muzzle";
import { almond } from "./almond";
import { polygon } from "./polygon";
import { blotches } from "./blotches";
import { ring } from "./ring";
import { lengthOf, wedge } from "./shape";
import { spots } from "./spots";

/** Every shape. A new one is its folder and one line here. */
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
  disc,
  heart,
  drop,
  flame,
  feather,
  socket,
  nasalHole,
  tongue,
  gum,
  muzzle,
  almond,
  polygon,
  blotches,
  dried,
  area,
} as const;

export type MarkKind = keyof typeof MOTIFS;
const ALL_KINDS = keysOf(MOTIFS);
/** Shapes that a painter adds; a part of an area follows from the areas of its layer. */
export const MARK_KINDS = ALL_KINDS.filter((kind) => kind !== "area");
const schemaOf = (kind: MarkKind) => MOTIFS[kind].schema;
const [first, ...others] = ALL_KINDS;
export const MarkSchema = z.discriminatedUnion("kind", [schemaOf(first), ...others.map(schemaOf)]);
export type Mark = z.output<typeof MarkSchema>;
export type AreaMark = Extract<Mark, { kind: "area" }>;
export const isArea = (mark: Mark): mark is AreaMark => mark.kind === "area";

const motifOf = (kind: MarkKind): Motif<Mark> => MOTIFS[kind] as unknown as Motif<Mark>;

export const markLabel = (kind: MarkKind): string => motifOf(kind).label;
export const markDifficulty = (kind: MarkKind): number => motifOf(kind).difficulty;

/** A mark of this kind at its usual size. */
export const newMark = (kind: MarkKind, at: Point, seed: number): Mark =>
  MarkSchema.parse({ kind, x: at.x, y: at.y, seed });

/** A mark of this kind where it belongs on a face, on both sides where there are two of it; at a place where it belongs nowhere. */
export function markAtHome(kind: MarkKind, face: Landmarks, place: Point, seed: number): Mark {
  const { home, isPaired } = motifOf(kind);
  const mark = newMark(kind, home?.(face) ?? place, seed);
  return isPaired ? { ...mark, mirrored: true } : mark;
}

/** How wide a mark is drawn where it is widest, mm: what the eye makes out last from far off. */
export const markWidthMm = (mark: Mark): number =>
  Math.max(...motifOf(mark.kind).strokes(mark).map(strokeBreadth)) + 2 * mark.outsetMm;

/** Width of the brush that a mark is drawn with, mm; null for one that is filled: it reads by its size. */
export const brushOf = (mark: Mark): number | null =>
  "widthMm" in mark && !("filled" in mark && mark.filled) ? mark.widthMm : null;

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
  const shape = ({ outsetMm: _, anchor: __, tag: ___, ...rest }: Mark) =>
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

/** A field of a shape, as its panel shows it. */
export interface ShapeField {
  readonly key: string;
  readonly label: string;
  readonly kind: "number" | "flag" | "text";
  readonly step: number;
  readonly limits: { readonly least?: number; readonly most?: number; readonly whole?: boolean };
}

const NamedSchema = z.object({
  label: z.string(),
  unit: z.string().optional(),
  step: z.number().default(1),
});

/** The fields of a kind of shape that have a name, in the order they are declared in. */
export const shapeFields = rememberBy(
  ALL_KINDS.length,
  (kind: MarkKind) => kind,
  (kind): readonly ShapeField[] =>
    Object.entries<z.ZodType>(schemaOf(kind).shape).flatMap(([key, declared]) => {
      const named = NamedSchema.safeParse(declared.meta());
      if (!named.success) return [];
      const { label, unit, step } = named.data;
      const inner = declared instanceof z.ZodDefault ? declared.unwrap() : declared;
      const isNumber = inner instanceof z.ZodNumber;
      return {
        key,
        label: unit ? `${label}, ${unit}` : label,
        kind: isNumber ? "number" : inner instanceof z.ZodBoolean ? "flag" : "text",
        step,
        limits: isNumber
          ? {
              least: inner.minValue ?? undefined,
              most: inner.maxValue ?? undefined,
              whole: inner.format === "safeint",
            }
          : {},
      };
    }),
);
