import fc from "fast-check";
import { hexToLab, labFromReflectance, masstoneReflectance, mixOptics } from "../colour";
import { mixingOptics } from "../paint";
import { seededRandom } from "../random";
import { aContext, aLayer, aLook, aProduct, product as productOf, SHELF } from "../testing";
import {
  layOut,
  mixesOf,
  movePan,
  nearestMade,
  panBeside,
  panGrams,
  panPaints,
  PANS,
  RANGE,
  reachedBy,
  smallestPalette,
  suggestPalette,
  TRAYS,
  PaletteSchema,
  wantedColours,
  type Pan,
  type PanKey,
  type PanPaint,
  type WantedColour,
} from ".";

const KEYS = Object.keys(PANS) as PanKey[];
const pan = (id: string, size: PanKey = "half"): Pan => ({ id, pan: size, parts: [] });
const somePans = fc
  .array(fc.constantFrom(...KEYS), { maxLength: 60 })
  .map((sizes) => sizes.map((size, i) => pan(`p${i}`, size)));

describe("pans in a palette", () => {
  it("never lie over each other, keep their order, and what is said to fit lies inside", () => {
    fc.assert(
      fc.property(
        somePans,
        fc.integer({ min: 40, max: 500 }),
        fc.integer({ min: 40, max: 400 }),
        (pans, width, height) => {
          const placed = layOut({ width, height, pans });
          expect(placed.map((entry) => entry.pan.id)).toEqual(pans.map(({ id }) => id));
          placed.forEach((a, i) => {
            if (a.fits)
              expect(
                a.x >= 0 && a.y >= 0 && a.x + a.width <= width && a.y + a.height <= height,
              ).toBe(true);
            for (const b of placed.slice(i + 1)) {
              expect(
                a.x + a.width <= b.x ||
                  b.x + b.width <= a.x ||
                  a.y + a.height <= b.y ||
                  b.y + b.height <= a.y,
              ).toBe(true);
              expect(b.row > a.row || (b.row === a.row && b.x > a.x)).toBe(true);
            }
          });
        },
      ),
    );
  });
  it("lie in rows (by hand): four half pans across a pocket tin, the fifth below", () => {
    // 2 mm rim, 19 mm and 2 mm each: 2, 23, 44, 65 and the next would end at 105 of 90.
    expect(
      layOut({ ...TRAYS.pocket, pans: ["a", "b", "c", "d", "e"].map((id) => pan(id)) }).map(
        ({ x, y, row }) => [x, y, row],
      ),
    ).toEqual([
      [2, 2, 0],
      [23, 2, 0],
      [44, 2, 0],
      [65, 2, 0],
      [2, 20, 1],
    ]);
    expect(smallestPalette(["a", "b", "c", "d", "e"].map((id) => pan(id)))).toBe("pocket");
    expect(smallestPalette(Array.from({ length: 13 }, (_, i) => pan(String(i))))).toBe("hand");
    expect(
      smallestPalette(Array.from({ length: 150 }, (_, i) => pan(String(i), "cake"))),
    ).toBeNull();
  });
  it("move without one being lost, and up and down to what lies beside", () => {
    fc.assert(
      fc.property(
        somePans.filter((pans) => pans.length > 0),
        fc.nat(80),
        fc.integer({ min: -3, max: 80 }),
        (pans, which, to) => {
          const id = pans[which % pans.length]?.id ?? "";
          const moved = movePan(pans, id, to);
          expect(moved.map((entry) => entry.id).sort()).toEqual(
            pans.map((entry) => entry.id).sort(),
          );
          expect(moved.findIndex((entry) => entry.id === id)).toBe(
            Math.max(0, Math.min(pans.length - 1, to)),
          );
        },
      ),
    );
    const placed = layOut({
      ...TRAYS.pocket,
      pans: ["a", "b", "c", "d", "e", "f"].map((id) => pan(id)),
    });
    expect(panBeside(placed, "b", 1)).toBe(5);
    expect(panBeside(placed, "f", -1)).toBe(1);
    expect(panBeside(placed, "d", -1)).toBe(3);
  });
  it("hold what their size says (by hand): a 26 mm round of 4 mm is 2.1 ml, some 2.8 g; a half pan 3.6 g", () => {
    expect(panGrams("small")).toBeCloseTo(Math.PI * 13 * 13 * 4 * 0.001 * 1.3, 9);
    expect(panGrams("half")).toBeCloseTo(19 * 16 * 9 * 0.001 * 1.3, 9);
  });
  it("are refused where they are not what they should be", () => {
    const palette = { name: "T", width: 90, height: 60, pans: [pan("a")] };
    expect(PaletteSchema.safeParse(palette).success).toBe(true);
    for (const wrong of [
      { ...palette, width: 20 },
      { ...palette, name: " " },
      { ...palette, pans: [pan("a"), pan("a")] },
      {
        ...palette,
        pans: [
          {
            ...pan("a"),
            parts: [
              { productId: "x", parts: 1 },
              { productId: "x", parts: 2 },
            ],
          },
        ],
      },
    ])
      expect(PaletteSchema.safeParse(wrong).success).toBe(false);
  });
});

const paintOf = (id: string, hex: string, family = "water"): PanPaint => {
  const optics = mixingOptics(aProduct({ id, colour: hex, hiding: 0.9 }));
  if (!optics) throw new Error("no colour");
  return { id, optics, family };
};
const PAINTS = [
  paintOf("white", "#f3f2ec"),
  paintOf("black", "#1c1c1f"),
  paintOf("red", "#a6442f"),
  paintOf("yellow", "#e2aa2f"),
  paintOf("blue", "#33455f"),
  paintOf("grey", "#7a7a7b"),
];
const mixed = (parts: readonly (readonly [string, number])[]) =>
  labFromReflectance(
    masstoneReflectance(
      mixOptics(
        parts.map(([id, n]) => {
          const paint = PAINTS.find((entry) => entry.id === id);
          if (!paint) throw new Error(id);
          return { optics: paint.optics, parts: n };
        }),
      ),
    ),
  );
const everything = PAINTS.map(({ id }) => id);
const wish = (
  id: string,
  lab: WantedColour["lab"],
  own: WantedColour["own"] = [],
  allowed: readonly string[] = everything,
): WantedColour => ({ id, name: id, layers: [id], lab, allowed, own });

describe("what a look asks of a palette", () => {
  it("is each of its colours once, with what may stand in for it; what is not laid in pans goes beside", () => {
    const look = aLook(
      aLayer({ id: "base" }),
      aLayer({ id: "again", name: "second" }),
      aLayer({ id: "eyes", zones: ["upperLidLeft"], paint: productOf("blue") }),
      aLayer({ id: "line", paint: productOf("line") }),
      aLayer({ id: "strand", paint: productOf("latexPot") }),
      aLayer({ id: "wish", paint: { kind: "material", material: "cream" }, target: "#a0522d" }),
    );
    const { colours, beside } = wantedColours(look, aContext(), SHELF);
    expect(colours.map(({ name, own }) => [name, own.map(({ id }) => id)])).toEqual([
      ["base, second", ["grey"]],
      ["eyes", ["blue"]],
      ["line", ["line"]],
      ["wish", []],
    ]);
    expect(colours[0]?.allowed).toEqual(["white", "grey", "blue", "yellow", "line"]);
    expect(colours[0]?.layers).toEqual(["base", "again"]);
    // Round the eye only what its label allows there.
    expect(colours[1]?.allowed).not.toContain("blue");
    expect(colours[3]?.allowed).toEqual(["cream"]);
    expect(beside).toEqual(["latexPot"]);
    expect(panPaints(SHELF).map(({ id }) => id)).not.toContain("craft");
    expect(suggestPalette(colours, panPaints(SHELF)).missing).toEqual(["wish"]);
  });
});

describe("mixes of a palette", () => {
  it("are every one, two and three of a family, and no others (counted by hand)", () => {
    // Ones: n. Twos share out up to 4 parts as 1:1, 1:2, 2:1, 1:3, 3:1. Threes as 1:1:1, 1:1:2, 1:2:1, 2:1:1.
    expect(mixesOf(PAINTS.slice(0, 4))).toHaveLength(4 + 6 * 5 + 4 * 4);
    expect(mixesOf([...PAINTS.slice(0, 2), paintOf("cream", "#c3996f", "oil")])).toHaveLength(
      3 + 5,
    );
    expect(mixesOf(PAINTS.slice(0, 4), 1)).toHaveLength(4);
  });
  it("are the colours that mixOptics says, and the nearest is found", () => {
    const made = mixesOf(PAINTS);
    const wanted = mixed([
      ["white", 2],
      ["blue", 1],
    ]);
    expect(nearestMade(made, wanted)).toMatchObject({
      dE: 0,
      parts: [
        { id: "white", parts: 2 },
        { id: "blue", parts: 1 },
      ],
    });
    expect(nearestMade([], wanted)).toBeNull();
    const reached = reachedBy(made);
    expect(reached).toHaveLength(RANGE.length);
    // What more paints reach is never farther off.
    const fewer = new Map(
      reachedBy(mixesOf(PAINTS.slice(0, 3))).map(({ name, made: { dE } }) => [name, dE]),
    );
    for (const {
      name,
      made: { dE },
    } of reached)
      expect(dE).toBeLessThanOrEqual((fewer.get(name) ?? Infinity) + 1e-9);
  });
});

describe("suggestPalette", () => {
  it("lays in one pan fewer where a colour can be mixed from what is there anyway (by hand)", () => {
    const choice = suggestPalette(
      [
        wish("pale", hexToLab("#f3f2ec"), [{ id: "white", parts: 1 }]),
        wish("dark", hexToLab("#1c1c1f"), [{ id: "black", parts: 1 }]),
        wish(
          "between",
          mixed([
            ["white", 3],
            ["black", 1],
          ]),
        ),
      ],
      PAINTS,
    );
    expect([...choice.pans].sort()).toEqual(["black", "white"]);
    expect(choice.colours.map(({ id, made }) => [id, made.parts.length])).toEqual([
      ["pale", 1],
      ["dark", 1],
      ["between", 2],
    ]);
    expect(choice).toMatchObject({ missing: [], fewest: true });
  });
  it("takes nothing the person may not wear there, and says what nothing makes", () => {
    const choice = suggestPalette(
      [wish("red", hexToLab("#a6442f"), [], ["white", "blue"]), wish("loud", [60, 110, 90])],
      PAINTS,
    );
    expect(choice).toMatchObject({ pans: [], missing: ["red", "loud"] });
  });
  it("finds as few as trying every set of pans does, for any few colours", () => {
    const parts = fc.tuple(
      fc.integer({ min: 0, max: 5 }),
      fc.integer({ min: 0, max: 5 }),
      fc.constantFrom(1, 2, 3),
      fc.constant(1),
    );
    const labs = fc.array(parts, { minLength: 1, maxLength: 5 }).map((list) =>
      list.map(([a, b, n, m]) =>
        mixed(
          a === b
            ? [[PAINTS[a]?.id ?? "", 1]]
            : [
                [PAINTS[a]?.id ?? "", n],
                [PAINTS[b]?.id ?? "", m],
              ],
        ),
      ),
    );
    fc.assert(
      fc.property(labs, (list) => {
        const choice = suggestPalette(
          list.map((lab, i) => wish(`w${i}`, lab)),
          PAINTS,
        );
        const sets = Array.from({ length: 2 ** PAINTS.length }, (_, bits) =>
          PAINTS.filter((__, i) => bits & (1 << i)),
        );
        const does = (set: readonly PanPaint[]) => {
          const made = mixesOf(set);
          return list.every((lab) => (nearestMade(made, lab)?.dE ?? Infinity) <= 2);
        };
        const fewest = Math.min(...sets.filter(does).map(({ length }) => length));
        expect(choice.missing).toEqual([]);
        expect(choice.pans).toHaveLength(fewest);
        for (const { made } of choice.colours) {
          expect(made.dE).toBeLessThanOrEqual(2);
          for (const { id } of made.parts) expect(choice.pans).toContain(id);
        }
      }),
      { numRuns: 12 },
    );
  });
  it("says so when it could not look through everything, and what it offers still makes the colours", () => {
    const random = seededRandom(7);
    const one = () => PAINTS[Math.floor(random() * PAINTS.length)]?.id ?? "";
    const runs = Array.from({ length: 12 }, () => {
      const wishes = Array.from({ length: 4 }, (_, i) =>
        wish(
          `w${i}`,
          mixed([
            [one(), 1],
            [one(), 1],
            [one(), 2],
          ]),
        ),
      );
      return [
        suggestPalette(wishes, PAINTS, { within: 5, effort: 0 }),
        suggestPalette(wishes, PAINTS, { within: 5 }),
      ] as const;
    });
    expect(runs.some(([hasty]) => !hasty.fewest)).toBe(true);
    for (const [hasty, patient] of runs) {
      expect([hasty.colours.length, patient.colours.length, patient.fewest]).toEqual([4, 4, true]);
      expect(hasty.pans.length).toBeGreaterThanOrEqual(patient.pans.length);
      if (hasty.fewest) expect(hasty.pans).toHaveLength(patient.pans.length);
    }
  });
  it("knows the shelf that tests start from: every product's own colour", () => {
    const shelf = SHELF.flatMap((product) => {
      const optics =
        product.material === "waterGlycerine" && product.grade !== "prop"
          ? mixingOptics(product)
          : null;
      return optics ? [{ id: product.id, optics, family: "water" }] : [];
    });
    const choice = suggestPalette(
      shelf.map(({ id, optics }) =>
        wish(
          id,
          labFromReflectance(masstoneReflectance(optics)),
          [{ id, parts: 1 }],
          shelf.map((paint) => paint.id),
        ),
      ),
      shelf,
    );
    expect(choice.pans.length).toBeLessThanOrEqual(shelf.length);
    expect(choice.colours).toHaveLength(shelf.length);
  });
});
