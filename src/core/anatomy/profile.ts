import { remember } from "../remember";
import { smoothClosed } from "./curve";
import type { Figure } from "./figure";
import { distance, mirror, point, type Point, type Side } from "./point";
import { signedArea, type Polygon } from "./polygon";
import { depthsOf } from "./surface/depths";
import { headOfFace } from "./surface/ofFace";
import type { Frame, ZoneGroup } from "./zone";
import type { ZoneId } from "./zones";

/** Fineness of the surface the side is read from, and of what is carried onto it, mm. */
const [DETAIL, PIECE_MM] = [0.5, 2.5];

/** The surface of a figure's head, as depths under both charts. */
export const headAndDepths = remember((figure: Figure) =>
  depthsOf(
    headOfFace(figure.landmarks, figure.physique.ageYears, DETAIL),
    figure.landmarks,
    DETAIL,
  ),
);

/** Corners no farther apart than `mm`, so that what is straight from the front can bend. */
export function divided(polygon: Polygon, mm: number): Point[] {
  return polygon.flatMap((p, i) => {
    const q = polygon[(i + 1) % polygon.length] ?? p;
    const pieces = Math.max(1, Math.ceil(Math.hypot(q.x - p.x, q.y - p.y) / mm));
    return Array.from({ length: pieces }, (_, k) =>
      point(p.x + ((q.x - p.x) * k) / pieces, p.y + ((q.y - p.y) * k) / pieces),
    );
  });
}

/** Both sides are cut into the same pieces when they run the same way round, no corner twice. */
function anticlockwise(polygon: readonly Point[]): Point[] {
  const corners = polygon.filter((p, i) => distance(p, polygon.at(i - 1) ?? p) > 1e-6);
  return signedArea(corners) < 0 ? corners.toReversed() : corners;
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

/** How often zigzags are evened out, and the cosine of a turn that counts as one. */
const [PASSES, SHARP] = [4, -0.1];

/** A line without zigzags: near the edge of the front's chart a hair's breadth is centimetres of depth, and its noise shows. */
function withoutZigzag(polygon: readonly Point[]): Point[] {
  let points = [...polygon];
  for (let pass = 0; pass < PASSES; pass++)
    points = points.map((p, i) => {
      const [before, after] = [points.at(i - 1) ?? p, points[(i + 1) % points.length] ?? p];
      const [ux, uy, vx, vy] = [p.x - before.x, p.y - before.y, after.x - p.x, after.y - p.y];
      const isSharp = ux * vx + uy * vy < SHARP * Math.hypot(ux, uy) * Math.hypot(vx, vy);
      return isSharp ? point((before.x + after.x) / 2, (before.y + after.y) / 2) : p;
    });
  return points;
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
  const depths = headAndDepths(figure);
  const forward = side === "left" ? -1 : 1;
  const own = (p: Point) => (side === "left" ? p : mirror(p));
  const seen = (frame: Frame) => (p: Point) =>
    point(forward * (frame === "back" ? depths.back(p) : depths.front(p)), p.y);
  const turned = (polygon: Polygon) => polygon.map(({ x, y }) => point(forward * x, y));
  const zones = figure.allZones
    .filter(
      (zone) => zone.part === "head" && zone.kind !== "collar" && (zone.side ?? side) === side,
    )
    .flatMap(({ id, label, group, frame, polygon }): ProfileZone[] => {
      if (group === "ears")
        return frame === "front"
          ? [{ id, label, group, frame, polygon: turned(smoothClosed(depths.ear)) }]
          : [];
      const half = divided(anticlockwise(leftOf(polygon.map(own))), PIECE_MM);
      const carried = half.map(seen(frame));
      // Corners of eyes and mouth are as sharp as a zigzag, and far from the edge.
      const isPlain = group !== "eyes" && group !== "lips";
      return [{ id, label, group, frame, polygon: isPlain ? withoutZigzag(carried) : carried }];
    });
  const rank = ({ group, frame }: ProfileZone) =>
    group === "ears" ? 3 : group === "neck" ? 0 : frame === "back" ? 1 : 2;
  // The sides of the neck end higher than its front and back: what lies behind the zones stops there.
  const foot = Math.min(...figure.strand("neckSide", "left").map(({ y }) => y));
  return {
    zones: zones.sort((a, b) => rank(a) - rank(b)),
    silhouette: turned(depths.silhouette.filter(({ y }) => y >= foot)),
    carry: (frame) => (p) => seen(frame)(point(Math.max(0, own(p).x), p.y)),
  };
}
