import { smoothClosed, smoothOpen } from "./curve";
import type { Figure } from "./figure";
import { mirror, point, type Point, type Side } from "./point";
import type { Polygon } from "./polygon";
import { warpTo } from "./warp";
import type { Frame, ZoneGroup } from "./zone";
import type { ZoneId } from "./zones";

/**
 * The head from the side. Depth is counted in mm forward from the plane of the ears: a curve down the midline, a curve along the edge that
 * the front and the back share, and an ellipse between the two; nose, lips and chin stand out by what the midline has beyond the cheeks.
 * Head length 194 mm from glabella to back for a breadth of 145 (NIOSH 2003, from memory); the curves are our own, no published source.
 */
type Curve = readonly (readonly [y: number, z: number])[];

const MIDLINE: Curve = [
  [110, -8],
  [108, 22],
  [102, 42],
  [92, 58],
  [78, 70],
  [62, 80],
  [40, 90],
  [22, 94],
  [9, 95],
  [1, 89],
  [-4, 89],
  [-20, 101],
  [-36, 113],
  [-43, 117],
  [-47, 115],
  [-51, 106],
  [-54.2, 98],
  [-60, 97.5],
  [-65, 100.5],
  [-70, 101],
  [-73, 96.5],
  [-76, 98],
  [-81, 100],
  [-86, 97],
  [-92, 91],
  [-99, 93],
  [-106, 94],
  [-113, 90],
  [-119, 80],
];
const CHEEKS: Curve = [
  [110, -8],
  [108, 22],
  [102, 42],
  [92, 58],
  [78, 70],
  [62, 80],
  [40, 90],
  [22, 94],
  [9, 93],
  [0, 86],
  [-20, 86],
  [-40, 88],
  [-54, 92],
  [-65, 94],
  [-74, 93],
  [-86, 90],
  [-106, 91],
  [-119, 80],
];
const FRONT_EDGE: Curve = [
  [110, -8],
  [60, -2],
  [5, 0],
  [-62, 2],
  [-71, 10],
  [-80, 22],
  [-88, 34],
  [-99, 55],
  [-111, 74],
  [-119, 80],
];
const BACK_EDGE: Curve = [
  [110, -8],
  [60, -2],
  [5, 0],
  [-62, 2],
  [-71, 10],
  [-80, 22],
  [-92, 2],
  [-110, -14],
  [-168, -20],
];
const BACK: Curve = [
  [110, -8],
  [106, -45],
  [96, -68],
  [80, -86],
  [60, -96],
  [35, -99],
  [10, -96],
  [-15, -88],
  [-40, -76],
  [-68, -68],
  [-90, -64],
  [-120, -66],
  [-146, -76],
  [-168, -88],
];
const THROAT: Curve = [
  [-80, 52],
  [-119, 42],
  [-130, 38],
  [-146, 36],
  [-168, 28],
];
/** The ear from the side, depth and height. */
const EAR: Curve = [
  [-2, 2],
  [8, 0],
  [13, -10],
  [12, -22],
  [3, -31],
  [-12, -31],
  [-26, -24],
  [-38, -14],
  [-47, -7],
  [-48, 0],
  [-40, 3],
  [-24, 2],
];
/** Breadth of what stands out at the midline, and the fall from jaw to throat, mm. */
const [RIDGE_MM, UNDER_CHIN_MM, PIECE_MM] = [15, 14, 2.5];
const DRAWN_BREADTH = 72.5;

/** A curve at a height, straight between its points. */
function at(curve: Curve, y: number): number {
  const below = curve.findIndex(([height]) => height <= y);
  if (below <= 0) return (curve[below < 0 ? curve.length - 1 : 0] as readonly [number, number])[1];
  const [[y0, z0], [y1, z1]] = [curve[below - 1], curve[below]] as [
    readonly [number, number],
    readonly [number, number],
  ];
  return z0 + ((z1 - z0) * (y - y0)) / (y1 - y0);
}

/** Corners no farther apart than `mm`, so that what is straight from the front can bend. */
function divided(polygon: Polygon, mm: number): Point[] {
  return polygon.flatMap((p, i) => {
    const q = polygon[(i + 1) % polygon.length] ?? p;
    const pieces = Math.max(1, Math.ceil(Math.hypot(q.x - p.x, q.y - p.y) / mm));
    return Array.from({ length: pieces }, (_, k) =>
      point(p.x + ((q.x - p.x) * k) / pieces, p.y + ((q.y - p.y) * k) / pieces),
    );
  });
}

/** The part of a polygon on the person's left of the midline (Sutherland & Hodgman 1974, for one edge). */
function leftOf(polygon: Polygon): Point[] {
  return polygon.flatMap((p, i) => {
    const q = polygon[(i + 1) % polygon.length] ?? p;
    const crossing =
      p.x >= 0 !== q.x >= 0 ? [point(0, p.y + ((q.y - p.y) * p.x) / (p.x - q.x))] : [];
    return [...(p.x >= 0 ? [p] : []), ...crossing];
  });
}

/** The half-breadth of a closed curve at a height: its farthest crossing. */
function breadthAt(outline: Polygon, y: number): number {
  let widest = 0;
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % outline.length] ?? p;
    if (p.y > y !== q.y > y)
      widest = Math.max(widest, p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y));
  });
  return widest;
}

export interface ProfileZone {
  readonly id: ZoneId;
  readonly label: string;
  readonly group: ZoneGroup;
  readonly frame: Frame;
  readonly polygon: Polygon;
}

export interface Profile {
  /** Zones of the head seen from this side: the neck and the back of the head first, then the face, the ear last. */
  readonly zones: readonly ProfileZone[];
  readonly silhouette: Polygon;
  /** Where a point of the front or the back is seen from this side; what lies beyond the midline comes to lie on it. */
  readonly carry: (frame: Frame) => (p: Point) => Point;
}

/** The head of a figure from its left or right side, in mm: to the left of the picture is forward on the left side, backward on the right. */
export function profileOf(figure: Figure, side: Side): Profile {
  const warp = warpTo(figure.landmarks);
  const deep = figure.landmarks.euryonLeft.x / DRAWN_BREADTH;
  // The curves are drawn for the average face: each height goes where this face has it, and heights come in falling order.
  const onFace = (curve: Curve): Curve =>
    smoothOpen(curve.map(([y, z]) => point(z * deep, warp(point(0, y)).y))).map(({ x, y }) => [
      y,
      x,
    ]);
  const curves = {
    midline: onFace(MIDLINE),
    cheeks: onFace(CHEEKS),
    frontEdge: onFace(FRONT_EDGE),
    backEdge: onFace(BACK_EDGE),
    back: onFace(BACK),
    throat: onFace(THROAT),
  };
  const neck = [
    ...figure.strand("neckSide", "left"),
    ...[...figure.strand("neckSide", "right")].reverse(),
  ];
  const section = (x: number, breadth: number, edge: number, middle: number) =>
    edge + (middle - edge) * Math.sqrt(Math.max(0, 1 - (x / Math.max(breadth, x, 1e-6)) ** 2));
  const front = ({ x, y }: Point) =>
    section(x, breadthAt(figure.outline, y), at(curves.frontEdge, y), at(curves.cheeks, y)) +
    (at(curves.midline, y) - at(curves.cheeks, y)) * Math.exp(-((x / RIDGE_MM) ** 2));
  const neckBreadth = (y: number) =>
    breadthAt(neck, y) || breadthAt(figure.outline, y) || figure.landmarks.neckSideLeft.x;
  const jaw = figure.outline.map(({ x, y }) => point(-y, x));
  /** How low the face goes at a distance from the midline. */
  const jawHeight = (x: number) => -breadthAt(jaw, x) || figure.landmarks.gonionLeft.y;
  const throat = (p: Point) => {
    const plain = section(p.x, neckBreadth(p.y), at(curves.backEdge, p.y), at(curves.throat, p.y));
    const edge = jawHeight(p.x);
    const share = Math.min(1, Math.max(0, (edge - p.y) / UNDER_CHIN_MM));
    return Math.max(plain, at(curves.frontEdge, edge)) * (1 - share) + plain * share;
  };
  const back = ({ x, y }: Point) =>
    section(
      x,
      y < figure.landmarks.gonionLeft.y ? neckBreadth(y) : breadthAt(figure.outline, y),
      at(curves.backEdge, y),
      at(curves.back, y),
    );
  const forward = side === "left" ? -1 : 1;
  const seen = (p: Point, z: number) => point(forward * z, p.y);
  const own = (p: Point) => (side === "left" ? p : mirror(p));
  const half = (p: Point) => point(Math.max(0, own(p).x), p.y);
  const isNeck = (p: Point) => p.y < jawHeight(p.x);
  const depth = (frame: Frame) => (p: Point) =>
    frame === "back" ? back(p) : isNeck(p) ? throat(p) : front(p);
  const ear = smoothClosed(EAR.map(([y, z]) => point(forward * z * deep, warp(point(70, y)).y)));
  const zones = figure.allZones
    .filter(
      (zone) => zone.part === "head" && zone.kind !== "collar" && (zone.side ?? side) === side,
    )
    .flatMap((zone): ProfileZone[] => {
      const { id, label, group, frame } = zone;
      if (zone.group === "ears")
        return frame === "front" ? [{ id, label, group, frame, polygon: ear }] : [];
      const depthOf = frame === "back" ? back : group === "neck" ? throat : front;
      return [
        {
          id,
          label,
          group,
          frame,
          polygon: divided(leftOf(zone.polygon.map(own)), PIECE_MM).map((p) => seen(p, depthOf(p))),
        },
      ];
    });
  const rank = ({ group, frame }: ProfileZone) =>
    group === "ears" ? 3 : group === "neck" ? 0 : frame === "back" ? 1 : 2;
  const along = (curve: Curve, down: boolean) => {
    const points = curve.map(([y, z]) => point(forward * z, y));
    return down ? points : points.reverse();
  };
  // The sides of the neck end higher than its front and back: what lies behind the zones stops there.
  const foot = Math.min(...figure.strand("neckSide", "left").map(({ y }) => y));
  return {
    zones: zones.sort((a, b) => rank(a) - rank(b)),
    silhouette: [
      ...along(curves.midline, true),
      ...along(
        curves.throat.filter(([y]) => y < figure.landmarks.menton.y - UNDER_CHIN_MM && y >= foot),
        true,
      ),
      ...along(
        curves.back.filter(([y]) => y >= foot),
        false,
      ),
    ],
    carry: (frame) => (p) => {
      const on = half(p);
      return seen(on, depth(frame)(on));
    },
  };
}
