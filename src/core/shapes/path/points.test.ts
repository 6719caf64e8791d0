import fc from "fast-check";
import { point } from "../../anatomy";
import { MarkSchema } from "../registry";
import {
  addPoint,
  fewerPoints,
  MOST_HANDLED,
  movePoint,
  pointAt,
  takePoint,
  type Path,
} from "./points";

const path = (values: object = {}): Path =>
  MarkSchema.parse({ kind: "path", x: 20, y: -30, ...values }) as Path;

describe("points of a free line", () => {
  it("go where they are dragged, however the line lies and is turned", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -180, max: 180 }),
        fc.integer({ min: -60, max: 60 }),
        fc.integer({ min: -60, max: 60 }),
        (turnDeg, x, y) => {
          const moved = movePoint(path({ turnDeg }), 1, point(x, y));
          expect(moved && pointAt(moved, 1).x).toBeCloseTo(x, 1);
          expect(moved && pointAt(moved, 1).y).toBeCloseTo(y, 1);
          expect(moved?.points[0]).toEqual(path().points[0]);
        },
      ),
    );
  });
  it("are added half way to the next, and taken out down to a line of two or a shape of three", () => {
    expect(addPoint(path(), 0)?.points).toEqual([
      [-15, 0],
      [-7.5, 2],
      [0, 4],
      [15, 0],
    ]);
    expect(addPoint(path(), 2)).toBeNull();
    expect(addPoint(path({ closed: true }), 2)?.points).toHaveLength(4);
    expect(takePoint(path(), 1)?.points).toEqual([
      [-15, 0],
      [15, 0],
    ]);
    expect(takePoint(path({ closed: true }), 1)).toBeNull();
  });
  it("of a line drawn by hand become few enough to take hold of, and its ends stay", () => {
    const points = Array.from({ length: 180 }, (_, i) => [i / 2 - 45, 12 * Math.sin(i / 8)]);
    const fewer = fewerPoints(path({ points }));
    expect(fewer.points.length).toBeLessThanOrEqual(MOST_HANDLED);
    expect(fewer.points[0]).toEqual([-45, 0]);
    expect(fewer.smooth).toBe(true);
  });
});
