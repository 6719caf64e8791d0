import { USUAL_BRIEF } from "../brief";
import { wearForecast, type LookContext } from "../look";
import { seededRandom } from "../random";
import { aContext, aLayer, aLook, product } from "../testing";
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
    const hours = (factors: LookContext["factors"]) =>
      wearForecast(look, { ...aContext(), factors })[0]?.touchUpHours ?? 0;
    expect(hours({ waterGlycerine: 2 }) / hours({})).toBeCloseTo(0.5, 9);
    expect(hours({ cream: 2 })).toBe(hours({}));
  });
  it("of one product go before what is known of its kind, and begin from it", () => {
    const look = aLook(aLayer({ id: "base", zones: ["chin"], paint: product("grey") }));
    const hours = (factors: LookContext["factors"]) =>
      wearForecast(look, { ...aContext(), factors })[0]?.touchUpHours ?? 0;
    expect(hours({ waterGlycerine: 2, "product grey": 0.5 }) / hours({})).toBeCloseTo(2, 9);
    expect(hours({ waterGlycerine: 2, "product white": 0.5 }) / hours({})).toBeCloseTo(0.5, 9);
    const [poor, good] = [seen({ wholePercent: 36 }), seen({ wholePercent: 77, productId: "g" })];
    const means = meansOf(factorsOf([{ wear: [poor, poor, poor, good] }]));
    const alone = meansOf(factorsOf([{ wear: [good] }]));
    expect(means["product g"]).toBeLessThan(means.waterGlycerine ?? 0);
    expect(means["product g"]).toBeGreaterThan(alone["product g"] ?? 9);
    expect(alone["product g"]).toBeCloseTo(alone.waterGlycerine ?? 0, 9);
  });
  it("tell a simulated painter's two products of one kind apart after ten records each, within a third of the truth", () => {
    for (let seed = 1; seed <= 20; seed++) {
      const random = seededRandom(seed);
      const worn = (productId: string, truth: number) =>
        Array.from({ length: 10 }, () => {
          const afterHours = 1 + Math.round(6 * random()) / 2;
          const expected = Math.exp(-0.15 * afterHours);
          const read = expected ** truth * (0.95 + 0.1 * random());
          return seen({
            productId,
            afterHours,
            forecastPercent: Math.round(100 * expected),
            wholePercent: Math.min(100, Math.max(5, Math.round(20 * read) * 5)),
          });
        });
      const means = meansOf(factorsOf([{ wear: [...worn("fast", 2), ...worn("slow", 0.6)] }]));
      expect(Math.abs((means["product fast"] ?? 0) / 2 - 1)).toBeLessThan(1 / 3);
      expect(Math.abs((means["product slow"] ?? 0) / 0.6 - 1)).toBeLessThan(1 / 3);
      expect(means.waterGlycerine).toBeGreaterThan(means["product slow"] ?? 9);
      expect(means.waterGlycerine).toBeLessThan(means["product fast"] ?? 0);
    }
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
