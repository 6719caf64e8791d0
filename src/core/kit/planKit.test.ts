import { allNeeded } from "../plan";
import fc from "fast-check";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  gapsIn,
  inSwatchOrder,
  nearDuplicates,
  packingList,
  planKit,
  RANGE,
  substitutes,
  type JobNeeds,
} from ".";

const products = new Map(
  [
    aProduct({ id: "a", name: "A", sizeGrams: 10, priceMinor: 500 }),
    aProduct({ id: "b", name: "B", sizeGrams: 20, priceMinor: 800 }),
  ].map((entry) => [entry.id, entry]),
);
const need = (productId: string, grams: number) => ({
  productId,
  material: "cream" as const,
  name: productId.toUpperCase(),
  grams,
  counted: "grams" as const,
  layers: [],
});
const job = (jobId: string, on: string | null, ...needs: ReturnType<typeof need>[]): JobNeeds => ({
  jobId,
  name: jobId,
  on,
  needs,
});

describe("planKit", () => {
  it("uses stock up in the order of the days, and tells pots, money and the day to order (by hand)", () => {
    const plan = planKit(
      [
        job("late", "2026-06-20", need("a", 8)),
        job("early", "2026-06-10", need("a", 6), need("b", 5)),
      ],
      new Map([
        ["a", 7],
        ["b", 20],
      ]),
      products,
      7,
    );
    // 14 g wanted, 7 there: the second job goes short by 7 g, one pot of 10; ordered eight days before the 20th.
    expect(plan.lines[0]).toMatchObject({
      productId: "a",
      grams: 14,
      left: 7,
      missing: 7,
      pots: 1,
      buyMinor: 500,
      costMinor: 700,
      orderBy: "2026-06-12",
    });
    expect(plan.lines[0]?.byJob).toEqual([
      { jobId: "early", grams: 6, short: false },
      { jobId: "late", grams: 8, short: true },
    ]);
    expect(plan.lines[1]).toMatchObject({ productId: "b", missing: 0, pots: 0, orderBy: null });
    expect(plan.costByJob).toEqual([
      { jobId: "early", name: "early", costMinor: 500 },
      { jobId: "late", name: "late", costMinor: 400 },
    ]);
    expect(plan.buyMinor).toBe(500);
  });
  it("counts stock below nothing as none, and a kind nobody chose as all missing", () => {
    expect(
      planKit([job("j", "2026-06-20", need("a", 5))], new Map([["a", -9]]), products, 3).lines[0],
    ).toMatchObject({ left: 0, missing: 5, pots: 1 });
    expect(
      planKit(
        [{ jobId: "j", name: "j", on: null, needs: [{ ...need("a", 3), productId: null }] }],
        new Map(),
        products,
        3,
      ).lines[0],
    ).toMatchObject({ productId: null, missing: 3, pots: 0, orderBy: null });
  });
  it("never says enough where it is not, nor short where it is, for any jobs; pots always cover what is missing", () => {
    const jobs = fc.array(
      fc.record({
        day: fc.integer({ min: 10, max: 28 }),
        a: fc.double({ min: 0, max: 9, noNaN: true }),
        b: fc.double({ min: 0, max: 9, noNaN: true }),
      }),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(jobs, fc.double({ min: 0, max: 30, noNaN: true }), (list, stock) => {
        const plan = planKit(
          list.map(({ day, a, b }, i) =>
            job(`j${i}`, `2026-06-${day}`, need("a", a), need("b", b)),
          ),
          new Map([
            ["a", stock],
            ["b", stock],
          ]),
          products,
          5,
        );
        for (const line of plan.lines) {
          const wanted = list.reduce(
            (sum, entry) => sum + (line.productId === "a" ? entry.a : entry.b),
            0,
          );
          expect(line.grams).toBeCloseTo(wanted, 9);
          expect(line.missing).toBeCloseTo(Math.max(0, wanted - stock), 9);
          expect(line.byJob.some(({ short }) => short)).toBe(line.missing > 1e-9);
          expect(
            line.pots * (products.get(line.productId ?? "")?.sizeGrams ?? 0),
          ).toBeGreaterThanOrEqual(line.missing - 1e-6);
        }
      }),
    );
  });
});

describe("substitutes", () => {
  const wanted = aProduct({ id: "grey", colour: "#6f7882", hiding: 0.9 });
  const near = aProduct({ id: "near", colour: "#717a84", hiding: 0.6 });
  const wax = aProduct({ id: "wax", material: "waterWax", colour: "#6f7882" });
  it("offers what lies the same way, nearest first, those with enough before the others, and says what is lost (KIT-5)", () => {
    const found = substitutes(
      wanted,
      [
        wanted,
        near,
        wax,
        aProduct({ id: "red", colour: "#c02020" }),
        aProduct({ id: "cream", material: "cream", colour: "#6f7882" }),
        aProduct({ id: "craft", colour: "#6f7882", grade: "prop" }),
      ],
      new Map([
        ["near", 9],
        ["wax", 0],
      ]),
      4,
    );
    expect(found.map(({ product: other }) => other.id)).toEqual(["near", "wax"]);
    expect(found[0]?.words).toContain("covers 30 points less a coat");
    expect(found[1]?.words).toMatch(/nobody tells the colours apart.*not enough of it either/);
  });
  it("leaves out what the person may not wear", () =>
    expect(
      substitutes(wanted, [near], new Map([["near", 9]]), 4, ({ id }) => id !== "near"),
    ).toEqual([]));
});

describe("a packing list", () => {
  it("has each pot, tool and piece once, and says what may not travel (KIT-3, SAFE-5)", () => {
    const look = {
      ...aLook(
        aLayer({ id: "base", tool: "airbrush", technique: "spray" }),
        aLayer({ id: "again" }),
        aLayer({
          id: "line",
          role: "detail",
          paint: product("alcohol"),
          tool: "roundBrush",
          technique: "pat",
        }),
      ),
    };
    const context = aContext();
    const packed = { look, context, needs: allNeeded(look, context) };
    const { things, grams, litres } = packingList([packed, packed]);
    expect(things.filter(({ name }) => name === "grey")).toHaveLength(1);
    expect(things.find(({ name }) => name.startsWith("airbrush"))).toMatchObject({ rule: "KIT-3" });
    expect(things.find(({ name }) => name === "alcohol")?.note).toContain("flammable");
    expect(grams).toBeCloseTo(
      things.reduce((sum, thing) => sum + thing.grams, 0),
      9,
    );
    expect(litres).toBeGreaterThan(9);
  });
});

describe("the range of colours", () => {
  it("finds pairs of one kind that nobody tells apart, and no others", () => {
    const pairs = nearDuplicates([
      aProduct({ id: "one", colour: "#6f7882" }),
      aProduct({ id: "two", colour: "#707983" }),
      aProduct({ id: "wax", material: "waterWax", colour: "#6f7882" }),
      aProduct({ id: "far", colour: "#c02020" }),
    ]);
    expect(pairs.map(({ a, b }) => [a.id, b.id])).toEqual([["one", "two"]]);
  });
  it("names gaps until something fills them", () => {
    expect(gapsIn([])).toHaveLength(RANGE.length);
    const green = RANGE.find(({ name }) => name === "cool mid green");
    expect(
      gapsIn([aProduct({ id: "g", colour: green?.hex ?? "" })]).some(
        ({ name }) => name === "cool mid green",
      ),
    ).toBe(false);
    expect(gapsIn(SHELF).some(({ name }) => name === "white")).toBe(false);
  });
  it("orders swatches by lightness, from a colour, and round the circle with greys first", () => {
    const byLight = inSwatchOrder(SHELF, "lightness").map(({ product: entry }) => entry.id);
    expect(byLight.indexOf("white")).toBeLessThan(byLight.indexOf("line"));
    const near = inSwatchOrder(SHELF, "nearest", "#f0cd3e");
    expect(near[0]).toMatchObject({ product: { id: "yellow" }, dE: 0 });
    expect(near.map(({ dE }) => dE)).toEqual(near.map(({ dE }) => dE).sort((a, b) => a - b));
    const hues = inSwatchOrder(
      [
        aProduct({ id: "blue", colour: "#3050c0" }),
        aProduct({ id: "grey", colour: "#808080" }),
        aProduct({ id: "red", colour: "#c02020" }),
        aProduct({ id: "yellow", colour: "#e0d020" }),
      ],
      "hue",
    ).map(({ product: entry }) => entry.id);
    expect(hues).toEqual(["grey", "red", "yellow", "blue"]);
  });
});
