import { aProduct } from "../testing";
import { planKit } from "./planKit";
import { withinBudget } from "./withinBudget";

const pot = (id: string, colour: string, priceMinor: number, more: object = {}) =>
  aProduct({ id, name: id, colour, priceMinor, sizeGrams: 30, ...more });
const SHELF = [
  pot("white", "#f2f2ee", 1200),
  pot("nearWhite", "#eeeee8", 900),
  pot("red", "#a02030", 1500),
  pot("brick", "#aa2c33", 800),
  pot("blue", "#2a4a90", 1100),
];
const products = new Map(SHELF.map((product) => [product.id, product]));
const need = (productId: string, grams = 5) => ({
  ...{ productId, material: "waterGlycerine" as const, name: productId, grams },
  ...{ counted: "grams" as const, layers: [] },
});
const kitOf = (stock: Record<string, number>, ...ids: string[]) =>
  planKit(
    [{ jobId: "j", name: "j", on: null, needs: ids.map((id) => need(id)) }],
    new Map(Object.entries(stock)),
    products,
    5,
  );
const asked = (budget: number, stock: Record<string, number>, ...ids: string[]) =>
  withinBudget(
    kitOf(stock, ...ids),
    budget,
    SHELF,
    new Map(Object.entries(stock)),
    ({ id }) => id !== "never",
  );
const pairs = ({ swaps }: ReturnType<typeof asked>) =>
  swaps.map(({ from, to }) => `${from.id} → ${to.product.id}`);

describe("a kit within a budget", () => {
  it("that it keeps to is left as it is", () => {
    expect(asked(3000, {}, "white", "red")).toEqual({
      overMinor: -300,
      swaps: [],
      afterMinor: 2700,
    });
  });
  it("takes from the shelf what is seen least first, and no more than is needed (by hand)", () => {
    const one = asked(1500, { nearWhite: 20, brick: 20 }, "white", "red");
    expect(one).toMatchObject({ overMinor: 1200, afterMinor: 1500 });
    expect(pairs(one)).toEqual(["white → nearWhite"]);
    const both = asked(0, { nearWhite: 20, brick: 20 }, "white", "red");
    expect(pairs(both)).toEqual(["white → nearWhite", "red → brick"]);
    expect(both.afterMinor).toBe(0);
  });
  it("buys a cheaper pot where nothing stands in from the shelf, and says what is left where that is not enough", () => {
    const cheaper = asked(2000, {}, "white", "red");
    expect(cheaper.afterMinor).toBeLessThanOrEqual(2000);
    const never = asked(100, {}, "blue");
    expect(never).toMatchObject({ overMinor: 1000, swaps: [], afterMinor: 1100 });
  });
  it("puts back a change that another one made needless", () => {
    // White saves 300 and is seen least, red 1,500: with red alone it is under.
    const found = asked(1300, { brick: 20 }, "white", "red");
    expect(pairs(found)).toContain("red → brick");
    expect(found.afterMinor).toBeLessThanOrEqual(1300);
    for (const { savesMinor } of found.swaps)
      expect(found.afterMinor + savesMinor).toBeGreaterThan(1300);
  });
  it("never takes another tone: that is another look", () => {
    const shelf = [pot("ochre", "#b88a3a", 1000), pot("ember", "#d9772b", 100)];
    const kit = planKit(
      [{ jobId: "j", name: "j", on: null, needs: [need("ochre")] as never }],
      new Map([["ember", 50]]),
      new Map(shelf.map((product) => [product.id, product])),
      5,
    );
    const found = withinBudget(kit, 0, shelf, new Map([["ember", 50]]), () => true);
    expect(found).toEqual({ overMinor: 1000, swaps: [], afterMinor: 1000 });
  });
  it("never takes what they may not wear, nor what the look takes already", () => {
    const shelf = [...SHELF, pot("never", "#f1f1ed", 100)];
    const kit = kitOf({ never: 50, nearWhite: 50 }, "white", "nearWhite");
    const { swaps } = withinBudget(
      kit,
      0,
      shelf,
      new Map([
        ["never", 50],
        ["nearWhite", 50],
      ]),
      ({ id }) => id !== "never",
    );
    expect(swaps).toEqual([]);
  });
});
