import forms from "./bodyForms.json";
import { BODY_HEIGHTS, BODY_STRANDS, type BodyHeight, type BodyStrandName } from "./bodyStrands";
import { childhoodFromSeven } from "./growth";
import type { Physique } from "./physique";
import { point, type Point } from "./point";

/**
 * How a body differs from the drawn one. A sculpted body of anybody (scripts/body) was measured at
 * twelve sizes: set to one height, it is told by two numbers, how stout and how much of a child it
 * is, and every point of it is a polynomial of these within some millimetres (bodySurface.test.ts).
 */
export interface BodyShape {
  /** Shares of the forms: the drawn body, stoutness, its square, childhood, both, childhood squared. */
  readonly weights: readonly number[];
  /** Stature against the drawn one, and what is stouter or leaner than the forms reach. */
  readonly size: number;
  readonly girth: number;
}

/** The drawn body: millimetres, kilograms, and how far under the bridge of the nose its soles are. */
export const DRAWN_BODY = { statureMm: 1700, massKg: 66, soles: -1595 } as const;
/** Stoutness of bodies that were sculpted; beyond it a body only grows wider. */
const STOUT = { least: 0.78, most: 1.5 } as const;

const clamp = (value: number, least: number, most: number) =>
  Math.min(most, Math.max(least, value));

/** Shares of the forms of a body: `stout` 1 and `child` 0 are the drawn one. */
export const formWeights = (stout: number, child: number): readonly number[] => {
  const s = stout - 1;
  return [1, s, s * s, child, child * s, child * child];
};

/** Weight by the cube of the height, against the drawn body's: girths go as its root. */
const stoutnessOf = (statureMm: number, massKg: number) =>
  Math.sqrt(massKg / statureMm ** 3 / (DRAWN_BODY.massKg / DRAWN_BODY.statureMm ** 3));

export function bodyShapeOf({ heightCm, weightKg, ageYears }: Physique): BodyShape {
  const stout = stoutnessOf(heightCm * 10, weightKg);
  const reached = clamp(stout, STOUT.least, STOUT.most);
  return {
    weights: formWeights(reached, childhoodFromSeven(ageYears)),
    size: (heightCm * 10) / DRAWN_BODY.statureMm,
    girth: stout / reached,
  };
}

/** Moves of a point by each form but the drawn body's own: x, y, x, y ..., mm at the drawn height. */
type Moves = readonly number[];

/** Where a drawn point lies on a person whose bridge of the nose is so high above the floor, mm. */
function moved(drawn: Point, moves: Moves, shape: BodyShape, bridgeMm: number): Point {
  let { x, y } = drawn;
  shape.weights.slice(1).forEach((weight, form) => {
    x += weight * (moves[2 * form] ?? 0);
    y += weight * (moves[2 * form + 1] ?? 0);
  });
  return point(x * shape.size * shape.girth, (y - DRAWN_BODY.soles) * shape.size - bridgeMm);
}

/** The lines of the body's drawing on a person, each point in its place. */
export function bodyStrandsOf(
  shape: BodyShape,
  bridgeMm: number,
): Record<BodyStrandName, readonly Point[]> {
  const names = Object.keys(BODY_STRANDS) as BodyStrandName[];
  const placed = names.map((name): [string, Point[]] => [
    name,
    BODY_STRANDS[name].map(([x, y], i) =>
      moved(point(x, y), forms.strands[name][i] ?? [], shape, bridgeMm),
    ),
  ]);
  return Object.fromEntries(placed) as Record<BodyStrandName, Point[]>;
}

/** Heights of a person's body, mm from the bridge of the nose. */
export function bodyHeightsOf(shape: BodyShape, bridgeMm: number): Record<BodyHeight, number> {
  const names = Object.keys(BODY_HEIGHTS) as BodyHeight[];
  const placed = names.map((name): [string, number] => {
    const { x, y } = BODY_HEIGHTS[name];
    return [name, moved(point(x, y), forms.heights[name], shape, bridgeMm).y];
  });
  return Object.fromEntries(placed) as Record<BodyHeight, number>;
}
