import fc from "fast-check";
import {
  chroma,
  deltaE00,
  flat,
  gradient,
  hexToLab,
  hueAngle,
  labFromReflectance,
  LET_DOWN_WHITE,
  masstoneReflectance,
  mixedLab,
  mixOptics,
  paintOptics,
  proposeTones,
  reflectanceFromLab,
  sharings,
  solveMix,
  solveMixSteps,
  tintOfLetDown,
  EXTRA_PAINT_COST,
  type MixPaint,
  type MixQuery,
} from ".";
import { paintBounds, reachInPlane } from "./mixBounds";
import { mixQuadrature } from "./mixQuadrature";

const paint = (hex: string, hiding = 0.9, tint = 1) =>
  paintOptics({ masstone: hexToLab(hex), hiding, tint });
const colourOf = (parts: readonly { optics: ReturnType<typeof paint>; parts: number }[]) =>
  labFromReflectance(masstoneReflectance(mixOptics(parts)));
const hexes = fc
  .integer({ min: 0x101010, max: 0xf0f0f0 })
  .map((n) => `#${n.toString(16).padStart(6, "0")}`);

/** Every mix there is, each computed in full. */
function bruteForce({ target, paints, maxPaints = 3, maxParts = 8, top = 5 }: MixQuery): number[] {
  const subsets = (from: number, size: number): MixPaint[][] =>
    size === 0
      ? [[]]
      : paints
          .slice(from)
          .flatMap((first, i) => subsets(from + i + 1, size - 1).map((rest) => [first, ...rest]));
  const scores = Array.from(
    { length: Math.min(maxPaints, paints.length) },
    (_, i) => i + 1,
  ).flatMap((size) =>
    subsets(0, size).flatMap((set) =>
      sharings(size, maxParts).map(
        (parts) =>
          deltaE00(
            colourOf(set.map(({ optics }, i) => ({ optics, parts: parts[i] ?? 0 }))),
            target,
          ) +
          EXTRA_PAINT_COST * (size - 1),
      ),
    ),
  );
  return scores.sort((a, b) => a - b).slice(0, top);
}
const scoresOf = (q: MixQuery) =>
  solveMix(q).map(({ deltaE, parts }) => deltaE + EXTRA_PAINT_COST * (parts.length - 1));

const problem = fc.record({
  target: hexes.map(hexToLab),
  paints: fc
    .array(
      fc.record({
        hex: hexes,
        hiding: fc.double({ min: 0.3, max: 0.98, noNaN: true }),
        tint: fc.double({ min: 0.3, max: 4, noNaN: true }),
        letDown: fc.option(hexes, { freq: 6 }),
      }),
      { minLength: 1, maxLength: 7 },
    )
    .map((list) =>
      list.map(({ hex, hiding, tint, letDown }, i): MixPaint => ({
        id: `p${i}`,
        optics: paintOptics({
          masstone: hexToLab(hex),
          hiding,
          tint,
          ...(letDown && { letDown: hexToLab(letDown) }),
        }),
      })),
    ),
  maxPaints: fc.integer({ min: 1, max: 4 }),
  maxParts: fc.integer({ min: 1, max: 6 }),
  top: fc.integer({ min: 1, max: 6 }),
});

describe("solveMix", () => {
  it("finds what trying every mix in full finds, on 300 random problems", () => {
    fc.assert(
      fc.property(problem, (q) => {
        const [found, all] = [scoresOf(q), bruteForce(q)];
        expect(found).toHaveLength(all.length);
        found.forEach((score, i) => expect(score).toBeCloseTo(all[i] ?? NaN, 9));
      }),
      { numRuns: 300, seed: 31 },
    );
  });

  it("finds it among fourteen paints too, where the few bands and the bounds do most of the work", () => {
    for (const [seed, target] of [
      "#d8662b",
      "#7a9bb0",
      "#40342a",
      "#c9b26a",
      "#12e04a",
    ].entries()) {
      const paints = fc
        .sample(
          fc.tuple(
            hexes,
            fc.double({ min: 0.5, max: 0.98, noNaN: true }),
            fc.double({ min: 0.5, max: 3, noNaN: true }),
          ),
          { numRuns: 14, seed },
        )
        .map(([hex, hiding, tint], i) => ({ id: `p${i}`, optics: paint(hex, hiding, tint) }));
      const q = { target: hexToLab(target), paints };
      scoresOf(q).forEach((score, i) => expect(score).toBeCloseTo(bruteForce(q)[i] ?? NaN, 9));
    }
  });

  it("gives whole parts in lowest terms within the limit, largest first, sorted, and a pot itself where one is right", () => {
    const paints = ["#f3f2ec", "#1c1c1f", "#bd8a42", "#a6442f"].map((hex, i) => ({
      id: `p${i}`,
      optics: paint(hex),
    }));
    const found = solveMix({
      target: [60, 20, 30],
      paints,
      ground: reflectanceFromLab([40, 12, 18]),
    });
    for (const { parts, coats } of found) {
      expect(parts.reduce((sum, part) => sum + part.parts, 0)).toBeLessThanOrEqual(8);
      expect([...parts].sort((a, b) => b.parts - a.parts)).toEqual(parts);
      expect(coats).toBeGreaterThan(0);
    }
    const own = solveMix({ target: hexToLab("#bd8a42"), paints })[0];
    expect(own?.parts).toEqual([{ id: "p2", parts: 1 }]);
    expect(own?.deltaE).toBeLessThan(0.1);
  });

  it("can be stopped half way with the best so far, which only improves", () => {
    const paints = fc
      .sample(hexes, { numRuns: 30, seed: 5 })
      .map((hex, i) => ({ id: `p${i}`, optics: paint(hex) }));
    const steps = solveMixSteps({ target: [55, 25, 20], paints, maxPaints: 4, maxParts: 7 });
    const seen: number[] = [];
    const shares: number[] = [];
    for (;;) {
      const step = steps.next();
      seen.push((step.done ? step.value : step.value.best)[0]?.deltaE ?? NaN);
      if (step.done) break;
      shares.push(step.value.tried / step.value.of);
    }
    expect(seen.length).toBeGreaterThan(2);
    expect(shares.every((share, i) => share <= 1 && share > (shares[i - 1] ?? 0))).toBe(true);
    seen
      .slice(1)
      .forEach((deltaE, i) =>
        expect(deltaE).toBeLessThanOrEqual((seen[i] ?? 0) + EXTRA_PAINT_COST * 3),
      );
    const stopped = solveMixSteps({ target: [55, 25, 20], paints, maxPaints: 4 });
    expect(stopped.next().done).toBe(false);
    expect(stopped.return([]).done).toBe(true);
  });

  it("refuses no paints, no colour and no parts", () => {
    const paints = [{ id: "a", optics: paint("#808080") }];
    expect(() => solveMix({ target: [50, 0, 0], paints: [] })).toThrow(RangeError);
    expect(() => solveMix({ target: [NaN, 0, 0], paints })).toThrow(RangeError);
    expect(() => solveMix({ target: [50, 0, 0], paints, maxParts: 0 })).toThrow(RangeError);
  });
});

describe("the bounds of a mix", () => {
  it("hold for random mixes: between tangent and mean (Jensen), axis by axis", () => {
    fc.assert(
      fc.property(
        hexes,
        fc.array(
          fc.tuple(
            hexes,
            fc.integer({ min: 1, max: 8 }),
            fc.double({ min: 0.3, max: 3, noNaN: true }),
          ),
          { minLength: 2, maxLength: 4 },
        ),
        (target, list) => {
          const optics = list.map(([hex, , tint]) => paint(hex, 0.85, tint));
          const bounds = paintBounds(optics, hexToLab(target));
          const scattering = list.reduce(
            (sum, [, parts], i) => sum + parts * (bounds?.scattering[i] ?? NaN),
            0,
          );
          const mean = (of: "under" | "over", axis: number) =>
            list.reduce(
              (sum, [, parts], i) => sum + parts * (bounds?.[of][i * 3 + axis] ?? NaN),
              0,
            ) / scattering;
          const Y =
            100 *
            labToY(colourOf(list.map(([, parts], i) => ({ optics: optics[i] as never, parts }))));
          expect(Y).toBeGreaterThanOrEqual(mean("under", 1) - 0.02);
          expect(Y).toBeLessThanOrEqual(mean("over", 1) + 0.02);
        },
      ),
      { numRuns: 150 },
    );
  });
  it("in the plane never shut out a colour that is near by CIEDE2000", () => {
    const lab = fc.tuple(
      fc.double({ min: 5, max: 95, noNaN: true }),
      fc.double({ min: -80, max: 80, noNaN: true }),
      fc.double({ min: -90, max: 90, noNaN: true }),
    );
    fc.assert(
      fc.property(lab, lab, (a, b) =>
        expect(Math.hypot(a[1] - b[1], a[2] - b[2])).toBeLessThanOrEqual(
          reachInPlane(a, deltaE00(a, b)) + 1e-9,
        ),
      ),
      { numRuns: 3000 },
    );
    fc.assert(
      fc.property(
        lab,
        fc.double({ min: -9, max: 9, noNaN: true }),
        fc.double({ min: -9, max: 9, noNaN: true }),
        ([L, x, y], u, v) =>
          expect(Math.hypot(u, v)).toBeLessThanOrEqual(
            reachInPlane([L, x, y], deltaE00([L, x, y], [L, x + u, y + v])) + 1e-9,
          ),
      ),
      { numRuns: 3000 },
    );
  });
  it("leave a paint out whose scattering is not level, and the few bands stand for all 41 also on the nearest to a colour out of reach", () => {
    expect(paintBounds([{ k: flat(1), s: flat(1).map((v, i) => v + i) }], [50, 0, 0])).toBeNull();
    const { bands, slack } = mixQuadrature([paint("#101010")], [95, 0, 0], {
      maxPaints: 2,
      maxParts: 4,
    });
    expect(bands.length).toBeLessThan(41);
    expect(slack).toBeLessThanOrEqual(0.3);
  });
});
const labToY = ([L]: readonly number[]) =>
  (L as number) > 8 ? (((L as number) + 16) / 116) ** 3 : ((L as number) * 27) / 24389;

describe("the second swatch", () => {
  const white = paintOptics(LET_DOWN_WHITE);
  /** What a let-down of a paint of known strength looks like. */
  const letDownOf = (hex: string, tint: number) =>
    colourOf([
      { optics: paint(hex, 0.9, tint), parts: 1 },
      { optics: white, parts: 10 },
    ]);
  it.each([
    ["#33455f", 0.5],
    ["#a6442f", 1],
    ["#1c1c1f", 3],
    ["#f0cd3e", 2],
  ])("of %s gives back the strength %p it was made with", (hex, tint) => {
    expect(
      tintOfLetDown({ masstone: hexToLab(hex), hiding: 0.9, letDown: letDownOf(hex, tint) }) / tint,
    ).toBeCloseTo(1, 1);
  });
  it("is what a mix of 1 in 10 then comes out as, also for a tint its masstone alone can't tell", () => {
    const [masstone, letDown] = [hexToLab("#3c5a3b"), hexToLab("#b9cdb4")];
    const tint = tintOfLetDown({ masstone, hiding: 0.88, letDown });
    const mixed = colourOf([
      { optics: paintOptics({ masstone, hiding: 0.88, tint, letDown }), parts: 1 },
      { optics: white, parts: 10 },
    ]);
    const guessed = colourOf([
      { optics: paintOptics({ masstone, hiding: 0.88 }), parts: 1 },
      { optics: white, parts: 10 },
    ]);
    expect(deltaE00(mixed, letDown)).toBeLessThan(2.5);
    expect(deltaE00(mixed, letDown)).toBeLessThan(deltaE00(guessed, letDown));
    expect(
      deltaE00(
        labFromReflectance(masstoneReflectance(paintOptics({ masstone, hiding: 0.88, letDown }))),
        masstone,
      ),
    ).toBeLessThan(0.2);
  });
  it("that says nothing changes nothing", () => {
    expect(tintOfLetDown({ masstone: [96, 0, 2], hiding: 0.9, letDown: [96, 0, 2] })).toBe(1);
  });
});

// Common practice, no published source: COLOUR-2 and COLOUR-4.
describe("tones and gradients", () => {
  const shelf = [
    ["white", "#f3f2ec"],
    ["black", "#161618"],
    ["brown", "#4a3325"],
    ["yellow", "#f0cd3e"],
    ["red", "#a6442f"],
  ].map(([id = "", hex = ""]) => ({ id, optics: paint(hex) }));
  const red = paint("#b8402e");
  it("propose a shadow darker and duller than its base, and never black", () => {
    const { shade } = proposeTones(red, shelf);
    const base = labFromReflectance(masstoneReflectance(red));
    expect(shade.length).toBeGreaterThan(1);
    for (const tone of shade) {
      expect(tone.lab[0]).toBeLessThan(base[0] - 5);
      expect(tone.lab[0]).toBeGreaterThan(10);
      expect(tone.base).toBeGreaterThan(0);
      expect(tone.reason).toMatch(/darker/);
    }
    expect(["black", "brown"]).toContain(shade[0]?.with[0]?.id);
  });
  it("propose a highlight that keeps red skin warm rather than pink", () => {
    const { highlight } = proposeTones(red, shelf);
    expect(highlight[0]?.with.map(({ id }) => id)).toContain("yellow");
    expect(highlight[0]?.reason).toMatch(/lighter/);
    const best = highlight[0]?.lab ?? [0, 0, 0];
    const plain = colourOf([
      { optics: red, parts: 1 },
      { optics: paint("#f3f2ec"), parts: 1 },
    ]);
    expect(hueAngle(best)).toBeGreaterThan(hueAngle(plain));
  });
  it("take steps that look equally far apart, end to end", () => {
    const { steps, path } = gradient(paint("#f3f2ec"), paint("#1c1c1f", 0.98, 2.2), {
      steps: 5,
      maxParts: 12,
    });
    expect(steps[0]?.parts).toEqual([1, 0]);
    expect(steps.at(-1)?.parts).toEqual([0, 1]);
    steps.forEach(({ along }, i) => expect(Math.abs(along - i / 4)).toBeLessThan(0.13));
    // A strong black takes over early: half way by eye it is less than half the parts, a quarter of the way less than a sixth.
    const shareOf = (step: number) => {
      const [light = 0, dark = 0] = steps[step]?.parts ?? [];
      return dark / (light + dark);
    };
    expect(shareOf(2)).toBeLessThan(0.45);
    expect(shareOf(1)).toBeLessThan(1 / 6);
    path
      .slice(1)
      .forEach((lab, i) => expect(lab[0]).toBeLessThanOrEqual((path[i]?.[0] ?? 0) + 1e-6));
    expect(() => gradient(red, red, { steps: 1 })).toThrow(RangeError);
  });
  it("go through green from yellow to blue", () => {
    const { path } = gradient(paint("#f0cd3e"), paint("#2a4fa0"));
    const middle = path[Math.floor(path.length / 2)] ?? [0, 0, 0];
    expect(hueAngle(middle)).toBeGreaterThan(110);
    expect(hueAngle(middle)).toBeLessThan(220);
    expect(chroma(middle)).toBeGreaterThan(8);
  });
});

describe("the colour of a mix in one pass", () => {
  const paint = fc
    .record({
      masstone: fc.constantFrom("#f0cd3e", "#2a4fa0", "#f3f2ec", "#141417", "#b02020", "#3d7842"),
      hiding: fc.double({ min: 0.1, max: 0.99, noNaN: true }),
      tint: fc.double({ min: 0.1, max: 5, noNaN: true }),
    })
    .map(({ masstone, ...rest }) => paintOptics({ masstone: hexToLab(masstone), ...rest }));

  it("is that of the spectra of the same mix, whatever the paints and parts", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(paint, fc.integer({ min: 0, max: 9 })), { minLength: 1, maxLength: 4 }),
        (list) => {
          const parts = list.map(([optics, amount]) => ({ optics, parts: amount }));
          if (parts.every((part) => part.parts === 0)) {
            expect(() => mixedLab(parts)).toThrow(RangeError);
            return;
          }
          const slow = labFromReflectance(masstoneReflectance(mixOptics(parts)));
          mixedLab(parts).forEach((value, i) => expect(value).toBeCloseTo(slow[i] ?? NaN, 9));
        },
      ),
    );
  });
  it("takes no mix without parts, or with fewer than none", () => {
    const optics = paintOptics({ masstone: [50, 0, 0], hiding: 0.9 });
    expect(() => mixedLab([])).toThrow(RangeError);
    expect(() => mixedLab([{ optics, parts: -1 }])).toThrow(RangeError);
    expect(() => mixedLab([{ optics, parts: Infinity }])).toThrow(RangeError);
  });
});
