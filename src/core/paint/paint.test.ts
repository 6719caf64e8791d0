import {
  contrastRatio,
  deltaE00,
  hexToLab,
  labFromReflectance,
  masstoneReflectance,
} from "../colour";
import { aProduct } from "../testing";
import {
  allergensOf,
  filmPerCoat,
  AUXILIARIES,
  isWaterColour,
  material,
  MATERIAL_KEYS,
  PAINT_TYPES,
  PAINT_TYPE_KEYS,
  productOptics,
  ProductSchema,
  recipeOptics,
  goesOver,
  pairing,
  readyStates,
  toolsFor,
  wetGramsPerM2,
} from ".";

describe("paint types", () => {
  it("has the fifteen types of the trade page", () => expect(PAINT_TYPE_KEYS).toHaveLength(15));

  it.each(MATERIAL_KEYS)("%s is complete and within its ranges", (key) => {
    const {
      label,
      what,
      filmByTool,
      wetVolatileFraction,
      solids,
      removal,
      monthsAfterOpening,
      pricePerGram,
    } = material(key);
    expect(label && what && removal.with && removal.care).toBeTruthy();
    expect(toolsFor(key).length).toBeGreaterThan(0);
    for (const film of Object.values(filmByTool)) expect(film).toBeGreaterThan(0);
    expect(wetVolatileFraction >= 0 && wetVolatileFraction <= 1 && solids > 0 && solids <= 1).toBe(
      true,
    );
    expect(monthsAfterOpening).toBeGreaterThan(0);
    expect(pricePerGram[1]).toBeGreaterThanOrEqual(pricePerGram[0]);
  });

  it.each(PAINT_TYPE_KEYS)(
    "%s resists between not at all and wholly, and dries or is powdered as the trade says (ORDER-6)",
    (key) => {
      const type = PAINT_TYPES[key];
      for (const value of [...Object.values(type.resists), type.vivid, type.comfort, type.stain])
        expect(value >= 0 && value <= 1).toBe(true);
      const greasy = ["cream", "rubberMaskGrease", "adhesiveAcrylic", "pencil"].includes(key);
      expect(type.setting).toBe(greasy ? "powder" : key === "latex" ? "clears" : "dries");
    },
  );

  it("keeps alcohol and adhesives off eyes and lips (SAFE-3), latex and medical adhesive off hair (BROW-2)", () => {
    for (const key of ["alcoholActivated", "adhesiveAcrylic"] as const)
      expect(PAINT_TYPES[key].keepout).toEqual(expect.arrayContaining(["eye", "lips"]));
    expect(PAINT_TYPES.latex.keepout).toContain("hair");
    expect(AUXILIARIES.medicalAdhesive.keepout).toContain("hair");
  });

  it("has the orderings of the trade table: glycerine holds in sweat longer than wax, wax softens in heat, alcohol and adhesive hold best", () => {
    const { waterGlycerine, waterWax, cream, alcoholActivated, adhesiveAcrylic } = PAINT_TYPES;
    expect(waterGlycerine.resists.sweat).toBeGreaterThan(waterWax.resists.sweat);
    expect(waterWax.resists.heat).toBeLessThan(waterGlycerine.resists.heat);
    expect(alcoholActivated.resists.sweat).toBeGreaterThan(waterGlycerine.resists.sweat);
    expect(waterWax.resists.sweat).toBeGreaterThan(cream.resists.sweat);
    expect(adhesiveAcrylic.resists.rubbing).toBeGreaterThan(alcoholActivated.resists.rubbing);
    expect(adhesiveAcrylic.removal.minutes).toBeGreaterThan(2 * alcoholActivated.removal.minutes);
  });

  it("knows what goes over what by pair and direction (LAYER-9)", () => {
    expect(readyStates("waterGlycerine", "waterWax")).toEqual(["powdered", "sealed"]);
    expect(readyStates("waterGlycerine", "cream")).toContain("dry");
    expect(pairing("cream", "tacky", "waterGlycerine")).toMatchObject({
      verdict: "needs",
      mend: "powder",
      rule: "LAYER-2",
    });
    expect(goesOver("waterGlycerine", "latex")).toBe(false);
    expect(readyStates("latex", "cream")).toEqual(["powdered", "sealed"]);
    expect([isWaterColour("waterWax"), isWaterColour("cream")]).toEqual([true, false]);
  });

  it("counts the water of a wet coat from its fraction: 10 g/m2 dry from a wrung sponge at 0.45 carries 8.2 g/m2 (by hand)", () => {
    expect(filmPerCoat("waterGlycerine", "dampSponge")).toBe(10);
    expect(wetGramsPerM2("waterGlycerine", "dampSponge")).toBeCloseTo((10 * 0.45) / 0.55, 10);
    expect(wetGramsPerM2("cream", "dampSponge")).toBe(0);
  });
});

describe("products", () => {
  it("show their own colour and hiding in their own film, and their strength only in a mix", () => {
    const black = aProduct({ id: "black", colour: "#1c1c1f", hiding: 0.98, tint: 3 });
    const white = aProduct({ id: "white", colour: "#f3f2ec", hiding: 0.8 });
    const own = productOptics(black);
    expect(own && contrastRatio(own)).toBeCloseTo(0.98, 3);
    const weak = recipeOptics([
      { product: white, parts: 3 },
      { product: { ...black, tint: 1 }, parts: 1 },
    ]);
    const strong = recipeOptics([
      { product: white, parts: 3 },
      { product: black, parts: 1 },
    ]);
    const L = (optics: typeof weak) =>
      optics ? labFromReflectance(masstoneReflectance(optics))[0] : NaN;
    expect(L(strong)).toBeLessThan(L(weak) - 5);
    expect(
      own && deltaE00(labFromReflectance(masstoneReflectance(own)), hexToLab("#1c1c1f")),
    ).toBeLessThan(0.2);
    expect(productOptics(aProduct({ id: "prep", material: "skinPrep", colour: null }))).toBeNull();
  });

  it("bring the allergens of their label and of their kind", () => {
    expect(
      allergensOf(aProduct({ id: "pot", material: "latex", allergens: ["fragrance"] })).sort(),
    ).toEqual(["fragrance", "latex"]);
  });

  it("are refused with the field named: a paint without colour, hiding above 1, an unknown kind", () => {
    const { id: _id, version: _version, ...good } = aProduct({ id: "x" });
    const fields = (values: object) =>
      ProductSchema.safeParse({ ...good, ...values }).error?.issues.map((issue) =>
        issue.path.join("."),
      ) ?? [];
    expect(fields({})).toEqual([]);
    expect(fields({ colour: null })).toEqual(["colour"]);
    expect(fields({ hiding: 1.2 })).toEqual(["hiding"]);
    expect(fields({ material: "gouache" })).toEqual(["material"]);
    expect(fields({ openedOn: "yesterday" })).toEqual(["openedOn"]);
  });
});
