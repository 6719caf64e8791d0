import fc from "fast-check";
import {
  BANDS,
  chroma,
  coatsToCover,
  contrastRatio,
  deltaE00,
  filmReflectance,
  flat,
  hexToLab,
  hueAngle,
  individualTypologyAngle,
  itaClass,
  labFromReflectance,
  masstoneReflectance,
  mixOptics,
  paintOptics,
  reflectanceFromLab,
  type Lab,
  type PaintOptics,
} from ".";

const paint = (hex: string, hiding: number, tint = 1) =>
  paintOptics({ masstone: hexToLab(hex), hiding, tint });
const skin = (hex: string) => reflectanceFromLab(hexToLab(hex));
const masstone = (optics: PaintOptics): Lab => labFromReflectance(masstoneReflectance(optics));
const mixed = (...parts: [number, PaintOptics][]) =>
  masstone(mixOptics(parts.map(([amount, optics]) => ({ optics, parts: amount }))));

const WHITE = paint("#f3f2ec", 0.8);
const BLACK = paint("#1c1c1f", 0.98, 2.2);
const YELLOW = paint("#f0cd3e", 0.72);
const BLUE = paint("#1f4fa0", 0.9);
const RED = paint("#b3272d", 0.9);
const SKINS = ["#f0d3c0", "#e2b899", "#c58d68", "#93603f", "#50331f", "#2f1d12"];

const anyPaint = fc
  .record({
    rgb: fc.integer({ min: 0, max: 0xffffff }),
    hiding: fc.double({ min: 0.05, max: 0.99, noNaN: true }),
    tint: fc.double({ min: 0.3, max: 5, noNaN: true }),
  })
  .map(({ rgb, hiding, tint }) => paint(`#${rgb.toString(16).padStart(6, "0")}`, hiding, tint));
const anyGround = fc
  .integer({ min: 0, max: 0xffffff })
  .map((rgb) => skin(`#${rgb.toString(16).padStart(6, "0")}`));
const film = fc.double({ min: 0, max: 12, noNaN: true });

describe("Kubelka-Munk film", () => {
  it("shows the ground at film 0 and the masstone when thick (limits of Kubelka 1948)", () => {
    fc.assert(
      fc.property(anyPaint, anyGround, (optics, ground) => {
        expect(Array.from(filmReflectance(optics, 0, ground))).toEqual(Array.from(ground));
        const thick = filmReflectance(optics, 1e9, ground);
        masstoneReflectance(optics).forEach((value, band) =>
          expect(thick[band]).toBeCloseTo(value, 3),
        );
      }),
      { numRuns: 60 },
    );
  });

  it("is the same in two half films as in one (composition of layers, Kubelka 1954)", () => {
    fc.assert(
      fc.property(anyPaint, anyGround, film, (optics, ground, thickness) => {
        const once = filmReflectance(optics, thickness, ground);
        const twice = filmReflectance(
          optics,
          thickness / 2,
          filmReflectance(optics, thickness / 2, ground),
        );
        for (let band = 0; band < BANDS; band++)
          expect(twice[band]).toBeCloseTo(once[band] ?? NaN, 8);
      }),
      { numRuns: 150 },
    );
  });

  it("stays between 0 and 1 for every input", () => {
    fc.assert(
      fc.property(
        anyPaint,
        anyGround,
        fc.double({ min: 0, max: 1e6, noNaN: true }),
        (optics, ground, thickness) => {
          expect(
            filmReflectance(optics, thickness, ground).every((value) => value >= 0 && value <= 1),
          ).toBe(true);
        },
      ),
      { numRuns: 200 },
    );
  });

  it("keeps its limits where a paint only absorbs or only scatters", () => {
    const dye: PaintOptics = { k: flat(1), s: flat(0) };
    expect(filmReflectance(dye, 1, flat(0.5))[0]).toBeCloseTo(0.5 * Math.exp(-2), 12);
    const snow: PaintOptics = { k: flat(0), s: flat(2) };
    expect(filmReflectance(snow, 1, flat(0))[0]).toBeCloseTo(2 / 3, 12); // S X / (1 + S X), Kubelka 1948
  });

  it("refuses a negative film", () =>
    expect(() => filmReflectance(WHITE, -1, flat(0.5))).toThrow(RangeError));
});

describe("paintOptics", () => {
  it("has the contrast ratio it was given at one film (the measure of ISO 6504-3)", () => {
    for (const hex of ["#f3f2ec", "#f0cd3e", "#b3272d", "#1c1c1f", "#33455f"])
      for (const hiding of [0.2, 0.6, 0.9, 0.98])
        expect(contrastRatio(paint(hex, hiding))).toBeCloseTo(hiding, 3);
  });

  it("has the masstone it was given", () => {
    for (const hex of ["#f3f2ec", "#f0cd3e", "#b3272d", "#33455f"])
      expect(deltaE00(masstone(paint(hex, 0.8)), hexToLab(hex))).toBeLessThan(0.1);
  });

  it("refuses a hiding of 0 or 1 and a tint of 0", () => {
    expect(() => paint("#ffffff", 0)).toThrow(RangeError);
    expect(() => paint("#ffffff", 1)).toThrow(RangeError);
    expect(() => paint("#ffffff", 0.5, 0)).toThrow(RangeError);
  });
});

// Facts of the trade: common practice, no published source.
describe("mixing facts", () => {
  it("yellow and blue make green", () => {
    const hue = hueAngle(mixed([1, YELLOW], [1, BLUE]));
    expect(hue).toBeGreaterThan(120);
    expect(hue).toBeLessThan(200);
  });
  it("red and white make pink", () => {
    const [L, a, b] = mixed([1, RED], [3, WHITE]);
    expect(L).toBeGreaterThan(masstone(RED)[0] + 10);
    expect(a).toBeGreaterThan(20);
    expect(b).toBeLessThan(a);
  });
  it("red, yellow and white make coral: between red and yellow, light", () => {
    const coral = mixed([1, RED], [2, YELLOW], [3, WHITE]);
    expect(hueAngle(coral)).toBeGreaterThan(hueAngle(masstone(RED)));
    expect(hueAngle(coral)).toBeLessThan(hueAngle(masstone(YELLOW)));
    expect(coral[0]).toBeGreaterThan(50);
  });
  it("black and red make burgundy: dark, dull, still red", () => {
    const burgundy = mixed([1, BLACK], [5, RED]);
    expect(burgundy[0]).toBeLessThan(masstone(RED)[0] - 8);
    expect(chroma(burgundy)).toBeLessThan(chroma(masstone(RED)));
    expect(burgundy[1]).toBeGreaterThan(5);
  });
  it("a strong black dominates: 3 parts white to 1 black is darker than L* 60", () => {
    expect(mixed([3, WHITE], [1, BLACK])[0]).toBeLessThan(60);
  });
  it("a mix of one paint is that paint, whatever the parts", () => {
    expect(deltaE00(mixed([2, RED], [5, RED]), masstone(RED))).toBeLessThan(0.01);
  });
  it("refuses a mix of nothing", () => {
    expect(() => mixOptics([])).toThrow(RangeError);
    expect(() =>
      mixOptics([
        { optics: RED, parts: -1 },
        { optics: BLUE, parts: 2 },
      ]),
    ).toThrow(RangeError);
  });
});

// Facts of the trade: common practice, no published source.
describe("coatsToCover", () => {
  it("yellow over blue reads green until enough coats", () => {
    const blue = masstoneReflectance(BLUE);
    const { coats, reached, after } = coatsToCover(paint("#f0cd3e", 0.5), blue, {
      filmPerCoat: 0.5,
      maxCoats: 40,
    });
    const [first, last]: [Lab, Lab] = [after[0] ?? [0, 0, 0], after.at(-1) ?? [0, 0, 0]];
    expect(hueAngle(first)).toBeGreaterThan(110); // yellow itself stands at 92 degrees
    expect(first[1]).toBeLessThan(-10);
    expect(reached).toBe(true);
    expect(coats).toBeGreaterThan(5);
    expect(hueAngle(last)).toBeLessThan(97);
  });
  it("yellow needs more coats than red or black on dark skin", () => {
    const dark = skin("#2f1d12");
    const coats = (optics: PaintOptics) => coatsToCover(optics, dark).coats;
    expect(coats(YELLOW)).toBeGreaterThan(coats(RED));
    expect(coats(YELLOW)).toBeGreaterThan(coats(BLACK));
  });
  it.each(SKINS)("white needs two or three coats on %s", (hex) => {
    const { coats, reached } = coatsToCover(WHITE, skin(hex));
    expect(reached).toBe(true);
    expect([2, 3]).toContain(coats);
  });
  it("comes nearer with every coat, and thinner coats never need fewer", () => {
    fc.assert(
      fc.property(anyPaint, anyGround, (optics, ground) => {
        const full = coatsToCover(optics, ground, { filmPerCoat: 1, maxCoats: 8 });
        const thin = coatsToCover(optics, ground, { filmPerCoat: 0.5, maxCoats: 16 });
        expect(thin.coats).toBeGreaterThanOrEqual(full.coats);
        expect(full.after).toHaveLength(full.coats);
      }),
      { numRuns: 60 },
    );
  });
  it("says when it never covers", () => {
    const veil = paint("#ffffff", 0.05);
    expect(coatsToCover(veil, skin("#2f1d12"), { maxCoats: 3 })).toMatchObject({
      coats: 3,
      reached: false,
    });
  });
});

describe("individualTypologyAngle", () => {
  it("is atan((L - 50) / b) in degrees (Chardon 1991)", () => {
    expect(individualTypologyAngle([70, 10, 20])).toBeCloseTo(45, 10);
    expect(individualTypologyAngle([50, 10, 20])).toBeCloseTo(0, 10);
    expect(individualTypologyAngle([40, 10, 10])).toBeCloseTo(-45, 10);
  });
  it("has its classes at 55, 41, 28, 10 and -30 degrees", () => {
    expect([56, 55, 42, 41, 29, 28, 11, 10, -29, -31].map(itaClass)).toEqual([
      "very light",
      "light",
      "light",
      "intermediate",
      "intermediate",
      "tan",
      "tan",
      "brown",
      "brown",
      "dark",
    ]);
  });
});
