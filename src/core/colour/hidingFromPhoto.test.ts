import fc from "fast-check";
import {
  contrastRatio,
  filmReflectance,
  flat,
  hexToLab,
  hidingFromPhoto,
  luminanceFactor,
  paintOptics,
  patchLight,
} from ".";

/** What a camera makes of a reflectance: so much light, a haze over all, sRGB, eight bits. */
const shot = (y: number, gain: number, haze: number) => {
  const light = Math.min(1, y * gain + haze);
  return Math.round(
    255 * (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055),
  );
};
const pixels = (...greys: number[]) =>
  Uint8ClampedArray.from(greys.flatMap((grey) => [grey, grey, grey, 255]));
const even = (y: number, gain = 1, haze = 0) =>
  patchLight(pixels(...Array.from({ length: 9 }, () => shot(y, gain, haze))));

describe("hiding from a photograph of a card", () => {
  it("means in linear light, not in what the eye or the file says (by hand)", () => {
    // sRGB 188 is 0.503 of the light (IEC 61966-2-1), not 188 / 255 = 0.737.
    expect(patchLight(pixels(188)).y).toBeCloseTo(0.503, 3);
    expect(patchLight(pixels(0, 255)).y).toBeCloseTo(0.5, 9);
    expect(patchLight(pixels(0, 255))).toMatchObject({ spread: 0.5, clipped: 1 });
    expect(() => patchLight(pixels())).toThrow(RangeError);
  });
  it("is the ratio of the two patches (ISO 6504-3; by hand: 0.36 over 0.45 is 0.8)", () => {
    const { contrastRatio: found, warnings } = hidingFromPhoto({
      overWhite: even(0.45),
      overBlack: even(0.36),
    });
    expect(found).toBeCloseTo(0.8, 2);
    expect(warnings).toEqual([expect.stringContaining("bare card")]);
  });
  it("finds the hiding a paint was made with, whatever the exposure and the haze, by the bare card beside it", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 0.97, noNaN: true }),
        fc.constantFrom("#6f7882", "#bd8a42", "#c3996f", "#dddad0"),
        fc.double({ min: 0.6, max: 1.1, noNaN: true }),
        fc.double({ min: 0, max: 0.06, noNaN: true }),
        (hiding, hex, gain, haze) => {
          const optics = paintOptics({ masstone: hexToLab(hex), hiding });
          const over = (ground: number) =>
            luminanceFactor(filmReflectance(optics, 1, flat(ground))) / 100;
          const photograph = (y: number) => even(y, gain, haze);
          const { contrastRatio: found } = hidingFromPhoto({
            overWhite: photograph(over(0.8)),
            overBlack: photograph(over(0.005)),
            white: photograph(0.8),
            black: photograph(0.005),
          });
          expect(Math.abs(found - contrastRatio(optics))).toBeLessThan(0.03);
        },
      ),
    );
  });
  it("says what speaks against a picture, and refuses patches that were mixed up", () => {
    expect(
      hidingFromPhoto({
        overWhite: patchLight(pixels(255, 255)),
        overBlack: even(0.4),
      }).warnings.join(),
    ).toContain("too bright");
    expect(
      hidingFromPhoto({
        overWhite: patchLight(pixels(120, 230)),
        overBlack: even(0.3),
      }).warnings.join(),
    ).toContain("uneven");
    expect(() => hidingFromPhoto({ overWhite: even(0.2), overBlack: even(0.5) })).toThrow(
      /mixed up/,
    );
    expect(() =>
      hidingFromPhoto({
        overWhite: even(0.5),
        overBlack: even(0.4),
        white: even(0.03),
        black: even(0.8),
      }),
    ).toThrow(/much lighter/);
  });
});
