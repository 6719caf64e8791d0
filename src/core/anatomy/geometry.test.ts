import fc from "fast-check";
import { DRAWN, defaultFace, faceFromMeasures, measuresOf } from ".";
import { joinRuns, smoothClosed, smoothOpen, smoothSpans } from "./curve";
import type { LandmarkName } from "./landmarks";
import { between, distance, mirror, point, type Point } from "./point";
import { boundingBox, centroid, contains, signedArea } from "./polygon";
import { warpTo } from "./warp";

const square = [point(0, 0), point(10, 0), point(10, 10), point(0, 10)];
const coordinate = fc.double({ min: -80, max: 80, noNaN: true });
const anyPoint: fc.Arbitrary<Point> = fc.record({ x: coordinate, y: coordinate });
const near = (a: Point, b: Point, mm = 1e-6) => expect(distance(a, b)).toBeLessThan(mm);

describe("points and polygons", () => {
  it("mirror over the midline and meet half way", () => {
    expect(mirror(point(3, 4))).toEqual({ x: -3, y: 4 });
    expect(between(point(0, 0), point(4, 8), 0.25)).toEqual({ x: 1, y: 2 });
  });
  it("have the area, the centre and the box of a square, by hand", () => {
    expect(signedArea(square)).toBe(100);
    expect(signedArea([...square].reverse())).toBe(-100);
    near(centroid(square), point(5, 5));
    near(centroid([...square].reverse()), point(5, 5));
    expect(boundingBox(square)).toEqual({ left: 0, right: 10, top: 10, bottom: 0 });
  });
  it("know inside from outside, whichever way they run", () => {
    for (const polygon of [square, [...square].reverse()]) {
      expect(contains(polygon, point(5, 5))).toBe(true);
      expect(contains(polygon, point(11, 5))).toBe(false);
      expect(contains(polygon, point(5, -1))).toBe(false);
    }
  });
  it("keep their area when they are moved", () => {
    fc.assert(
      fc.property(anyPoint, ({ x, y }) => {
        expect(signedArea(square.map((p) => point(p.x + x, p.y + y)))).toBeCloseTo(100, 6);
      }),
    );
  });
});

describe("curves (centripetal Catmull-Rom, Barry & Goldman 1988)", () => {
  const bend = [point(0, 0), point(10, 5), point(20, 0), point(30, 10)];
  it("go through every point they are given", () => {
    const line = smoothOpen(bend);
    for (const p of bend) expect(Math.min(...line.map((q) => distance(p, q)))).toBeLessThan(1e-9);
    const ring = smoothClosed(square);
    for (const p of square) expect(Math.min(...ring.map((q) => distance(p, q)))).toBeLessThan(1e-9);
  });
  it("are straight through points on a line", () => {
    for (const p of smoothOpen([point(0, 0), point(10, 10), point(25, 25)]))
      expect(p.x).toBeCloseTo(p.y, 9);
  });
  it("make no loops: a closed curve round a square encloses a little more than the square", () => {
    expect(signedArea(smoothClosed(square))).toBeGreaterThan(100);
    expect(signedArea(smoothClosed(square))).toBeLessThan(160);
  });
  it("can be taken in parts that join without a gap", () => {
    const runs = smoothSpans(bend);
    expect(runs).toHaveLength(3);
    expect(joinRuns(runs)).toEqual(smoothOpen(bend));
    near(runs[0]?.at(-1) ?? point(99, 99), runs[1]?.[0] ?? point(0, 0));
  });
  it("refuse too few points", () => {
    expect(() => smoothOpen([point(0, 0)])).toThrow(RangeError);
    expect(() => smoothClosed([point(0, 0), point(1, 1)])).toThrow(RangeError);
  });
});

describe("warp (thin-plate spline, Bookstein 1989)", () => {
  it("is the identity onto the drawing itself", () => {
    const same = warpTo(DRAWN);
    fc.assert(
      fc.property(anyPoint, (p) => near(same(p), p, 1e-4)),
      { numRuns: 50 },
    );
  });
  it("puts every landmark of a person exactly where it is", () => {
    for (const build of ["average", "narrow", "broad"] as const) {
      const face = defaultFace(build);
      const warp = warpTo(face);
      for (const name of Object.keys(DRAWN) as LandmarkName[])
        near(warp(DRAWN[name]), face[name], 1e-5);
    }
  });
  it("carries a plain stretch exactly, between the landmarks too", () => {
    const stretched = Object.fromEntries(
      (Object.keys(DRAWN) as LandmarkName[]).map((name) => [
        name,
        point(DRAWN[name].x * 1.2 + 3, DRAWN[name].y * 0.9 - 2),
      ]),
    ) as typeof DRAWN;
    const warp = warpTo(stretched);
    fc.assert(
      fc.property(anyPoint, (p) => near(warp(p), point(p.x * 1.2 + 3, p.y * 0.9 - 2), 1e-4)),
      { numRuns: 50 },
    );
  });
  it("keeps a symmetric face symmetric", () => {
    const warp = warpTo(faceFromMeasures(measuresOf("narrow")));
    fc.assert(
      fc.property(anyPoint, (p) => near(warp(mirror(p)), mirror(warp(p)), 1e-5)),
      { numRuns: 50 },
    );
  });
});
