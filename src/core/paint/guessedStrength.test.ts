import {
  coatsEnough,
  filmReflectance,
  hexToLab,
  hueAngle,
  ITA_CLASSES,
  ITA_MIDDLES,
  itaClass,
  individualTypologyAngle,
  labFromReflectance,
  mixedLab,
  paintOptics,
  reflectanceFromLab,
} from "../colour";
import { guessedStrength } from "./guessedStrength";

const HEX = {
  white: "#f4f2ea",
  yellow: "#e8c83a",
  red: "#b3202c",
  black: "#161616",
  blue: "#2f4f96",
};
const opticsOf = (hex: string) => paintOptics({ masstone: hexToLab(hex), ...guessedStrength(hex) });

describe("how a paint hides and tints by its colour (common practice, no published source)", () => {
  it.each([
    ["black", "#161616", 0.98, 5],
    ["white", "#f4f2ea", 0.78, 1],
    ["grey", "#808080", 0.85, 1],
    ["yellow", "#e8c83a", 0.45, 0.7],
    ["brown", "#7a5236", 0.85, 1.1],
    ["orange", "#d9772b", 0.65, 0.8],
    ["red", "#b3202c", 0.75, 1],
    ["blue", "#33557f", 0.85, 1.3],
    ["green", "#3f7d4e", 0.85, 1.3],
    ["violet", "#6b4a9a", 0.75, 1],
    ["pink", "#d58aa8", 0.75, 1],
    ["neon", "#ff2a00", 0.45, 0.7],
  ])("%s", (_, hex, hiding, tint) => expect(guessedStrength(hex)).toEqual({ hiding, tint }));
  it("what shimmers is mostly clear, whatever its colour", () =>
    expect(guessedStrength("#161616", "metallic")).toEqual({ hiding: 0.35, tint: 0.5 }));
});

describe("coats until a painter is content, over six skins from very light to dark", () => {
  const coats = (hex: string) =>
    ITA_CLASSES.map(
      (key) => coatsEnough(opticsOf(hex), reflectanceFromLab(hexToLab(ITA_MIDDLES[key]))).coats,
    );
  it("each skin is of its class", () => {
    for (const key of ITA_CLASSES)
      expect(itaClass(individualTypologyAngle(hexToLab(ITA_MIDDLES[key])))).toBe(key);
  });
  it("white takes one on very light skin and two or three on deep; red and black one; yellow more the deeper", () => {
    const white = coats(HEX.white);
    expect(white[0]).toBe(1);
    expect(white.at(-1)).toBeGreaterThanOrEqual(2);
    expect(white.at(-1)).toBeLessThanOrEqual(3);
    expect(coats(HEX.red)).toEqual([1, 1, 1, 1, 1, 1]);
    expect(coats(HEX.black)).toEqual([1, 1, 1, 1, 1, 1]);
    const yellow = coats(HEX.yellow);
    expect(yellow).toEqual([...yellow].sort((a, b) => a - b));
    expect(yellow.at(-1)).toBeGreaterThan(3);
  });
});

describe("mixed and laid by these guesses", () => {
  const lightness = (whites: number) =>
    mixedLab([
      { optics: opticsOf(HEX.white), parts: whites },
      { optics: opticsOf(HEX.black), parts: 1 },
    ])[0];
  it("one black in ten of white is a mid grey, not a pale one; in fifty still plainly grey", () => {
    expect(lightness(10)).toBeGreaterThan(25);
    expect(lightness(10)).toBeLessThan(62);
    expect(lightness(50)).toBeGreaterThan(lightness(10) + 10);
    expect(lightness(50)).toBeLessThan(80);
  });
  it("yellow over blue is green at one coat, and the less the more it hides", () => {
    const blue = reflectanceFromLab(hexToLab(HEX.blue));
    const hueAt = (hiding: number) =>
      hueAngle(
        labFromReflectance(
          filmReflectance(paintOptics({ masstone: hexToLab(HEX.yellow), hiding }), 1, blue),
        ),
      );
    const hues = [0.3, 0.45, 0.6, 0.8, 0.95].map(hueAt);
    expect(hues[0]).toBeGreaterThan(110);
    expect(hues).toEqual([...hues].sort((a, b) => b - a));
    expect(Math.abs((hues.at(-1) ?? 0) - hueAngle(hexToLab(HEX.yellow)))).toBeLessThan(15);
  });
});
