import fc from "fast-check";
import { deltaE00, hexToLab, hexUnder, LAMP_KEYS, reflectanceFromLab, type Lab } from "../colour";
import {
  contrastSensitivity,
  degreesAcross,
  edgeVisibility,
  leastWidthMm,
  mmAcross,
  separatingTone,
  separationLine,
  smallestVisibleMm,
  underLamp,
  viewFromDistance,
  type Picture,
} from ".";
import { addBlurred } from "./blur";
import { EYE, EYE_FOR_COLOUR, opticalTransfer, spreadPasses } from "./eye";
import { OPPONENT, passes } from "./opponent";

const grey = (L: number): Lab => [L, 0, 0];

describe("the smallest detail", () => {
  it("is one arcminute for a normal eye (Snellen 1862): 2.9 mm at 10 m, 8.7 cm letters of five times that at 60 m", () => {
    expect(smallestVisibleMm(10)).toBeCloseTo(2.909, 3);
    // A Snellen letter subtends 5 arcmin: the 6/60 letter is 87.3 mm high at 60 m.
    expect(5 * smallestVisibleMm(60)).toBeCloseTo(87.27, 1);
    expect(smallestVisibleMm(10, 0.5)).toBeCloseTo(2 * smallestVisibleMm(10), 6);
    expect(smallestVisibleMm(0)).toBe(0);
    expect(() => smallestVisibleMm(-1)).toThrow(RangeError);
  });
  it("goes there and back between degrees and millimetres", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 300, noNaN: true }),
        fc.double({ min: 0.3, max: 100, noNaN: true }),
        (mm, d) => expect(mmAcross(degreesAcross(mm, d), d)).toBeCloseTo(mm, 6),
      ),
    ));
});

describe("contrast sensitivity", () => {
  it("peaks near 8 cycles a degree at about 1 (Mannos & Sakrison 1974) and falls to both sides", () => {
    const at = Array.from({ length: 600 }, (_, i) => i / 10);
    const peak = at.reduce((best, f) =>
      contrastSensitivity(f) > contrastSensitivity(best) ? f : best,
    );
    expect(peak).toBeGreaterThan(7);
    expect(peak).toBeLessThan(9);
    expect(contrastSensitivity(peak)).toBeCloseTo(0.98, 1);
    expect(contrastSensitivity(0)).toBeCloseTo(0.05, 2);
    expect(contrastSensitivity(60)).toBeLessThan(0.01);
    expect(() => contrastSensitivity(-1)).toThrow(RangeError);
  });
  it("of colour has a lower cut-off than of light (S-CIELAB's spreads)", () => {
    for (const f of [4, 8, 16, 30])
      expect(passes(OPPONENT[0], f)).toBeGreaterThan(passes(OPPONENT[1], f));
    for (const axis of OPPONENT) expect(passes(axis, 0)).toBeCloseTo(1, 9);
  });
});

describe("edges", () => {
  it("never get easier further off, nor for a thinner mark, nor depend on which side is named first", () => {
    const lab = fc.tuple(
      fc.double({ min: 5, max: 95, noNaN: true }),
      fc.double({ min: -40, max: 40, noNaN: true }),
      fc.double({ min: -40, max: 40, noNaN: true }),
    );
    fc.assert(
      fc.property(
        lab,
        lab,
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        fc.double({ min: 0.3, max: 80, noNaN: true }),
        (a, b, widthMm, distanceM) => {
          const here = edgeVisibility(a, b, { widthMm, distanceM });
          expect(edgeVisibility(b, a, { widthMm, distanceM }).ratio).toBeCloseTo(here.ratio, 9);
          expect(
            edgeVisibility(a, b, { widthMm: widthMm / 3, distanceM: distanceM * 2 }).ratio,
          ).toBeLessThanOrEqual(here.ratio + 1e-9);
          expect(here.verdict).toBe(
            here.ratio >= 2 ? "visible" : here.ratio >= 1 ? "marginal" : "lost",
          );
        },
      ),
    );
  });
  it("of one colour on itself are lost, of black on white are seen as wide as a finger from 40 m", () => {
    expect(edgeVisibility(grey(50), grey(50), { widthMm: 50, distanceM: 1 })).toEqual({
      verdict: "lost",
      ratio: 0,
    });
    expect(edgeVisibility(grey(5), grey(95), { widthMm: 15, distanceM: 40 }).verdict).toBe(
      "visible",
    );
    expect(edgeVisibility(grey(5), grey(95), { widthMm: 1, distanceM: 40 }).verdict).toBe("lost");
    expect(edgeVisibility(grey(5), grey(95), { widthMm: 1, distanceM: 1 }).verdict).toBe("visible");
    expect(() => edgeVisibility(grey(1), grey(2), { widthMm: 0, distanceM: 1 })).toThrow(
      RangeError,
    );
  });
  // DIST-1, common practice, no published source.
  it("of tones close in lightness merge: two darks want a lighter line, two lights a darker one", () => {
    expect(separationLine(grey(12), grey(15), 40)?.tone).toBe("lighter");
    expect(separationLine(grey(88), grey(91), 40)?.tone).toBe("darker");
    expect(separationLine(grey(20), grey(80), 40)).toBeNull();
    expect(separatingTone(grey(12), grey(15)).lab[0]).toBeGreaterThan(45);
  });
  it("are mended by a line that reads itself, wider the further the seat", () => {
    const widths = [3, 12, 40].map(
      (distance) => separationLine(grey(14), grey(16), distance)?.minWidthMm ?? NaN,
    );
    expect(widths[0]).toBeLessThan(widths[1] ?? 0);
    expect(widths[1]).toBeLessThan(widths[2] ?? 0);
    const { lab } = separatingTone(grey(14), grey(16));
    expect(edgeVisibility(grey(14), lab, { widthMm: widths[2] ?? 1, distanceM: 40 }).verdict).toBe(
      "visible",
    );
    expect(leastWidthMm(grey(14), lab, 40)).toBeLessThanOrEqual(widths[2] ?? 0);
    expect(leastWidthMm(grey(14), grey(14), 40)).toBeNull();
  });
});

const pictureOf = (
  width: number,
  height: number,
  at: (x: number, y: number) => readonly [number, number, number],
): Picture => ({
  width,
  height,
  data: Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) =>
    i % 4 === 3 ? 255 : at((i >> 2) % width, Math.floor((i >> 2) / width))[(i % 4) as 0 | 1 | 2],
  ),
});

describe("the view from a distance", () => {
  const stripes = pictureOf(120, 80, (x) =>
    Math.floor(x / 6) % 2 ? [220, 60, 40] : [40, 90, 200],
  );
  it("is the picture itself at no distance", () =>
    expect(Array.from(viewFromDistance(stripes, { pixelsPerMm: 2, distanceM: 0 }).data)).toEqual(
      Array.from(stripes.data),
    ));
  it("leaves a uniform field as it is, at any distance", () => {
    for (const colour of [
      [200, 30, 90],
      [128, 128, 128],
      [10, 240, 60],
      [255, 255, 255],
    ] as const)
      for (const distanceM of [1, 12, 40, 300]) {
        const seen = viewFromDistance(
          pictureOf(60, 50, () => colour),
          { pixelsPerMm: 2, distanceM },
        );
        expect(
          Math.max(
            ...seen.data.map((value, i) =>
              i % 4 < 3 ? Math.abs(value - (colour[i % 4] ?? 0)) : 0,
            ),
          ),
        ).toBeLessThanOrEqual(1);
      }
  });
  it("loses contrast the further one stands, colour before light", () => {
    const spread = (picture: Picture, of: (r: number, g: number, b: number) => number) => {
      const row = Array.from({ length: 60 }, (_, x) => {
        const at = (40 * 120 + 30 + x) * 4;
        return of(picture.data[at] ?? 0, picture.data[at + 1] ?? 0, picture.data[at + 2] ?? 0);
      });
      return Math.max(...row) - Math.min(...row);
    };
    // Grey round the stripes: what goes on beyond the edge is not one of their colours.
    const framed = pictureOf(120, 80, (x, y) =>
      x < 24 || x >= 96 || y < 8 || y >= 72
        ? [138, 138, 137]
        : Math.floor(x / 6) % 2
          ? [220, 60, 40]
          : [40, 90, 200],
    );
    const at = (distanceM: number) => viewFromDistance(framed, { pixelsPerMm: 2, distanceM });
    const colour = [2, 6, 15, 40].map((d) => spread(at(d), (r, _, b) => r - b));
    colour.slice(1).forEach((value, i) => expect(value).toBeLessThan(colour[i] ?? 0));
    const [dark, light] = [
      [60, 60, 60],
      [200, 200, 200],
    ] as const;
    const tones = viewFromDistance(
      pictureOf(120, 80, (x) => (Math.floor(x / 6) % 2 ? dark : light)),
      { pixelsPerMm: 2, distanceM: 6 },
    );
    const hues = viewFromDistance(
      pictureOf(120, 80, (x) => (Math.floor(x / 6) % 2 ? [190, 100, 120] : [60, 140, 120])),
      { pixelsPerMm: 2, distanceM: 6 },
    );
    expect(spread(tones, (r) => r) / 140).toBeGreaterThan(spread(hues, (r, g) => r - g) / 170);
  });
  it("leaves a grey picture grey: no coloured fringes on an edge of light", () => {
    const seen = viewFromDistance(
      pictureOf(80, 40, (x) => (x < 40 ? [40, 40, 40] : [220, 220, 220])),
      { pixelsPerMm: 2, distanceM: 40 },
    );
    for (let i = 0; i < seen.data.length; i += 4)
      expect(
        Math.max(...[1, 2].map((c) => Math.abs((seen.data[i] ?? 0) - (seen.data[i + c] ?? 0)))),
      ).toBeLessThanOrEqual(2);
  });
  it("refuses nonsense", () =>
    expect(() => viewFromDistance(stripes, { pixelsPerMm: 0, distanceM: 1 })).toThrow(RangeError));
  it("under a lamp agrees with the colour computed for it, within what the colour cube leaves", () => {
    for (const lamp of LAMP_KEYS)
      for (const hex of ["#b08d3c", "#6f7882", "#e2b899"]) {
        const rgb = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as unknown as [
          number,
          number,
          number,
        ];
        const [r, g, b] = underLamp(
          pictureOf(1, 1, () => rgb),
          lamp,
        ).data;
        const seen = hexToLab(
          `#${[r, g, b].map((v) => (v ?? 0).toString(16).padStart(2, "0")).join("")}`,
        );
        const exact = hexToLab(hexUnder(reflectanceFromLab(hexToLab(hex)), lamp));
        if (lamp !== "D65") expect(deltaE00(seen, exact)).toBeLessThan(6);
      }
  });
});

describe("an eye in its seat", () => {
  /** A letter E of the line that asks for so many arc minutes a stroke, black on white, five strokes high, with white round it. */
  const letterE = (minutes: number, distanceM: number, pixelsPerMm: number) => {
    const stroke = Math.tan((minutes / 60) * (Math.PI / 180)) * distanceM * 1000 * pixelsPerMm;
    const [left, top] = [4 * stroke, 4 * stroke];
    const isInk = (x: number, y: number) => {
      const [u, v] = [(x + 0.5 - left) / stroke, (y + 0.5 - top) / stroke];
      return u >= 0 && u < 5 && v >= 0 && v < 5 && (u < 1 || Math.floor(v) % 2 === 0);
    };
    const size = Math.ceil(13 * stroke);
    const picture = pictureOf(size, size, (x, y) => (isInk(x, y) ? [0, 0, 0] : [255, 255, 255]));
    return { picture, stroke, left, top };
  };
  const light = (code: number) => {
    const v = code / 255;
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
  };
  /** Modulation down its open side, from the middle of a bar to the middle of a gap; below zero where they have changed places. */
  const modulation = (minutes: number, distanceM: number) => {
    const pixelsPerMm = 7 / (Math.tan(Math.PI / 180 / 60) * distanceM * 1000);
    const { picture, stroke, left, top } = letterE(minutes, distanceM, pixelsPerMm);
    const seen = viewFromDistance(picture, { pixelsPerMm, distanceM });
    const at = (strokes: number) => {
      const [x, y] = [Math.floor(left + 3 * stroke), Math.floor(top + strokes * stroke)];
      return light(seen.data[(y * seen.width + x) * 4] ?? 0);
    };
    const [bar, gap] = [at(2.5), (at(1.5) + at(3.5)) / 2];
    return (gap - bar) / (gap + bar);
  };
  it.each([6, 20, 40])(
    "reads the 20/20 line at %p m, not the 20/10 one, and turns no bar inside out (Snellen: strokes of 1 and of half a minute)",
    (distanceM) => {
      expect(modulation(1, distanceM)).toBeGreaterThan(0.1);
      expect(modulation(0.5, distanceM)).toBeLessThan(0.1);
      for (const minutes of [0.25, 0.5, 0.75, 1, 2, 4])
        expect(modulation(minutes, distanceM)).toBeGreaterThan(-0.002);
    },
  );
  it("blurs as the optics of 200 eyes do, within 0.01 at every grating (Watson 2013)", () => {
    for (let cycles = 0; cycles <= 90; cycles++)
      expect(Math.abs(spreadPasses(EYE, cycles) - opticalTransfer(cycles))).toBeLessThan(0.012);
    expect(spreadPasses(EYE_FOR_COLOUR, 12)).toBeLessThan(0.1);
  });
  it("does not read dark green beside black plainly as two from 20 m, and does in the mirror", () => {
    const [green, black] = [
      [22, -12, 6],
      [14, 0, 0],
    ] as const;
    expect(edgeVisibility(green, black, { widthMm: 10, distanceM: 20 }).verdict).not.toBe(
      "visible",
    );
    expect(edgeVisibility(green, black, { widthMm: 10, distanceM: 0.6 }).verdict).toBe("visible");
  });
  // What a painter would call by eye, common practice, no published source.
  it.each([
    ["cream beside white, 10 mm from 20 m", [92, 2, 10], [97, 0, 0], 10, 20, false],
    ["charcoal beside black, 20 mm from 12 m", [18, 0, 0], [12, 0, 0], 20, 12, false],
    ["navy beside black, 20 mm from 20 m", [16, 8, -22], [10, 0, 0], 20, 20, false],
    ["plum beside black, 15 mm from 1 m", [24, 22, -10], [10, 0, 0], 15, 1, true],
    ["ice blue beside white, 15 mm from 2 m", [85, -6, -12], [97, 0, 0], 15, 2, true],
    ["black beside white, 10 mm from 20 m", [10, 0, 0], [95, 0, 0], 10, 20, true],
    ["mid grey beside black, 25 mm from 20 m", [50, 0, 0], [10, 0, 0], 25, 20, true],
  ] as const)("%s", (_, a, b, widthMm, distanceM, reads) => {
    expect(edgeVisibility(a, b, { widthMm, distanceM }).verdict === "visible").toBe(reads);
  });
});

describe("blur", () => {
  /** A Gaussian written out, with the edge going on as it ends. */
  const plain = (values: Float32Array, width: number, height: number, sigma: number) => {
    const R = Math.ceil(4 * sigma);
    const g = (d: number) => Math.exp(-(d * d) / (2 * sigma * sigma));
    return Float32Array.from(values, (_, i) => {
      const [x0, y0] = [i % width, Math.floor(i / width)];
      let [sum, whole] = [0, 0];
      for (let y = -R; y <= R; y++)
        for (let x = -R; x <= R; x++) {
          const w = g(x) * g(y);
          whole += w;
          sum +=
            w *
            (values[
              Math.min(height - 1, Math.max(0, y0 + y)) * width +
                Math.min(width - 1, Math.max(0, x0 + x))
            ] ?? 0);
        }
      return sum / whole;
    });
  };
  it.each([0.8, 2, 5, 9])("by %p cells agrees with a Gaussian written out", (sigma) => {
    const [width, height] = [48, 40];
    const values = Float32Array.from(
      { length: width * height },
      (_, i) => ((i % width) % 16 < 8 ? 1 : 0) + (Math.floor(i / width) > 20 ? 0.5 : 0),
    );
    const into = new Float32Array(values.length);
    addBlurred(into, { width, height, values }, sigma, 1);
    const exact = plain(values, width, height, sigma);
    expect(Math.max(...into.map((value, i) => Math.abs(value - (exact[i] ?? 0))))).toBeLessThan(
      0.06,
    );
  });
});
