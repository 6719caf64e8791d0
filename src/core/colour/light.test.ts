import Color from "colorjs.io";
import fc from "fast-check";
import {
  chroma,
  deltaE00,
  filmReflectance,
  flat,
  hexToLab,
  hexUnder,
  hueAngle,
  labFromReflectance,
  labToHex,
  LAMP_KEYS,
  lampOf,
  masstoneReflectance,
  mixOptics,
  paintOptics,
  coloursOfPicture,
  reflectanceFromLab,
  spectrum,
  xyzFromReflectance,
} from ".";
import { labFromXyz, seenXyz, xyzWeights } from "./labFromReflectance";

const hexes = fc
  .integer({ min: 0, max: 0xffffff })
  .map((n) => `#${n.toString(16).padStart(6, "0")}`);
const anyPaint = fc.record({
  hex: hexes,
  hiding: fc.double({ min: 0.02, max: 0.99, noNaN: true }),
  tint: fc.double({ min: 0.1, max: 10, noNaN: true }),
  letDown: fc.option(hexes),
});
const optics = ({
  hex,
  hiding,
  tint,
  letDown,
}: {
  hex: string;
  hiding: number;
  tint: number;
  letDown: string | null;
}) =>
  paintOptics({
    masstone: hexToLab(hex),
    hiding,
    tint,
    ...(letDown && { letDown: hexToLab(letDown) }),
  });

describe("no mix, film or lamp", () => {
  it("ever leaves 0 to 1 reflectance, is not a number, or comes out lighter than paper", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(anyPaint, fc.integer({ min: 1, max: 20 })), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        hexes,
        fc.constantFrom(...LAMP_KEYS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (parts, film, ground, lamp, adaptation) => {
          const mix = mixOptics(
            parts.map(([paint, amount]) => ({ optics: optics(paint), parts: amount })),
          );
          for (const r of [
            filmReflectance(mix, film, reflectanceFromLab(hexToLab(ground))),
            masstoneReflectance(mix),
          ]) {
            expect(r.every((value) => value >= 0 && value <= 1)).toBe(true);
            for (const lab of [
              labFromReflectance(r, lamp, adaptation),
              labFromReflectance(r, lamp),
            ]) {
              expect(lab.every(Number.isFinite)).toBe(true);
              expect(lab[0]).toBeGreaterThanOrEqual(-1e-9);
              expect(lab[0]).toBeLessThanOrEqual(100 + 1e-9);
              expect(labToHex(lab)).toMatch(/^#[0-9a-f]{6}$/);
            }
          }
        },
      ),
      { numRuns: 400, seed: 3 },
    );
  });
});

describe("lamps", () => {
  it.each(LAMP_KEYS)(
    "%s has positive power, a white card at L* 100 unless it is not taken for white in it, and black at 0",
    (key) => {
      expect(lampOf(key).power.every((value) => value > 0)).toBe(true);
      const { exposure = 1 } = lampOf(key);
      expect(xyzFromReflectance(flat(1), key)[1]).toBeCloseTo(100 * exposure, 6);
      if (exposure === 1) expect(labFromReflectance(flat(1), key)[0]).toBeCloseTo(100, 6);
      else expect(labFromReflectance(flat(1), key)[0]).toBeLessThan(40);
      expect(labFromReflectance(flat(0), key)[0]).toBeCloseTo(0, 6);
      expect(lampOf(key).source.length).toBeGreaterThan(10);
    },
  );
  it("have the chromaticities of CIE 15: D65 0.3127, 0.3290 and A 0.4476, 0.4074", () => {
    const xy = (key: "D65" | "A") => {
      const [X, Y, Z] = xyzFromReflectance(flat(1), key);
      return [X / (X + Y + Z), Y / (X + Y + Z)];
    };
    expect(xy("D65")[0]).toBeCloseTo(0.3127, 3);
    expect(xy("D65")[1]).toBeCloseTo(0.329, 3);
    expect(xy("A")[0]).toBeCloseTo(0.4476, 3);
    expect(xy("A")[1]).toBeCloseTo(0.4074, 3);
  });
  // DIST-4, common practice, no published source.
  it("colour a white card as their gel says, and kill what is opposite", () => {
    const white = (key: "gelRed" | "gelGreen" | "gelBlue" | "gelAmber") =>
      hueAngle(labFromReflectance(flat(0.9), key));
    expect(white("gelRed")).toBeLessThan(60);
    expect(white("gelGreen")).toBeGreaterThan(110);
    expect(white("gelGreen")).toBeLessThan(190);
    expect(white("gelBlue")).toBeGreaterThan(230);
    expect(white("gelBlue")).toBeLessThan(320);
    const [red, green] = [
      reflectanceFromLab(hexToLab("#b02818")),
      reflectanceFromLab(hexToLab("#207838")),
    ];
    expect(labFromReflectance(red, "gelGreen")[0]).toBeLessThan(labFromReflectance(red)[0] - 10);
    expect(labFromReflectance(green, "gelRed")[0]).toBeLessThan(labFromReflectance(green)[0] - 10);
    expect(labFromReflectance(red, "gelRed")[0]).toBeGreaterThan(labFromReflectance(red)[0] + 10);
  });
  it("shift less the more the eye adapts", () => {
    const grey = flat(0.4);
    const shift = (adaptation: number) => chroma(labFromReflectance(grey, "gelAmber", adaptation));
    expect(shift(0)).toBeGreaterThan(shift(0.5));
    expect(shift(0.5)).toBeGreaterThan(shift(1));
    expect(shift(1)).toBeLessThan(1e-3);
  });
});

describe("against colorjs.io", () => {
  it("converts 200 random sRGB colours to the same CIELAB (D65), and differs by the same dE00", () => {
    fc.assert(
      fc.property(hexes, hexes, (a, b) => {
        const theirs = (hex: string) =>
          new Color(hex).to("lab-d65").coords.map((value) => value ?? 0);
        const [mine, other] = [hexToLab(a), theirs(a)];
        mine.forEach((value, i) => expect(value).toBeCloseTo(other[i] ?? NaN, 2));
        // Its difference is taken in its own D50 Lab: the numbers are passed in that space.
        const wrapped = (lab: readonly number[]) =>
          new Color("lab", [lab[0] ?? 0, lab[1] ?? 0, lab[2] ?? 0]);
        expect(deltaE00(mine, hexToLab(b))).toBeCloseTo(
          wrapped(mine).deltaE(wrapped(hexToLab(b)), "2000"),
          6,
        );
      }),
      { numRuns: 200 },
    );
  });
  it("adapts to the whites of A and D65 as its von Kries step does (Hunt-Pointer-Estevez cones)", () => {
    const white = (lamp: "A" | "D65") => [...xyzWeights(lamp).white];
    const theirs = { W1: white("A"), W2: white("D65"), options: { method: "von Kries" }, M: null };
    // It keeps its adaptations behind a hook, which leaves the matrix.
    Color.hooks.run("chromatic-adaptation-start", theirs);
    const matrix = theirs.M as number[][] | null;
    expect(matrix).toHaveLength(3);
    fc.assert(
      fc.property(hexes, (hex) => {
        const xyz = xyzFromReflectance(reflectanceFromLab(hexToLab(hex)), "A");
        const mine = seenXyz(xyz, "A", 1);
        const adapted = (matrix ?? []).map((row) =>
          row.reduce((sum, share, i) => sum + share * (xyz[i] ?? 0), 0),
        );
        mine.forEach((value, i) => expect(value).toBeCloseTo(adapted[i] ?? NaN, 1));
      }),
      { numRuns: 200 },
    );
  });
});

describe("palette of a picture", () => {
  /** A picture of stripes: so many pixels of each colour. */
  const picture = (...areas: [hex: string, pixels: number][]) =>
    Uint8ClampedArray.from(
      areas.flatMap(([hex, n]) =>
        Array.from({ length: n }, (_, i) =>
          [1, 3, 5]
            .map((at) => parseInt(hex.slice(at, at + 2), 16) + ((i * 7) % 5) - 2)
            .concat(255),
        ).flat(),
      ),
    );
  it("gives the areas with their shares, largest first", () => {
    const found = coloursOfPicture(
      picture(["#336699", 6000], ["#cc9966", 3000], ["#222222", 1000]),
      { count: 4 },
    );
    expect(found).toHaveLength(3);
    expect(found.map(({ share }) => Math.round(share * 10))).toEqual([6, 3, 1]);
    expect(deltaE00(found[0]?.lab ?? [0, 0, 0], hexToLab("#336699"))).toBeLessThan(1);
  });
  it("keeps a small colour that nothing else is like, and no compression noise", () => {
    const found = coloursOfPicture(
      picture(
        ["#888888", 6000],
        ["#7a7f88", 3000],
        ["#9a938a", 2000],
        ["#666a6e", 2000],
        ["#e8c020", 60],
        ["#00ff00", 3],
      ),
      { count: 6 },
    );
    const yellow = found.find(({ lab }) => deltaE00(lab, hexToLab("#e8c020")) < 4);
    expect(yellow?.share).toBeCloseTo(60 / 13063, 3);
    expect(found.some(({ lab }) => deltaE00(lab, hexToLab("#00ff00")) < 10)).toBe(false);
  });
  it("adds up to the whole, is the same for the same seed, and never larger than asked", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(hexes, fc.integer({ min: 1, max: 300 })), { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 1, max: 8 }),
        fc.nat(99),
        (areas, count, seed) => {
          const found = coloursOfPicture(picture(...areas), {
            count,
            seed,
            accents: Math.min(2, count - 1),
          });
          expect(found.length).toBeLessThanOrEqual(count);
          expect(found.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
          expect(
            coloursOfPicture(picture(...areas), { count, seed, accents: Math.min(2, count - 1) }),
          ).toEqual(found);
        },
      ),
      { numRuns: 60 },
    );
  });
  it("has nothing to say of an empty or see-through picture", () => {
    expect(coloursOfPicture(new Uint8ClampedArray(0))).toEqual([]);
    expect(coloursOfPicture(new Uint8ClampedArray(400))).toEqual([]);
    expect(() => coloursOfPicture(new Uint8ClampedArray(4), { count: 0 })).toThrow(RangeError);
  });
});

it("a spectrum is made band by band from its wavelength", () =>
  expect([spectrum((nm) => nm)[0], spectrum((nm) => nm)[40]]).toEqual([380, 780]));

describe("white, red and skin shown under each lamp", () => {
  const SURFACES = { white: "#f4f2ea", red: "#b3202c", fair: "#e8c3a6", deep: "#5a3a2a" } as const;
  const shown = (hex: string, lamp: (typeof LAMP_KEYS)[number]) =>
    hexToLab(hexUnder(reflectanceFromLab(hexToLab(hex)), lamp));
  const gels = LAMP_KEYS.filter((lamp) => lamp.startsWith("gel"));
  it.each(gels)("%s: white takes the gel's hue, and is never achromatic", (lamp) => {
    expect(chroma(shown(SURFACES.white, lamp))).toBeGreaterThan(25);
  });
  it.each(LAMP_KEYS)(
    "%s: the hue is within 20 degrees of surface times lamp wherever there is one to tell",
    (lamp) => {
      for (const hex of Object.values(SURFACES)) {
        const xyz = xyzFromReflectance(reflectanceFromLab(hexToLab(hex)), lamp);
        // The eye's adaptation is part of what is seen: full light times surface, adapted as the lamp has it, before any screen.
        const seen = labFromXyz(seenXyz(xyz, lamp), xyzWeights("D65").white);
        if (chroma(seen) < 12) continue;
        const off = Math.abs(hueAngle(shown(hex, lamp)) - hueAngle(seen)) % 360;
        expect([lamp, hex, Math.min(off, 360 - off) < 20]).toEqual([lamp, hex, true]);
      }
    },
  );
  it.each(LAMP_KEYS)("%s: nothing is shown lighter than a white card", (lamp) => {
    const white = shown("#ffffff", lamp)[0];
    for (const hex of [...Object.values(SURFACES), "#ffee00", "#00c2ff", "#ff70c0"])
      expect(shown(hex, lamp)[0]).toBeLessThanOrEqual(white + 0.5);
  });
});
