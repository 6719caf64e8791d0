import { middle } from "./part";
import type { MaterialKey } from "../paint";
import { aContext, aLayer, aLook, aProduct, product } from "../testing";
import { sheenOf } from "./sheen";

const material = (key: MaterialKey) => ({ kind: "material", material: key }) as const;
const lips = ["upperLip", "lowerLip"] as const;
const gloss = aProduct({ id: "gloss", material: "lipLong", finish: "gloss" });
const pearl = aProduct({ id: "pearl", material: "waterGlycerine", finish: "pearl" });
const matte = aProduct({ id: "matte", material: "waterGlycerine", finish: "matte" });
const context = aContext({ products: [gloss, pearl, matte] });
const layer = (id: string, of: string, more: object = {}) =>
  aLayer({ id, role: "base", paint: product(of), zones: [...lips], ...more });

describe("how painted areas shine", () => {
  it("goes by the finish of what lies on top", () => {
    const shine = (...layers: ReturnType<typeof aLayer>[]) =>
      sheenOf(aLook(...layers), context).get("upperLip") ?? 0;
    expect(shine(layer("a", "gloss"))).toBe(1);
    expect(shine(layer("a", "matte"))).toBe(0);
    expect(shine(layer("a", "gloss"), layer("b", "matte"))).toBe(0);
    expect(shine(layer("a", "matte"), layer("b", "pearl"))).toBeGreaterThan(0);
    expect(shine(layer("a", "matte"), layer("b", "pearl"))).toBeLessThan(1);
  });

  it("is dulled by powder, and not by what is hidden, protects, or lies on a small part of it", () => {
    const over = (more: object) =>
      sheenOf(aLook(layer("a", "gloss"), aLayer({ id: "b", zones: [...lips], ...more })), context);
    expect(over({ role: "set", paint: material("settingPowder") }).size).toBe(0);
    expect(over({ role: "seal", paint: material("barrierSpray") }).get("lowerLip")).toBe(1);
    expect(over({ role: "base", paint: product("matte"), hidden: true }).get("lowerLip")).toBe(1);
    expect(over({ role: "base", paint: product("matte"), part: middle(0.3) }).get("lowerLip")).toBe(
      1,
    );
  });

  it("is as far as the look is built", () => {
    const look = aLook(layer("a", "gloss"), layer("b", "matte"));
    expect(sheenOf(look, context, 1).get("upperLip")).toBe(1);
    expect(sheenOf(look, context, 0).size).toBe(0);
  });
});
