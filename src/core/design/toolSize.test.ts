import fc from "fast-check";
import { ZONE_IDS, type ZoneId } from "../anatomy";
import { betterTool, MarkSchema, newMark, sizedToolWords, toolSize, type Layer } from "../look";
import {
  isSized,
  loadOf,
  material,
  MATERIAL_KEYS,
  TOOL_KEYS,
  TOOL_SIZES,
  type MaterialKey,
} from "../paint";
import { StudioSchema } from "../studio";
import { aContext, aLayer, aProduct, product } from "../testing";

// Sizes and loads are common practice, no published source.

const SHELF = [
  aProduct({ id: "cake", name: "Cake", colour: "#335577" }),
  aProduct({ id: "cream", name: "Cream", colour: "#335577", material: "cream" }),
  aProduct({ id: "dust", name: "Dust", colour: "#335577", material: "powder" }),
];
const context = aContext({ products: SHELF });
const layer = (values: Partial<Layer>, paint = "cake") =>
  aLayer({ id: "l", paint: product(paint), ...values });
const ring = (widthMm: number) =>
  MarkSchema.parse({ ...newMark("ring", { x: 0, y: 30 }, 1), widthMm });
const drawn = (widthMm: number, tool: Layer["tool"] = "linerBrush") =>
  layer({ role: "detail", tool, technique: "draw", zones: ["forehead"], marks: [ring(widthMm)] });

describe("the size of a tool", () => {
  it("is as wide as the line asks for, and never wider where there is a smaller one", () => {
    expect([0.5, 1, 2, 3, 8].map((mm) => toolSize(drawn(mm), context)?.sizeMm)).toEqual([
      1, 1, 2, 3, 3,
    ]);
  });
  it("takes the smallest brush for the smallest spots", () => {
    const spots = (mm: number) =>
      layer({
        role: "detail",
        tool: "roundBrush",
        technique: "pat",
        zones: ["forehead"],
        marks: [MarkSchema.parse({ kind: "disc", x: 0, y: 30, breadthMm: mm, heightMm: mm })],
      });
    expect([4, 12, 24, 60].map((mm) => toolSize(spots(mm), context)?.sizeMm)).toEqual([
      3, 3, 8, 12,
    ]);
  });
  it("grows with the area, and is one there is, for any layer", () => {
    const of = (zones: ZoneId[]) =>
      toolSize(layer({ zones, tool: "flatBrush", technique: "stroke" }), context)?.sizeMm ?? 0;
    expect(of(["noseWingLeft"])).toBeLessThan(of(["forehead"]));
    expect(of(["forehead"])).toBeLessThan(of(["upperBack"]));
    fc.assert(
      fc.property(
        fc.constantFrom(...TOOL_KEYS),
        fc.uniqueArray(fc.constantFrom(...ZONE_IDS), { minLength: 1, maxLength: 6 }),
        fc.constantFrom("hard", "faded" as const),
        (tool, zones, edge) => {
          const size = toolSize(layer({ tool, zones, edge }), context);
          if (!isSized(tool)) return size === null;
          return size !== null && (TOOL_SIZES[tool] as readonly number[]).includes(size.sizeMm);
        },
      ),
      { numRuns: 200 },
    );
  });
  it("is one of the studio's own where it says which it has, and says where none comes near", () => {
    const owned = (sizes: number[]) =>
      aContext({
        products: SHELF,
        studio: StudioSchema.parse({ brushes: { linerBrush: sizes } }),
      });
    expect(toolSize(drawn(2), owned([1.5, 4]))).toMatchObject({ sizeMm: 1.5, isMissing: false });
    expect(toolSize(drawn(0.8), owned([6]))).toMatchObject({ sizeMm: 1, isMissing: true });
  });
  it("says how wet and how loaded by what is on it", () => {
    const load = (paint: string, technique: Layer["technique"], tool: Layer["tool"]) =>
      toolSize(layer({ zones: ["forehead"], tool, technique }, paint), context)?.load;
    expect(load("cake", "stipple", "dampSponge")).toMatch(/damp, well wrung out/);
    expect(load("cake", "draw", "roundBrush")).toMatch(/wet as ink/);
    expect(load("cream", "pat", "foundationBrush")).toMatch(/^dry/);
    expect(load("dust", "buff", "powderBrush")).toMatch(/tap it off/);
  });
  it("says nothing of glue and prep that is only true of paint", () => {
    const load = (material: MaterialKey) => loadOf("flatBrush", "stroke", material);
    expect(load("medicalAdhesive")).toMatch(/kept for glue/);
    expect(load("skinPrep")).toBe("");
    expect(load("settingPowder")).toMatch(/tap it off/);
    for (const key of MATERIAL_KEYS)
      if (material(key).behaves !== "powder")
        expect([key, load(key)]).not.toEqual([key, load("powder")]);
  });
  it("goes by what a base mostly lies on, not by its narrowest corner", () => {
    const body: ZoneId[] = ["chest", "upperBack", "thighFrontLeft", "fingersBackLeft"];
    const sponge = (zones: ZoneId[]) => toolSize(layer({ zones }), context)?.sizeMm;
    expect(sponge(body)).toBe(60);
    expect(sponge(["fingersBackLeft"])).toBe(25);
  });
  it("stands in the words of a step", () => {
    expect(sizedToolWords(drawn(2), context)).toBe("liner brush, 2 mm");
    const blended = { ...drawn(2), blend: { how: "softened", tool: "finger" } as const };
    expect(sizedToolWords(blended, context)).toBe(
      "liner brush, 2 mm, then softened with a clean finger",
    );
  });
});

describe("a better tool", () => {
  it("is a flat brush for a straight edge, and a liner for the thinnest line", () => {
    const straight = layer({
      zones: ["forehead"],
      tool: "roundBrush",
      technique: "stroke",
      edge: "hard",
      part: { kind: "strip", turnDeg: 90, fromMm: 20, toMm: 45 },
    });
    expect(betterTool(straight, context)?.tool).toBe("flatBrush");
    expect(betterTool({ ...straight, edge: "faded" }, context)).toBeNull();
    expect(betterTool({ ...straight, tool: "flatBrush" }, context)).toBeNull();
    expect(betterTool(drawn(0.7, "roundBrush"), context)?.tool).toBe("linerBrush");
    expect(betterTool(drawn(3, "roundBrush"), context)).toBeNull();
  });
});
