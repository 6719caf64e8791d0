import { point, type Point } from "../../anatomy";
import { simplified } from ".";
import { MarkSchema, type Mark } from "../registry";

export type Path = Extract<Mark, { kind: "path" }>;

/** So many points can be taken hold of one by one; a line drawn by hand has more. */
export const MOST_HANDLED = 24;

const near = (value: number) => Math.round(value * 100) / 100;

/** Where a point of a line is on the figure. */
export function pointAt(path: Path, i: number): Point {
  const [x, y] = path.points[i] ?? [0, 0];
  const turn = (path.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return point(path.x + x * cos - y * sin, path.y + x * sin + y * cos);
}

/** A place on the figure as the line itself counts, round its own centre and before it is turned. */
function within(path: Path, p: Point): [number, number] {
  const turn = (-path.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const [x, y] = [p.x - path.x, p.y - path.y];
  return [near(x * cos - y * sin), near(x * sin + y * cos)];
}

function withPoints(path: Path, points: readonly (readonly [number, number])[]): Path | null {
  const parsed = MarkSchema.safeParse({ ...path, points });
  return parsed.success && parsed.data.kind === "path" ? parsed.data : null;
}

/** The line with one point somewhere else on the figure; null where none may be. */
export const movePoint = (path: Path, i: number, to: Point): Path | null =>
  withPoints(
    path,
    path.points.map((p, k) => (k === i ? within(path, to) : p)),
  );

/** The line with a point half way from one to the next; after the last, to the first where it is closed. */
export function addPoint(path: Path, after: number): Path | null {
  const { points, closed } = path;
  const [a, b] = [points[after], points[after + 1] ?? (closed ? points[0] : undefined)];
  if (!a || !b) return null;
  const half: [number, number] = [near((a[0] + b[0]) / 2), near((a[1] + b[1]) / 2)];
  return withPoints(path, points.toSpliced(after + 1, 0, half));
}

/** The line without one of its points; null where too few would be left. */
export const takePoint = (path: Path, i: number): Path | null =>
  path.points.length > (path.closed ? 3 : 2) ? withPoints(path, path.points.toSpliced(i, 1)) : null;

/** The line through as few points as can be taken hold of, smoothed, strayed from by no more than has to be. */
export function fewerPoints(path: Path): Path {
  let points: readonly Point[] = path.points.map(([x, y]) => point(x, y));
  for (let stray = 0.4; points.length > MOST_HANDLED; stray *= 1.5)
    points = simplified(points, stray);
  const fewer = withPoints(
    { ...path, smooth: true },
    points.map(({ x, y }) => [near(x), near(y)] as const),
  );
  return fewer ?? path;
}
