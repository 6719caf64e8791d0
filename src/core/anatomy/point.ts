/** Millimetres on the front view: origin at sellion, x to the person's left, y up. */
export interface Point { readonly x: number; readonly y: number }

export type Side = "left" | "right";

export const point = (x: number, y: number): Point => ({ x, y });
export const mirror = (p: Point): Point => point(-p.x, p.y);
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);
export const between = (a: Point, b: Point, share: number): Point => point(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
