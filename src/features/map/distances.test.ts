import fc from "fast-check";
import { metresAt, metresWords, placeOf, STEPS } from "./distances";

describe("the From switch", () => {
  it("runs from the mirror to the farthest seat, each step the same proportion further", () => {
    expect(metresAt(0, 40)).toBeCloseTo(0.6, 9);
    expect(metresAt(STEPS, 40)).toBeCloseTo(40, 9);
    const ratios = Array.from({ length: STEPS }, (_, i) => metresAt(i + 1, 40) / metresAt(i, 40));
    for (const ratio of ratios) expect(ratio).toBeCloseTo(ratios[0] ?? NaN, 9);
  });
  it("finds the place of a distance again, within a step", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 40, noNaN: true }),
        fc.double({ min: 40, max: 200, noNaN: true }),
        (metres, farthest) => {
          expect(metresAt(placeOf(metres, farthest), farthest) / metres).toBeGreaterThan(0.98);
          expect(metresAt(placeOf(metres, farthest), farthest) / metres).toBeLessThan(1.02);
        },
      ),
    );
    expect(placeOf(0.3, 40)).toBe(0);
  });
  it("says it as one stands there", () =>
    expect([0.6, 3.04, 12.4, 40].map(metresWords)).toEqual([
      "mirror, 0.6 m",
      "3 m",
      "12 m",
      "40 m",
    ]));
});
