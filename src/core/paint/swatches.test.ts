import { deltaE00, hexToLab, labFromReflectance, masstoneReflectance } from "../colour";
import { aProduct } from "../testing";
import { mediumOf, mixingOptics, MixSchema, productOptics, recipeOptics, PAINT_TYPE_KEYS } from ".";

const thick = (optics: ReturnType<typeof productOptics>) =>
  labFromReflectance(
    masstoneReflectance(optics ?? { k: new Float64Array(41), s: new Float64Array(41) }),
  );

// LAYER-6: common practice, no published source.
describe("swatches of a product", () => {
  it("wet: as swatched, or by its kind's dry-down; creams do not change", () => {
    const product = aProduct({ id: "grey", colour: "#6f7882" });
    expect(thick(productOptics(product, "wet"))[0]).toBeCloseTo(hexToLab("#6f7882")[0], 0);
    expect(
      deltaE00(
        thick(productOptics({ ...product, wetColour: "#8f98a2" }, "wet")),
        hexToLab("#8f98a2"),
      ),
    ).toBeLessThan(0.2);
    expect(
      deltaE00(thick(productOptics({ ...product, material: "cream" }, "wet")), hexToLab("#6f7882")),
    ).toBeLessThan(0.2);
  });
  it("wet pale paint hides more than it will dry (LAYER-5)", () => {
    const white = aProduct({ id: "white", colour: "#f3f2ec", hiding: 0.7 });
    const [wet, dry] = [productOptics(white, "wet"), productOptics(white)];
    expect(Math.min(...(wet?.s ?? []))).toBeGreaterThan(Math.min(...(dry?.s ?? [])));
  });
  it("let down: a strong tint outweighs its parts in a mix, whatever number was typed for it", () => {
    const white = aProduct({ id: "white", colour: "#f3f2ec" });
    const mixed = (letDown: string | null) =>
      thick(
        recipeOptics([
          { product: white, parts: 3 },
          { product: aProduct({ id: "blue", colour: "#1f4fa0", letDown }), parts: 1 },
        ]),
      );
    expect(mixed("#7f9fd0")[0]).toBeLessThan(mixed("#d8e0ee")[0] - 8);
    expect(mixingOptics(aProduct({ id: "prep", material: "skinPrep", colour: null }))).toBeNull();
  });
});

describe("mixes", () => {
  it("stay within one medium: water with water, oil with oil; prep is not mixed", () => {
    expect(mediumOf("waterWax")).toBe(mediumOf("waterGlycerine"));
    expect(mediumOf("cream")).toBe(mediumOf("concealer"));
    expect(mediumOf("cream")).not.toBe(mediumOf("waterWax"));
    expect(mediumOf("skinPrep")).toBeNull();
    for (const key of PAINT_TYPE_KEYS) expect(mediumOf(key)).not.toBeNull();
  });
  it("have a name and two to five different products in whole parts", () => {
    const good = {
      name: "Ring red",
      parts: [
        { productId: "a", parts: 3 },
        { productId: "b", parts: 1 },
      ],
    };
    expect(MixSchema.safeParse(good).success).toBe(true);
    for (const wrong of [
      { name: " " },
      { parts: [{ productId: "a", parts: 1 }] },
      {
        parts: [
          { productId: "a", parts: 1 },
          { productId: "a", parts: 2 },
        ],
      },
      {
        parts: [
          { productId: "a", parts: 1.5 },
          { productId: "b", parts: 1 },
        ],
      },
      { target: "red" },
    ])
      expect(MixSchema.safeParse({ ...good, ...wrong }).success).toBe(false);
  });
});
