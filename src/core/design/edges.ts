import { remember, rememberPair } from "../remember";
import {
  borders,
  boundingBox,
  contains,
  joinPieces,
  otherSide,
  toSegment,
  zoneInfo,
  type Box,
  type Point,
  type ZoneId,
} from "../anatomy";
import {
  deltaE00,
  labFromReflectance,
  underLampOf,
  type Lab,
  type LampKey,
  type Spectrum,
} from "../colour";
import { edgeVisibility, verdictOf, type Verdict } from "../vision";
import { type LookContext } from "./context";
import { markWidthMm, placedStrokes, sameShape, type Mark, isArea } from "../shapes";
import { fillsZone, liesUnder, type Prediction } from "./predict";
import { isColour } from "./roles";
import type { Layer, Look } from "./schema";
import { underLater, visibleLayers } from "./visible";
import { touched } from "./touched";
import { shapesOf } from "./leftOut";

/** One side of an edge: a layer, or the bare skin where `layerId` is null. */
export interface EdgeSide {
  readonly layerId: string | null;
  readonly name: string;
  readonly colour: Spectrum;
  /** What it gives off under ultraviolet; null or left out where nothing does. */
  readonly glow?: Spectrum | null;
}

/** Two colours that meet: two fields along their border, marks on their ground, or two marks side by side. */
export interface Edge {
  readonly key: string;
  readonly kind: "border" | "mark" | "pair";
  readonly a: EdgeSide;
  readonly b: EdgeSide;
  /** Width of the narrower of the two, mm. */
  readonly widthMm: number;
  readonly zones: readonly ZoneId[];
  /** Where it runs, mm on the figure. */
  readonly lines: readonly (readonly Point[])[];
  /** A line of another layer parts the two: they are judged each against it. */
  readonly partedBy: EdgeSide | null;
  readonly partedMm: number;
}

export interface SeenEdge extends Edge {
  readonly verdict: Verdict;
  readonly ratio: number;
  readonly deltaE: number;
}

/** Two colours that differ by less than this in the mirror are not meant to be two, dE00. Common practice, no published source. */
export const MEANT_APART = 4;

/** What unpainted skin goes by. */
const SKIN = "bare skin";

/** The middle one of some widths. */
export const halfWay = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** The lesser extent of a set of zones, mm: what a field of colour is as wide as. */
const fieldWidth = (context: LookContext, zones: readonly ZoneId[]): number =>
  Math.max(
    8,
    ...zones.map((zone) => {
      const box = boundingBox(context.figure.zone(zone).polygon);
      return Math.min(box.right - box.left, box.top - box.bottom);
    }),
  );

/** Points of a border that are asked whether something is drawn over them: enough for a share. */
const ASKED = 60;

/** Share of some lines that lies within reach of some strokes. */
function shareAlong(
  lines: readonly (readonly Point[])[],
  strokes: readonly { points: readonly Point[]; widthMm: number }[],
): number {
  const all = lines.flat();
  const points = all.filter((_, i) => i % Math.ceil(all.length / ASKED) === 0);
  if (!points.length || !strokes.length) return 0;
  const box = boundingBox(points);
  const near = strokes.flatMap((stroke) => {
    const reach = stroke.widthMm / 2 + 1;
    const own = boundingBox(stroke.points);
    return own.left - reach <= box.right &&
      own.right + reach >= box.left &&
      own.bottom - reach <= box.top &&
      own.top + reach >= box.bottom
      ? [{ points: stroke.points, reach, own }]
      : [];
  });
  const touched = points.filter((p) =>
    near.some(
      ({ points: line, reach, own }) =>
        p.x >= own.left - reach &&
        p.x <= own.right + reach &&
        p.y >= own.bottom - reach &&
        p.y <= own.top + reach &&
        line.some((q, i) => toSegment(p, line[i - 1] ?? q, q) <= reach),
    ),
  );
  return touched.length / points.length;
}

/** A border counts as drawn over from this share on. Common practice, no published source. */
const DRAWN_OVER = 0.7;

interface Field {
  readonly layer: Layer | null;
  readonly name: string;
  readonly colour: Spectrum;
}

/** Borders between fields of colour that two different layers give, merged by the pair of layers and their colours. */
function borderEdges(look: Look, context: LookContext, prediction: Prediction): Edge[] {
  const fieldOf = (zone: ZoneId): Field => {
    const field = prediction.fields.get(zone);
    return field
      ? { layer: field.layer, name: field.layer.name, colour: field.colour }
      : { layer: null, name: SKIN, colour: prediction.bare(zone) };
  };
  const seen = visibleLayers(look, context, prediction);
  const groups = new Map<
    string,
    {
      a: Field;
      b: Field;
      zones: Set<ZoneId>;
      sides: [Set<ZoneId>, Set<ZoneId>];
      pieces: (readonly Point[])[];
    }
  >();
  for (const border of borders(context.figure)) {
    const [one, other] = [fieldOf(border.a), fieldOf(border.b)];
    // Bare lips or brows beside bare skin are nobody's design.
    if (one.layer?.id === other.layer?.id || (!one.layer && !other.layer)) continue;
    const turned = (one.layer?.id ?? "") > (other.layer?.id ?? "");
    const [a, b, za, zb] = turned
      ? [other, one, border.b, border.a]
      : [one, other, border.a, border.b];
    const key = `${a.layer?.id ?? ""}|${b.layer?.id ?? ""}`;
    const group = groups.get(key) ?? {
      a,
      b,
      zones: new Set(),
      sides: [new Set(), new Set()],
      pieces: [],
    };
    group.zones.add(za).add(zb);
    group.sides[0].add(za);
    group.sides[1].add(zb);
    group.pieces.push(...border.lines);
    groups.set(key, group);
  }
  return [...groups.entries()].map(([key, { a, b, zones, sides, pieces }]): Edge => {
    const lines = joinPieces(pieces);
    const parting = seen
      .filter(
        ({ layer }) =>
          layer.marks.length > 0 && layer.id !== a.layer?.id && layer.id !== b.layer?.id,
      )
      .find(({ layer }) => shareAlong(lines, layer.marks.flatMap(placedStrokes)) >= DRAWN_OVER);
    const colour = parting && [...parting.colours.values()][0];
    return {
      key: `border:${key}`,
      kind: "border",
      a: { layerId: a.layer?.id ?? null, name: a.name, colour: a.colour },
      b: { layerId: b.layer?.id ?? null, name: b.name, colour: b.colour },
      widthMm: Math.min(fieldWidth(context, [...sides[0]]), fieldWidth(context, [...sides[1]])),
      zones: [...zones],
      lines,
      partedBy:
        parting && colour ? { layerId: parting.layer.id, name: parting.layer.name, colour } : null,
      partedMm: parting ? halfWay(parting.layer.marks.map(markWidthMm)) : 0,
    };
  });
}

/** Where a mark has its middle, by zone; its first zone where it lies on none. */
export const zoneOfMark = (mark: Mark, layer: Layer, context: LookContext): ZoneId | undefined =>
  isArea(mark)
    ? mark.zone
    : (layer.zones.find(
        (zone) =>
          zoneInfo(zone).frame === mark.frame && contains(context.figure.zone(zone).polygon, mark),
      ) ?? layer.zones[0]);

/** Marks on what lies beside them, one edge for each layer and each ground it meets. */
function markEdges(look: Look, context: LookContext, prediction: Prediction): Edge[] {
  const later = underLater(look, context, prediction);
  return visibleLayers(look, context, prediction).flatMap(({ layer, colours }): Edge[] => {
    const shapes = shapesOf(layer);
    if (!shapes.length || layer.role === "map" || !isColour(layer.role)) return [];
    // Shade and light of a form run out on it: they have no edge of their own.
    if (layer.form) return [];
    const at = look.layers.findIndex(({ id }) => id === layer.id);
    // White under a tint is not seen itself, nor is an edging but for its rim.
    if (
      look.layers
        .slice(at + 1)
        .some((other) => other.marks.length > 0 && !other.form && liesUnder(layer, other))
    )
      return [];
    const edging = look.layers.slice(0, at).findLast(
      (other) =>
        // An edging is one of the shapes: what the layer fills beside them has none.
        liesUnder(other, { ...layer, marks: shapes }) &&
        shapes.every((mark) =>
          other.marks.some((border) => sameShape(mark, border) && border.outsetMm > mark.outsetMm),
        ),
    );
    const groups = new Map<
      string,
      {
        colour: Spectrum;
        beside: Spectrum;
        ground: string;
        groundId: string | null;
        edge: Spectrum | null;
        zones: Set<ZoneId>;
        marks: Mark[];
      }
    >();
    for (const mark of shapes) {
      const zone = zoneOfMark(mark, layer, context);
      const films = zone ? prediction.films.get(zone) : undefined;
      const film = films?.find((entry) => entry.layer.id === layer.id);
      const colour = zone && colours.get(zone);
      if (!zone || !film || !colour) continue;
      const below = films
        ?.slice(0, films.indexOf(film))
        .findLast((entry) => isColour(entry.layer.role) && fillsZone(entry.layer, zone, context));
      const rim = edging && films?.find((entry) => entry.layer.id === edging.id)?.colour;
      const key = `${layer.id}|${below?.layer.id ?? ""}|${labFromReflectance(film.beside).map(Math.round).join()}`;
      const group = groups.get(key) ?? {
        colour,
        beside: later(film.beside, at, zone, true),
        ground: below?.layer.name ?? SKIN,
        groundId: below?.layer.id ?? null,
        edge: rim ? later(rim, at, zone, true) : null,
        zones: new Set(),
        marks: [],
      };
      group.zones.add(zone);
      if (mark.mirrored) group.zones.add(otherSide(zone));
      group.marks.push(mark);
      groups.set(key, group);
    }
    return [...groups.entries()].map(([key, group]): Edge => ({
      key: `mark:${key}`,
      kind: "mark",
      a: { layerId: layer.id, name: layer.name, colour: group.colour },
      b: { layerId: group.groundId, name: group.ground, colour: group.beside },
      widthMm: halfWay(group.marks.map(markWidthMm)),
      zones: [...group.zones],
      lines: group.marks.flatMap(placedStrokes).map((stroke) => stroke.points),
      partedBy:
        edging && group.edge ? { layerId: edging.id, name: edging.name, colour: group.edge } : null,
      partedMm: edging
        ? halfWay(edging.marks.map((mark) => mark.outsetMm)) -
          halfWay(group.marks.map((mark) => mark.outsetMm))
        : 0,
    }));
  });
}

/** Marks nearer to each other than this lie side by side, mm; over so much of the shorter they are neighbours. Common practice, no published source. */
const SIDE_BY_SIDE_MM = 2;
const ALONGSIDE = 0.3;
/** Boxes further apart than this hold no neighbours, mm: half of two widest lines. */
const REACH_MM = 22;

/** Marks of two layers that run side by side, as the rings of one halo do. */
function markPairEdges(look: Look, context: LookContext, prediction: Prediction): Edge[] {
  const drawn = visibleLayers(look, context, prediction)
    .filter(
      ({ layer, colours }) =>
        shapesOf(layer).length > 0 &&
        !layer.form &&
        layer.marks.length <= MOST_MARKS &&
        colours.size > 0 &&
        layer.role !== "map" &&
        isColour(layer.role),
    )
    .map(({ layer, colours }) => ({
      layer,
      colours,
      strokes: layer.marks.flatMap(placedStrokes),
      widthMm: halfWay(layer.marks.map(markWidthMm)),
      box: boundingBox(layer.marks.flatMap(placedStrokes).flatMap((stroke) => stroke.points)),
    }));
  const apart = (a: Box, b: Box) =>
    a.left > b.right + REACH_MM ||
    b.left > a.right + REACH_MM ||
    a.bottom > b.top + REACH_MM ||
    b.bottom > a.top + REACH_MM;
  return drawn.flatMap((upper, i) =>
    drawn.slice(0, i).flatMap((lower): Edge[] => {
      if (
        apart(upper.box, lower.box) ||
        liesUnder(lower.layer, upper.layer) ||
        liesUnder(upper.layer, lower.layer)
      )
        return [];
      const shared = upper.layer.zones.filter((zone) => lower.colours.has(zone));
      const [a, b] = [
        shared[0] && upper.colours.get(shared[0]),
        shared[0] && lower.colours.get(shared[0]),
      ];
      if (!a || !b) return [];
      const near = (of: typeof upper, along: typeof lower) =>
        shareAlong(
          of.strokes.map(({ points }) => points),
          along.strokes.map(({ points, widthMm }) => ({
            points,
            widthMm: widthMm + of.widthMm + 2 * SIDE_BY_SIDE_MM - 2,
          })),
        );
      if (Math.max(near(upper, lower), near(lower, upper)) < ALONGSIDE) return [];
      return [
        {
          key: `pair:${upper.layer.id}|${lower.layer.id}`,
          kind: "pair",
          a: { layerId: upper.layer.id, name: upper.layer.name, colour: a },
          b: { layerId: lower.layer.id, name: lower.layer.name, colour: b },
          widthMm: Math.min(upper.widthMm, lower.widthMm),
          zones: shared,
          lines: upper.strokes.map(({ points }) => points),
          partedBy: null,
          partedMm: 0,
        },
      ];
    }),
  );
}
/** Layers of more marks than this are fields of strokes, with no neighbours of their own. */
const MOST_MARKS = 12;

/** Every edge of a look that is meant to be seen. */
export function readEdges(stored: Look, context: LookContext, prediction: Prediction): Edge[] {
  return edgesOf(prediction)(stored, context);
}
/** A prediction is of one look on one person: so are its edges. */
const edgesOf = remember((prediction: Prediction) =>
  rememberPair((stored: Look, context: LookContext): Edge[] => {
    const look = touched(stored, context);
    const edges = [
      ...borderEdges(look, context, prediction),
      ...markEdges(look, context, prediction),
      ...markPairEdges(look, context, prediction),
    ];
    return edges.map((edge) => {
      const glowing = (side: EdgeSide) => ({ ...side, glow: glowOf(side, edge, prediction) });
      return {
        ...edge,
        a: glowing(edge.a),
        b: glowing(edge.b),
        partedBy: edge.partedBy && glowing(edge.partedBy),
      };
    });
  }),
);

/** What one side of an edge gives off under ultraviolet. */
const glowOf = ({ layerId }: EdgeSide, { zones }: Edge, { films }: Prediction): Spectrum | null =>
  zones
    .map((zone) => films.get(zone)?.find(({ layer }) => layer.id === layerId)?.glow)
    .find((glow) => glow) ?? null;

/** How an edge reads from a distance under a lamp; with a parting line, by the weaker of its two sides. */
export function seeEdge(edge: Edge, at: { distanceM: number; lamp?: LampKey }): SeenEdge {
  const { lamp = "D65" } = at;
  const lab = ({ colour, glow = null }: EdgeSide): Lab =>
    labFromReflectance(underLampOf(colour, glow, lamp), lamp);
  const [a, b] = [lab(edge.a), lab(edge.b)];
  const plain = edgeVisibility(a, b, { widthMm: edge.widthMm, distanceM: at.distanceM }).ratio;
  const parted =
    edge.partedBy &&
    Math.min(
      ...[a, b].map(
        (side) =>
          edgeVisibility(side, lab(edge.partedBy as EdgeSide), {
            widthMm: edge.partedMm,
            distanceM: at.distanceM,
          }).ratio,
      ),
    );
  const ratio = Math.max(plain, parted ?? 0);
  return { ...edge, verdict: verdictOf(ratio), ratio, deltaE: deltaE00(a, b) };
}
