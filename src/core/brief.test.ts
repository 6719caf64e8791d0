import { BriefSchema, USUAL_BRIEF } from "./brief";
import { paintingAir, USUAL_STUDIO } from "./studio";
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
  it("paints in the studio's room, in the job's own, or where it is worn, under the dryer in any of them", () => {
    const cold = { ...USUAL_BRIEF, airDegC: 8, rh: 92, air: "fresh" } as const;
    const room = { room: { ...USUAL_STUDIO.room, airDegC: 19, rh: 61 } };
    expect(paintingAir(cold, room)).toMatchObject({ airDegC: 19, rh: 61, airSpeed: 0.1 });
    expect(paintingAir({ ...cold, roomDegC: 24, roomRh: 40 }, room)).toMatchObject({
      airDegC: 24,
      rh: 40,
    });
    const there = paintingAir({ ...cold, paintedIn: "there" }, room);
    expect(there).toMatchObject({ airDegC: 8, rh: 92, words: "8 °C and 92 % in fresh wind" });
    expect(there.airSpeed).toBeGreaterThan(1);
    expect(paintingAir({ ...cold, dryer: true }, room).airSpeed).toBe(4);
  });
  it("reads a brief from before there was a dressing room: its air is where it is worn", () => {
    const { paintedIn: _, roomDegC: __, roomRh: ___, ...old } = { ...USUAL_BRIEF, airDegC: 9 };
    const read = BriefSchema.parse(old);
    expect(read.airDegC).toBe(9);
    expect(paintingAir(read, USUAL_STUDIO).airDegC).toBe(21);
  });
});

describe("person", () => {
  const { id: _id, version: _version, ...person } = STAND_IN;
  const wrong = (values: object) =>
    PersonSchema.safeParse({ ...person, ...values }).error?.issues.map((issue) =>
      issue.path.join("."),
    ) ?? [];
  it("is measured by the tape, or by the averages of the build and the age", () => {
    expect(faceMeasuresOf({ build: "broad", measures: null, ageYears: 30 })).toEqual(
      measuresOf("broad"),
    );
    expect(faceMeasuresOf({ build: "broad", measures: AVERAGE, ageYears: 7 })).toBe(AVERAGE);
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
