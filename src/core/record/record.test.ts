import { USUAL_BRIEF } from "../brief";
import { wearForecast } from "../look";
import { aContext, aLayer, aLook } from "../testing";
import { factorOf } from "../wear";
import { disagreements, factorsOf, meansOf, RecordSchema, type WearSeen } from ".";

const seen = (values: Partial<WearSeen>): WearSeen => ({
  zone: "forehead",
  type: "waterGlycerine",
  afterHours: 2,
  wholePercent: 60,
  forecastPercent: 60,
  ...values,
});

describe("records", () => {
  it("disagree where seen and forecast are more than ten per cent apart, the widest first", () => {
    const wear = [
      seen({ zone: "chin", wholePercent: 52 }),
      seen({ wholePercent: 75 }),
      seen({ zone: "noseTip", wholePercent: 20 }),
    ];
    expect(disagreements({ wear }).map(({ zone }) => zone)).toEqual(["noseTip", "forehead"]);
  });
  it("move the forecast of the types they speak of, and of no other, towards what was seen", () => {
    const faster = factorsOf([
      { wear: [seen({ wholePercent: 36 }), seen({ zone: "chin", wholePercent: 36 })] },
    ]);
    expect(Object.keys(faster)).toEqual(["waterGlycerine"]);
    const mean = meansOf(faster).waterGlycerine ?? 0;
    // 36 is 60 per cent of 60 per cent: twice the hazard; the house still holds it back.
    expect(mean).toBeGreaterThan(1.4);
    expect(mean).toBeLessThan(2);
    expect(faster.waterGlycerine?.from).toBe(2);
    expect(
      factorOf(factorsOf([{ wear: [seen({})] }]).waterGlycerine ?? { shape: 0, rate: 1, from: 0 })
        .mean,
    ).toBeCloseTo(1, 6);
    expect(factorsOf([])).toEqual({});
  });
  it("go into the forecast of a look: twice the wear, half the hours", () => {
    const look = aLook(aLayer({ id: "base", zones: ["chin"] }));
    const hours = (factors: object) =>
      wearForecast(look, { ...aContext(), factors })[0]?.touchUpHours ?? 0;
    expect(hours({ waterGlycerine: 2 }) / hours({})).toBeCloseTo(0.5, 9);
    expect(hours({ cream: 2 })).toBe(hours({}));
  });
  it("are refused with nonsense in them", () => {
    const record = { lookName: "x", on: "2026-06-01", brief: USUAL_BRIEF, wear: [seen({})] };
    expect(RecordSchema.safeParse(record).success).toBe(true);
    for (const wear of [
      seen({ wholePercent: 130 }),
      seen({ afterHours: 0 }),
      seen({ zone: "tail" as never }),
    ])
      expect(RecordSchema.safeParse({ ...record, wear: [wear] }).success).toBe(false);
  });
});
