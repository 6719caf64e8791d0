import { USUAL_BRIEF } from "../brief";
import { applyPatch, LookSchema, stopsOf, suggestLayer, type PaintKit } from "../look";
import { freshState, material, pairing, type Product } from "../paint";
import { STAND_IN, type Person } from "../people";
import { aContext, aLook, SHELF } from "../testing";
import {
  adoptSystem,
  advise,
  bestOfKinds,
  groupsOf,
  kitOf,
  recommendPaint,
  whatBuysTime,
  withKit,
  type AdviceGroup,
} from ".";

const advise_ = (
  person: Partial<Person> = {},
  brief: Partial<typeof USUAL_BRIEF> = {},
  shelf: readonly Product[] = SHELF,
  groups?: AdviceGroup[],
) =>
  recommendPaint(
    { person: { ...STAND_IN, ...person }, brief: { ...USUAL_BRIEF, ...brief }, shelf },
    groups,
  );
const faces = (...given: Parameters<typeof advise_>) =>
  advise_(...given).options.filter(({ group }) => group === "face");

describe("recommendPaint", () => {
  it("gives scored options part by part, best first, each with three reasons for, one against, and points that add up", () => {
    const { options } = advise_();
    expect([...new Set(options.map(({ group }) => group))]).toEqual(["face", "eyes", "lips"]);
    for (const group of ["face", "eyes", "lips"] as const) {
      const own = options.filter((option) => option.group === group);
      expect(own.length).toBeGreaterThan(1);
      expect(own.map(({ score }) => score)).toEqual(
        own.map(({ score }) => score).sort((a, b) => b - a),
      );
    }
    for (const option of options) {
      expect(new Set(option.because).size).toBe(3);
      expect(option.against).not.toBe("");
      expect(
        Math.abs(option.score - option.parts.reduce((sum, part) => sum + part.points, 0)),
      ).toBeLessThan(1.2);
      expect(option.parts.reduce((sum, part) => sum + part.most, 0)).toBeCloseTo(100, 0);
      for (const part of option.parts)
        expect(part.points >= 0 && part.points <= part.most + 0.05).toBe(true);
    }
  });

  it("keeps only what no other beats in hours, minutes, cost, comfort, staining and strength at once", () => {
    const own = faces();
    const better = (a: (typeof own)[number], b: typeof a) =>
      a.touchUp.hours >= b.touchUp.hours + 0.3 &&
      a.onMinutes + a.dryMinutes <= b.onMinutes + b.dryMinutes - 5 &&
      a.offMinutes <= b.offMinutes &&
      a.costMinor <= b.costMinor - 50 &&
      a.comfort >= b.comfort &&
      a.stain <= b.stain &&
      a.score > b.score + 15;
    for (const option of own)
      expect(
        own
          .filter(
            (other) =>
              better(other, option) &&
              other.kit.base === option.kit.base &&
              other.kit.detail === option.kit.detail,
          )
          .map(({ id }) => id),
      ).toEqual([]);
    expect(own.length).toBeLessThan(300);
  });

  it("refuses with the rule, part by part", () => {
    const rule = (person: Partial<Person>, type: string, group: AdviceGroup = "face") =>
      advise_(person, {}, SHELF, [group]).refused.find((entry) => entry.type === type)?.rule;
    expect(rule({ allergies: ["latex"] }, "latex")).toBe("SAFE-2");
    expect(rule({ skinKind: "sensitive" }, "adhesiveAcrylic")).toBe("SAFE-2");
    expect(rule({}, "rubberMaskGrease")).toBe("LAYER-3");
    expect(rule({ ageYears: 7 }, "alcoholActivated")).toBe("SAFE-14");
    expect(rule({ ageYears: 13 }, "alcoholActivated")).toBe("SAFE-8");
    expect(rule({}, "alcoholActivated", "eyes")).toBe("SAFE-3");
    expect(rule({}, "alcoholActivated", "lips")).toBe("SAFE-3");
    expect(rule({}, "cream", "hands")).toBe("WEAR-1");
    expect(rule({}, "waterGlycerine", "prosthetic")).toBe("LAYER-3");
    expect(rule({}, "adhesiveAcrylic", "body")).toBe("REMOVE-1");
    expect(advise_({ ageYears: 2 }).options).toEqual([]);
    const reacted = advise_({
      patchTests: [{ productId: "alcohol", on: "2026-01-01", result: "reacted" }],
    });
    expect(reacted.refused.find((entry) => entry.type === "alcoholActivated")).toMatchObject({
      rule: "SAFE-2",
      why: expect.stringContaining("reacted to alcohol"),
    });
  });

  it("prefers what is on the shelf, and counts a compressor as something one has to have", () => {
    const own = (shelf: readonly Product[], base: string) =>
      faces({}, {}, shelf).find((option) => option.kit.base === base)?.score ?? 0;
    const others = SHELF.filter(({ material }) => material !== "waterGlycerine");
    expect(own(SHELF, "waterGlycerine")).toBeGreaterThan(own(others, "waterGlycerine"));
    expect(faces()[0]?.kit.base).toBe("waterGlycerine");
    expect(
      faces({}, {}, SHELF)
        .find((option) => option.kit.base === "airbrushWater")
        ?.parts.find(({ name }) => name === "shelf")?.points,
    ).toBeLessThan(5);
    // An empty shelf tells no two apart, so that nothing is said of it.
    expect(
      faces({}, {}, []).flatMap(({ parts }) => parts.filter(({ name }) => name === "shelf")),
    ).toEqual([]);
  });

  it("shows different kinds side by side, and says what one gives up against the next", () => {
    const shown = bestOfKinds(faces());
    expect(new Set(shown.map(({ kit }) => kit.base)).size).toBe(shown.length);
    for (const option of shown) if (option.givesUp) expect(option.givesUp).toMatch(/: /);
    expect(shown.some(({ givesUp }) => givesUp !== null)).toBe(true);
  });

  it("asks paint only for the parts that this brief and look show", () => {
    expect(groupsOf(USUAL_BRIEF, null)).toEqual(["face", "eyes", "lips"]);
    expect(groupsOf({ ...USUAL_BRIEF, bares: ["hands", "chest"] }, null)).toEqual([
      "face",
      "eyes",
      "lips",
      "hands",
      "body",
    ]);
    const context = aContext();
    const piece = {
      ...suggestLayer("attach", aLook(), context),
      paint: { kind: "material", material: "foamPiece" } as const,
    };
    expect(groupsOf(USUAL_BRIEF, aLook(piece), context.products)).toContain("prosthetic");
    expect(
      advise(aLook(), {
        person: STAND_IN,
        brief: { ...USUAL_BRIEF, bares: ["hands"] },
        shelf: SHELF,
      }).map(({ group }) => group),
    ).toEqual(["face", "eyes", "lips", "hands"]);
  });
});

describe("what buys time", () => {
  const plain: PaintKit = {
    base: "waterGlycerine",
    detail: "waterGlycerine",
    prep: null,
    activate: null,
    set: null,
    seal: null,
  };
  const brief = { ...USUAL_BRIEF, airDegC: 32, rh: 50, sun: true, hood: true, hoursWorn: 4 };
  const gains = whatBuysTime(plain, "face", { person: STAND_IN, brief, shelf: [] });

  it("names single changes, the most hours first, of the kit and of the day", () => {
    expect(gains.length).toBeGreaterThan(3);
    expect(gains.map(({ gainsHours }) => gainsHours)).toEqual(
      gains.map(({ gainsHours }) => gainsHours).sort((a, b) => b - a),
    );
    expect(gains.map(({ change }) => change)).toEqual(
      expect.arrayContaining([
        "skin prep",
        "sealing medium instead of water",
        "barrier spray",
        "out of the sun",
      ]),
    );
    for (const { kit } of gains)
      if (kit)
        expect(
          Object.keys(plain).filter(
            (key) => kit[key as keyof PaintKit] !== plain[key as keyof PaintKit] && key !== "set",
          ).length,
        ).toBeLessThanOrEqual(1);
  });
  it("adds up: the hours it promises are those of the changed kit", () => {
    const prep = gains.find(({ change }) => change === "skin prep");
    const again = whatBuysTime({ ...plain, prep: "skinPrep" }, "face", {
      person: STAND_IN,
      brief,
      shelf: [],
    });
    const seal = (list: typeof gains) =>
      list.find(({ change }) => change === "barrier spray")?.gainsHours ?? 0;
    expect(prep?.gainsHours).toBeGreaterThan(0);
    expect(seal(again)).toBeGreaterThan(seal(gains));
  });
});

describe("adoptSystem", () => {
  it("puts prep first and seal last, changes them with the system, and brings no stop", () => {
    const context = aContext();
    const [first, second] = bestOfKinds(faces());
    if (!first || !second) throw new Error("two options are wanted here");
    let look = applyPatch(
      aLook(),
      adoptSystem(aLook(), withKit(null, "face", first.kit), SHELF, context.person),
    );
    look = applyPatch(look, {
      op: "addLayer",
      layer: suggestLayer("base", look, context),
      at:
        look.layers.findIndex((layer) => layer.role === "seal") < 0
          ? look.layers.length
          : look.layers.findIndex((layer) => layer.role === "seal"),
    });
    look = applyPatch(
      look,
      adoptSystem(
        look,
        withKit(look.system, "face", { ...second.kit, prep: "skinPrep", seal: "barrierSpray" }),
        SHELF,
        context.person,
      ),
    );
    expect(look.layers.map((layer) => layer.role)).toEqual(["prep", "base", "seal"]);
    expect(look.layers.filter((layer) => layer.id.startsWith("system-"))).toHaveLength(2);
    expect(LookSchema.safeParse(look).success).toBe(true);
    expect(stopsOf(look, context)).toEqual([]);
  });

  it("keeps a kit for each part: hands beside the face, with prep of their own where the costume leaves them bare", () => {
    const brief = { ...USUAL_BRIEF, bares: ["hands" as const] };
    const context = aContext({ brief });
    const kit: PaintKit = {
      base: "alcoholActivated",
      detail: "alcoholActivated",
      prep: "skinPrep",
      activate: null,
      set: null,
      seal: "barrierSpray",
    };
    const system = withKit(withKit(null, "face", { ...kit, base: "waterGlycerine" }), "hands", kit);
    const look = applyPatch(aLook(), adoptSystem(aLook(), system, SHELF, context.person, brief));
    expect(kitOf(look.system, "hands")).toEqual(kit);
    expect(kitOf(look.system, "face")?.base).toBe("waterGlycerine");
    expect(look.layers.map(({ id }) => id)).toEqual([
      "system-prep",
      "system-hands-prep",
      "system-seal",
      "system-hands-seal",
    ]);
    expect(look.layers[1]?.zones).toContain("handBackLeft");
    expect(stopsOf(look, context)).toEqual([]);
    expect(kitOf(withKit(system, "eyes", { ...kit, base: "gelLiner" }), "eyes")?.base).toBe(
      "gelLiner",
    );
  });

  it("never recommends a kit whose lines do not go over its base in the state it leaves it", () => {
    for (const { kit } of faces()) {
      if (
        kit.base === kit.detail ||
        (material(kit.base).behaves === "water" && material(kit.detail).behaves === "water")
      )
        continue;
      expect(
        pairing(kit.base, kit.set ? "powdered" : freshState(kit.base), kit.detail).verdict,
      ).toBe("fine");
    }
  });
});
