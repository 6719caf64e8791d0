import { point, type Point } from "./point";
import { signedArea, type Polygon } from "./polygon";

/** What lies between two parallel lines: points p with fromMm <= p . across <= toMm. */
export interface Strip {
  /** Across both lines, of length 1. */
  readonly across: Point;
  readonly fromMm: number;
  readonly toMm: number;
}

/** How far a point lies across a strip, mm. */
export const acrossStrip = ({ across }: Pick<Strip, "across">, p: Point): number =>
  p.x * across.x + p.y * across.y;

/** The part of a polygon on one side of a line (Sutherland & Hodgman 1974): where the way of the outline leaves it, it follows the line. */
function cut(polygon: Polygon, sideOf: (p: Point) => number): Point[] {
  return polygon.flatMap((a, i) => {
    const b = polygon[(i + 1) % polygon.length] ?? a;
    const [da, db] = [sideOf(a), sideOf(b)];
    const crossing =
      da * db < 0
        ? [point(a.x + ((b.x - a.x) * da) / (da - db), a.y + ((b.y - a.y) * da) / (da - db))]
        : [];
    return da >= 0 ? [a, ...crossing] : crossing;
  });
}

/** The part of a polygon in a strip; no points where there is none. Of a polygon with bays the pieces hang together along the lines. */
export function inStrip(polygon: Polygon, strip: Strip): Polygon {
  const above = cut(polygon, (p) => acrossStrip(strip, p) - strip.fromMm);
  return cut(above, (p) => strip.toMm - acrossStrip(strip, p));
}

/** Share of a polygon's area that lies in a strip, 0 to 1. */
export function shareInStrip(polygon: Polygon, strip: Strip): number {
  const whole = Math.abs(signedArea(polygon));
  return whole ? Math.min(1, Math.abs(signedArea(inStrip(polygon, strip))) / whole) : 0;
}
