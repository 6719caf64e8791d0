import { middle } from "./part";
import { deltaE00, hexToLab, labFromReflectance, LAMP_KEYS } from "../colour";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  hexOf,
  LayerSchema,
  liesUnder,
  LookSchema,
  MarkSchema,
  predict,
  readEdges,
  seeEdge,
  underLater,
  visibleLayers,
  type Layer,
} from "../look";

const context = aContext();
const star = MarkSchema.parse({ kind: "star", x: 0, y: 34 });
const detail = (id: string, paint: string, more: Partial<Layer> = {}) =>
  aLayer({
    id,
    role: "detail",
    zones: ["forehead"],
    paint: product(paint),
    tool: "roundBrush",
    coats: 1,
    marks: [star],
    ...more,
  });

describe("what is seen of a layer", () => {
  it("is changed by powder pressed on later, by none pressed on before or elsewhere", () => {
    const base = aLayer({ id: "base", paint: product("blue"), coats: 2 });
    const powder = (id: string, zones: Layer["zones"]) =>
      aLayer({
        id,
        role: "set",
        zones,
        paint: product("whitePowder"),
        tool: "puff",
        technique: "press",
        coats: 1,
      });
    const look = aLook(
      powder("before", ["forehead"]),
      base,
      powder("after", ["forehead"]),
      powder("aside", ["chin"]),
    );
    const prediction = predict(look, context);
    const shown = underLater(look, context, prediction);
    const blue =
      prediction.films.get("forehead")?.find(({ layer }) => layer.id === "base")?.colour ??
      new Float64Array(41);
    expect(shown(blue, 1, "forehead", false)).not.toBe(blue);
    expect(labFromReflectance(shown(blue, 1, "forehead", false))[0]).toBeGreaterThan(
      labFromReflectance(blue)[0],
    );
    expect(shown(blue, 2, "forehead", false)).toBe(blue);
    expect(shown(blue, 1, "chin", false)).not.toBe(blue);
    expect(underLater(look, context, prediction, 2)(blue, 1, "forehead", false)).toBe(blue);
  });

  it("has another colour in every lamp that is not daylight, the same each time it is asked", () => {
    const seen =
      visibleLayers(
        aLook(aLayer({ id: "base", paint: product("yellow"), coats: 3 })),
        context,
        predict(aLook(aLayer({ id: "base", paint: product("yellow"), coats: 3 })), context),
      )[0]?.colours.get("forehead") ?? new Float64Array(41);
    for (const lamp of LAMP_KEYS) expect(hexOf(seen, lamp)).toBe(hexOf(seen, lamp));
    expect(new Set(LAMP_KEYS.map((lamp) => hexOf(seen, lamp))).size).toBeGreaterThan(5);
    expect(deltaE00(hexToLab(hexOf(seen, "gelBlue")), hexToLab(hexOf(seen)))).toBeGreaterThan(15);
  });
});

describe("under ultraviolet", () => {
  const glowing = { id: "glow", name: "glow", colour: "#3de05a", finish: "fluorescent" } as const;
  const lit = aContext({ products: [...SHELF, aProduct(glowing)] });
  const lightness = (lamp: "D65" | "ultraviolet", ...layers: Layer[]) => {
    const look = aLook(...layers);
    const seen = visibleLayers(look, lit, predict(look, lit), layers.length, undefined, lamp);
    const colour = seen.at(-1)?.colours.get("forehead") ?? new Float64Array(41);
    return labFromReflectance(colour, lamp)[0];
  };
  const base = (id: string, paint: string, coats = 1) =>
    aLayer({ id, paint: product(paint), coats });

  it("what is fluorescent shines, also in a shape over plain paint; what is plain stays dark", () => {
    const plain = lightness("ultraviolet", base("w", "white"));
    expect(plain).toBeLessThan(30);
    expect(lightness("ultraviolet", base("g", "glow"))).toBeGreaterThan(plain + 25);
    const star = lightness("ultraviolet", base("w", "white"), detail("s", "glow"));
    expect(star).toBeGreaterThan(plain + 25);
    expect(lightness("D65", base("w", "white"))).toBeGreaterThan(80);
  });
  it("a coat over it puts it out by as much as it hides; powder leaves it shining", () => {
    const powder = aLayer({
      id: "p",
      role: "set",
      paint: product("whitePowder"),
      tool: "puff",
      technique: "press",
      coats: 1,
    });
    const bare = lightness("ultraviolet", base("g", "glow"));
    expect(lightness("ultraviolet", base("g", "glow"), base("b", "blue", 3))).toBeLessThan(30);
    expect(lightness("ultraviolet", base("g", "glow"), powder)).toBeGreaterThan(bare - 15);
  });
  it("edges between what shines and what does not are seen, and lost where neither does", () => {
    const edge = (paint: string) => {
      const look = aLook(base("w", "white"), detail("s", paint));
      const [found] = readEdges(look, lit, predict(look, lit)).filter(({ a }) => a.layerId === "s");
      return found && seeEdge(found, { distanceM: 10, lamp: "ultraviolet" }).deltaE;
    };
    expect(edge("glow")).toBeGreaterThan(30);
    expect(edge("blue")).toBeLessThan(12);
  });
});

describe("layers of one shape", () => {
  it("lie on each other when their marks are the same, the lower with a border perhaps; other marks do not", () => {
    const upper = detail("upper", "yellow");
    expect(liesUnder(detail("same", "white"), upper)).toBe(true);
    expect(liesUnder(detail("wide", "white", { marks: [{ ...star, outsetMm: 3 }] }), upper)).toBe(
      true,
    );
    expect(liesUnder(upper, detail("wide", "white", { marks: [{ ...star, outsetMm: 3 }] }))).toBe(
      false,
    );
    expect(liesUnder(detail("moved", "white", { marks: [{ ...star, x: 2 }] }), upper)).toBe(false);
    expect(liesUnder(aLayer({ id: "base" }), upper)).toBe(false);
  });
  it("lie on each other as small veils of the same zones too", () => {
    const veil = (id: string, share: number, zones: Layer["zones"]) =>
      aLayer({ id, role: "shade", part: middle(share), zones, edge: "faded" });
    expect(liesUnder(veil("a", 0.3, ["forehead", "chin"]), veil("b", 0.3, ["chin"]))).toBe(true);
    expect(liesUnder(veil("a", 0.4, ["chin"]), veil("b", 0.3, ["chin"]))).toBe(false);
    expect(liesUnder(veil("a", 0.3, ["forehead"]), veil("b", 0.3, ["chin"]))).toBe(false);
  });
});

it("a look written before targets, borders and new marks is read as it was", () => {
  const old = {
    schema: 1,
    name: "Old",
    layers: [
      {
        id: "a",
        role: "detail",
        name: "Lines",
        zones: ["forehead"],
        paint: { kind: "product", productId: "line" },
        tool: "linerBrush",
        technique: "draw",
        coats: "auto",
        edge: "hard",
        marks: [{ kind: "crack", x: 1, y: 2 }],
      },
    ],
  };
  const read = LookSchema.parse(old);
  expect(read.layers[0]).toMatchObject({
    target: null,
    part: { kind: "whole" },
    marks: [{ kind: "crack", outsetMm: 0, mirrored: false }],
  });
  expect(LayerSchema.safeParse({ ...read.layers[0], target: "blue" }).success).toBe(false);
});
