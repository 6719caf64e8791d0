import type { Point } from "@/core/anatomy";

const round = (value: number) => String(Math.round(value * 10) / 10);

/** An SVG path through points in mm; SVG's y runs down. Lines are immutable values: the same one is written once. */
export function pathOf(points: readonly Point[], closed: boolean): string {
  const known = (closed ? CLOSED : OPEN).get(points);
  if (known !== undefined) return known;
  const path = written(points, closed);
  (closed ? CLOSED : OPEN).set(points, path);
  return path;
}
const [CLOSED, OPEN] = [
  new WeakMap<readonly Point[], string>(),
  new WeakMap<readonly Point[], string>(),
];

function written(points: readonly Point[], closed: boolean): string {
  return (
    points.map((p, i) => `${i ? "L" : "M"}${round(p.x)} ${round(-p.y)}`).join("") +
    (closed ? "Z" : "")
  );
}
