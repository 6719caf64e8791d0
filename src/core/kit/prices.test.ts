import { aProduct } from "../testing";
import {
  boughtOf,
  breakEven,
  gramPrice,
  seasonCost,
  sizedProducts,
  sizesOf,
  type Movement,
} from ".";

const line = (values: Partial<Movement> & Pick<Movement, "kind" | "delta" | "on">): Movement => ({
  id: 0,
  productId: "a",
  note: "",
  jobId: null,
  pan: null,
  priceMinor: null,
  batch: "",
  ...values,
});
const a = aProduct({ id: "a", name: "Slate 30 g", sizeGrams: 30, priceMinor: 900 });

describe("what a gram costs", () => {
  const ledger = [
    line({ kind: "bought", delta: 30, on: "2026-03-01", priceMinor: 900, batch: "B1" }),
    line({ kind: "used", delta: -5, on: "2026-03-02" }),
    line({ kind: "bought", delta: 60, on: "2026-02-01", priceMinor: 1200 }),
    line({ kind: "bought", delta: 30, on: "2026-04-01" }),
  ];
  it("is told by the last purchase up to a day, and by the shelf where nothing is known (by hand)", () => {
    const bought = boughtOf(ledger);
    expect(bought.map(({ on, batch }) => [on, batch])).toEqual([
      ["2026-02-01", ""],
      ["2026-03-01", "B1"],
    ]);
    expect(gramPrice(a, bought, "2026-02-15")).toBe(20);
    expect(gramPrice(a, bought)).toBe(30);
    expect(gramPrice({ priceMinor: 1000, sizeGrams: 40 }, bought, "2026-01-01")).toBe(25);
  });
  it("adds a season up by job and product, at what it cost by then (by hand)", () => {
    const season = [
      ...ledger,
      line({ kind: "used", delta: -2, on: "2026-03-10", jobId: "j" }),
      line({ kind: "wasted", delta: -1, on: "2026-02-10" }),
      line({ kind: "weighed", delta: -4, on: "2026-03-11" }),
      line({ kind: "used", delta: -9, on: "2026-12-01" }),
    ];
    const cost = seasonCost(season, new Map([["a", a]]), "2026-02-01", "2026-03-31");
    // 1 g at 20, 5 g and 2 g at 30.
    expect(cost).toMatchObject({ usedMinor: 230, usedGrams: 8, boughtMinor: 2100 });
    expect([...cost.byJob]).toEqual([
      [null, 170],
      ["j", 60],
    ]);
    expect([...cost.byMonth]).toEqual([
      ["2026-03", { usedMinor: 210, boughtMinor: 900 }],
      ["2026-02", { usedMinor: 20, boughtMinor: 1200 }],
    ]);
    expect(cost.byProduct.get("a")).toEqual({ grams: 8, minor: 230 });
  });
});

describe("sizes and palettes", () => {
  it("finds the sizes of one product and which gram is the cheapest (by hand)", () => {
    const large = aProduct({ id: "b", name: "Slate, large 90 g", sizeGrams: 90, priceMinor: 1800 });
    const sizes = sizesOf(a, [
      a,
      large,
      aProduct({ id: "c", name: "Slate 30 g", material: "cream" }),
      aProduct({ id: "d", name: "Slate blue" }),
    ]);
    expect(sizes.map(({ product, perGram, dearer }) => [product.id, perGram, dearer])).toEqual([
      ["b", 20, 0],
      ["a", 30, 0.5],
    ]);
    expect(sizesOf(a, [a])).toEqual([]);
    expect(
      sizedProducts([a, aProduct({ id: "d", name: "Slate blue" }), large]).map((line) =>
        line.map(({ product }) => product.id),
      ),
    ).toEqual([["b", "a"]]);
  });
  it("tells from how many colours on a palette is the cheaper (by hand)", () => {
    // 24.00 against 9.90 a pot: two pots are 19.80, three 29.70.
    const o = { priceMinor: 2400, pans: 12, panGrams: 3, singleMinor: 990, singleGrams: 20 };
    expect(breakEven({ ...o, wanted: 5 })).toMatchObject({
      colours: 3,
      singlesMinor: 4950,
      paletteMinor: 2400,
    });
    expect(breakEven({ ...o, wanted: 5 }).perGram.palette).toBeCloseTo(66.67, 2);
    expect(breakEven({ ...o, wanted: 5 }).perGram.singles).toBe(49.5);
    expect(breakEven({ ...o, pans: 2, wanted: 2 }).colours).toBeNull();
    expect(breakEven({ ...o, singleMinor: 0, wanted: 2 }).colours).toBeNull();
  });
});
