import type { Figure } from "./figure";
import { distance, point, type Point } from "./point";
import { divided, headAndDepths, type ProfileZone } from "./profile";
import type { Polygon } from "./polygon";
import type { Frame } from "./zone";

/** The head seen from above, the face towards who looks: its areas, and where a point of the front or the back lies. */
export interface FromAbove {
  readonly zones: readonly ProfileZone[];
  readonly carry: (frame: Frame) => (p: Point) => Point;
  /** Whether a point of either chart is seen from there. */
  readonly shows: (p: Point) => boolean;
}

/** Pieces that what is carried is cut into, mm. */
const PIECE_MM = 2.5;
/** A point so near to the edge of the charts lies on it, mm. */
const ON_RIM_MM = 1.5;

/** The part of a polygon above a height (Sutherland & Hodgman 1974, for one edge). */
function partAbove(polygon: Polygon, y: number): Point[] {
  return polygon.flatMap((p, i) => {
    const q = polygon[(i + 1) % polygon.length] ?? p;
    const share = (y - p.y) / (q.y - p.y);
    const crossing = p.y >= y !== q.y >= y ? [point(p.x + (q.x - p.x) * share, y)] : [];
    return [...(p.y >= y ? [p] : []), ...crossing];
  });
}

/** A head from above, mm: its breadth across, the face below; what lies under its widest line is not seen. */
export function headFromAbove(figure: Figure): FromAbove {
  const depths = headAndDepths(figure);
  const widest = figure.landmarks.euryonLeft.y;
  const rim = divided(figure.outline, 1).filter(({ y }) => y >= widest);
  const meets = rim.map((p) => (depths.front(p) + depths.back(p)) / 2);
  // Along the edge of both charts the surface lies on edge, and its depth is noise: they meet on one line over the head.
  const seam = meets.reduce((sum, z) => sum + z, 0) / meets.length;
  const isOnRim = (p: Point) => rim.some((a) => distance(p, a) < ON_RIM_MM);
  const carry = (frame: Frame) => (p: Point) => {
    if (isOnRim(p)) return point(p.x, -seam);
    const depth = frame === "back" ? depths.back(p) : depths.front(p);
    return point(p.x, -(frame === "back" ? Math.min(seam, depth) : Math.max(seam, depth)));
  };
  const zones = figure.allZones
    .filter(({ part, group }) => part === "head" && group !== "ears" && group !== "neck")
    .flatMap(({ id, label, group, frame, polygon }): ProfileZone[] => {
      const seen = partAbove(polygon, widest);
      if (seen.length < 3) return [];
      return [{ id, label, group, frame, polygon: divided(seen, PIECE_MM).map(carry(frame)) }];
    });
  return { zones, carry, shows: (p) => p.y >= widest };
}
