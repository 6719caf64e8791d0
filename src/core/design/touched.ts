import { remember, rememberBy, rememberPair } from "../remember";
import {
  boundingBox,
  contains,
  point,
  type Box,
  type Figure,
  type Point,
  type Polygon,
  type ZoneId,
} from "../anatomy";
import { isArea, placedStrokes, type BrushStroke, type Mark } from "../shapes";
import { anchored } from "./anchored";
import { followed } from "./followForm";
import { cut, isCut, leftOutBy } from "./leftOut";
import { shareOfZone } from "./part";
import type { Layer, Look } from "./schema";

/** Points of a line no further apart than this: no area of the face is narrower. */
const STEP_MM = 1;

/** Points from one to another, both ends in, close enough that no area slips between them. */
function between(a: Point, b: Point): Point[] {
  const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / STEP_MM));
  return Array.from({ length: steps + 1 }, (_, i) =>
    point(a.x + ((b.x - a.x) * i) / steps, a.y + ((b.y - a.y) * i) / steps),
  );
}

/** Both edges and the middle of a stretch of a line of some width. */
function across(a: Point, b: Point, widthMm: number): Point[] {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const [dx, dy] = [
    (-(b.y - a.y) / length) * (widthMm / 2),
    ((b.x - a.x) / length) * (widthMm / 2),
  ];
  return between(a, b).flatMap((p) => [p, point(p.x + dx, p.y + dy), point(p.x - dx, p.y - dy)]);
}

/** Where one touch of the brush leaves paint: points dense enough to find every area under it. */
function paintOf({ points, widthMm, fill }: BrushStroke): Point[] {
  const [first] = points;
  if (!first) return [];
  if (points.length === 1) {
    const r = widthMm / 2;
    const round = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => (i * Math.PI) / 4);
    return [
      first,
      ...round.map((t) => point(first.x + r * Math.cos(t), first.y + r * Math.sin(t))),
    ];
  }
  const ends = fill ? [...points.slice(1), first] : points.slice(1);
  return ends.flatMap((b, i) => across(points[i] ?? b, b, fill ? 0 : widthMm));
}

const boxOf = remember((polygon: Polygon): Box => boundingBox(polygon));

const isInside = (polygon: Polygon, { left, right, top, bottom }: Box, p: Point): boolean =>
  p.x >= left && p.x <= right && p.y >= bottom && p.y <= top && contains(polygon, p);

/**
 * Whether paint lies on an area: a point of it inside, or the area inside a filled outline. Where
 * neither has a point in the other their borders do not cross, to a millimetre.
 */
function isUnder(area: Polygon, strokes: readonly Laid[]): boolean {
  const box = boxOf(area);
  return strokes.some(
    ({ paint, fill, box: own }) =>
      own.left <= box.right &&
      own.right >= box.left &&
      own.bottom <= box.top &&
      own.top >= box.bottom &&
      (paint.some((p) => isInside(area, box, p)) ||
        (fill !== null && area.some((p) => isInside(fill, own, p)))),
  );
}

interface Laid {
  readonly paint: readonly Point[];
  readonly fill: Polygon | null;
  readonly box: Box;
}

const laidOf = (stroke: BrushStroke): Laid[] => {
  const paint = paintOf(stroke);
  if (!paint.length) return [];
  return [{ paint, fill: stroke.fill ? stroke.points : null, box: boundingBox(paint) }];
};

const laid = remember((mark: Mark): readonly Laid[] => placedStrokes(mark).flatMap(laidOf));

/** Paint that lies within one cell of other paint is met by its brush, mm. */
const CELL_MM = 1;

/** The cells of a frame that a mark paints, its fill among them. */
const cellsOf = remember((mark: Mark): ReadonlySet<string> => {
  const cells = new Set<string>();
  const put = ({ x, y }: Point) =>
    cells.add(`${Math.round(x / CELL_MM)} ${Math.round(y / CELL_MM)}`);
  for (const { paint, fill, box } of laid(mark)) {
    paint.forEach(put);
    if (fill)
      for (let x = box.left; x <= box.right; x += CELL_MM)
        for (let y = box.bottom; y <= box.top; y += CELL_MM)
          if (isInside(fill, box, point(x, y))) put(point(x, y));
  }
  return cells;
});

/** The cells of a mark and those beside them. */
const cellsRound = remember((mark: Mark): ReadonlySet<string> => {
  const round = new Set<string>();
  for (const cell of cellsOf(mark)) {
    const [x = 0, y = 0] = cell.split(" ").map(Number);
    for (const dx of [-1, 0, 1]) for (const dy of [-1, 0, 1]) round.add(`${x + dx} ${y + dy}`);
  }
  return round;
});

const meetEachOther = rememberPair((a: Mark, b: Mark): boolean => {
  if (a.frame !== b.frame) return false;
  const round = cellsRound(b);
  return [...cellsOf(a)].some((cell) => round.has(cell));
});

/** Whether the paint of any of these shapes lies on or beside that of any of those, to some millimetres. */
export const marksMeet = (these: readonly Mark[], those: readonly Mark[]): boolean =>
  these.some((a) => those.some((b) => meetEachOther(a, b)));

/** The areas that the paint of some marks touches, the inside of filled ones included. */
export function zonesOfMarks(marks: readonly Mark[], figure: Figure): ZoneId[] {
  const under = new Set(marks.flatMap(zonesUnder(figure)));
  return figure.allZones.flatMap(({ id }) => (under.has(id) ? [id] : []));
}

/** Marks of a figure whose areas are remembered: some looks of many marks. */
const MOST_MARKS = 2000;

/** The areas under one mark; remembered by what it is, since checks ask for the same mended mark again and again. */
const zonesUnder = remember((figure: Figure) =>
  rememberBy(
    MOST_MARKS,
    (mark: Mark) => JSON.stringify(mark),
    (mark): readonly ZoneId[] =>
      // What is left of an area lies in it, though its outline touches those next to it.
      isArea(mark)
        ? [mark.zone]
        : figure.allZones.flatMap(({ id, polygon, frame }) =>
            frame === mark.frame && isUnder(polygon, laid(mark)) ? [id] : [],
          ),
  ),
);

/**
 * A layer with other marks, and the zones they lie on; where they touch none, or it fills its zones
 * as well, those stay.
 */
export function marksOn(
  { fills }: Pick<Layer, "fills">,
  marks: readonly Mark[],
  figure: Figure,
): Partial<Omit<Layer, "id">> {
  const shapes = marks.filter((mark) => !isArea(mark));
  const zones = fills ? [] : zonesOfMarks(shapes, figure);
  return { marks: shapes, ...(zones.length && { zones }) };
}

/** Share of an area's corners inside a filled shape from which the area counts as covered by it. */
const COVERED = 0.9;

/** The areas that filled marks cover as good as whole. */
export function zonesFilled(marks: readonly Mark[], figure: Figure): ZoneId[] {
  const fills = marks.flatMap((mark) =>
    laid(mark).flatMap(({ fill, box }) => (fill ? [{ fill, box, frame: mark.frame }] : [])),
  );
  return figure.allZones
    .filter(({ polygon, frame }) => {
      const inside = polygon.filter((p) =>
        fills.some((own) => own.frame === frame && isInside(own.fill, own.box, p)),
      );
      return inside.length >= COVERED * polygon.length;
    })
    .map(({ id }) => id);
}

/** Less of an area than this is not painted there. */
const LEAST_SHARE = 0.005;

/** Whether the areas of a layer follow from where it lies on this figure. */
const isDerived = ({ marks, part, form, leavesOut }: Layer): boolean =>
  marks.length > 0 || form !== null || part.kind === "strip" || leavesOut.kind !== "nothing";

const touchedOn = rememberPair((given: Look, figure: Figure): Look => {
  const look = anchored(given, figure);
  const formed = look.layers.map((layer) =>
    layer.form ? followed(layer, layer.form, look) : layer,
  );
  const layers: Layer[] = [];
  for (const stored of formed)
    layers.push(isCut(stored) ? cutOn(stored, leftOutBy(stored, layers, formed), figure) : stored);
  return withZones(look, layers, figure);
});

/** The last answer for a layer: while others are painted, what it leaves out is mostly the same. */
const lastCut = new WeakMap<Layer, { of: readonly unknown[]; layer: Layer }>();
function cutOn(stored: Layer, others: readonly Layer[], figure: Figure): Layer {
  const of = [figure, ...others];
  const last = lastCut.get(stored);
  if (last?.of.length === of.length && last.of.every((value, i) => value === of[i]))
    return last.layer;
  const layer = cut(stored, others, figure);
  lastCut.set(stored, { of, layer });
  return layer;
}

function withZones(look: Look, placed: readonly Layer[], figure: Figure): Look {
  const layers = placed.map((layer) => {
    if (!isDerived(layer)) return layer;
    const zones = layer.marks.length
      ? zonesOfMarks(layer.marks, figure)
      : layer.zones.filter((zone) => shareOfZone(layer, zone, { figure }) > LEAST_SHARE);
    const isSame =
      zones.length === layer.zones.length && zones.every((zone) => layer.zones.includes(zone));
    return !zones.length || isSame ? layer : { ...layer, zones };
  });
  return layers.every((layer, i) => layer === look.layers[i]) ? look : { ...look, layers };
}

/**
 * A look whose layers of marks lie on the areas that their paint touches on this figure, whatever
 * was stored with them, and whose strips lie on those of their areas that they cross. Every check, amount and minute reads a look through this; asked again, it
 * answers with the same value. Marks that touch no area keep what was stored. The figure is only
 * asked for where there are marks or strips: it takes longer to build than most looks take to be judged.
 */
export function touched(look: Look, of: { readonly figure: Figure }): Look {
  if (!look.layers.some(isDerived)) return look;
  return touchedOn(look, of.figure);
}
