import { z } from "zod";
import { point, type Point } from "../../anatomy";
import { seededRandom } from "../../random";
import { defineShape, named, PLACED, widthMm, type BrushStroke } from "../motif";

const sideMm = z.number().min(10, "at least 10 mm").max(200, "at most 200 mm");
const DriedSchema = z
  .object({
    kind: z.literal("dried"),
    ...PLACED,
    breadthMm: named(sideMm.default(60), "breadth", { unit: "mm" }),
    heightMm: named(sideMm.default(50), "height", { unit: "mm" }),
    plateMm: named(z.number().min(5, "at least 5 mm").max(60).default(15), "plate", { unit: "mm" }),
    widthMm: named(widthMm.default(1.6), "line width", { unit: "mm", step: 0.1 }),
    ragged: named(z.number().min(0).max(1).default(0.6), "ragged, 0 to 1", { step: 0.1 }),
  })
  .strict();

// How far corners stray and cracks bend is by eye, no published source; 0.87 is the height of a hexagon's row, half the root of 3.

/** Cracks that end open, as in ground that has not dried through. By eye, no published source. */
const OPEN_SHARE = 0.14;
/** A crack is at its narrowest so much of the width asked for; by eye, no published source. */
const NARROWEST = 0.45;

/** Corners of a honeycomb, by column and row; each cell shares them with its neighbours. */
const corner = (column: number, row: number, plate: number): Point => {
  // Corners of hexagons lie in zigzag rows: up on even columns of even rows, down on odd ones.
  const up = (column + row) % 2 === 0 ? 1 : -1;
  return point((column * plate) / 2, row * plate * 0.87 + (up * plate) / 7);
};

/** A crack between two corners: it turns in the middle, and is a wedge that narrows to one end. */
function between(
  a: Point,
  b: Point,
  o: { width: number; bend: number; narrow: number },
): BrushStroke {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const across = point(-(b.y - a.y) / length, (b.x - a.x) / length);
  const beside = (p: Point, by: number) => point(p.x + across.x * by, p.y + across.y * by);
  const middle = beside(point((a.x + b.x) / 2, (a.y + b.y) / 2), o.bend * length);
  const half = o.width / 2;
  const thin = half * o.narrow;
  return {
    points: [
      beside(a, half),
      beside(middle, (half + thin) / 2),
      beside(b, thin),
      beside(b, -thin),
      beside(middle, -(half + thin) / 2),
      beside(a, -half),
    ],
    widthMm: 0.3,
    fill: true,
    lengthMm: length,
  };
}

/** Ground that has dried and burst: plates between wedge-shaped cracks, no two alike. */
export const dried = defineShape(DriedSchema, {
  label: "cracked ground",
  difficulty: 45,
  strokes: ({ breadthMm, heightMm, plateMm: plate, widthMm: width, ragged, seed }) => {
    const [columns, rows] = [
      Math.ceil(breadthMm / plate) + 1,
      Math.ceil(heightMm / (plate * 0.87) / 2) + 1,
    ];
    const moved = new Map<string, Point>();
    const at = (column: number, row: number): Point => {
      const key = `${column} ${row}`;
      const known = moved.get(key);
      if (known) return known;
      // Each corner has a draw of its own, so that more plates leave those there are where they were.
      const random = seededRandom(seed * 7919 + (column + 200) * 401 + (row + 200));
      const on = corner(column, row, plate);
      const by = plate * 0.34 * ragged;
      const p = point(on.x + (random() - 0.5) * 2 * by, on.y + (random() - 0.5) * 2 * by);
      moved.set(key, p);
      return p;
    };
    const isIn = ({ x, y }: Point) =>
      (2 * x) ** 2 / breadthMm ** 2 + (2 * y) ** 2 / heightMm ** 2 <= 1;
    const random = seededRandom(seed);
    const strokes: BrushStroke[] = [];
    for (let row = -rows; row <= rows; row++)
      for (let column = -columns; column <= columns; column++) {
        const from = at(column, row);
        // Along the zigzag, and up from every other corner to the row above.
        const ends = [at(column + 1, row)];
        if ((column + row) % 2 === 0) ends.push(at(column, row + 1));
        for (const to of ends) {
          const draws = { open: random(), bend: random(), narrow: random(), turned: random() };
          if (!isIn(from) || !isIn(to) || draws.open < OPEN_SHARE * ragged) continue;
          const [a, b] = draws.turned < 0.5 ? [from, to] : [to, from];
          strokes.push(
            between(a, b, {
              width,
              bend: (draws.bend - 0.5) * 0.35 * ragged,
              narrow: NARROWEST + (1 - NARROWEST) * draws.narrow,
            }),
          );
        }
      }
    return strokes.length
      ? strokes
      : [between(point(0, plate / 2), point(0, -plate / 2), { width, bend: 0, narrow: 1 })];
  },
});
