import { chroma, type Lab } from "../colour";
import { wetOf } from "./dryDown";
import { PAINT_TYPES } from "./types";

const { waterGlycerine, latex, cream, adhesiveAcrylic } = PAINT_TYPES;
const dried = (dry: Lab, of: typeof waterGlycerine) => dry[0] - wetOf(dry, of)[0];

// As gouache is said to dry: common practice, no published source (6-numbers 6.5).
describe("a coat as it dries", () => {
  it("of matte water colour gets lighter and duller where it is dark, hardly moves in the middle, and darker where it is light", () => {
    const black: Lab = [12, 3, -6];
    expect(dried(black, waterGlycerine)).toBeGreaterThan(1.5);
    expect(chroma(wetOf(black, waterGlycerine))).toBeGreaterThan(chroma(black));
    expect(Math.abs(dried([52, 10, 10], waterGlycerine))).toBeLessThan(0.5);
    const light = dried([92, 0, 4], waterGlycerine);
    expect(light).toBeLessThan(-0.5);
    expect(Math.abs(light)).toBeLessThan(dried(black, waterGlycerine));
  });
  it("moves the less, the nearer the middle, and never leaves black or white", () => {
    for (let L = 10; L < 50; L += 5)
      expect(dried([L, 0, 0], waterGlycerine)).toBeLessThanOrEqual(
        dried([L - 5, 0, 0], waterGlycerine) + 1e-9,
      );
    for (const L of [0, 1, 99, 100]) {
      const wet = wetOf([L, 0, 0], waterGlycerine)[0];
      expect(wet).toBeGreaterThanOrEqual(0);
      expect(wet).toBeLessThanOrEqual(100);
    }
  });
  it("of a milky binder only gets darker, and cream stays as it is", () => {
    for (const L of [15, 50, 85]) {
      expect(dried([L, 5, 5], latex)).toBeLessThan(-5);
      expect(dried([L, 5, 5], adhesiveAcrylic)).toBeLessThan(0);
      expect(dried([L, 5, 5], cream)).toBe(0);
    }
  });
});
