import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import type { Brief } from "../brief";
import type { Person } from "../people";
import {
  applyPatch,
  checkLook,
  READY_MADE_KEYS,
  layLast,
  layReadyMade,
  stopsOf,
  wearForecast,
  type Finding,
  type Layer,
  type Look,
  type LookContext,
} from "../look";

const PRODUCTS = [
  ...SHELF,
  aProduct({ id: "prep", material: "skinPrep", colour: null, eyeSafe: false, lipSafe: false }),
  aProduct({ id: "calm", material: "barrierCream", colour: null }),
  aProduct({ id: "gum", material: "spiritGum", colour: null }),
  aProduct({ id: "grease", material: "rubberMaskGrease", colour: "#56633f", hiding: 0.94 }),
  aProduct({
    id: "foam",
    material: "foamPiece",
    colour: "#e3cdb4",
    hiding: 0.99,
    grade: "skinAdhesive",
  }),
  aProduct({ id: "cap", material: "baldCap", colour: "#d6b096", grade: "skinAdhesive" }),
  aProduct({ id: "edge", material: "thickenedAdhesive", colour: null, grade: "skinAdhesive" }),
  aProduct({ id: "wax", material: "sculptingWax", colour: null }),
  aProduct({ id: "softmist", material: "settingMist", colour: null }),
  aProduct({ id: "red", material: "waterWax", colour: "#b5232c" }),
  aProduct({ id: "redGlycerine", colour: "#b3262e" }),
  aProduct({ id: "redLip", material: "lipLong", colour: "#b0242d" }),
  aProduct({ id: "inkAlcohol", material: "alcoholActivated", colour: "#161619" }),
];
const at = (brief: Partial<Brief> = {}, person: Partial<Person> = {}) =>
  aContext({ products: PRODUCTS, brief: { hoursWorn: 1.5, ...brief }, person });
const found = (look: Look, context: LookContext, rule: Finding["rule"], words = /./) =>
  checkLook(look, context).filter(
    (finding) => finding.rule === rule && words.test(finding.message),
  );
/** The first finding of a rule, mended; it must be gone, and nothing may be stopped by it. */
function mended(
  look: Look,
  context: LookContext,
  rule: Finding["rule"],
  words = /./,
): { look: Look; label: string } {
  const [finding] = found(look, context, rule, words);
  if (!finding?.fix) throw new Error(`${rule} has no fix: ${finding?.message ?? "not found"}`);
  const after = applyPatch(look, finding.fix);
  expect(found(after, context, rule, words)).toEqual([]);
  expect(stopsOf(after, context).length).toBeLessThanOrEqual(stopsOf(look, context).length);
  return { look: after, label: finding.fixLabel ?? "" };
}
const FACE = ["forehead", "cheekAppleLeft", "cheekAppleRight", "chin", "noseBridge"] as const;
const base = (values: Partial<Layer> = {}) =>
  aLayer({ id: "base", zones: [...FACE], coats: 3, ...values });
const powder = (zones: Layer["zones"], id = "powder") =>
  aLayer({
    id,
    role: "set",
    zones,
    paint: product("neutral"),
    tool: "puff",
    technique: "press",
    coats: 1,
  });
const HOT = { airDegC: 34, rh: 50, sun: true, activity: "dancing" } as const;

describe("prep and wear", () => {
  it("PREP-1: sensitive skin gets barrier cream, others are left alone", () => {
    const { look } = mended(aLook(base()), at({}, { skinKind: "sensitive" }), "PREP-1");
    expect(look.layers[0]).toMatchObject({ role: "prep", paint: product("calm") });
    expect(found(aLook(base()), at(), "PREP-1")).toEqual([]);
  });
  it("PREP-2: who will sweat gets skin prep under water colour; alcohol colour needs none, nor does a cool day", () => {
    expect(mended(aLook(base()), at(HOT), "PREP-2").look.layers[0]?.paint).toEqual(product("prep"));
    expect(
      found(
        aLook(base({ paint: product("alcohol"), tool: "flatBrush", zones: ["forehead"] })),
        at(HOT),
        "PREP-2",
      ),
    ).toEqual([]);
    expect(found(aLook(base()), at({ airDegC: 12 }), "PREP-2")).toEqual([]);
  });
  it("WEAR-3 and SET-5: says when a base has gone too far and offers the least that holds it, only where something does", () => {
    const evening = at({ hoursWorn: 3, airDegC: 25, activity: "dancing" });
    const bare = aLook(base());
    const [finding] = found(bare, evening, "SET-5");
    expect(finding?.message).toMatch(
      /has gone too far on .* after .* of 3 h \(under 60 % whole\), from sweat/,
    );
    const { look } = mended(bare, evening, "SET-5");
    expect(
      Math.min(
        ...wearForecast(look, evening)
          .filter(({ layer }) => layer.id === "base")
          .map(({ failureHours }) => failureHours),
      ),
    ).toBeGreaterThanOrEqual(3);
    const [run] = found(bare, at({ ...HOT, hoursWorn: 6 }, { sweat: "heavy" }), "WEAR-3");
    expect(run?.fix).toBeUndefined();
    expect(run?.message).toContain("choose a paint that resists it");
  });
  it("CLIM-1: wax in heat gives way to a paint of its colour that does not soften, and slow drying asks for a dryer", () => {
    const line = aLayer({
      id: "line",
      role: "detail",
      zones: ["forehead"],
      paint: product("line"),
      tool: "roundBrush",
      technique: "draw",
    });
    const heat = at({ airDegC: 36, rh: 30 });
    expect(mended(aLook(line), heat, "CLIM-1", /softens/).look.layers[0]?.paint).toEqual(
      product("inkAlcohol"),
    );
    expect(found(aLook(line), at({ airDegC: 20 }), "CLIM-1", /softens/)).toEqual([]);
    const steam = { airDegC: 33, rh: 96 };
    expect(found(aLook(base()), at(steam), "CLIM-1", /cool hand dryer/)).toHaveLength(1);
    expect(
      found(aLook(base()), at({ ...steam, dryer: true }), "CLIM-1", /cool hand dryer/),
    ).toEqual([]);
  });
  it("WEAR-1: no grease on hands", () => {
    const hands = aLook(
      aLayer({
        id: "hands",
        zones: ["handBackLeft", "palmLeft", "forehead"],
        paint: product("cream"),
      }),
      powder(["handBackLeft", "palmLeft", "forehead"]),
    );
    expect(mended(hands, at(), "WEAR-1").look.layers[0]?.zones).toEqual(["forehead"]);
  });
  it("WEAR-2: lips with a meal get long-wear colour of their own tone; without one they are left alone", () => {
    const lips = aLook(
      aLayer({
        id: "lips",
        role: "detail",
        zones: ["upperLip", "lowerLip"],
        paint: product("red"),
        tool: "roundBrush",
        technique: "stroke",
      }),
    );
    expect(mended(lips, at({ meal: true }), "WEAR-2").look.layers[0]?.paint).toEqual(
      product("redLip"),
    );
    expect(found(lips, at(), "WEAR-2")).toEqual([]);
  });
  it("SET-6: several colours on the body are sealed in between; SET-4: a shiny hollow is powdered", () => {
    const body: Layer["zones"] = [
      "chest",
      "belly",
      "upperArmFrontLeft",
      "upperArmFrontRight",
      "forearmFrontLeft",
    ];
    const looks = aLook(
      aLayer({ id: "one", zones: body }),
      aLayer({ id: "two", role: "shade", zones: body, paint: product("blue"), technique: "pat" }),
    );
    expect(mended(looks, at(), "SET-6").look.layers[1]).toMatchObject({
      role: "seal",
      paint: product("softmist"),
    });
    const hollow = aLook(
      aLayer({
        id: "hollow",
        role: "contour",
        zones: ["cheekHollowLeft"],
        paint: product("cream"),
        tool: "roundBrush",
        technique: "pat",
      }),
    );
    expect(found(hollow, at(), "SET-4")).toHaveLength(1);
    mended(hollow, at(), "SET-4");
  });
  it("LAYER-4: powder colour on bare skin barely shows; LAYER-7: nothing is stroked over powder", () => {
    const dust = aLayer({
      id: "dust",
      zones: ["forehead"],
      role: "shade",
      paint: product("whitePowder"),
      tool: "flatBrush",
      technique: "stroke",
    });
    expect(found(aLook(dust), at(), "LAYER-4")).toHaveLength(1);
    expect(found(aLook(base(), dust), at(), "LAYER-4")).toEqual([]);
    const over = aLook(
      base(),
      powder([...FACE]),
      aLayer({
        id: "over",
        role: "shade",
        zones: ["chin"],
        paint: product("blue"),
        tool: "flatBrush",
        technique: "stroke",
      }),
    );
    expect(mended(over, at(), "LAYER-7").look.layers[2]?.technique).toBe("pat");
  });
  it("REMOVE-1: a strong red of wax straight on the skin may stain; over a base, or of a duller hue, it is left alone", () => {
    const red = aLayer({
      id: "red",
      role: "detail",
      zones: ["chin"],
      paint: product("red"),
      tool: "roundBrush",
      technique: "stroke",
    });
    expect(mended(aLook(red), at(), "REMOVE-1").look.layers[0]?.paint).toEqual(product("calm"));
    expect(found(aLook(base(), red), at(), "REMOVE-1")).toEqual([]);
    expect(
      found(
        aLook(
          aLayer({
            id: "ink",
            role: "detail",
            zones: ["chin"],
            paint: product("line"),
            tool: "roundBrush",
          }),
        ),
        at(),
        "REMOVE-1",
      ),
    ).toEqual([]);
  });
  it("SAFE-9: most of the skin covered and hot is a caution", () => {
    const zones = aContext()
      .figure.allZones.filter(({ part }) => part === "body")
      .map(({ id }) => id);
    expect(
      found(aLook(aLayer({ id: "all", zones })), at({ airDegC: 36, rh: 50 }), "SAFE-9"),
    ).toHaveLength(1);
    expect(found(aLook(aLayer({ id: "all", zones })), at({ airDegC: 20 }), "SAFE-9")).toEqual([]);
  });
});

describe("pieces and caps", () => {
  const piece = (values: Partial<Layer> = {}) =>
    aLayer({
      id: "piece",
      role: "attach",
      zones: ["forehead"],
      paint: product("foam"),
      tool: "finger",
      technique: "dab",
      coats: 1,
      ...values,
    });
  it("PROS-1: a piece is glued and its edge filled and powdered", () => {
    const glued = mended(aLook(piece()), at(), "PROS-1", /Nothing holds/).look;
    expect(glued.layers.map(({ id }) => id)).toEqual(["medicalAdhesive", "piece"]);
    expect(mended(glued, at(), "PROS-1", /edge/).look.layers.map(({ role }) => role)).toEqual([
      "attach",
      "attach",
      "attach",
      "set",
    ]);
  });
  it("PROS-1: whoever is allergic to acrylates gets spirit gum, and who may have neither gets no fix", () => {
    expect(
      mended(aLook(piece()), at({}, { allergies: ["acrylates"] }), "PROS-1", /Nothing holds/).look
        .layers[0]?.paint,
    ).toEqual(product("gum"));
    expect(
      found(
        aLook(piece()),
        at({}, { allergies: ["acrylates", "rosin"] }),
        "PROS-1",
        /Nothing holds/,
      )[0]?.fix,
    ).toBeUndefined();
  });
  it("PROS-2: a cap that lies on hair alone is carried past the hairline", () => {
    expect(
      mended(
        aLook(piece({ zones: ["scalp", "backOfHead"], paint: product("cap") })),
        at(),
        "PROS-2",
      ).look.layers[0]?.zones,
    ).toEqual(expect.arrayContaining(["forehead", "nape"]));
  });
  it("PROS-3: wax is kept off what moves; PROS-4: a piece of one colour is flat", () => {
    expect(
      mended(
        aLook(
          aLayer({
            id: "wax",
            role: "attach",
            zones: ["noseBridge", "smileFoldLeft"],
            paint: product("wax"),
            tool: "spatula",
            technique: "press",
          }),
        ),
        at(),
        "PROS-3",
      ).look.layers[0]?.zones,
    ).toEqual(["noseBridge"]);
    const flat = aLook(
      piece(),
      aLayer({
        id: "grease",
        zones: ["forehead"],
        paint: product("grease"),
        tool: "stippleSponge",
        technique: "dab",
      }),
      powder(["forehead"]),
    );
    expect(found(flat, at(), "PROS-4")).toHaveLength(1);
    expect(
      found(
        aLook(
          ...flat.layers,
          aLayer({
            id: "dark",
            role: "shade",
            zones: ["forehead"],
            paint: product("alcohol"),
            tool: "flatBrush",
            technique: "pat",
          }),
        ),
        at(),
        "PROS-4",
      ),
    ).toEqual([]);
  });
  it("LAYER-3: alcohol or water on raw foam gets make-up and powder between", () => {
    for (const id of ["alcohol", "grey"]) {
      const raw = aLook(
        piece(),
        aLayer({
          id: "colour",
          zones: ["forehead"],
          paint: product(id),
          tool: "flatBrush",
          technique: "pat",
        }),
      );
      expect(
        mended(raw, at(), "LAYER-3").look.layers.map(
          ({ paint }) => paint.kind === "product" && paint.productId,
        ),
      ).toEqual(["foam", "grease", "neutral", id]);
    }
  });
  it("BROW-1: a piece over the brows lies on hair that is flat; BROW-2 still keeps adhesive off the hair, and is at rest over a piece", () => {
    const over = piece({ zones: ["forehead", "browLeft", "browRight"] });
    expect(
      mended(aLook(over), at(), "BROW-1")
        .look.layers.slice(0, 2)
        .map(({ role }) => role),
    ).toEqual(["cover", "set"]);
    const glue = aLayer({
      id: "glue",
      role: "attach",
      zones: ["browLeft"],
      paint: product("edge"),
      tool: "spatula",
      technique: "press",
    });
    expect(stopsOf(aLook(glue), at()).map(({ rule }) => rule)).toEqual(["BROW-2"]);
    expect(stopsOf(aLook(over, glue), at())).toEqual([]);
  });
  it("LAYER-9: what does not go over the other is exchanged for its colour in a paint that does", () => {
    const latex = aLook(
      base({ zones: ["chin"] }),
      aLayer({
        id: "strand",
        role: "detail",
        zones: ["chin"],
        paint: product("latexPot"),
        tool: "flatBrush",
        technique: "stroke",
      }),
    );
    const [finding] = found(latex, at(), "LAYER-9");
    expect(finding?.message).toContain("peels off water colour");
  });
});

describe("brows under a dark shape", () => {
  it("BROW-4: corrector under it is work for nothing; under a light base it is not", () => {
    const brows: Layer["zones"] = ["browLeft", "browRight"];
    const cover = aLayer({
      id: "cover",
      role: "cover",
      zones: brows,
      paint: { kind: "material", material: "corrector" },
      tool: "finger",
      technique: "dab",
      coats: 1,
    });
    const shape = aLayer({
      id: "shape",
      role: "detail",
      zones: [...brows, "forehead"],
      paint: product("line"),
      tool: "roundBrush",
      technique: "pat",
      coats: 3,
    });
    expect(
      mended(aLook(cover, powder(brows), shape), at(), "BROW-4").look.layers.map(({ id }) => id),
    ).toEqual(["powder", "shape"]);
    expect(
      found(aLook(cover, powder(brows), base({ zones: [...FACE, ...brows] })), at(), "BROW-4"),
    ).toEqual([]);
  });
});

describe("ready-made sets", () => {
  const look = aLook(base());
  it.each(READY_MADE_KEYS)(
    "%s: laid under the base, without a stop, and nothing in it is unglued, unset or out of order",
    (key) => {
      const context = at();
      const { patch, leftOut } = layReadyMade(key, look, context);
      const after = applyPatch(look, patch);
      expect(leftOut).toEqual([]);
      expect(after.layers.at(-1)?.id).toBe("base");
      expect(new Set(after.layers.slice(0, -1).map(({ group }) => group)).size).toBe(1);
      expect(stopsOf(after, context)).toEqual([]);
      const own = new Set(after.layers.slice(0, -1).map(({ id }) => id));
      expect(
        checkLook(after, context)
          .filter(
            ({ rule, where }) =>
              own.has(where.layerId ?? "") &&
              ["PROS-1", "PROS-2", "PROS-3", "SET-1", "BROW-1", "LAYER-9", "ORDER-6"].includes(
                rule,
              ),
          )
          .map(({ message }) => message),
      ).toEqual([]);
    },
  );
  it("leave out what the person may not wear, and say so", () => {
    const { leftOut, patch } = layReadyMade(
      "foamPiece",
      look,
      at({}, { allergies: ["latex", "acrylates"] }),
    );
    expect(leftOut).toEqual(expect.arrayContaining(["Foam piece", "Adhesive for the piece"]));
    expect(stopsOf(applyPatch(look, patch), at({}, { allergies: ["latex", "acrylates"] }))).toEqual(
      [],
    );
  });
  it("teeth have no zone and still take their minutes; hair is coloured on hair", () => {
    const toothed = applyPatch(look, layLast("teeth", look, at()));
    const after = applyPatch(toothed, layLast("hair", toothed, at()));
    expect(after.layers.slice(1).map(({ zones }) => zones)).toEqual([[], ["scalp"]]);
    expect(stopsOf(after, at())).toEqual([]);
  });
});
