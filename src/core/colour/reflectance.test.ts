import fc from "fast-check";
import {
  deltaE00,
  flat,
  hexToLab,
  labFromReflectance,
  labToHex,
  reflectanceFromLab,
  xyzFromReflectance,
} from ".";

const roundTrip = (hex: string) => {
  const lab = hexToLab(hex);
  return deltaE00(labFromReflectance(reflectanceFromLab(lab)), lab);
};
const hexOf = (n: number) => `#${n.toString(16).padStart(6, "0")}`;

describe("reflectance", () => {
  it("has the white point of the CIE tables: X 95.017, Y 100, Z 108.813 (CIE 15, 10 nm sums)", () => {
    const [X, Y, Z] = xyzFromReflectance(flat(1));
    expect(X).toBeCloseTo(95.017, 2);
    expect(Y).toBeCloseTo(100, 9);
    expect(Z).toBeCloseTo(108.813, 2);
  });

  it("has the white point of illuminant A: X 109.85, Z 35.58 (CIE 15)", () => {
    const [X, , Z] = xyzFromReflectance(flat(1), "A");
    expect(X).toBeCloseTo(109.85, 1);
    expect(Z).toBeCloseTo(35.58, 1);
  });

  it("gives every corner of sRGB back within dE00 0.05", () => {
    for (const r of ["00", "ff"])
      for (const g of ["00", "ff"])
        for (const b of ["00", "ff"]) expect(roundTrip(`#${r}${g}${b}`)).toBeLessThan(0.05);
  });

  it("gives 500 random colours back within dE00 0.05, and every band between 0 and 1", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
        expect(roundTrip(hexOf(n))).toBeLessThan(0.05);
        expect(
          reflectanceFromLab(hexToLab(hexOf(n))).every((value) => value >= 0 && value <= 1),
        ).toBe(true);
      }),
      { numRuns: 500, seed: 20261124 },
    );
  });

  it("returns hex colours unchanged through Lab", () => {
    for (const hex of ["#50331f", "#bcd4e3", "#000000", "#ffffff", "#f0cd3e"])
      expect(labToHex(hexToLab(hex))).toBe(hex);
  });

  it("shows a white card white under a warm lamp when the eye has adapted, and orange when it has not", () => {
    const [L, a, b] = labFromReflectance(flat(1), "A", 1);
    expect([L, a, b].map((value) => Math.round(value * 10) / 10 + 0)).toEqual([100, 0, 0]);
    expect(labFromReflectance(flat(1), "A", 0)[2]).toBeGreaterThan(40);
    expect(labFromReflectance(flat(1), "A", 0.5)[2]).toBeLessThan(
      labFromReflectance(flat(1), "A", 0)[2],
    );
  });

  it("refuses nonsense", () => {
    expect(() => reflectanceFromLab([Number.NaN, 0, 0])).toThrow(RangeError);
    expect(() => reflectanceFromLab([120, 0, 0])).toThrow(RangeError);
    expect(() => hexToLab("reddish")).toThrow(RangeError);
    expect(() => labFromReflectance(flat(1), "A", 2)).toThrow(RangeError);
  });
});
