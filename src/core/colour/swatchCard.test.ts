import fc from "fast-check";
import { converter } from "culori";
import {
  contrastRatio,
  deltaE00,
  filmReflectance,
  flat,
  hexToLab,
  labFromReflectance,
  LET_DOWN_WHITE,
  luminanceFactor,
  masstoneReflectance,
  mixOptics,
  paintOptics,
  patchLight,
  readSwatchCard,
  type Spectrum,
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
    const { contrastRatio: found, warnings } = readSwatchCard({
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
          const { contrastRatio: found } = readSwatchCard({
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
      readSwatchCard({
        overWhite: patchLight(pixels(255, 255)),
        overBlack: even(0.4),
      }).warnings.join(),
    ).toContain("too bright");
    expect(
      readSwatchCard({
        overWhite: patchLight(pixels(120, 230)),
        overBlack: even(0.3),
      }).warnings.join(),
    ).toContain("uneven");
    expect(() => readSwatchCard({ overWhite: even(0.2), overBlack: even(0.5) })).toThrow(
      /mixed up/,
    );
    expect(() =>
      readSwatchCard({
        overWhite: even(0.5),
        overBlack: even(0.4),
        white: even(0.03),
        black: even(0.8),
      }),
    ).toThrow(/much lighter/);
  });
});

/** What a camera makes of a reflectance under a light of a colour: some haze over all, eight bits, and the noise that makes a mean of many pixels finer than one. */
function photographed(reflectance: Spectrum, light: readonly number[], haze: number) {
  const lab = labFromReflectance(reflectance);
  const { r, g, b } = converter("lrgb")({ mode: "lab65", l: lab[0], a: lab[1], b: lab[2] });
  const noisy = (value: number, gain: number, noise: number) => {
    const seen = Math.min(1, Math.max(0, value) * gain + haze);
    const file = seen <= 0.0031308 ? seen * 12.92 : 1.055 * seen ** (1 / 2.4) - 0.055;
    return Math.round(Math.min(255, 255 * file) + noise - 0.5);
  };
  return patchLight(
    Uint8ClampedArray.from(
      Array.from({ length: 64 }, (_, i) => (i + 0.5) / 64).flatMap((noise) => [
        ...[r, g, b].map((value, channel) => noisy(value, light[channel] ?? 1, noise)),
        255,
      ]),
    ),
  );
}

describe("the three strokes of a swatch card", () => {
  const LIGHT = { daylight: [1, 1, 1], warm: [1, 0.86, 0.62], dim: [0.6, 0.6, 0.6] } as const;
  const white = paintOptics(LET_DOWN_WHITE);

  it("give back known paints: hiding within 0.05, strength within 20 %, colour within dE00 3, by any light and some haze (6-numbers 6.5; by the film model of Kubelka and Munk)", () => {
    let told = 0;
    for (const hex of ["#6f7882", "#1e4a8c", "#b03a2e", "#3d7a4a", "#c9a227", "#7a5230", "#26262a"])
      for (const hiding of [0.5, 0.75, 0.92])
        for (const tint of [0.7, 1, 2])
          for (const light of Object.values(LIGHT)) {
            const paint = paintOptics({ masstone: hexToLab(hex), hiding });
            const strong = paintOptics({ masstone: hexToLab(hex), hiding, tint });
            const at = (r: Spectrum) => photographed(r, light, 0.02);
            const mix = mixOptics([
              { optics: strong, parts: 1 },
              { optics: white, parts: 10 },
            ]);
            const read = readSwatchCard({
              white: at(flat(0.8)),
              black: at(flat(0.005)),
              overWhite: at(filmReflectance(paint, 1, flat(0.8))),
              overBlack: at(filmReflectance(paint, 1, flat(0.005))),
              thick: at(masstoneReflectance(paint)),
              letDown: at(masstoneReflectance(mix)),
            });
            expect(Math.abs(read.contrastRatio - hiding)).toBeLessThan(0.05);
            expect(deltaE00(hexToLab(read.colour ?? "#000000"), hexToLab(hex))).toBeLessThan(3);
            expect(Math.abs((read.tint ?? 0) / tint - 1)).toBeLessThan(0.2);
            told++;
          }
    expect(told).toBe(7 * 3 * 3 * 3);
  });

  it("say nothing of colour or strength where a stroke or the bare card is not in the picture", () => {
    const grey = (y: number) => even(y);
    const coat = { overWhite: grey(0.3), overBlack: grey(0.25) };
    const bare = { white: grey(0.8), black: grey(0.005) };
    expect(readSwatchCard({ ...coat, thick: grey(0.3) })).toMatchObject({
      colour: null,
      tint: null,
    });
    expect(readSwatchCard({ ...coat, ...bare })).toMatchObject({ colour: null, letDown: null });
    expect(readSwatchCard({ ...coat, ...bare, letDown: grey(0.6) })).toMatchObject({ tint: null });
    expect(readSwatchCard({ ...coat, ...bare, thick: grey(0.3) }).colour).not.toBeNull();
  });
});
