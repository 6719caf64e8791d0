import type { Point } from "@/core/anatomy";

const round = (value: number) => String(Math.round(value * 10) / 10);

/** An SVG path through points in mm; SVG's y runs down. */
export function pathOf(points: readonly Point[], closed: boolean): string {
  return points.map((p, i) => `${i ? "L" : "M"}${round(p.x)} ${round(-p.y)}`).join("") + (closed ? "Z" : "");
}
