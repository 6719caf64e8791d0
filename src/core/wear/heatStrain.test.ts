import fc from "fast-check";
import { ACTIVITIES, USUAL_BRIEF, type Activity, type Brief } from "../brief";
import { heatStrain } from ".";

const strain = (values: Partial<Brief>, covered = false) =>
  heatStrain({ sweat: "average", ageYears: 30 }, { ...USUAL_BRIEF, ...values }, covered)?.reasons ??
  [];
const anyBrief = fc.record({
  airDegC: fc.integer({ min: -5, max: 45 }),
  rh: fc.integer({ min: 5, max: 100 }),
  sun: fc.boolean(),
  hood: fc.boolean(),
  activity: fc.constantFrom(...(Object.keys(ACTIVITIES) as Activity[])),
});

describe("heat strain (SAFE-9)", () => {
  it("says so of a painted body dancing five hours at 33 °C in the sun, by all three", () => {
    const heavy = (values: Partial<Brief>, covered: boolean) =>
      heatStrain({ sweat: "heavy", ageYears: 30 }, { ...USUAL_BRIEF, ...values }, covered)
        ?.reasons ?? [];
    const dance = { airDegC: 33, rh: 50, sun: true, activity: "dancing", hoursWorn: 5 } as const;
    const said = heavy(dance, true).join("; ");
    expect(said).toMatch(/feels like 4\d °C in the sun/);
    expect(said).toMatch(/litres of sweat an hour/);
    expect(said).toContain("most of the skin covered");
  });
  it("adds full sun to what it feels like: 26 °C and 50 % is none in the shade, a caution in the sun", () => {
    expect(strain({ airDegC: 26, rh: 50 })).toEqual([]);
    expect(strain({ airDegC: 26, rh: 50, sun: true })).not.toEqual([]);
  });
  it("speaks of a hood or a painted body only where one moves, from 27 °C", () => {
    const walk = { airDegC: 27, rh: 30, activity: "walking" } as const;
    expect(strain(walk, true).join()).toContain("most of the skin covered");
    expect(strain({ ...walk, hood: true }).join()).toContain("a hood");
    expect(strain({ ...walk, activity: "seated" }, true).join()).not.toContain("covered");
    expect(strain({ ...walk, airDegC: 26 }, true).join()).not.toContain("covered");
  });
  it("is never less of a caution in hotter air, in the sun, under a hood or with more of the body painted", () => {
    fc.assert(
      fc.property(anyBrief, fc.boolean(), (brief, covered) => {
        const count = (values: Partial<Brief>, body = covered) =>
          strain({ ...brief, ...values }, body).length > 0;
        if (!count({})) return;
        expect(count({ sun: true })).toBe(true);
        expect(count({ airDegC: brief.airDegC + 3 })).toBe(true);
        expect(count({}, true)).toBe(true);
      }),
    );
  });
  it("leaves a cool evening alone, whoever moves", () => {
    for (const activity of Object.keys(ACTIVITIES) as Activity[])
      expect(strain({ airDegC: 18, rh: 50, activity }, true)).toEqual([]);
  });
});
