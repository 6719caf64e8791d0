import { ZONES } from "../anatomy";
import { ACTIVITIES, USUAL_BRIEF, type Activity, type Brief } from "../brief";
import type { AuxiliaryKey, PaintTypeKey } from "../paint";
import { SKIN_KINDS, STAND_IN, SWEAT_LEVELS, type Person } from "../people";
import { sweatOf, zoneWear } from ".";

// Orderings and ranges of a painter's experience: common practice, no published source. 700 cases.
const FACE = ZONES.filter(
  ({ part, group }) => part === "head" && !["lips", "scalp"].includes(group),
)
  .filter(({ side }) => side !== "right")
  .map(({ id }) => id);
const CASES = Array.from({ length: 700 }, (_, i) => {
  const pick = <T>(list: readonly T[], step: number): T => list[(i * step) % list.length] as T;
  return {
    zone: pick(FACE, 1),
    person: {
      ...STAND_IN,
      skinKind: pick(SKIN_KINDS, 3),
      sweat: pick(SWEAT_LEVELS, 5),
      hoodedLids: i % 7 === 0,
    } satisfies Person,
    brief: {
      ...USUAL_BRIEF,
      airDegC: 5 + ((i * 11) % 34),
      rh: 20 + ((i * 17) % 75),
      activity: pick(Object.keys(ACTIVITIES) as Activity[], 2),
      sun: i % 4 === 0,
      mask: i % 5 === 0,
      hood: i % 6 === 0,
    } satisfies Brief,
  };
});
type Case = (typeof CASES)[number];
const hours = (given: Case, type: PaintTypeKey, ...helpers: AuxiliaryKey[]) =>
  zoneWear({ ...given, type, helpers }).touchUpHours;
const failing = (judge: (given: Case) => boolean) => CASES.filter((given) => !judge(given));

describe("wear over 700 cases", () => {
  it("powdered cream holds at least as long as bare water colour, and far longer than unpowdered", () => {
    expect(
      failing(
        (given) =>
          hours(given, "cream", "settingPowder") >= hours(given, "waterGlycerine") * 0.999 &&
          hours(given, "cream", "settingPowder") >= hours(given, "cream") * 1.7,
      ),
    ).toEqual([]);
  });
  it("unpowdered cream goes first of all paints that are made for a face", () => {
    const others = [
      "adhesiveAcrylic",
      "alcoholActivated",
      "waterGlycerine",
      "airbrushWater",
    ] as const;
    expect(
      failing((given) => others.every((type) => hours(given, type) > hours(given, "cream"))),
    ).toEqual([]);
    expect(failing((given) => hours(given, "waterWax") >= hours(given, "cream") * 0.999)).toEqual(
      [],
    );
  });
  it("adhesive acrylic, then alcohol colour, then water colours; glycerine before wax where one sweats", () => {
    expect(
      failing(
        (given) =>
          hours(given, "adhesiveAcrylic") > hours(given, "alcoholActivated") &&
          hours(given, "alcoholActivated") > hours(given, "waterGlycerine"),
      ),
    ).toEqual([]);
    expect(
      failing(
        (given) =>
          zoneWear({ ...given, type: "waterGlycerine", helpers: [] }).cause !== "sweat" ||
          hours(given, "waterGlycerine") > hours(given, "waterWax"),
      ),
    ).toEqual([]);
  });
  it("what is sprayed over grease that was never powdered holds nothing (SET-1)", () => {
    expect(
      failing(
        (given) =>
          hours(given, "cream", "barrierSpray", "settingMist", "sealingMedium") ===
          hours(given, "cream"),
      ),
    ).toEqual([]);
  });
  it("heat alone takes nothing off alcohol colour or adhesive acrylic", () => {
    for (const type of ["alcoholActivated", "adhesiveAcrylic"] as const) {
      const still = {
        ...(CASES[1] as Case),
        brief: { ...USUAL_BRIEF, activity: "seated" as const },
      };
      const dry = (airDegC: number) =>
        zoneWear({
          ...still,
          brief: { ...still.brief, airDegC, rh: 5, air: "fresh" },
          type,
          helpers: [],
        });
      expect(dry(38).cause).not.toBe("heat");
    }
  });
  it("seated in the cool, bare water colour on a face is first touched up after four hours or more", () => {
    for (const airDegC of [12, 15, 18])
      for (const zone of FACE) {
        const brief: Brief = { ...USUAL_BRIEF, airDegC, activity: "seated" };
        expect([
          zone,
          zoneWear({ zone, type: "waterGlycerine", helpers: [], person: STAND_IN, brief })
            .touchUpHours >= 4,
        ]).toEqual([zone, true]);
      }
  });
  it("lids crease first round the eyes, hooded ones sooner; a primer halves what folding takes", () => {
    const brief: Brief = { ...USUAL_BRIEF, airDegC: 16 };
    const at = (zone: Case["zone"], hoodedLids = false, ...helpers: AuxiliaryKey[]) =>
      zoneWear({
        zone,
        type: "waterGlycerine",
        helpers,
        person: { ...STAND_IN, hoodedLids },
        brief,
      });
    expect(at("upperLidLeft").cause).toBe("flexing");
    for (const zone of ["underEyeLeft", "browBoneLeft"] as const)
      expect(at("upperLidLeft").touchUpHours).toBeLessThan(at(zone).touchUpHours);
    expect(at("upperLidLeft", true).touchUpHours).toBeLessThan(at("upperLidLeft").touchUpHours);
    expect(at("upperLidLeft", false, "primer").touchUpHours).toBeGreaterThan(
      1.4 * at("upperLidLeft").touchUpHours,
    );
  });
  it("dry, oily and sensitive skin differ: oil takes paint off the oily first, and the dry flakes where it moves", () => {
    const at = (skinKind: Person["skinKind"], zone: Case["zone"]) =>
      zoneWear({
        zone,
        type: "waterGlycerine",
        helpers: [],
        person: { ...STAND_IN, skinKind },
        brief: USUAL_BRIEF,
      }).touchUpHours;
    expect(at("oily", "noseTip")).toBeLessThan(at("normal", "noseTip"));
    expect(at("dry", "noseTip")).toBeGreaterThan(at("normal", "noseTip"));
    expect(at("sensitive", "chin")).toBeLessThan(at("normal", "chin"));
    expect(at("dry", "upperLidLeft")).toBeLessThan(at("normal", "upperLidLeft"));
  });
  it("nobody sweats more than is possible, whatever the hood, the sun and the person", () => {
    expect(
      Math.max(...CASES.map(({ person, brief }) => sweatOf(person, brief))),
    ).toBeLessThanOrEqual(1100);
    // A heavy sweater who acts under a hood in a mild room: some 0.7 L an hour, not four (ACSM 2007: 0.5 to 2 L at work in heat).
    const litres =
      (sweatOf({ sweat: "heavy" }, { ...USUAL_BRIEF, hood: true, activity: "acting" }) * 1.8) /
      1000;
    expect(litres).toBeGreaterThan(0.4);
    expect(litres).toBeLessThan(1.2);
  });
});
