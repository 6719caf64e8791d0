import { aContext, aLayer, aLook, product } from "../testing";
import { checkLook } from "../look";
import { zoneWear } from "../wear";
import { STAND_IN } from "../people";
import { USUAL_BRIEF } from "../brief";
import {
  canBeOff,
  changeWords,
  HOUSE,
  HouseChangesSchema,
  houseOf,
  NUMBER_IDS,
  NUMBERS,
  RULE_IDS,
  RULES,
  rule,
} from ".";

describe("house rules", () => {
  it("has a source, a rule and a sensible range for every number, with the house's value inside", () => {
    for (const id of NUMBER_IDS) {
      const { value, least, most, source, rule: of, label } = NUMBERS[id];
      expect(value >= least && value <= most && least < most).toBe(true);
      expect(source).toMatch(/no published source|memory|National Weather Service/);
      expect(RULES[of]).toBeDefined();
      expect(label.length).toBeGreaterThan(10);
    }
  });

  it("changes what is computed: a stricter painter touches up sooner", () => {
    const strict = houseOf({ numbers: { touchUpShare: 95 }, off: [] }, 1);
    const hours = (house = HOUSE) =>
      zoneWear({
        zone: "forehead",
        type: "waterGlycerine",
        helpers: [],
        person: STAND_IN,
        brief: USUAL_BRIEF,
        house,
      }).touchUpHours;
    // By hand: ln(0.95) / ln(0.85) of the house's hours.
    expect(hours(strict) / hours()).toBeCloseTo(Math.log(0.95) / Math.log(0.85), 9);
  });

  it("switches a rule off and on, but never one that stops", () => {
    const look = aLook(
      aLayer({ id: "veil", paint: product("cream") }),
      aLayer({ id: "craft", paint: product("craft") }),
    );
    const rules = (off: string[]) =>
      checkLook(look, aContext({ house: houseOf({ numbers: {}, off: off as never }, 2) })).map(
        ({ rule: id }) => id,
      );
    expect(rules([])).toEqual(expect.arrayContaining(["SET-1", "SAFE-1"]));
    expect(rules(["SET-1"])).not.toContain("SET-1");
    expect(rules(["SET-1", "SAFE-1"])).toContain("SAFE-1");
    for (const id of RULE_IDS)
      expect([id, canBeOff(id)]).toEqual([id, rule(id).severity !== "stop" && id !== "SAFE-12"]);
    expect(HouseChangesSchema.safeParse({ numbers: {}, off: ["SAFE-2"] }).success).toBe(false);
    expect(houseOf({ numbers: {}, off: ["SAFE-2", "BROW-2"] }, 1).off.size).toBe(0);
  });

  it("refuses nonsense beside the number it belongs to", () => {
    const wrong = (numbers: object) =>
      HouseChangesSchema.safeParse({ numbers, off: [] }).error?.issues.map(
        ({ path, message }) => `${path.join(".")}: ${message}`,
      ) ?? [];
    expect(wrong({ touchUpShare: 400 })).toEqual([
      "numbers.touchUpShare: Touch up when less than this is intact: 50 to 99 %",
    ]);
    expect(wrong({ touchUpShare: 55, failureShare: 80 })[0]).toContain("a touch-up comes before");
    expect(wrong({ patchFrom: 50, patchUntil: 40 })[0]).toContain("late reading");
    expect(wrong({ nothing: 1 })).not.toEqual([]);
    expect(wrong({ touchUpShare: 80 })).toEqual([]);
  });

  it("says what was changed, and nothing where nothing was", () => {
    expect(changeWords({ numbers: { touchUpShare: 80, loading: 1.2 }, off: ["SET-4"] })).toEqual([
      "Touch up when less than this is intact: 80 % (default 85 %)",
      "SET-4 switched off: matte hollows",
    ]);
    expect(changeWords({ numbers: {}, off: [] })).toEqual([]);
  });
});
