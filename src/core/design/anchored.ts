import { point, type Figure, type Point } from "../anatomy";
import {
  ANCHOR_KEYS,
  isArea,
  MarkSchema,
  moveMark,
  type AnchorLandmark,
  type Mark,
} from "../shapes";
import type { Anchor } from "../shapes/anchor";
import type { LookPatch } from "./patch";
import type { Layer, Look } from "./schema";

/** A shape may move with one that moves with another: so deep. Beyond it, or in a circle, it stays. */
const MOST_LINKS = 8;

const tagged = (look: Look, tag: string): Mark | undefined =>
  look.layers.flatMap(({ marks }) => marks).find((mark) => mark.tag === tag);

/** Where what a shape moves with is now; null where it is not there. */
function placeOf(anchor: Anchor, look: Look, figure: Figure, links = 0): Point | null {
  if (anchor.to === "landmark") return figure.landmarks[anchor.landmark];
  const other = links < MOST_LINKS ? tagged(look, anchor.tag) : undefined;
  return other ? whereIs(other, look, figure, links + 1) : null;
}

/** Where a shape is on this figure: moved as what it moves with has. */
function whereIs(mark: Mark, look: Look, figure: Figure, links = 0): Point {
  const { anchor } = mark;
  const now = anchor ? placeOf(anchor, look, figure, links) : null;
  return anchor && now
    ? point(mark.x + now.x - anchor.x, mark.y + now.y - anchor.y)
    : point(mark.x, mark.y);
}

const near = (value: number) => Math.round(value * 100) / 100;
/** Less than this is no move, mm. */
const STILL_MM = 0.005;

function onFigure(mark: Mark, look: Look, figure: Figure): Mark {
  const { anchor } = mark;
  const now = anchor ? placeOf(anchor, look, figure) : null;
  if (!anchor || !now || Math.hypot(now.x - anchor.x, now.y - anchor.y) < STILL_MM) return mark;
  const moved = moveMark(mark, whereIs(mark, look, figure));
  // Put on anew where it has come to: asked once more, nothing moves twice.
  return moved ? { ...moved, anchor: { ...anchor, x: near(now.x), y: near(now.y) } } : mark;
}

/** Shapes no farther apart than this are parts of one motif and move together, mm. Common practice, no published source. */
const ONE_MOTIF_MM = 40;
/** Farther from every landmark is no shape of the face, mm. Common practice, no published source. */
const OF_THE_FACE_MM = 70;

/**
 * A new shape of the face moves with the landmark that is nearest to it, or with that of a neighbour, so that it keeps its place on a
 * narrower face, or a child's.
 * @param others shapes that are there already
 */
export function keptInPlace<M extends Mark>(
  mark: M,
  { landmarks }: Pick<Figure, "landmarks">,
  others: readonly Mark[] = [],
): M {
  if (mark.frame !== "front" || mark.anchor || isArea(mark)) return mark;
  const away = (p: Point) => Math.hypot(p.x - mark.x, p.y - mark.y);
  const [neighbour] = others
    .filter(({ frame, anchor }) => frame === "front" && anchor?.to === "landmark")
    .filter((other) => away(other) < ONE_MOTIF_MM)
    .sort((a, b) => away(a) - away(b));
  const nearest = ANCHOR_KEYS.reduce((best, key) =>
    away(landmarks[key]) < away(landmarks[best]) ? key : best,
  );
  if (!neighbour && away(landmarks[nearest]) > OF_THE_FACE_MM) return mark;
  const landmark = neighbour?.anchor?.to === "landmark" ? neighbour.anchor.landmark : nearest;
  const { x, y } = landmarks[landmark];
  return { ...mark, anchor: { to: "landmark", landmark, x: near(x), y: near(y) } };
}

/** The same of every shape of some layers, the first first. */
export function allKeptInPlace(
  layers: readonly Layer[],
  figure: Pick<Figure, "landmarks">,
): Layer[] {
  const placed: Mark[] = [];
  return layers.map((layer) => ({
    ...layer,
    marks: layer.marks.map((mark) => {
      const kept = keptInPlace(mark, figure, placed);
      placed.push(kept);
      return kept;
    }),
  }));
}

/** A look with its shapes where this figure has what they move with. The same value where nothing moves. */
export function anchored(look: Look, figure: Figure): Look {
  const layers = look.layers.map((layer): Layer => {
    if (!layer.marks.some(({ anchor }) => anchor)) return layer;
    const marks = layer.marks.map((mark) => onFigure(mark, look, figure));
    return marks.every((mark, i) => mark === layer.marks[i]) ? layer : { ...layer, marks };
  });
  return layers.every((layer, i) => layer === look.layers[i]) ? look : { ...look, layers };
}

/** A shape by its layer and its place in it. */
export interface ShapeAt {
  readonly layer: string;
  readonly mark: number;
}

const markAt = (look: Look, { layer, mark }: ShapeAt): Mark | undefined =>
  look.layers.find(({ id }) => id === layer)?.marks[mark];

/** Shapes that one can move with: all but itself and those that move with it. */
export function canMoveWith(look: Look, own: ShapeAt): ShapeAt[] {
  const self = markAt(look, own);
  const follows = (mark: Mark, links = 0): boolean => {
    if (mark === self) return true;
    const other = mark.anchor?.to === "shape" ? tagged(look, mark.anchor.tag) : undefined;
    return other !== undefined && links < MOST_LINKS && follows(other, links + 1);
  };
  return look.layers.flatMap(({ id, marks, form }) =>
    form ? [] : marks.flatMap((mark, i) => (follows(mark) ? [] : [{ layer: id, mark: i }])),
  );
}

/** A tag that no shape of the look has. */
function freeTag(look: Look): string {
  const taken = new Set(look.layers.flatMap(({ marks }) => marks.map(({ tag }) => tag)));
  let n = 1;
  while (taken.has(`s${n}`)) n++;
  return `s${n}`;
}

/**
 * Makes a shape move with a landmark or another shape from where both are now, or with nothing.
 * @param look as it lies on the figure @returns null where one of the shapes is not there
 */
export function moveWith(
  look: Look,
  figure: Figure,
  own: ShapeAt,
  to: AnchorLandmark | ShapeAt | null,
): LookPatch | null {
  const mark = markAt(look, own);
  if (!mark) return null;
  const changed = new Map<string, Mark[]>();
  const put = ({ layer, mark: i }: ShapeAt, next: unknown) => {
    const marks =
      changed.get(layer) ?? look.layers.find(({ id }) => id === layer)?.marks.slice() ?? [];
    marks[i] = MarkSchema.parse(next);
    changed.set(layer, marks);
  };
  if (to === null) put(own, { ...mark, anchor: undefined });
  else if (typeof to === "string") {
    const { x, y } = figure.landmarks[to];
    put(own, { ...mark, anchor: { to: "landmark", landmark: to, x: near(x), y: near(y) } });
  } else {
    const other = markAt(look, to);
    if (!other) return null;
    const tag = other.tag ?? freeTag(look);
    if (!other.tag) put(to, { ...other, tag });
    put(own, { ...mark, anchor: { to: "shape", tag, x: other.x, y: other.y } });
  }
  return {
    op: "several",
    patches: [...changed].map(([id, marks]) => ({ op: "changeLayer", id, change: { marks } })),
  };
}

/** The shape that one moves with; null where that is a landmark, nothing, or not there. */
export function leaderOf(look: Look, { anchor }: Mark): ShapeAt | null {
  if (anchor?.to !== "shape") return null;
  for (const { id, marks } of look.layers) {
    const mark = marks.findIndex(({ tag }) => tag === anchor.tag);
    if (mark >= 0) return { layer: id, mark };
  }
  return null;
}
