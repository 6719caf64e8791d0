import fc from "fast-check";
import { ColourIndexSchema, notListedForEyes, ProductSchema } from ".";

describe("colour index numbers", () => {
  it.each([
    ["CI 77491", "CI 77491"],
    ["77491", "CI 77491"],
    ["C.I.77491", "CI 77491"],
    ["ci15850:1", "CI 15850:1"],
  ])("%s is written %s", (typed, written) => expect(ColourIndexSchema.parse(typed)).toBe(written));
  it("are written the same way twice", () => {
    fc.assert(
      fc.property(fc.integer({ min: 10_000, max: 99_999 }), (digits) => {
        const once = ColourIndexSchema.parse(String(digits));
        expect(ColourIndexSchema.parse(once)).toBe(once);
      }),
    );
  });
  it.each(["7749", "CI 774911", "red 40", ""])("%j is none", (typed) =>
    expect(ColourIndexSchema.safeParse(typed).success).toBe(false),
  );
  // US FDA, Summary of Color Additives, eye area (from memory): iron oxides and carmine are listed, D&C Red 28 is not.
  it("tells what the United States do not list for the eye", () =>
    expect(notListedForEyes(["CI 77492", "CI 75470", "CI 45410"])).toEqual(["CI 45410"]));
  it("a label that says both is refused beside the field", () => {
    const read = ProductSchema.safeParse({
      name: "x",
      material: "cream",
      colour: "#aaaaaa",
      hiding: 0.9,
      grade: "cosmetic",
      eyeSafe: true,
      lipSafe: false,
      keepFrom: ["eyes"],
      allergens: [],
      sizeGrams: 3,
      priceMinor: 1,
    });
    expect(read.error?.issues.map(({ path }) => path.join("."))).toEqual(["keepFrom"]);
  });
});
