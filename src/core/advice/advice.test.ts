import fc from "fast-check";
import { USUAL_BRIEF } from "../brief";
import { applyPatch, LookSchema, stopsOf, suggestLayer } from "../look";
import { ALLERGEN_KEYS, material, paintType, type Product } from "../paint";
import { STAND_IN, type Person } from "../people";
import { aContext, aLook, SHELF } from "../testing";
import { adoptSystem, recommendPaint } from ".";

const advise = (person: Partial<Person> = {}, brief: Partial<typeof USUAL_BRIEF> = {}, shelf: readonly Product[] = SHELF) => recommendPaint({ person: { ...STAND_IN, ...person }, brief: { ...USUAL_BRIEF, ...brief }, shelf });

describe("recommendPaint", () => {
  it("gives scored options with three reasons for and one against, best first, and parts that add up", () => {
    const { options } = advise();
    expect(options.length).toBeGreaterThan(1);
    for (const option of options) {
      expect(option.because).toHaveLength(3);
      expect(option.against).not.toBe("");
      expect(option.score).toBe(Math.round(option.parts.reduce((sum, part) => sum + part.points, 0)));
      for (const part of option.parts) expect(part.points >= 0 && part.points <= part.most).toBe(true);
    }
    expect(options.map((option) => option.score)).toEqual([...options.map((option) => option.score)].sort((a, b) => b - a));
    expect(advise().options.reduce((sum, option) => sum + option.parts.reduce((most, part) => most + part.most, 0), 0)).toBe(100 * options.length);
  });
  it("refuses with the rule: latex by allergy, adhesive on sensitive skin, everything under three, grease on skin", () => {
    const rule = (person: Partial<Person>, type: string) => advise(person).refused.find((entry) => entry.type === type)?.rule;
    expect(rule({ allergies: ["latex"] }, "latex")).toBe("SAFE-2");
    expect(rule({ skinKind: "sensitive" }, "adhesiveAcrylic")).toBe("SAFE-2");
    expect(rule({}, "rubberMaskGrease")).toBe("LAYER-3");
    expect(rule({ ageYears: 7 }, "alcoholActivated")).toBe("SAFE-8");
    expect(advise({ ageYears: 2 }).options).toEqual([]);
    expect(recommendPaint({ person: STAND_IN, brief: USUAL_BRIEF, shelf: SHELF, substrate: "prosthetic" }).refused.map((entry) => entry.type)).toContain("waterGlycerine");
  });
  it("never breaks a hard constraint, whoever the person and whatever the brief (150 random)", () => {
    const anyPerson = fc.record({ ageYears: fc.integer({ min: 0, max: 80 }), allergies: fc.subarray([...ALLERGEN_KEYS]), skinKind: fc.constantFrom("normal", "sensitive", "oily" as const), sweat: fc.constantFrom("light", "heavy" as const), beard: fc.constantFrom("none", "beard" as const) });
    const anyBrief = fc.record({ airDegC: fc.integer({ min: -5, max: 42 }), rh: fc.integer({ min: 5, max: 100 }), hoursWorn: fc.integer({ min: 1, max: 12 }), sun: fc.boolean(), hood: fc.boolean() });
    fc.assert(fc.property(anyPerson, anyBrief, (person, brief) => {
      const { options, refused } = advise(person, brief);
      const out = new Set<string>(refused.map((entry) => entry.type));
      for (const { system } of options) {
        for (const type of [system.base, system.detail, system.eyes, system.lips]) {
          expect(out.has(type)).toBe(false);
          expect(material(type).allergens.some((allergen) => person.allergies.includes(allergen))).toBe(false);
        }
        expect(paintType(system.eyes).keepout).not.toContain("eye");
        expect(paintType(system.lips).keepout.some((where) => where === "lips" || where === "mouth")).toBe(false);
        if (material(system.base).setting === "powder") expect(system.set).toBe("settingPowder");
      }
    }), { numRuns: 150 });
  });
  it("puts what can be painted from the shelf first among equals", () => {
    const { options } = advise();
    const shelfPoints = (option: (typeof options)[number]) => option.parts.find((part) => part.name === "shelf")?.points ?? 0;
    options.slice(1).forEach((option, i) => {
      const before = options[i];
      if (before && before.score === option.score) expect(shelfPoints(before)).toBeGreaterThanOrEqual(shelfPoints(option));
    });
    expect(options[0]?.system.base).toBe("waterGlycerine");
  });
  it("prefers what is on the shelf over what would have to be bought", () => {
    const own = (shelf: readonly Product[]) => advise({}, {}, shelf).options.find((option) => option.system.base === "waterGlycerine")?.score ?? 0;
    expect(own(SHELF)).toBeGreaterThan(own([]));
  });
});

describe("adoptSystem", () => {
  it("puts prep first and seal last, changes them with the system, and brings no stop", () => {
    const context = aContext();
    const [first, second] = advise().options;
    if (!first || !second) throw new Error("two options are wanted here");
    let look = applyPatch(aLook(), adoptSystem(aLook(), first.system, SHELF, context.person));
    look = applyPatch(look, { op: "addLayer", layer: suggestLayer("base", look, context), at: look.layers.findIndex((layer) => layer.role === "seal") < 0 ? look.layers.length : look.layers.findIndex((layer) => layer.role === "seal") });
    look = applyPatch(look, adoptSystem(look, { ...second.system, prep: "skinPrep", seal: "barrierSpray" }, SHELF, context.person));
    expect(look.layers.map((layer) => layer.role)).toEqual(["prep", "base", "seal"]);
    expect(look.layers.filter((layer) => layer.id.startsWith("system-"))).toHaveLength(2);
    expect(LookSchema.safeParse(look).success).toBe(true);
    expect(stopsOf(look, context)).toEqual([]);
  });
});
