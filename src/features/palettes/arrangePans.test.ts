import { aProduct } from "@/core/testing";
import type { Pan } from "@/core/kit";
import { arrangePans, ORDER_KEYS } from "./arrangePans";

const products = new Map(
  [
    aProduct({ id: "red", colour: "#b02020" }),
    aProduct({ id: "black", colour: "#101010", material: "waterWax" }),
    aProduct({ id: "white", colour: "#f5f5f5", material: "cream" }),
  ].map((product) => [product.id, product]),
);
const pan = (id: string): Pan => ({
  id,
  pan: "half",
  parts: id ? [{ productId: id, parts: 1 }] : [],
});
const pans = [pan("black"), { ...pan(""), id: "empty" }, pan("red"), pan("white")];
const idsOf = (list: readonly Pan[]) => list.map(({ id }) => id);

describe("pans in another order", () => {
  it("go from light to dark, an empty one as a middle grey", () =>
    expect(idsOf(arrangePans(pans, "light", products))).toEqual([
      "white",
      "empty",
      "red",
      "black",
    ]));
  it("go as a job takes them up, what it does not need behind", () =>
    expect(idsOf(arrangePans(pans, "work", products, ["red", "black"])).slice(0, 2)).toEqual([
      "red",
      "black",
    ]));
  it("go by kind, an empty one last", () =>
    expect(idsOf(arrangePans(pans, "kind", products)).at(-1)).toBe("empty"));
  it.each(ORDER_KEYS)("lose none and double none, %s", (order) => {
    const arranged = arrangePans(pans, order, products);
    expect(idsOf(arranged).sort()).toEqual(idsOf(pans).sort());
    expect(idsOf(pans)[0]).toBe("black");
  });
});
