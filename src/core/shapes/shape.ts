import { distance, point, type Point } from "../anatomy";
import type { BrushStroke } from "./motif";

/** Length of a line, mm. */
export const lengthOf = (line: readonly Point[]): number =>
  line.slice(1).reduce((sum, p, i) => sum + distance(line[i] ?? p, p), 0);

/** A line that swells or thins from one width to another, as a brush lifted or pressed draws it (FORM-5): an outline that is filled. */
export function wedge(line: readonly Point[], fromMm: number, toMm: number): BrushStroke {
  const whole = lengthOf(line) || 1;
  let done = 0;
  const sides = line.map((p, i) => {
    const before = line[i - 1] ?? p;
    const after = line[i + 1] ?? p;
    done += distance(before, p);
    const along = Math.atan2(after.y - before.y, after.x - before.x);
    const half = (fromMm + (toMm - fromMm) * (done / whole)) / 2;
    return [
      point(p.x - Math.sin(along) * half, p.y + Math.cos(along) * half),
      point(p.x + Math.sin(along) * half, p.y - Math.cos(along) * half),
    ] as const;
  });
  return {
    points: [...sides.map(([left]) => left), ...sides.map(([, right]) => right).reverse()],
    widthMm: 0.2,
    fill: true,
    lengthMm: whole,
  };
}

/** A shape with an edge all round, filled. */
export const filled = (points: readonly Point[], edgeMm = 0.2): BrushStroke => ({
  points,
  widthMm: edgeMm,
  fill: true,
});

/** A bent line of some length along y, its middle pushed sideways. */
export function bent(lengthMm: number, bendMm: number, pieces = 12): Point[] {
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const t = i / pieces;
    return point(bendMm * 4 * t * (1 - t), lengthMm * (0.5 - t));
  });
}

/** A shape by its outline: filled, or a line all round it. */
export const closedShape = (
  points: readonly Point[],
  o: { readonly filled: boolean; readonly widthMm: number },
): BrushStroke =>
  o.filled ? filled(points) : { points: [...points, ...points.slice(0, 1)], widthMm: o.widthMm };

/** An oval; pointed, its ends come together as those of a slit do. */
export function oval(breadthMm: number, heightMm: number, pointed = 0, corners = 48): Point[] {
  return Array.from({ length: corners }, (_, i) => {
    const angle = (i * 2 * Math.PI) / corners;
    const across = Math.cos(angle);
    // A lens thins to its ends as the square of the height does.
    const lens = Math.sign(across) * across ** 2;
    return point(
      (breadthMm / 2) * (across + (lens - across) * pointed),
      (heightMm / 2) * Math.sin(angle),
    );
  });
}
