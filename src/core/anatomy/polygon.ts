import { point, type Point } from "./point";

export type Polygon = readonly Point[];

/** Signed area in mm2, positive when the corners run anticlockwise (shoelace formula). */
export function signedArea(polygon: Polygon): number {
  return (
    polygon.reduce((sum, p, i) => {
      const q = polygon[(i + 1) % polygon.length] ?? p;
      return sum + p.x * q.y - q.x * p.y;
    }, 0) / 2
  );
}

/** Whether a point lies inside (even-odd rule). */
export function contains(polygon: Polygon, { x, y }: Point): boolean {
  let inside = false;
  polygon.forEach((p, i) => {
    const q = polygon.at(i - 1) ?? p;
    if (p.y > y !== q.y > y && x < ((q.x - p.x) * (y - p.y)) / (q.y - p.y) + p.x) inside = !inside;
  });
  return inside;
}

/** Centre of gravity. */
export function centroid(polygon: Polygon): Point {
  const area = signedArea(polygon) * 6;
  let x = 0;
  let y = 0;
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length] ?? p;
    const cross = p.x * q.y - q.x * p.y;
    x += (p.x + q.x) * cross;
    y += (p.y + q.y) * cross;
  });
  return point(x / area, y / area);
}

export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

export function boundingBox(points: readonly Point[]): Box {
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.max(...ys),
    bottom: Math.min(...ys),
  };
}

const turn = (o: Point, a: Point, b: Point): number =>
  (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

/** The convex outline round some places (monotone chain, Andrew 1979). */
export function convexHull(places: readonly Point[]): Point[] {
  const sorted = places.toSorted((a, b) => a.x - b.x || a.y - b.y);
  const half = (along: readonly Point[]) => {
    const chain: Point[] = [];
    for (const p of along) {
      while (chain.length > 1 && turn(chain.at(-2) as Point, chain.at(-1) as Point, p) <= 0)
        chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}
