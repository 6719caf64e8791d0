import fc from "fast-check";
import {
  chroma,
  emissionOf,
  filmReflectance,
  filmTransmittance,
  flat,
  glowOver,
  hexToLab,
  hexUnder,
  hueAngle,
  labFromReflectance,
  paintOptics,
  reflectanceFromLab,
  withGlow,
} from ".";

const hexes = fc
  .integer({ min: 0, max: 0xffffff })
  .map((n) => `#${n.toString(16).padStart(6, "0")}`);
const paint = (hex: string, hiding = 0.7) => paintOptics({ masstone: hexToLab(hex), hiding });
const WHITE = reflectanceFromLab(hexToLab("#f4f2ee"));
/** A coat of something fluorescent over a ground, under the lamp. */
const shown = (hex: string, film = 1, ground = WHITE) => {
  const glow = glowOver(emissionOf(hexToLab(hex)), paint(hex), film, ground, null);
  return withGlow(filmReflectance(paint(hex), film, ground), glow ?? flat(0));
};

describe("light that comes through a film", () => {
  it("is all of it at no film, none at a thick one, and with what is thrown back never more than all (Kubelka 1948)", () => {
    fc.assert(
      fc.property(hexes, fc.double({ min: 0, max: 40, noNaN: true }), (hex, film) => {
        const optics = paint(hex);
        const back = filmReflectance(optics, film, flat(0));
        filmTransmittance(optics, film).forEach((through, band) => {
          expect(through).toBeGreaterThanOrEqual(0);
          expect(through + (back[band] ?? 0)).toBeLessThanOrEqual(1 + 1e-9);
        });
        expect(filmTransmittance(optics, 0).every((value) => value === 1)).toBe(true);
        expect(Math.max(...filmTransmittance(paint("#202020"), 60))).toBeLessThan(1e-6);
      }),
      { numRuns: 100 },
    );
    expect(() => filmTransmittance(paint("#808080"), -1)).toThrow(RangeError);
  });

  it("in two films is what both let through, less what goes to and fro (composition, Kubelka 1954)", () => {
    const optics = paint("#8060a0");
    const [one, half] = [filmTransmittance(optics, 1), filmTransmittance(optics, 0.5)];
    const back = filmReflectance(optics, 0.5, flat(0));
    one.forEach((through, band) => {
      const [T, R] = [half[band] ?? 0, back[band] ?? 0];
      expect(through).toBeCloseTo((T * T) / (1 - R * R), 9);
    });
  });
});

// What a painter sees in front of an ultraviolet lamp: common practice, no published source; the emissions are invented.
describe("under ultraviolet", () => {
  const GLOWING = { yellow: "#e6f23a", pink: "#ff4f9a", orange: "#ff7a2a", green: "#3de05a" };

  it.each(Object.entries(GLOWING))(
    "a fluorescent %s is far lighter than any plain paint, in its own hue",
    (_, hex) => {
      const seen = labFromReflectance(shown(hex), "ultraviolet");
      const plain = labFromReflectance(WHITE, "ultraviolet");
      expect(seen[0]).toBeGreaterThan(plain[0] + 15);
      expect(seen[0]).toBeLessThanOrEqual(100);
      const off = Math.abs(hueAngle(seen) - hueAngle(hexToLab(hex))) % 360;
      expect(Math.min(off, 360 - off)).toBeLessThan(35);
      expect(chroma(seen)).toBeGreaterThan(30);
    },
  );
  it("a white shirt's white glows bluish, and what does not glow is a dim violet", () => {
    const white = labFromReflectance(shown("#fbfbfb"), "ultraviolet");
    expect(hueAngle(white)).toBeGreaterThan(240);
    expect(hueAngle(white)).toBeLessThan(320);
    const [L, a, b] = labFromReflectance(WHITE, "ultraviolet");
    expect(L).toBeLessThan(35);
    expect([a > 0, b < 0]).toEqual([true, true]);
    expect(hexUnder(WHITE, "ultraviolet")).not.toBe("#000000");
  });
  it("more film glows more, and so does a white ground; a dark coat over it puts it out, powder hardly", () => {
    const light = (film: number, ground = WHITE) =>
      labFromReflectance(shown(GLOWING.green, film, ground), "ultraviolet")[0];
    expect(light(0.5)).toBeLessThan(light(1));
    expect(light(1)).toBeLessThan(light(3));
    expect(light(1, flat(0.03))).toBeLessThan(light(1));
    const glow = emissionOf(hexToLab(GLOWING.green));
    const after = (hex: string, hiding: number) =>
      Math.max(...(glowOver(null, paint(hex, hiding), 1, WHITE, glow) ?? []));
    expect(after("#101012", 0.98)).toBeLessThan(0.05);
    expect(after("#f2ece4", 0.05)).toBeGreaterThan(0.7);
    expect(glowOver(null, paint("#101012"), 1, WHITE, null)).toBeNull();
  });
  it("by any other lamp a fluorescent paint is its own colour", () => {
    for (const lamp of ["D65", "A"] as const)
      expect(hexUnder(reflectanceFromLab(hexToLab(GLOWING.pink)), lamp)).not.toBe(
        hexUnder(shown(GLOWING.pink), "ultraviolet"),
      );
  });
});
