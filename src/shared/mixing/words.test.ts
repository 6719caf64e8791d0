import { aProduct } from "@/core/testing";
import { matchWords, recipeWords } from "./words";
import { wishKey } from "./useMatches";

describe("recipes in words", () => {
  const products = new Map([
    ["a", { name: "Chalk white" }],
    ["b", { name: "Sand" }],
  ]);
  it("are said by parts, a single paint by itself, and what has left the shelf is named as that", () => {
    expect(
      recipeWords(
        [
          { id: "a", parts: 3 },
          { id: "b", parts: 1 },
        ],
        products,
      ),
    ).toBe("3 parts Chalk white : 1 Sand");
    expect(
      recipeWords(
        [
          { id: "a", parts: 1 },
          { id: "b", parts: 2 },
        ],
        products,
      ),
    ).toBe("1 part Chalk white : 2 Sand");
    expect(recipeWords([{ id: "b", parts: 4 }], products)).toBe("Sand by itself");
    expect(
      recipeWords(
        [
          { id: "gone", parts: 1 },
          { id: "a", parts: 1 },
        ],
        products,
      ),
    ).toContain("no longer on the shelf");
  });
  it("get further off in words as dE grows", () =>
    expect([0.4, 1.6, 3, 8, 20].map(matchWords)).toEqual([
      "the same to the eye",
      "very close",
      "close",
      "near",
      "another colour",
    ]));
  it("are asked for again when the colour, the shelf or a product on it changes, and only then", () => {
    const shelf = [aProduct({ id: "a" }), aProduct({ id: "b" })];
    expect(wishKey("#112233", shelf)).toBe(wishKey("#112233", [...shelf]));
    for (const other of [
      wishKey("#112234", shelf),
      wishKey("#112233", shelf.slice(1)),
      wishKey("#112233", [aProduct({ id: "a", version: 2 }), aProduct({ id: "b" })]),
    ])
      expect(other).not.toBe(wishKey("#112233", shelf));
  });
});
