import { BriefSchema, paintingAirSpeed, USUAL_BRIEF } from "./brief";
import { faceMeasuresOf, PersonSchema, STAND_IN } from "./people";
import { AVERAGE, measuresOf } from "./anatomy";

const fields = (values: object) =>
  BriefSchema.safeParse({ ...USUAL_BRIEF, ...values }).error?.issues.map((issue) =>
    issue.path.join("."),
  ) ?? [];

describe("brief", () => {
  it("takes the usual evening, and a date with its offset", () => {
    expect(fields({})).toEqual([]);
    expect(fields({ curtainAt: "2026-11-25T19:30:00+00:00" })).toEqual([]);
  });
  it.each([
    ["airDegC", 80],
    ["airDegC", null],
    ["rh", 0],
    ["rh", 101],
    ["hoursWorn", 0],
    ["nearestM", -1],
    ["hatLineMm", 400],
    ["travelMinutes", 1.5],
    ["curtainAt", "tomorrow"],
    ["curtainAt", "2026-11-25T19:30:00"],
    ["air", "gale"],
    ["activity", "flying"],
    ["skill", ""],
  ])("names the field where %s is %p", (name, value) => {
    expect(fields({ [name]: value })).toEqual([name]);
  });
  it("refuses a farthest seat nearer than the nearest, and fields it does not know", () => {
    expect(fields({ nearestM: 10, farthestM: 2 })).toEqual(["farthestM"]);
    expect(BriefSchema.safeParse({ ...USUAL_BRIEF, mood: "blue" }).success).toBe(false);
  });
  it("paints in the room's air, or under the dryer", () => {
    expect(paintingAirSpeed({ air: "still", dryer: false })).toBeLessThan(0.2);
    expect(paintingAirSpeed({ air: "still", dryer: true })).toBe(4);
  });
});

describe("person", () => {
  const { id: _id, version: _version, ...person } = STAND_IN;
  const wrong = (values: object) =>
    PersonSchema.safeParse({ ...person, ...values }).error?.issues.map((issue) =>
      issue.path.join("."),
    ) ?? [];
  it("is measured by the tape, or by the build's averages", () => {
    expect(faceMeasuresOf({ build: "broad", measures: null })).toEqual(measuresOf("broad"));
    expect(faceMeasuresOf({ build: "broad", measures: AVERAGE })).toBe(AVERAGE);
  });
  it("names what is wrong", () => {
    expect(wrong({})).toEqual([]);
    expect(wrong({ name: "  " })).toEqual(["name"]);
    expect(wrong({ ageYears: 200 })).toEqual(["ageYears"]);
    expect(wrong({ skin: "brown" })).toEqual(["skin"]);
    expect(wrong({ allergies: ["moonlight"] })).toEqual(["allergies.0"]);
    expect(wrong({ measures: { ...AVERAGE, jawWidth: 10 } })).toEqual(["measures.jawWidth"]);
    expect(wrong({ heightCm: 500 })).toEqual(["heightCm"]);
    expect(wrong({ landmarks: { menton: [0, -125] } })).toEqual([]);
    expect(wrong({ landmarks: { menton: [0, 60] } })).toEqual(["landmarks"]);
    expect(wrong({ landmarks: { pupilLeft: [20, -4], exocanthionLeft: [20, -4] } })).toEqual([
      "landmarks",
    ]);
    expect(wrong({ patchTests: [{ productId: "x", on: "soon", result: "clear" }] })).toEqual([
      "patchTests.0.on",
    ]);
  });
});
