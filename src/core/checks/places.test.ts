import { ZONE_IDS, zoneInfo } from "../anatomy";
import {
  AUXILIARY_KEYS,
  MATERIAL_KEYS,
  material,
  PAINT_TYPE_KEYS,
  type MaterialKey,
  type Product,
} from "../paint";
import { USUAL_STUDIO } from "../studio";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  allowedZones,
  applyPatch,
  BANS,
  checkLook,
  stopsOf,
  suggestLayer,
  type Layer,
  type LookContext,
} from "../look";

const pot = (id: string, key: MaterialKey, values = {}) =>
  aProduct({ id, material: key, colour: key === "latex" ? "#e8dcc0" : null, ...values });
const PRODUCTS = [
  ...SHELF,
  pot("gum", "spiritGum", { grade: "skinAdhesive" }),
  pot("edge", "thickenedAdhesive", { grade: "skinAdhesive" }),
  pot("wax", "browWax"),
  pot("sealer", "browSealer"),
  pot("cap", "baldCap", { grade: "skinAdhesive" }),
];
const context = aContext({ products: PRODUCTS });
const layer = (id: string, values: Partial<Layer> = {}) =>
  aLayer({
    id: `l-${id}`,
    role: "attach",
    zones: ["browLeft"],
    paint: product(id),
    tool: "flatBrush",
    coats: 1,
    ...values,
  });
const stick = (coats: number) => layer("stick", { role: "cover", tool: "stick", coats });
const powder = layer("neutral", { id: "p", role: "set", tool: "puff", technique: "press" });
const brow = (layers: Layer[], of: LookContext = context) =>
  checkLook(aLook(...layers), of)
    .filter(({ rule }) => rule === "BROW-2")
    .map(({ severity }) => severity);

describe("BROW-2: what tears hair, and over what it is a caution", () => {
  it.each(["adhesive", "edge", "latexPot"])("%s on a bare brow is a stop", (id) =>
    expect(brow([layer(id)])).toEqual(["stop"]),
  );
  it("spirit gum on a bare brow is a caution, and in a mix what tears counts first", () => {
    expect(brow([layer("gum")])).toEqual(["caution"]);
    const mixed = layer("gum", {
      paint: {
        kind: "mix",
        parts: [
          { productId: "gum", parts: 1 },
          { productId: "latexPot", parts: 1 },
        ],
      },
    });
    expect(brow([mixed])).toEqual(["stop"]);
  });
  it("over two powdered coats of stick, or wax under sealer, it is a caution; over one, or unpowdered, a stop", () => {
    expect(brow([stick(2), powder, layer("adhesive")])).toEqual(["caution"]);
    expect(brow([stick(1), powder, layer("adhesive")])).toContain("stop");
    expect(brow([stick(2), layer("adhesive")])).toContain("stop");
    const [wax, sealer] = [layer("wax", { role: "cover" }), layer("sealer", { role: "cover" })];
    expect(brow([wax, sealer, layer("edge")])).toContain("caution");
    expect(brow([wax, sealer, layer("edge")])).not.toContain("stop");
    expect(brow([wax, layer("edge")])).toContain("stop");
  });
  it("over a cap the hair line is a caution, beside it a stop; on skin neither", () => {
    const cap = layer("cap", { zones: ["scalp"] });
    expect(brow([cap, layer("edge", { zones: ["scalp"] })])).toEqual(["caution"]);
    expect(brow([cap, layer("edge", { zones: ["nape", "browLeft"] })])).toEqual(["stop"]);
    expect(brow([layer("edge", { zones: ["forehead"] })])).toEqual([]);
  });
});

describe("the one table of what may not touch what", () => {
  it("keeps every kind that it bans out of what is allowed, and nothing else, on somebody grown up", () => {
    for (const key of MATERIAL_KEYS) {
      const banned = ZONE_IDS.filter((zone) =>
        Object.values(BANS).some(({ has, why }) => has(zoneInfo(zone)) && why(key, null) !== null),
      );
      const allowed = allowedZones(ZONE_IDS, key, null, context);
      expect([...allowed, ...banned].sort()).toEqual([...ZONE_IDS].sort());
    }
  });
  it("bans from hair just what BROW-2 names, and from the eye everything with alcohol", () => {
    const hair = MATERIAL_KEYS.filter((key) => BANS.hair.why(key, null));
    expect(hair.sort()).toEqual(
      [
        "adhesiveAcrylic",
        "lashGlue",
        "latex",
        "medicalAdhesive",
        "sculptingWax",
        "thickenedAdhesive",
      ].sort(),
    );
    for (const key of [...PAINT_TYPE_KEYS, ...AUXILIARY_KEYS])
      if (material(key).solvent === "alcohol" && key !== "browSealer")
        expect(BANS.eyes.why(key, null)).not.toBeNull();
  });
});

describe("areas that stay bare", () => {
  const sore = aContext({
    person: { concerns: [{ what: "eczema", zones: ["chin"], unpainted: true }] },
    brief: { bareToday: ["forehead"] },
  });
  const base = aLayer({ id: "base", zones: ["forehead", "chin", "noseBridge"] });
  const prep = aLayer({ id: "prep", role: "prep", zones: ["forehead"] });

  it("stop every layer on them, as one matter that one press mends", () => {
    const look = aLook(prep, base);
    const stops = stopsOf(look, sore);
    expect(stops.map(({ rule }) => rule)).toEqual(["SAFE-7", "SAFE-7"]);
    const [today] = stops;
    if (!today?.fix) throw new Error("no mend");
    const after = applyPatch(look, today.fix);
    expect(after.layers.map(({ zones }) => zones)).toEqual([["chin", "noseBridge"]]);
    expect(stopsOf(after, sore)).toHaveLength(1);
  });
  it("are in no layer that is suggested, and no gap to be painted", () => {
    const suggested = suggestLayer("base", aLook(), sore);
    expect(suggested.zones).not.toContain("forehead");
    expect(suggested.zones).not.toContain("chin");
    const gap = checkLook(aLook({ ...base, zones: ["noseBridge"] }), sore).find(
      ({ rule }) => rule === "BASE-5",
    );
    expect(gap?.where.zones).not.toContain("forehead");
    expect(gap?.where.zones).toContain("glabella");
  });
});

describe("the air of the room", () => {
  const spray = aLayer({ id: "mist", role: "seal", paint: product("mist"), tool: "spray" });
  const inRoom = (room: Partial<LookContext["studio"]["room"]>) => ({
    ...context,
    studio: { ...USUAL_STUDIO, room: { ...USUAL_STUDIO.room, ...room } },
  });
  const said = (of: LookContext) =>
    checkLook(aLook(spray), of)
      .filter(({ rule, severity }) => rule === "SAFE-5" && severity === "caution")
      .map(({ message }) => message);

  it("is a caution where nothing airs it, and where something burns in it", () => {
    expect(said(inRoom({}))).toEqual([]);
    expect(said(inRoom({ ventilation: "none" }))).toEqual([
      expect.stringMatching(/^Nothing airs the dressing room, and mist would be breathed/),
    ]);
    expect(said(inRoom({ flames: true }))).toEqual([
      expect.stringMatching(/^There is a flame in the dressing room/),
    ]);
  });
});

describe("SAFE-15: bright colours and pigments near eyes and lips", () => {
  const lid = (values: Parameters<typeof aProduct>[0]) => {
    const own = aContext({ products: [aProduct(values)] });
    const look = aLook(aLayer({ id: "lid", zones: ["upperLidLeft"], paint: product(values.id) }));
    return checkLook(look, own).filter(({ rule }) => rule === "SAFE-15");
  };
  const CASES: readonly [string, Partial<Product>, number][] = [
    ["fluorescent, label unread", { finish: "fluorescent", labelRead: false }, 1],
    ["metallic, label unread", { finish: "metallic", labelRead: false }, 1],
    ["pearl, label unread", { finish: "pearl", labelRead: false }, 0],
    ["fluorescent, label read", { finish: "fluorescent" }, 0],
    ["a listed pigment", { colourIndex: ["CI 77491", "CI 42090"] }, 0],
    ["one that is not listed", { colourIndex: ["CI 77491", "CI 45410:1"] }, 1],
    ["glitter of an unknown cut", { material: "glitter" }, 1],
    ["rounded glitter", { material: "glitter", glitter: "rounded" }, 0],
  ];
  it.each(CASES)("%s", (_, values, count) =>
    expect(lid({ id: "x", ...values })).toHaveLength(count),
  );
});
