import { seededRandom as seeded } from "../random";
import { calibrate, factorOf, HOUSE_FACTOR, type WearObservation } from ".";

describe("calibrate", () => {
  it("recovers a simulated painter's wear within a quarter after ten records, and never the wrong way", () => {
    for (const truth of [0.5, 0.8, 1.25, 2])
      for (let seed = 1; seed <= 20; seed++) {
        const random = seeded(seed);
        const seen = Array.from({ length: 10 }, (): WearObservation => {
          const hazardPerHour = 0.1 + 0.2 * random();
          const hours = 1 + 3 * random();
          // What an eye reads off a figure: to the nearest 5 per cent, and some noise.
          return {
            hazardPerHour,
            hours,
            wholeShare: Math.max(
              0.05,
              Math.min(
                1,
                Math.round(
                  20 * Math.exp(-truth * hazardPerHour * hours) * (0.95 + 0.1 * random()),
                ) / 20,
              ),
            ),
          };
        });
        const { mean } = factorOf(calibrate(HOUSE_FACTOR, seen));
        expect(Math.abs(mean / truth - 1)).toBeLessThan(0.25);
        expect(Math.sign(mean - 1)).toBe(Math.sign(truth - 1));
      }
  });
  it("is the house's with nothing seen, moves a little by one record, and grows surer with each", () => {
    expect(factorOf(HOUSE_FACTOR)).toMatchObject({ mean: 1 });
    const one: WearObservation = { hazardPerHour: 0.2, hours: 2, wholeShare: 0.4 };
    const [first, tenth] = [
      calibrate(HOUSE_FACTOR, [one]),
      calibrate(HOUSE_FACTOR, Array(10).fill(one) as WearObservation[]),
    ];
    expect(factorOf(first).mean).toBeGreaterThan(1);
    expect(factorOf(first).mean).toBeLessThan(factorOf(tenth).mean);
    expect(factorOf(tenth).deviation).toBeLessThan(factorOf(first).deviation);
    expect([HOUSE_FACTOR.from, first.from, tenth.from]).toEqual([0, 1, 10]);
  });
  it("does not care in which order or how many at a time it is told", () => {
    const seen: WearObservation[] = [
      { hazardPerHour: 0.2, hours: 2, wholeShare: 0.5 },
      { hazardPerHour: 0.1, hours: 3, wholeShare: 0.9 },
    ];
    expect(calibrate(calibrate(HOUSE_FACTOR, seen.slice(0, 1)), seen.slice(1))).toEqual(
      calibrate(HOUSE_FACTOR, seen),
    );
    expect(factorOf(calibrate(HOUSE_FACTOR, [...seen].reverse())).mean).toBeCloseTo(
      factorOf(calibrate(HOUSE_FACTOR, seen)).mean,
      12,
    );
  });
  it("refuses nonsense", () => {
    expect(() =>
      calibrate(HOUSE_FACTOR, [{ hazardPerHour: -1, hours: 1, wholeShare: 0.5 }]),
    ).toThrow(RangeError);
    expect(() =>
      calibrate(HOUSE_FACTOR, [{ hazardPerHour: 1, hours: 1, wholeShare: 1.5 }]),
    ).toThrow(RangeError);
  });
});

describe("a record", () => {
  const many = (one: WearObservation, count: number) =>
    factorOf(calibrate(HOUSE_FACTOR, Array<WearObservation>(count).fill(one))).mean;
  it("of a total loss moves no forecast by more than four times, and twenty of none by no more than to a quarter", () => {
    expect(many({ hazardPerHour: 0.01, hours: 1, wholeShare: 0 }, 1)).toBeLessThanOrEqual(4);
    expect(many({ hazardPerHour: 0.01, hours: 1, wholeShare: 0 }, 1)).toBeGreaterThan(1);
    expect(many({ hazardPerHour: 0.01, hours: 1, wholeShare: 0 }, 50)).toBe(4);
    expect(many({ hazardPerHour: 1, hours: 8, wholeShare: 1 }, 20)).toBe(0.25);
  });
});
