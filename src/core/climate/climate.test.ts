import * as psychrolib from "psychrolib";
import { heatIndex as plainRegression } from "jsthermalcomfort";
import {
  dewPoint,
  dryingMinutes,
  heatIndex,
  saturationVapourPressure,
  sweatRate,
  vapourPressure,
  vapourPressureDeficit,
} from ".";

const psy = ((psychrolib as { default?: typeof psychrolib }).default ?? psychrolib) as unknown as {
  SetUnitSystem(u: unknown): void;
  SI: unknown;
  GetSatVapPres(t: number): number;
  GetTDewPointFromRelHum(t: number, rh: number): number;
  GetVapPresFromRelHum(t: number, rh: number): number;
};
beforeAll(() => psy.SetUnitSystem(psy.SI));

describe("vapour", () => {
  // psychrolib follows ASHRAE Fundamentals (Hyland & Wexler); the Magnus form of Alduchov & Eskridge is within 0.4 % over weather's range.
  it.each([0.5, 5, 11, 22, 33, 40, 50])(
    "saturation pressure at %p degC agrees with psychrolib",
    (degC) => {
      expect(saturationVapourPressure(degC) / (psy.GetSatVapPres(degC) / 1000)).toBeCloseTo(1, 2);
      expect(
        Math.abs(saturationVapourPressure(degC) / (psy.GetSatVapPres(degC) / 1000) - 1),
      ).toBeLessThan(0.004);
    },
  );
  it.each([
    [11, 88],
    [22, 50],
    [33, 28],
    [32, 85],
    [8, 75],
  ])("dew point at %p degC and %p %% agrees with psychrolib", (degC, rh) => {
    expect(Math.abs(dewPoint(degC, rh) - psy.GetTDewPointFromRelHum(degC, rh / 100))).toBeLessThan(
      0.06,
    );
    expect(
      vapourPressure(degC, rh) / (psy.GetVapPresFromRelHum(degC, rh / 100) / 1000),
    ).toBeCloseTo(1, 2);
  });
  it("is saturated at the dew point and has no deficit at 100 %", () => {
    expect(dewPoint(22, 100)).toBeCloseTo(22, 9);
    expect(vapourPressureDeficit(22, 100)).toBeCloseTo(0, 12);
  });
  it("refuses nonsense", () => {
    expect(() => vapourPressure(20, 101)).toThrow(RangeError);
    expect(() => vapourPressure(20, -1)).toThrow(RangeError);
    expect(() => dewPoint(20, 0)).toThrow(RangeError);
    expect(() => saturationVapourPressure(300)).toThrow(RangeError);
  });
});

describe("heatIndex", () => {
  // US National Weather Service heat index chart, degF: temperature, relative humidity, published index.
  const CHART = [
    [80, 40, 80],
    [80, 60, 82],
    [80, 80, 84],
    [80, 85, 85],
    [84, 50, 85],
    [86, 60, 91],
    [90, 40, 91],
    [90, 50, 95],
    [90, 60, 100],
    [90, 70, 105],
    [90, 80, 113],
    [90, 90, 122],
    [94, 50, 103],
    [96, 50, 108],
    [100, 40, 109],
    [100, 50, 118],
    [100, 60, 129],
    [104, 40, 119],
    [110, 40, 136],
  ] as const;
  it.each(CHART)(
    "at %p degF and %p %% is %p degF on the published chart, to a degree",
    (T, rh, published) => {
      expect(Math.abs(heatIndex((T - 32) / 1.8, rh) * 1.8 + 32 - published)).toBeLessThanOrEqual(1);
    },
  );
  it("agrees with jsthermalcomfort where the plain regression holds", () => {
    for (const [degC, rh] of [
      [29, 50],
      [32, 60],
      [35, 40],
      [38, 45],
      [41, 30],
    ] as const)
      expect(
        Math.abs(heatIndex(degC, rh) - plainRegression(degC, rh, { round: false })),
      ).toBeLessThan(0.15);
  });
  it("makes the weather service's adjustments: dry heat feels cooler, damp mild heat warmer than the plain regression", () => {
    // 100 degF, 10 %: minus (13 - 10) / 4 x sqrt((17 - 5) / 17) = 0.63 degF. 84 degF, 95 %: plus (95 - 85) / 10 x (87 - 84) / 5 = 0.6 degF. By hand from the published text.
    const plain = (T: number, rh: number) => plainRegression(T, rh, { round: false, units: "IP" });
    const ours = (T: number, rh: number) => heatIndex((T - 32) / 1.8, rh) * 1.8 + 32;
    expect(ours(100, 10) - plain(100, 10)).toBeCloseTo(-0.63, 2);
    expect(ours(84, 95) - plain(84, 95)).toBeCloseTo(0.6, 2);
  });
  it("stays near the air in mild weather and refuses nonsense", () => {
    expect(Math.abs(heatIndex(18, 50) - 18)).toBeLessThan(1.5);
    expect(() => heatIndex(30, 140)).toThrow(RangeError);
  });
});

describe("dryingMinutes", () => {
  const coat = { wetGramsPerM2: 20, solvent: "water", airDegC: 22, rh: 50, airSpeed: 0 } as const;
  // Worked by hand: p(33) 5.03, p(22) 2.64 kPa; 16.5 x 3.1 x (5.03 - 1.32) / 2423 = 0.0783 g/m2s; 20 / 0.0783 = 255 s.
  it("dries 20 g/m2 of water in 4 to 4.5 min at 22 degC, 50 %, still air", () => {
    expect(dryingMinutes(coat)).toBeGreaterThan(4);
    expect(dryingMinutes(coat)).toBeLessThan(4.5);
  });
  it("takes about 16 min at 32 degC, 85 %, and under one with a cool dryer", () => {
    expect(dryingMinutes({ ...coat, airDegC: 32, rh: 85 })).toBeGreaterThan(14.5);
    expect(dryingMinutes({ ...coat, airDegC: 32, rh: 85 })).toBeLessThan(17.5);
    expect(dryingMinutes({ ...coat, airSpeed: 4 })).toBeLessThan(1);
  });
  it("loses alcohol five to eight times faster than water", () => {
    const ratio = dryingMinutes(coat) / dryingMinutes({ ...coat, solvent: "alcohol" });
    expect(ratio).toBeGreaterThan(5);
    expect(ratio).toBeLessThan(8);
  });
  it("is proportional to the coat, slower in damp air, faster in wind, endless in a steam bath", () => {
    expect(dryingMinutes({ ...coat, wetGramsPerM2: 40 })).toBeCloseTo(2 * dryingMinutes(coat), 9);
    expect(dryingMinutes({ ...coat, rh: 90 })).toBeGreaterThan(dryingMinutes(coat));
    expect(dryingMinutes({ ...coat, airSpeed: 1 })).toBeLessThan(dryingMinutes(coat));
    expect(dryingMinutes({ ...coat, airDegC: 40, rh: 95 })).toBe(Infinity);
    expect(dryingMinutes({ ...coat, wetGramsPerM2: 0 })).toBe(0);
  });
  it("refuses nonsense", () => {
    expect(() => dryingMinutes({ ...coat, wetGramsPerM2: -1 })).toThrow(RangeError);
    expect(() => dryingMinutes({ ...coat, airSpeed: -1 })).toThrow(RangeError);
    expect(() => dryingMinutes({ ...coat, rh: 130 })).toThrow(RangeError);
  });
});

describe("sweatRate", () => {
  const standing = { met: 1.5, clo: 0.6, airDegC: 28, rh: 40, airSpeed: 0.2 };
  it("rises with work, clothing, heat, humidity and sun", () => {
    const base = sweatRate(standing);
    expect(sweatRate({ ...standing, met: 3 })).toBeGreaterThan(base);
    expect(sweatRate({ ...standing, met: 3, clo: 1.4 })).toBeGreaterThan(
      sweatRate({ ...standing, met: 3 }),
    );
    expect(sweatRate({ ...standing, airDegC: 35 })).toBeGreaterThan(base);
    expect(sweatRate({ ...standing, rh: 80 })).toBeGreaterThan(base);
    expect(sweatRate({ ...standing, radiantDegC: 48 })).toBeGreaterThan(base);
  });
  it("is of the published order: some hundreds of g/m2h for light work in heat (Shapiro 1982, range of the experiments)", () => {
    const hot = sweatRate({ met: 3, clo: 0.6, airDegC: 35, rh: 40, airSpeed: 0.5 });
    expect(hot).toBeGreaterThan(250);
    expect(hot).toBeLessThan(900);
  });
  it("is nothing in the cold at rest, and refuses nonsense", () => {
    expect(sweatRate({ met: 1, clo: 0.3, airDegC: 5, rh: 50, airSpeed: 1 })).toBe(0);
    expect(() => sweatRate({ ...standing, met: -1 })).toThrow(RangeError);
  });
});
