import fc from "fast-check";
import { acrossStrip, buildFigure, contains, defaultFace, inStrip, point, shareInStrip } from ".";

const figure = buildFigure(defaultFace());
const zone = fc.constantFrom(...figure.allZones.filter(({ part }) => part === "head"));
const strips = fc
  .record({
    degrees: fc.integer({ min: -180, max: 180 }),
    fromMm: fc.double({ min: -90, max: 80, noNaN: true }),
    widthMm: fc.double({ min: 1, max: 60, noNaN: true }),
  })
  .map(({ degrees, fromMm, widthMm }) => ({
    across: point(Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)),
    fromMm,
    toMm: fromMm + widthMm,
  }));

describe("a strip of an area", () => {
  it("is half a square cut through its middle, and a triangle of a corner", () => {
    const square = [point(0, 0), point(10, 0), point(10, 10), point(0, 10)];
    const right = { across: point(1, 0), fromMm: 5, toMm: Infinity };
    expect(shareInStrip(square, right)).toBeCloseTo(0.5, 9);
    const slant = { across: point(Math.SQRT1_2, Math.SQRT1_2), fromMm: -1, toMm: 5 * Math.SQRT2 };
    expect(shareInStrip(square, slant)).toBeCloseTo(0.5, 9);
    expect(inStrip(square, { across: point(0, 1), fromMm: 20, toMm: 30 })).toEqual([]);
  });
  it("lies between its lines, and has the share that points thrown at the area find", () => {
    fc.assert(
      fc.property(zone, strips, ({ polygon }, strip) => {
        const part = inStrip(polygon, strip);
        for (const p of part) {
          expect(acrossStrip(strip, p)).toBeGreaterThan(strip.fromMm - 1e-6);
          expect(acrossStrip(strip, p)).toBeLessThan(strip.toMm + 1e-6);
        }
        const [xs, ys] = [polygon.map(({ x }) => x), polygon.map(({ y }) => y)];
        const [left, bottom] = [Math.min(...xs), Math.min(...ys)];
        const [wide, high] = [Math.max(...xs) - left, Math.max(...ys) - bottom];
        let [inside, between] = [0, 0];
        for (let i = 0; i < 60; i++)
          for (let k = 0; k < 60; k++) {
            const p = point(left + (wide * (i + 0.5)) / 60, bottom + (high * (k + 0.5)) / 60);
            if (!contains(polygon, p)) continue;
            inside++;
            const at = acrossStrip(strip, p);
            if (at >= strip.fromMm && at <= strip.toMm) between++;
          }
        expect(Math.abs(shareInStrip(polygon, strip) - between / inside)).toBeLessThan(0.05);
      }),
      { numRuns: 40 },
    );
  });
  it("is all of an area together with what lies on both sides of it", () => {
    fc.assert(
      fc.property(zone, strips, ({ polygon }, strip) => {
        const below = { ...strip, fromMm: -Infinity, toMm: strip.fromMm };
        const above = { ...strip, fromMm: strip.toMm, toMm: Infinity };
        const all = [below, strip, above].reduce(
          (sum, part) => sum + shareInStrip(polygon, part),
          0,
        );
        expect(all).toBeCloseTo(1, 6);
      }),
      { numRuns: 100 },
    );
  });
});
