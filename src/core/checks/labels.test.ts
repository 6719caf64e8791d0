import fc from "fast-check";
import { HEALTH } from "../brief";
import {
  ALLERGEN_KEYS,
  allergensOf,
  hairDyeOf,
  MATERIAL_KEYS,
  material,
  usualAllergensOf,
  type Product,
} from "../paint";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  applyPatch,
  checkLook,
  isWearable,
  objections,
  safetyNotes,
  stopsOf,
  tooYoungFor,
} from "../look";

/** Rules that speak of one product on one layer, on somebody. */
function rulesOf(
  own: Partial<Product>,
  o: {
    age?: number;
    allergies?: (typeof ALLERGEN_KEYS)[number][];
    zones?: Parameters<typeof aLayer>[0]["zones"];
    tool?: Parameters<typeof aLayer>[0]["tool"];
  } = {},
): Record<string, string> {
  const pot = aProduct({ id: "pot", ...own });
  const context = aContext({
    products: [...SHELF, pot],
    person: { ageYears: o.age ?? 30, allergies: o.allergies ?? [], guardianConsent: true },
  });
  const layer = aLayer({
    id: "layer",
    paint: product("pot"),
    zones: o.zones ?? ["cheekAppleLeft"],
    ...(o.tool && { tool: o.tool }),
  });
  const found = checkLook(aLook(layer), context);
  return Object.fromEntries(found.map(({ rule, severity }) => [rule, severity]));
}

describe("SAFE-12: a label nobody has read", () => {
  it("counts as holding what its kind usually holds, and reds carmine besides", () => {
    const cream = aProduct({ id: "a", material: "cream", colour: "#f4f1ea", labelRead: false });
    expect(allergensOf(cream)).toEqual(
      expect.arrayContaining(["lanolin", "fragrance", "propolis"]),
    );
    expect(allergensOf({ ...cream, labelRead: true })).toEqual([]);
    const red = aProduct({ id: "b", colour: "#a02030", labelRead: false });
    expect(allergensOf(red)).toContain("carmine");
    for (const hex of ["#5b6f38", "#8fb8da", "#f3f2ec", "#1c1c1f", "#f0cd3e"])
      expect(usualAllergensOf({ material: "waterGlycerine", colour: hex })).not.toContain(
        "carmine",
      );
  });
  it("is never silent, on any product of any kind, and is cleared by reading it", () => {
    fc.assert(
      fc.property(fc.constantFrom(...MATERIAL_KEYS), fc.boolean(), (key, labelRead) => {
        const rules = rulesOf({ material: key, labelRead });
        expect(rules["SAFE-12"]).toBe(labelRead ? undefined : "caution");
      }),
    );
  });
  it("stops what somebody is allergic to, by every allergen its kind usually holds, and by no other", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MATERIAL_KEYS),
        fc.constantFrom(...ALLERGEN_KEYS),
        (key, allergen) => {
          const pot = aProduct({ id: "pot", material: key, labelRead: false, colour: "#5b6f38" });
          const holds = [...material(key).allergens, ...material(key).mayContain].includes(
            allergen,
          );
          const person = { ageYears: 30, allergies: [allergen], patchTests: [] };
          expect(objections(pot, person).some(({ rule }) => rule === "SAFE-2")).toBe(holds);
        },
      ),
    );
    const [objection] = objections(
      aProduct({ id: "pot", name: "Pale", material: "cream", labelRead: false }),
      { ageYears: 30, allergies: ["lanolin"], patchTests: [] },
    );
    expect(objection?.why).toContain("nobody has read the label of Pale");
  });
  it("stands at the top of every print", () => {
    const pot = aProduct({ id: "pot", name: "Unread", labelRead: false });
    const look = aLook(aLayer({ id: "a", paint: product("pot") }));
    const context = aContext({ products: [pot] });
    expect(safetyNotes(look, context).map(({ text }) => text)).toContain("Label not read: Unread.");
  });
});

describe("SAFE-2: a patch test", () => {
  const saidOn = (on: string, result: "clear" | "waiting" = "clear") => {
    const pot = aProduct({ id: "pot", name: "Moss" });
    const context = aContext({
      products: [pot],
      person: { patchTests: [{ productId: "pot", on, result }] },
    });
    const look = aLook(aLayer({ id: "a", paint: product("pot") }));
    return checkLook(look, context)
      .filter(({ rule }) => rule === "SAFE-2")
      .map(({ message }) => message)
      .join();
  };
  it("counts for a year, and says so when it is older (today is 1 June 2026)", () => {
    expect(saidOn("2026-05-29")).toBe("");
    expect(saidOn("2025-06-01")).toBe("");
    expect(saidOn("2025-05-31")).toContain(
      "Patch tests that no longer count: Moss (over 12 months ago).",
    );
    expect(saidOn("2026-05-29", "waiting")).toContain("No clear patch test of Moss. Test each");
    expect(saidOn("2026-06-02")).toContain("No clear patch test of Moss. Test each");
  });
});

describe("SAFE-11: hair dye", () => {
  const byName = (name: string, notes = "", isHairDye: boolean | null = null) =>
    hairDyeOf({ name, notes, allergens: [], isHairDye });
  it.each([
    ["black henna", "asked"],
    ["Henna, brown", "asked"],
    ["plain henna", null],
    ["Pure henna powder", null],
    ["hair dye, dark", "asked"],
    ["Hair-dye stick", "asked"],
    ["Night line (with p-phenylenediamine)", "asked"],
    ["PPD free line", "asked"],
    ["Happy dyeing pink", null],
    ["Copper strand", null],
  ] as const)("%s: %p", (name, is) => expect(byName(name)).toBe(is));
  it("is what somebody says it is, and what its label names", () => {
    expect(byName("black henna", "", false)).toBeNull();
    expect(byName("night", "it holds PPD", null)).toBe("asked");
    expect(byName("night", "", true)).toBe("dye");
    expect(hairDyeOf({ name: "night", notes: "", allergens: ["ppd"], isHairDye: false })).toBe(
      "dye",
    );
  });
  it("stops on skin whatever it is called, not in the hair, and is offered no patch test", () => {
    expect(rulesOf({ name: "Black henna" })["SAFE-11"]).toBe("stop");
    expect(rulesOf({ name: "Black henna", isHairDye: false })["SAFE-11"]).toBeUndefined();
    expect(rulesOf({ allergens: ["ppd"] }, { zones: ["browLeft"] })["SAFE-11"]).toBe("stop");
    expect(
      rulesOf({ material: "hairColour", isHairDye: true }, { zones: ["scalp"] })["SAFE-11"],
    ).toBeUndefined();
    const colour = { material: "hairColour" as const };
    expect(rulesOf(colour)["SAFE-11"]).toBe("stop");
    expect(rulesOf({ ...colour, isHairDye: false })["SAFE-11"]).toBeUndefined();
    expect(rulesOf(colour, { zones: ["scalp"] })["SAFE-11"]).toBeUndefined();
    const pot = aProduct({ id: "pot", name: "Black henna" });
    const context = aContext({ products: [pot], person: { patchTests: [] } });
    const look = aLook(aLayer({ id: "a", paint: product("pot") }));
    expect(safetyNotes(look, context).some(({ kind }) => kind === "patchTests")).toBe(false);
    expect(isWearable(pot, context.person)).toBe(false);
  });
});

describe("SAFE-16: what a child wears", () => {
  it.each([
    ["chest", 8, "stop"],
    ["thighFrontLeft", 17, "stop"],
    ["seat", 12, "stop"],
    ["collar", 8, "stop"],
    ["chest", 18, undefined],
    ["forearmFrontLeft", 8, undefined],
    ["shinLeft", 8, undefined],
    ["neckFront", 8, undefined],
    ["handBackRight", 4, undefined],
  ] as const)("%s at %p: %p", (zone, age, severity) =>
    expect(rulesOf({ material: "waterGlycerine" }, { age, zones: [zone] })["SAFE-16"]).toBe(
      severity,
    ),
  );
  it("is mended by leaving bare what lies under the suit, and nothing else", () => {
    const context = aContext({ person: { ageYears: 8, guardianConsent: true } });
    const look = aLook(aLayer({ id: "a", zones: ["chest", "forearmFrontLeft"] }));
    const [stop] = checkLook(look, context).filter(({ rule }) => rule === "SAFE-16");
    const mended = stop?.fix ? applyPatch(look, stop.fix) : look;
    expect(mended.layers.flatMap(({ zones }) => zones)).toEqual(["forearmFrontLeft"]);
  });
});

describe("SAFE-14: children", () => {
  it.each([
    ["alcoholActivated", 6, "stop"],
    ["alcoholActivated", 11, "stop"],
    ["alcoholActivated", 12, "caution"],
    ["alcoholActivated", 15, "caution"],
    ["alcoholActivated", 16, undefined],
    ["latex", 6, "stop"],
    ["medicalAdhesive", 6, "stop"],
    ["spiritGum", 13, "caution"],
    ["adhesiveAcrylic", 6, "stop"],
    ["cream", 6, "stop"],
    ["waterGlycerine", 6, undefined],
    ["waterWax", 4, undefined],
    ["powder", 6, undefined],
    ["pencil", 6, undefined],
    ["glitter", 6, undefined],
  ] as const)("%s at %p: %p", (key, age, severity) =>
    expect(rulesOf({ material: key }, { age })["SAFE-14"]).toBe(severity),
  );
  it("keeps glitter from a small child's eyes, and says that spray goes on a puff", () => {
    const lid = { age: 6, zones: ["upperLidLeft" as const] };
    expect(rulesOf({ material: "glitter" }, lid)["SAFE-14"]).toBe("stop");
    expect(rulesOf({ material: "glitter" }, { ...lid, age: 30 })["SAFE-14"]).toBeUndefined();
    const spray = { age: 6, tool: "airbrush" as const };
    expect(rulesOf({ material: "airbrushWater" }, spray)["SAFE-14"]).toBe("caution");
  });
  it("stops what is no cosmetic, and mends it by something that may be worn", () => {
    expect(rulesOf({ grade: "skinAdhesive" }, { age: 6 })["SAFE-14"]).toBe("stop");
    const context = aContext({ person: { ageYears: 6, guardianConsent: true } });
    const look = aLook(aLayer({ id: "a", paint: product("alcohol"), zones: ["cheekAppleLeft"] }));
    const [stop] = stopsOf(look, context);
    expect(stop?.fixLabel).toMatch(/^(Use|Remove)/);
  });
  it("is one function for checks and advice", () => {
    for (const key of MATERIAL_KEYS) {
      const stops = rulesOf({ material: key }, { age: 8 })["SAFE-14"] === "stop";
      expect([key, stops]).toEqual([key, tooYoungFor(key, { ageYears: 8 }) === "stop"]);
    }
  });
});

describe("SAFE-13: what is said on the day", () => {
  const zones = ["cheekAppleLeft", "upperLip", "upperLidLeft"] as const;
  const saidOf = (health: (keyof typeof HEALTH)[], own: Partial<Product> = {}) => {
    const context = aContext({
      products: [aProduct({ id: "pot", ...own })],
      brief: { health, healthAsked: true },
    });
    const look = aLook(aLayer({ id: "a", paint: product("pot"), zones: [...zones] }));
    return checkLook(look, context).filter(({ rule }) => rule === "SAFE-13");
  };
  it("is a caution of every answer that this look touches, and silent where none does", () => {
    expect(saidOf([])).toEqual([]);
    for (const answer of Object.keys(HEALTH) as (keyof typeof HEALTH)[])
      if (answer !== "asthma" && answer !== "lenses")
        expect(saidOf([answer]).map(({ severity }) => severity)).toEqual(["caution"]);
  });
  it("speaks of the lips for a cold sore, of the eyes for an infection, of what is breathed for asthma", () => {
    expect(saidOf(["coldSore"])[0]?.where.zones).toEqual(["upperLip"]);
    expect(saidOf(["eyeInfection"])[0]?.where.zones).toEqual(["upperLidLeft"]);
    expect(saidOf(["asthma"])).toEqual([]);
    expect(saidOf(["asthma"], { material: "powder" })).toHaveLength(1);
    expect(saidOf(["asthma"], { material: "alcoholActivated" })).toHaveLength(1);
  });
  it("stands at the top of every print: what was said, that they were asked, or what to ask", () => {
    const noteOf = (health: (keyof typeof HEALTH)[], healthAsked: boolean) =>
      safetyNotes(aLook(), aContext({ brief: { health, healthAsked } })).find(
        ({ kind }) => kind === "health",
      );
    expect(noteOf(["coldSore"], false)).toMatchObject({
      isOpen: true,
      text: "Said today: a cold sore.",
    });
    expect(noteOf([], true)).toMatchObject({ isOpen: false });
    expect(noteOf([], false)?.text).toMatch(/^Ask today: asthma, pregnancy/);
  });
});
