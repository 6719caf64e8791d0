import { paired, type Landmarks } from "./landmarks";
import { point, type Point, type Side } from "./point";

const IRIS_RADIUS = 5.9;

/** The point at height y on the line from a through b. */
function atHeight(a: Point, b: Point, y: number): Point {
  return point(a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y), y);
}

/**
 * Where a rebuilt brow starts, arches and ends (rule BROW-5): straight above the inner eye corner, on the line from the nostril wing past the
 * outer edge of the iris, and on the line from the nostril wing past the outer eye corner.
 */
export function browPoints(face: Landmarks, side: Side): { start: Point; arch: Point; end: Point } {
  const wing = paired(face, "alare", side);
  const pupil = paired(face, "pupil", side);
  const outward = side === "left" ? 1 : -1;
  const irisEdge = point(pupil.x + outward * IRIS_RADIUS, pupil.y);
  const start = point(paired(face, "endocanthion", side).x, paired(face, "browInner", side).y + 2);
  return {
    start,
    arch: atHeight(wing, irisEdge, paired(face, "superciliare", side).y),
    end: atHeight(wing, paired(face, "exocanthion", side), paired(face, "browOuter", side).y),
  };
}
