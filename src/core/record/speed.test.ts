import { seededRandom } from "../random";
import { learningMinutes } from "../schedule";
import { errorsOf, speedOf } from ".";

const steps = (ratio: number) => [
  { layerId: "base", name: "Base", plannedMinutes: 20, actualMinutes: 20 * ratio },
  { layerId: "line", name: "Line", plannedMinutes: 5, actualMinutes: 5 * ratio },
];
const on = (day: number) => new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(0, 10);
const record = (day: number, ratio: number, lookId = "look") => ({
  lookId,
  on: on(day),
  steps: steps(ratio),
});
/** Normal noise by twelve uniforms. */
const noise = (random: () => number) =>
  Array.from({ length: 12 }, random).reduce((sum, value) => sum + value, 0) - 6;

describe("speedOf", () => {
  it("is the house's where nothing was timed, and says so", () =>
    expect(speedOf([], "look")).toEqual({
      factor: 1,
      layers: {},
      from: { same: 0, others: 0 },
      curve: null,
    }));
  it("uses the measured time of a rehearsal, step by step (TIME-2)", () => {
    const rehearsed = {
      lookId: "look",
      on: on(1),
      steps: [
        { layerId: "base", name: "Base", plannedMinutes: 20, actualMinutes: 30 },
        { layerId: "line", name: "Line", plannedMinutes: 10, actualMinutes: 10 },
      ],
    };
    expect(speedOf([rehearsed], "look")).toMatchObject({
      layers: { base: 1.5, line: 1 },
      from: { same: 1, others: 0 },
      curve: null,
    });
    expect(speedOf([rehearsed], "look").factor).toBeCloseTo(4 / 3, 9);
  });
  it("takes a painter's mean on other looks for a new one, drawn to the house", () => {
    expect(speedOf([record(1, 2, "other")], "look").factor).toBeCloseTo(2 ** (1 / 3), 9);
    expect(
      speedOf(
        Array.from({ length: 20 }, (_, i) => record(i, 2, "other")),
        "look",
      ).factor,
    ).toBeGreaterThan(1.8);
  });
  it("follows Wright's curve from three sittings on", () => {
    const sittings = [0, 1, 2, 3].map((i) => record(i, learningMinutes(1.6, i + 1, 0.85)));
    const { factor, curve } = speedOf(sittings, "look");
    expect(curve?.rate).toBeGreaterThan(0.84);
    expect(curve?.rate).toBeLessThan(0.88);
    expect(Math.abs(factor - learningMinutes(1.6, 5, 0.85))).toBeLessThan(0.05);
  });
  it("recovers simulated painters of known speed and learning within 8 % after ten records, 200 of them", () => {
    const errors = Array.from({ length: 200 }, (_, seed) => {
      const random = seededRandom(seed + 1);
      const [first, rate] = [0.6 + random() * 1.6, 0.8 + random() * 0.2];
      const sittings = Array.from({ length: 10 }, (__, i) =>
        record(i, learningMinutes(first, i + 1, rate) * Math.exp(0.06 * noise(random))),
      );
      return Math.abs(speedOf(sittings, "look").factor / learningMinutes(first, 11, rate) - 1);
    }).sort((a, b) => a - b);
    expect(errors[100]).toBeLessThan(0.04);
    expect(errors[190]).toBeLessThan(0.08);
  });
  it("holds a log that can't be, and leaves out sittings that were not timed", () => {
    expect(speedOf([record(1, 90)], "look").factor).toBe(5);
    expect(speedOf([{ lookId: "look", on: on(1), steps: [] }], "look").from.same).toBe(0);
  });
});

describe("errorsOf", () => {
  it("is the mean distance of forecast and seen, by day (by hand)", () => {
    const wear = [
      { zone: "chin", type: "cream", afterHours: 2, wholePercent: 50, forecastPercent: 70 },
      { zone: "forehead", type: "cream", afterHours: 2, wholePercent: 80, forecastPercent: 70 },
    ] as const;
    expect(
      errorsOf([
        { on: on(2), wear: [...wear], steps: [] },
        { on: on(1), wear: [], steps: steps(1.2) },
      ]),
    ).toEqual([
      { on: on(1), wear: null, minutes: expect.closeTo(20, 6) as number },
      { on: on(2), wear: 15, minutes: null },
    ]);
  });
});
