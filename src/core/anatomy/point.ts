/** Millimetres on the front view: origin at sellion, x to the person's left, y up. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export type Side = "left" | "right";

export const point = (x: number, y: number): Point => ({ x, y });
export const mirror = (p: Point): Point => point(-p.x, p.y);
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);
/** Distance of a point from the straight piece between two others. */
export function toSegment(p: Point, a: Point, b: Point): number {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const length2 = dx * dx + dy * dy;
  const t = length2 ? Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / length2)) : 0;
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy);
}
export const between = (a: Point, b: Point, share: number): Point =>
  point(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
