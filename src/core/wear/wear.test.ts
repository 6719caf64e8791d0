import { USUAL_BRIEF, type Brief } from "../brief";
import type { AuxiliaryKey, PaintTypeKey } from "../paint";
import { STAND_IN } from "../people";
import { survival, sweatOf, zoneWear } from ".";

const hot: Brief = {
  ...USUAL_BRIEF,
  airDegC: 34,
  rh: 40,
  activity: "dancing",
  sun: true,
  hoursWorn: 5,
};
const heavy = { ...STAND_IN, sweat: "heavy" as const };
const hours = (
  type: PaintTypeKey,
  helpers: AuxiliaryKey[] = [],
  brief = hot,
  zone: "forehead" | "upperLip" | "cheekAppleLeft" = "forehead",
) => zoneWear({ zone, type, helpers, person: heavy, brief }).failureHours;

// Orderings of 2-core section 6; the numbers are the house's, the orderings must hold whatever they are.
describe("wear", () => {
  it("on a sweating face: adhesive-acrylic, then alcohol, then water colours, then unpowdered cream", () => {
    expect(hours("adhesiveAcrylic")).toBeGreaterThan(hours("alcoholActivated"));
    expect(hours("alcoholActivated")).toBeGreaterThan(hours("waterGlycerine"));
    expect(hours("waterGlycerine")).toBeGreaterThan(hours("waterWax"));
    expect(hours("waterWax")).toBeGreaterThan(hours("cream"));
  });
  it("wax gets worse as it gets hotter", () => {
    const at = (airDegC: number) => hours("waterWax", [], { ...hot, airDegC, sun: false });
    expect(at(24)).toBeGreaterThan(at(30));
    expect(at(30)).toBeGreaterThan(at(38));
  });
  it("prep, sealing medium and barrier: all three beat any two, two beat one, one beats none (SET-5)", () => {
    const all: AuxiliaryKey[] = ["skinPrep", "sealingMedium", "barrierSpray"];
    const none = hours("waterGlycerine");
    const one = all.map((key) => hours("waterGlycerine", [key]));
    const two = all.map((out) =>
      hours(
        "waterGlycerine",
        all.filter((key) => key !== out),
      ),
    );
    expect(Math.min(...one)).toBeGreaterThan(none);
    expect(Math.min(...two)).toBeGreaterThan(Math.max(...one));
    expect(hours("waterGlycerine", all)).toBeGreaterThan(Math.max(...two));
  });
  it("unprotected water colour on a heavily sweating face fails in half an hour to an hour (WEAR-3)", () => {
    expect(sweatOf(heavy, hot)).toBeGreaterThan(600);
    expect(hours("waterGlycerine")).toBeGreaterThan(0.4);
    expect(hours("waterGlycerine")).toBeLessThan(1);
  });
  it("falls from whole to nothing, and needs the first touch-up before it fails", () => {
    const wear = zoneWear({
      zone: "chin",
      type: "waterGlycerine",
      helpers: [],
      person: heavy,
      brief: hot,
    });
    expect(survival(wear, 0)).toBe(1);
    expect(survival(wear, wear.touchUpHours)).toBeCloseTo(0.85, 10);
    expect(survival(wear, wear.failureHours)).toBeCloseTo(0.6, 10);
    expect(wear.cause).toBe("sweat");
  });
});
