import fc from "fast-check";
import { HEALTH } from "../brief";
import { ALLERGEN_KEYS, PAINT_TYPE_KEYS } from "../paint";
import { STAND_IN } from "../people";
import { aContext, aLayer, aLook } from "../testing";
import { stopsOf } from "../look";
import { boothCheck, type BoothAnswers } from ".";

const keysOf = <T extends object>(table: T) => Object.keys(table) as (keyof T & string)[];
const fine: BoothAnswers = { ageYears: 30, allergies: [], health: [], consent: false };

describe("four answers at a booth", () => {
  it("let a grown-up who is well have everything, and a child wait for whoever agrees", () => {
    expect(boothCheck(fine)).toEqual({ may: "paint", why: [], leaveOut: [] });
    expect(boothCheck({ ...fine, ageYears: 7 }).may).toBe("wait");
    expect(boothCheck({ ...fine, ageYears: 7, consent: true }).may).toBe("paint");
    expect(boothCheck({ ...fine, ageYears: 2, consent: true }).may).toBe("small");
  });
  it("say something of every answer", () => {
    for (const answer of keysOf(HEALTH))
      expect(boothCheck({ ...fine, health: [answer] }).why).toHaveLength(1);
  });
  it("leave out just what a look of that kind would be stopped for", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 40 }),
        fc.subarray([...ALLERGEN_KEYS], { maxLength: 3 }),
        (ageYears, allergies) => {
          const { leaveOut } = boothCheck({ ...fine, ageYears, allergies, consent: true });
          const context = aContext({ person: { ...STAND_IN, ageYears, allergies } });
          for (const key of PAINT_TYPE_KEYS) {
            const layer = aLayer({
              id: "a",
              zones: ["cheekAppleLeft"],
              paint: { kind: "material", material: key },
            });
            const stopped = stopsOf(aLook(layer), context).some(({ rule }) =>
              ["SAFE-2", "SAFE-14"].includes(rule),
            );
            expect([key, leaveOut.includes(key)]).toEqual([key, stopped]);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});
