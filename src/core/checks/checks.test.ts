import { hexToLab } from "../colour";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import { applyPatch, checkLook, type Finding, type Look, type LookContext, middle } from "../look";
import { powderFor } from "./setting";
import { readStack } from "../design/stack";
import { USUAL_STUDIO } from "../studio";

const found = (look: Look, context: LookContext, rule: Finding["rule"]) =>
  checkLook(look, context).filter((finding) => finding.rule === rule);
const powder = (values: object = {}) =>
  aLayer({
    id: "powder",
    role: "set",
    paint: product("neutral"),
    tool: "puff",
    technique: "press",
    coats: 1,
    ...values,
  });
const context = aContext();

describe("setting", () => {
  it("SET-2: neutral powder over pure white is told, and white powder is offered", () => {
    const look = aLook(aLayer({ id: "white", paint: product("white"), coats: 3 }), powder());
    const [finding] = found(look, context, "SET-2");
    expect(finding?.message).toContain("dulls and warms the white");
    expect(finding?.fix).toEqual({
      op: "changeLayer",
      id: "powder",
      change: { paint: { kind: "product", productId: "whitePowder" } },
    });
    expect(found(applyPatch(look, finding?.fix as never), context, "SET-2")).toEqual([]);
  });

  it("SET-2: neutral powder over grey is fine", () => {
    expect(found(aLook(aLayer({ id: "grey" }), powder()), context, "SET-2")).toEqual([]);
  });

  it("chooses a powder of the colour it sets before a neutral one, and none that the person may not wear", () => {
    const white = aLayer({ id: "white", paint: product("cream"), coats: 3 });
    const grey = aLayer({ id: "grey" });
    expect(powderFor(readStack(aLook(white), context), white, ["forehead"])).toEqual(
      product("whitePowder"),
    );
    expect(powderFor(readStack(aLook(grey), context), grey, ["forehead"])).toEqual(
      product("neutral"),
    );
    const talcum = aContext({
      person: { allergies: ["talc"] },
      products: SHELF.map((entry) =>
        ["neutral", "whitePowder"].includes(entry.id) ? { ...entry, allergens: ["talc"] } : entry,
      ),
    });
    expect(powderFor(readStack(aLook(grey), talcum), grey, ["forehead"])).toBeNull();
    expect(found(aLook(white), talcum, "SET-1")[0]?.fix).toBeUndefined();
  });

  it("SET-1: cream over cream needs one powdering, of the last", () => {
    const layers = aLook(
      aLayer({ id: "a", paint: product("cream") }),
      aLayer({ id: "b", paint: product("cream"), role: "highlight" }),
      powder(),
    );
    expect(found(layers, context, "SET-1")).toEqual([]);
  });
});

describe("layering", () => {
  it("LAYER-1: a sealed or powdered lower colour makes no mud, in that order only", () => {
    const below = aLayer({ id: "below" });
    const above = aLayer({
      id: "above",
      role: "shade",
      paint: product("blue"),
      tool: "flatBrush",
      technique: "stroke",
    });
    const mist = aLayer({
      id: "mist",
      role: "seal",
      paint: product("mist"),
      tool: "spray",
      technique: "spray",
      coats: 1,
    });
    expect(found(aLook(below, above), context, "LAYER-1")).toHaveLength(1);
    expect(found(aLook(below, powder(), above), context, "LAYER-1")).toEqual([]);
    expect(found(aLook(below, mist, above), context, "LAYER-1")).toEqual([]);
    expect(found(aLook(below, above, powder()), context, "LAYER-1")).toHaveLength(1);
  });

  it("LAYER-1: only where the two lie on the same zone", () => {
    const elsewhere = aLayer({
      id: "above",
      zones: ["chin"],
      paint: product("blue"),
      technique: "stroke",
      tool: "flatBrush",
    });
    expect(found(aLook(aLayer({ id: "below" }), elsewhere), context, "LAYER-1")).toEqual([]);
  });

  it("LAYER-2: cream over dry water colour is fine, water colour over powdered cream too", () => {
    const cream = aLayer({ id: "cream", paint: product("cream") });
    expect(found(aLook(aLayer({ id: "water" }), cream, powder()), context, "LAYER-2")).toEqual([]);
    expect(found(aLook(cream, powder(), aLayer({ id: "water" })), context, "LAYER-2")).toEqual([]);
  });

  it("LAYER-9: latex does not hold over water colour", () => {
    const strand = aLayer({
      id: "strand",
      role: "detail",
      paint: product("latexPot"),
      tool: "stippleSponge",
    });
    expect(found(aLook(aLayer({ id: "water" }), strand), context, "LAYER-9")).toHaveLength(1);
    expect(found(aLook(strand), context, "LAYER-9")).toEqual([]);
  });
});

describe("covering", () => {
  it("LAYER-5: a veil that four coats can't make cover is told as a tip", () => {
    const sheer = aContext({
      products: [...SHELF, aProduct({ id: "sheer", colour: "#f7f3e8", hiding: 0.2 })],
      person: { skin: "#3b2416" },
    });
    const [finding] = found(
      aLook(aLayer({ id: "sheer", paint: product("sheer") })),
      sheer,
      "LAYER-5",
    );
    expect(finding?.severity).toBe("tip");
    expect(finding?.message).toContain("4 coats");
  });

  it("LAYER-8: a highlight of the ground's own colour vanishes; on deep skin white under it is the advice", () => {
    const same = aLook(
      aLayer({ id: "base", coats: 3 }),
      powder({ paint: { kind: "material", material: "settingPowder" } }),
      aLayer({ id: "top", role: "highlight", part: middle(0.4), edge: "faded" }),
    );
    expect(found(same, context, "LAYER-8")[0]?.where.layerId).toBe("top");
    const skinTone = [...SHELF, aProduct({ id: "brown", colour: "#4a2f1d", hiding: 0.7 })];
    const deep = aContext({ products: skinTone, person: { skin: "#4c301e" } });
    expect(
      found(
        aLook(aLayer({ id: "mole", role: "detail", paint: product("brown"), zones: ["chin"] })),
        deep,
        "LAYER-8",
      )[0]?.message,
    ).toContain("White under it");
  });

  it("BROW-3: dark brows show through a pale base until they are covered", () => {
    const dark = aContext({ person: { brow: "#17110d", skin: "#e8c9b0" } });
    const zones = ["forehead", "browLeft", "browRight"] as const;
    const pale = aLayer({ id: "pale", paint: product("white"), zones: [...zones], coats: 2 });
    expect(found(aLook(pale), dark, "BROW-3").map((finding) => finding.severity)).toEqual([
      "caution",
    ]);
    const cover = aLayer({
      id: "cover",
      role: "cover",
      zones: ["browLeft", "browRight"],
      paint: { kind: "material", material: "concealer" },
      tool: "flatBrush",
      technique: "pat",
      coats: 4,
    });
    expect(
      found(
        aLook(cover, powder({ zones: ["browLeft", "browRight"] }), pale),
        dark,
        "BROW-3",
      ).filter((finding) => finding.severity === "caution"),
    ).toEqual([]);
    expect(
      found(
        aLook(
          aLayer({
            id: "black",
            paint: product("line"),
            zones: [...zones],
            coats: 2,
            tool: "dampSponge",
          }),
        ),
        dark,
        "BROW-3",
      ),
    ).toEqual([]);
  });

  it("KIT-1: a layer whose product has gone from the shelf says so, and the rest is still judged", () => {
    const look = aLook(
      aLayer({ id: "gone", paint: product("nothing") }),
      aLayer({ id: "veil", paint: product("cream"), zones: ["chin"] }),
    );
    expect(found(look, context, "KIT-1")[0]?.message).toContain("no longer on the shelf");
    expect(found(look, context, "SET-1")).toHaveLength(1);
  });
});

describe("safety", () => {
  it("SAFE-1: craft paint is exchanged for the nearest colour made for skin", () => {
    const near = aContext({ products: [...SHELF, aProduct({ id: "straw", colour: "#b28f42" })] });
    const [finding] = found(aLook(aLayer({ id: "gold", paint: product("craft") })), near, "SAFE-1");
    expect(finding?.fix).toEqual({
      op: "changeLayer",
      id: "gold",
      change: { paint: product("straw") },
    });
    expect(hexToLab("#b28f42")[0]).toBeGreaterThan(50);
  });

  it("SAFE-3: a mix is judged by each of its products, and only its zones are left out", () => {
    const mix = aLayer({
      id: "lid",
      zones: ["forehead", "upperLidLeft", "upperLidRight"],
      paint: {
        kind: "mix",
        parts: [
          { productId: "grey", parts: 2 },
          { productId: "blue", parts: 1 },
        ],
      },
    });
    const [finding] = found(aLook(mix), context, "SAFE-3");
    expect(finding?.message).toContain("not marked eye-grade");
    expect(finding?.fix).toEqual({ op: "changeLayer", id: "lid", change: { zones: ["forehead"] } });
  });

  it("SAFE-3: alcohol colour stays off the mouth, and a lip needs a lip product", () => {
    const alcohol = aLayer({
      id: "m",
      zones: ["lipSideLeft", "chin"],
      paint: product("alcohol"),
      tool: "flatBrush",
    });
    expect(found(aLook(alcohol), context, "SAFE-3")[0]?.where.zones).toEqual(["lipSideLeft"]);
    const plain = aContext({
      products: SHELF.map((entry) => (entry.id === "grey" ? { ...entry, lipSafe: false } : entry)),
    });
    expect(
      found(aLook(aLayer({ id: "lip", zones: ["lowerLip"] })), plain, "SAFE-3")[0]?.message,
    ).toContain("not marked lip-grade");
  });

  it("SAFE-5: what burns is named once", () => {
    const mist = aLayer({
      id: "mist",
      name: "Mist",
      role: "seal",
      paint: product("mist"),
      tool: "spray",
      technique: "spray",
      coats: 1,
    });
    const ink = aLayer({
      id: "ink",
      name: "Ink",
      role: "detail",
      paint: product("alcohol"),
      tool: "flatBrush",
    });
    // Every plan and print says that it burns; among the findings it stands where a flame does.
    expect(found(aLook(mist, ink), context, "SAFE-5")).toEqual([]);
    const studio = { ...USUAL_STUDIO, room: { ...USUAL_STUDIO.room, flames: true } };
    const lit = { ...context, studio };
    expect(found(aLook(mist, ink), lit, "SAFE-5").map((finding) => finding.message)).toEqual([
      expect.stringContaining("Mist and Ink burn until dry"),
    ]);
    expect(found(aLook(aLayer({ id: "g" })), context, "SAFE-5")).toEqual([]);
  });

  it("puts stops first, then cautions, then tips", () => {
    const look = aLook(
      aLayer({ id: "veil", paint: product("cream") }),
      aLayer({ id: "gold", zones: ["chin"], paint: product("craft") }),
      aLayer({
        id: "mist",
        role: "seal",
        paint: product("mist"),
        tool: "spray",
        technique: "spray",
        zones: ["chin"],
        coats: 1,
      }),
    );
    const order = checkLook(look, context).map((finding) =>
      ["stop", "caution", "tip"].indexOf(finding.severity),
    );
    expect(order).toEqual([...order].sort());
    expect(order[0]).toBe(0);
    expect(order.at(-1)).toBe(2);
  });
});
