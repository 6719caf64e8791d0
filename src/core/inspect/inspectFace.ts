import {
  contains,
  convexHull,
  PHOTO_LANDMARKS,
  toSegment,
  type Figure,
  type Point,
} from "../anatomy";
import type { ChartPicture } from "../anatomy/surface";
import {
  ontoChart,
  photoMap,
  type Balance,
  type Photograph,
  type PhotoPoints,
} from "../photograph";
import { compareShapes, strayBoxes } from "./compareShapes";
import { EDGE_MM, type Nearness } from "./nearness";
import { compareToPlan, type Seen } from "./compareToPlan";
import { coverSeen, type AreaSeen } from "./coverSeen";
import { flatOfChart, flatOfPhoto } from "./flatChart";
import { shapesSeen, type PlannedShape } from "./shapesSeen";
import { symmetrySeen } from "./symmetry";
import { inspectedZones, zoneRaster } from "./zoneRaster";

/** A photograph of a painted face, and the design it is measured against. */
export interface ToInspect {
  readonly photo: Photograph;
  readonly points: PhotoPoints;
  readonly nearness: Nearness;
  readonly figure: Figure;
  readonly balance: Balance;
  /** The design, flat and without hair, and the same face bare. */
  readonly charts: { readonly painted: ChartPicture; readonly bare: ChartPicture };
  readonly shapes: readonly PlannedShape[];
}

export interface Inspection {
  /** What the plan has otherwise, the weightiest first. */
  readonly seen: readonly Seen[];
  readonly areas: readonly AreaSeen[];
  /** Whether there was anything of the design that a photograph can tell. */
  readonly isMeasured: boolean;
}

/** Beyond the outermost landmarks nothing holds a place: so many mm farther at most an area is judged. By eye, no published source. */
const HELD_MM = 6;

/** How far a place lies outside a convex outline, mm; 0 within. */
function distanceOutside(outline: readonly Point[], at: Point): number {
  if (contains(outline, at)) return 0;
  return Math.min(
    ...outline.map((p, i) => toSegment(at, p, outline[(i + 1) % outline.length] ?? p)),
  );
}

/** Measures a photograph of a painted face against its design: areas, shapes, and left against right. */
export function inspectFace(given: ToInspect): Inspection {
  const { photo, points, figure, balance, charts, shapes, nearness } = given;
  const map = photoMap(photo, ontoChart(points, figure.landmarks));
  const found = shapes.length
    ? shapesSeen(shapes, flatOfChart(charts.painted), flatOfPhoto(photo, points, figure.landmarks))
    : [];
  const edgeMm = EDGE_MM[nearness];
  const outline = convexHull(PHOTO_LANDMARKS.map((name) => figure.landmarks[name]));
  const zoneAt = zoneRaster(
    figure,
    inspectedZones(figure),
    edgeMm,
    (p) => distanceOutside(outline, p) <= HELD_MM,
  );
  // Where a shape is, though it was planned elsewhere, an area shows nothing of itself.
  const strays = strayBoxes(found, nearness);
  const at = (x: number, y: number) =>
    strays.some((box) => x > box.left && x < box.right && y > box.bottom && y < box.top)
      ? null
      : zoneAt(x, y);
  const areas = coverSeen(photo, map, balance, charts, at, edgeMm);
  const ofAreas = compareToPlan(areas, figure, nearness);
  // Of sides that are told already nothing more is said: one of them is what makes them differ.
  const told = new Set(ofAreas.flatMap(({ zones }) => zones));
  const uneven = symmetrySeen(areas).filter(({ zones }) => !zones.some((zone) => told.has(zone)));
  return {
    seen: [...compareShapes(found, nearness), ...ofAreas, ...uneven],
    areas,
    isMeasured: areas.length > 0 || found.length > 0,
  };
}
