import { hexToLab, individualTypologyAngle, ITA_CLASSES, ITA_MIDDLES, itaClass } from "../colour";
import { houseOf } from "../rules";
import {
  FORGOTTEN,
  PatchTestSchema,
  PersonSchema,
  readingDates,
  readingsDue,
  resultOf,
  STAND_IN,
} from ".";

describe("patch tests", () => {
  it("are read after 24 and 48 hours, or as the house's hours say", () => {
    expect(readingDates("2026-02-27")).toEqual({ first: "2026-02-28", late: "2026-03-01" });
    expect(
      readingDates("2026-02-27", houseOf({ numbers: { patchUntil: 96 }, off: [] }, 1)).late,
    ).toBe("2026-03-03");
  });
  it("are cleared by the late reading alone, and ruled out by any", () => {
    expect([
      resultOf({}),
      resultOf({ first: "nothing" }),
      resultOf({ late: "nothing" }),
      resultOf({ first: "reaction", late: "nothing" }),
    ]).toEqual([null, "waiting", "clear", "reacted"]);
    expect(
      PatchTestSchema.parse({
        productId: "x",
        on: "2026-02-27",
        result: "clear",
        first: "reaction",
      }).result,
    ).toBe("reacted");
  });
  it("say which reading is next, the soonest first, and nothing of those that are done", () => {
    const tests = [
      { productId: "a", on: "2026-02-27", result: "waiting" as const },
      { productId: "b", on: "2026-02-24", first: "nothing" as const, result: "waiting" as const },
      { productId: "c", on: "2026-02-01", result: "clear" as const },
    ];
    expect(readingsDue({ patchTests: tests })).toEqual([
      { productId: "b", on: "2026-02-24", reading: "late", due: "2026-02-26" },
      { productId: "a", on: "2026-02-27", reading: "first", due: "2026-02-28" },
    ]);
  });
});

describe("skin by class", () => {
  it("has a colour in the middle of each of the six classes (Chardon 1991)", () => {
    for (const key of ITA_CLASSES)
      expect(itaClass(individualTypologyAngle(hexToLab(ITA_MIDDLES[key])))).toBe(key);
  });
});

describe("somebody deleted", () => {
  it("is a valid card that says nothing of anybody", () => {
    expect(PersonSchema.safeParse(FORGOTTEN).success).toBe(true);
    expect(FORGOTTEN).toMatchObject({
      allergies: [],
      allergyNotes: "",
      notes: "",
      patchTests: [],
      measures: null,
      landmarks: null,
      heightCm: null,
      weightKg: null,
    });
    expect(FORGOTTEN.skin).not.toBe(STAND_IN.skin);
  });
});
