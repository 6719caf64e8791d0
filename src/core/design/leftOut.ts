import polygonClipping, { type MultiPolygon, type Pair, type Ring } from "polygon-clipping";
import { z } from "zod";
import {
  boundingBox,
  distance,
  point,
  signedArea,
  ZONE_IDS,
  type Box,
  type Figure,
  type Frame,
  type Point,
  type Polygon,
  type ZoneId,
} from "../anatomy";
import { remember } from "../remember";
import {
  isArea,
  MarkSchema,
  placedStrokes,
  strokeOutline,
  type AreaMark,
  type Mark,
} from "../shapes";
import { coveredOf, shareOfZone } from "./part";
import { isColour } from "./roles";
import type { Layer } from "./schema";

/** What a layer leaves out of its areas: nothing, whatever the layers before it paint, or what some layers cover, wherever they stand. */
export const LeavesOutSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("nothing") }).strict(),
  z.object({ kind: z.literal("painted") }).strict(),
  z
    .object({
      kind: z.literal("layers"),
      ids: z.array(z.string().max(64)).min(1, "name a layer to leave out").max(80),
    })
    .strict(),
]);
export type LeavesOut = z.infer<typeof LeavesOutSchema>;
export const NOTHING: LeavesOut = { kind: "nothing" };

/** An outline of paint on one side of the person. */
interface Covered {
  readonly frame: Frame;
  readonly outline: readonly Point[];
  readonly box: Box;
}

/** A line that comes back to where it began, to this, has an inside, mm. */
const MEETS_MM = 0.5;

/** What the shapes of a layer cover: the inside of a line that closes belongs to it, as of one that maps a shape out. */
const coveredByShape = remember((mark: Mark): readonly Covered[] =>
  placedStrokes(mark).flatMap((stroke): Covered[] => {
    const { points, fill } = stroke;
    const [first, last] = [points[0], points.at(-1)];
    const closes = !fill && points.length > 3 && first && last && distance(first, last) < MEETS_MM;
    const outline = closes ? points : strokeOutline(stroke);
    return outline.length > 2 ? [{ frame: mark.frame, outline, box: boundingBox(outline) }] : [];
  }),
);

/** What a layer covers on a figure, as outlines. */
function coveredBy(layer: Layer, figure: Figure): readonly Covered[] {
  const areas = layer.marks.length && !layer.fills ? [] : areaOutlines(layer, figure);
  return [
    ...areas.map(({ frame, outline }) => ({ frame, outline, box: boundingBox(outline) })),
    ...layer.marks.flatMap(coveredByShape),
  ];
}

/** The areas of a layer, or its part of each, as outlines. */
const areaOutlines = (
  layer: Layer,
  figure: Figure,
): { zone: ZoneId; frame: Frame; outline: Polygon }[] =>
  layer.zones.flatMap((id) => {
    const { polygon, frame } = figure.zone(id);
    return coveredOf(layer, polygon).map((outline) => ({ zone: id, frame, outline }));
  });

const meets = (a: Box, b: Box) =>
  a.left < b.right && b.left < a.right && a.bottom < b.top && b.bottom < a.top;

/** To this outlines are told apart, mm: finer than any brush, and coarse enough that lines that run together meet in points. */
const GRAIN_MM = 0.01;
/** Points nearer to each other than this are one: a brush is no finer, mm. */
const SAME_MM = 0.2;
function ringOf(outline: readonly Point[]): Ring {
  const grained = (v: number) => Math.round(v / GRAIN_MM) * GRAIN_MM;
  const kept: Point[] = [];
  for (const p of outline) {
    const last = kept.at(-1);
    if (!last || distance(last, p) >= SAME_MM) kept.push(p);
  }
  return kept.map(({ x, y }): Pair => [grained(x), grained(y)]);
}
const pointsOf = (ring: Ring): Point[] => ring.slice(0, -1).map(([x, y]) => point(x, y));

/** An outline and the holes in it as one outline: a slit of no width runs to each hole from where the outline is nearest. */
function withSlits(outer: readonly Point[], holes: readonly (readonly Point[])[]): Point[] {
  return holes.reduce<Point[]>(
    (joined, hole) => {
      let nearest = { from: 0, to: 0, mm: Infinity };
      joined.forEach((p, from) =>
        hole.forEach((q, to) => {
          const mm = distance(p, q);
          if (mm < nearest.mm) nearest = { from, to, mm };
        }),
      );
      const { from, to } = nearest;
      return [
        ...joined.slice(0, from + 1),
        ...hole.slice(to),
        ...hole.slice(0, to + 1),
        ...joined.slice(from),
      ];
    },
    [...outer],
  );
}

/** Less than this of an area is not painted: what is left between two outlines that run together, mm2. */
const SLIVER_MM2 = 1;

const solid = (pieces: MultiPolygon): Point[][] =>
  pieces.flatMap(([outer = [], ...holes]) => {
    const outline = withSlits(pointsOf(outer), holes.map(pointsOf));
    return outline.length > 2 && Math.abs(signedArea(outline)) >= SLIVER_MM2 ? [outline] : [];
  });

/** What some outlines leave of one. Where they lie so that they can't be told apart all at once, one after another: one that still can't be cut out leaves what it covers. */
function without(outline: Polygon, covered: readonly Covered[]): MultiPolygon {
  const rings = covered
    .map((other) => [ringOf(other.outline)])
    .filter(([ring = []]) => ring.length > 2);
  const whole: MultiPolygon = [[ringOf(outline)]];
  try {
    return polygonClipping.difference(whole, ...rings);
  } catch {
    return rings.reduce((left, ring) => {
      try {
        return polygonClipping.difference(left, ring);
      } catch {
        return left;
      }
    }, whole);
  }
}

interface Remainder {
  readonly over: readonly Covered[];
  readonly pieces: readonly (readonly Point[])[];
}
/** What was left of an outline last, for as many layers as may leave something out of it: while one shape is dragged, most areas stay as they are. */
const MOST_KNOWN = 4;
const known = remember((_: Polygon): Remainder[] => []);

/** What some outlines leave of one; all of it where they do not touch it. */
function remainder(
  outline: Polygon,
  frame: Frame,
  covered: readonly Covered[],
): Remainder["pieces"] {
  const box = boundingBox(outline);
  const over = covered.filter((other) => other.frame === frame && meets(other.box, box));
  if (!over.length) return [outline];
  const last = known(outline);
  const same = last.find(
    (entry) =>
      entry.over.length === over.length &&
      entry.over.every((other, i) => other.outline === over[i]?.outline),
  );
  if (same) return same.pieces;
  const pieces = solid(without(outline, over));
  last.unshift({ over, pieces });
  last.splice(MOST_KNOWN);
  return pieces;
}

const areaMark = (zone: ZoneId, frame: Frame, outline: readonly Point[]): AreaMark => {
  const mark = MarkSchema.parse({ kind: "area", x: 0, y: 0, frame, zone });
  return { ...(mark as AreaMark), ring: outline.map(({ x, y }) => [x, y]) };
};

/** An area of which less than this is gone is whole, and of which less is left is none. */
const HARDLY = 0.005;

/** Whether what a layer covers of its areas is worked out with what else it holds, or what others cover. */
export const isCut = ({ marks, fills, leavesOut }: Layer): boolean =>
  !marks.some(isArea) &&
  ((fills && marks.length > 0) || (leavesOut.kind !== "nothing" && (fills || !marks.length)));

/** The layers that a layer leaves out, of those before it and of all. */
export function leftOutBy(layer: Layer, before: readonly Layer[], all: readonly Layer[]): Layer[] {
  const { leavesOut } = layer;
  if (leavesOut.kind === "nothing") return [];
  if (leavesOut.kind === "painted") return before.filter(({ role }) => isColour(role));
  return all.filter(({ id }) => id !== layer.id && leavesOut.ids.includes(id));
}

/**
 * A layer with what is left of its areas. Where each is left whole or not at all it stays a layer of
 * areas; else it holds them as outlines beside its shapes.
 *
 * @param others the layers it leaves out
 */
export function cut(layer: Layer, others: readonly Layer[], figure: Figure): Layer {
  const covered = others.flatMap((other) => coveredBy(other, figure));
  const left = areaOutlines(layer, figure).map((own) => {
    const pieces = remainder(own.outline, own.frame, covered);
    const size = pieces.reduce((sum, piece) => sum + Math.abs(signedArea(piece)), 0);
    return { ...own, pieces, share: size / (Math.abs(signedArea(own.outline)) || 1) };
  });
  const kept = left.filter(({ share }) => share > HARDLY);
  if (!layer.marks.length && kept.every(({ share }) => share > 1 - HARDLY))
    return { ...layer, zones: [...new Set(kept.map(({ zone }) => zone))] };
  const areas = kept.flatMap(({ zone, frame, pieces }) =>
    pieces.map((piece) => areaMark(zone, frame, piece)),
  );
  return { ...layer, marks: [...areas, ...layer.marks] };
}

/** The shapes of a layer that were put there as such. */
export const shapesOf = ({ marks }: Pick<Layer, "marks">): Layer["marks"] =>
  marks.some(isArea) ? marks.filter((mark) => !isArea(mark)) : marks;

/** The zones that a layer fills, all of them or in part: none where it is shapes alone. */
export const zonesFilledBy = ({ marks, zones }: Pick<Layer, "marks" | "zones">): ZoneId[] =>
  marks.length
    ? [...new Set(marks.flatMap((mark) => (isArea(mark) ? [mark.zone] : [])))]
    : [...zones];

/** A layer carried to more zones: one of shapes fills them beside its shapes; null where it may leave them out again. */
export const carriedTo = (
  layer: Layer,
  more: readonly ZoneId[],
): Partial<Pick<Layer, "zones" | "fills">> | null => {
  if (layer.leavesOut.kind === "layers") return null;
  const zones = new Set([...zonesFilledBy(layer), ...more]);
  return {
    zones: ZONE_IDS.filter((zone) => zones.has(zone)),
    ...(shapesOf(layer).length && { fills: true }),
  };
};

/** Share of a zone that a layer fills beside its shapes, 0 to 1. */
export const shareFilled = (layer: Layer, zone: ZoneId, of: { readonly figure: Figure }): number =>
  layer.marks.length ? shareCut(layer, zone, of) : shareOfZone(layer, zone, of);

/** Skin that a layer fills beside its shapes, cm2. */
export const filledCm2 = (layer: Layer, of: { readonly figure: Figure }): number =>
  zonesFilledBy(layer).reduce(
    (sum, zone) => sum + of.figure.zone(zone).areaCm2 * shareFilled(layer, zone, of),
    0,
  );

const shareCut = ({ marks }: Layer, zone: ZoneId, { figure }: { figure: Figure }): number =>
  Math.min(
    1,
    marks.reduce((sum, mark) => sum + (isArea(mark) && mark.zone === zone ? sizeOf(mark) : 0), 0) /
      (Math.abs(signedArea(figure.zone(zone).polygon)) || 1),
  );
const sizeOf = remember((mark: AreaMark): number =>
  Math.abs(signedArea(mark.ring.map(([x, y]) => point(x, y)))),
);
