import { heatIndex as plainHeatIndex, phs } from "jsthermalcomfort";
import { USUAL_BRIEF, type Brief } from "../brief";
import {
  greatestEvaporation,
  heatIndex,
  saturationVapourPressure,
  sweatRate,
  underCover,
  vapourPressure,
  type HourOfWeather,
} from "../climate";
import { STAND_IN } from "../people";
import {
  climateOf,
  coverOf,
  hazardsOf,
  inWeather,
  judgeHours,
  sweatOf,
  worstHour,
  zoneWear,
} from ".";

const brief = (values: Partial<Brief>): Brief => ({ ...USUAL_BRIEF, ...values });
const touchUp = (
  values: Partial<Brief>,
  zone: Parameters<typeof zoneWear>[0]["zone"] = "forehead",
) =>
  zoneWear({ zone, type: "waterGlycerine", helpers: [], person: STAND_IN, brief: brief(values) })
    .touchUpHours;

describe("the air under a cover", () => {
  it("is warmer, damper and stiller than a mild room, and a mask's is nearly breath: some 28 degC and over 90 %", () => {
    const room = { airDegC: 20, rh: 50, airSpeed: 1 };
    const [hood, mask] = [underCover(room, "hood"), underCover(room, "mask")];
    expect(hood.airDegC).toBeGreaterThan(room.airDegC);
    expect(mask.airDegC).toBeGreaterThan(hood.airDegC);
    expect(mask.airDegC).toBeCloseTo(28.4, 1);
    expect(mask.rh).toBeGreaterThan(90);
    expect(vapourPressure(hood.airDegC, hood.rh)).toBeGreaterThan(
      vapourPressure(room.airDegC, room.rh),
    );
    expect([hood.airSpeed, mask.airSpeed]).toEqual([0.1, 0.1]);
    for (const airDegC of [-10, 5, 25, 40])
      for (const rh of [5, 60, 100])
        for (const cover of ["hood", "mask"] as const)
          expect(underCover({ airDegC, rh, airSpeed: 2 }, cover).rh).toBeLessThanOrEqual(100);
  });
  it("lies where the cover does, and wears paint faster there than the forecast says (CLIM-1)", () => {
    expect([
      coverOf({ hood: false, mask: true }, "noseTip"),
      coverOf({ hood: false, mask: true }, "forehead"),
      coverOf({ hood: true, mask: false }, "earLeft"),
      coverOf({ hood: true, mask: false }, "chin"),
    ]).toEqual(["mask", null, "hood", null]);
    expect(climateOf(brief({}), null)).toEqual({ airDegC: 21, rh: 50, airSpeed: 0.1 });
    expect(touchUp({ mask: true }, "noseTip")).toBeLessThan(touchUp({}, "noseTip"));
    expect(touchUp({ mask: true }, "forehead")).toBeCloseTo(touchUp({}, "forehead"), 9);
    expect(touchUp({ hood: true })).toBeLessThan(touchUp({}));
  });
});

describe("sweat", () => {
  it("has the magnitudes that are published: nothing to speak of at rest, half a litre to two an hour at work in heat (ACSM position stand 2007)", () => {
    const litres = (values: Partial<Brief>, sweat: "average" | "heavy" = "average") =>
      (sweatOf({ sweat }, brief(values)) * 1.8) / 1000;
    expect(litres({ activity: "seated", airDegC: 21 })).toBeLessThan(0.15);
    expect(litres({ activity: "dancing", airDegC: 30, rh: 50 })).toBeGreaterThan(0.5);
    expect(litres({ activity: "dancing", airDegC: 33, rh: 50, sun: true }, "heavy")).toBeLessThan(
      3,
    );
  });
  it("rises with work, clothes, heat and damp, as the required evaporation does (Shapiro, Pandolf & Goldman 1982)", () => {
    const base = { met: 3, clo: 0.7, airDegC: 30, rh: 50, airSpeed: 0.3 };
    for (const more of [{ met: 4 }, { clo: 1.2 }, { airDegC: 34 }, { rh: 75 }, { radiantDegC: 48 }])
      expect(sweatRate({ ...base, ...more })).toBeGreaterThan(sweatRate(base));
  });
  it("goes the way that predicted heat strain goes (ISO 7933 by jsthermalcomfort), factor by factor, and stays within some two and a half times of it", () => {
    const base = { met: 2.4, clo: 0.7, airDegC: 30, rh: 50, airSpeed: 0.3 };
    // Two hours standing, acclimatised; its sweat in W/m2 over the latent heat of 2430 J/g.
    const strain = ({
      met,
      clo,
      airDegC,
      rh,
      airSpeed,
      radiantDegC = airDegC,
    }: Parameters<typeof sweatRate>[0]) =>
      (phs(
        airDegC,
        radiantDegC,
        rh,
        airSpeed,
        met * 58.15,
        clo,
        "standing" as never,
        0,
        0.38,
        0.54,
        1,
        75,
        1.8,
        0,
        0,
        100,
        120,
      ).sweat_rate /
        2430) *
      3600;
    for (const more of [{ met: 3.2 }, { airDegC: 34 }, { rh: 75 }, { radiantDegC: 48 }]) {
      expect(strain({ ...base, ...more })).toBeGreaterThan(strain(base));
      expect(sweatRate({ ...base, ...more })).toBeGreaterThan(sweatRate(base));
      const ratio = sweatRate({ ...base, ...more }) / strain({ ...base, ...more });
      expect(ratio).toBeGreaterThan(0.8);
      expect(ratio).toBeLessThan(2.5);
    }
  });
  it("wears paint faster where it feels hotter (heat index of jsthermalcomfort, Rothfusz)", () => {
    const days = [
      [27, 50],
      [29, 55],
      [31, 60],
      [33, 65],
      [36, 60],
    ] as const;
    const feels = days.map(([airDegC, rh]) => plainHeatIndex(airDegC, rh, { round: false }));
    const held = days.map(([airDegC, rh]) => touchUp({ airDegC, rh, activity: "walking" }));
    for (let i = 1; i < days.length; i++) {
      expect(feels[i]).toBeGreaterThan(feels[i - 1] ?? 0);
      expect(held[i]).toBeLessThan(held[i - 1] ?? 0);
    }
    for (const [i, [airDegC, rh]] of days.entries())
      expect(Math.abs(heatIndex(airDegC, rh) - (feels[i] ?? 0))).toBeLessThan(0.7);
  });
  it("runs where the air can't take it up: damp heat is worse for paint than dry heat with the same sweat, wind spares it", () => {
    // By hand: 16.5 x 3.1 x (5.62 - 2.34 x 0.5) kPa = 227.6 W/m2 over 2418 J/g = 339 g/m2 h at 20 degC, 50 %, still, skin at 35 degC.
    expect(greatestEvaporation({ airDegC: 20, rh: 50, airSpeed: 0 })).toBeCloseTo(
      ((16.5 * 3.1 * (saturationVapourPressure(35) - 0.5 * saturationVapourPressure(20))) /
        (2501 - 2.36 * 35)) *
        3600,
      6,
    );
    const dry = brief({ airDegC: 34, rh: 15, activity: "walking" });
    const damp = brief({ airDegC: 34, rh: 80, activity: "walking" });
    expect(hazardsOf("forehead", STAND_IN, damp).sweat).toBeGreaterThan(
      1.5 * hazardsOf("forehead", STAND_IN, dry).sweat,
    );
    expect(touchUp({ airDegC: 30, rh: 40, activity: "walking", air: "fresh" })).toBeGreaterThan(
      touchUp({ airDegC: 30, rh: 40, activity: "walking" }),
    );
  });
});

describe("behaviour", () => {
  it("counts: meals wear lips and little else, props wear hands, rain wears water colour most", () => {
    expect(touchUp({ meal: true }, "lowerLip")).toBeLessThan(0.7 * touchUp({}, "lowerLip"));
    expect(touchUp({ meal: true })).toBeCloseTo(touchUp({}), 9);
    expect(touchUp({ handProps: true }, "palmLeft")).toBeLessThan(touchUp({}, "palmLeft"));
    const rain = (type: "waterGlycerine" | "alcoholActivated") =>
      zoneWear({
        zone: "forehead",
        type,
        helpers: [],
        person: STAND_IN,
        brief: brief({ wet: true }),
      });
    expect(rain("waterGlycerine").cause).toBe("water");
    expect(rain("alcoholActivated").touchUpHours).toBeGreaterThan(
      4 * rain("waterGlycerine").touchUpHours,
    );
  });
});

describe("a piece", () => {
  it("keeps sweat and skin oil from the paint on it, not rubbing, heat or rain", () => {
    const worn = (onPiece: boolean, values: Partial<Brief> = {}) =>
      zoneWear({
        zone: "forehead",
        type: "rubberMaskGrease",
        helpers: [],
        person: STAND_IN,
        brief: brief(values),
        onPiece,
      });
    expect(worn(true).touchUpHours).toBeGreaterThan(1.5 * worn(false).touchUpHours);
    expect(["sweat", "sebum"]).not.toContain(worn(true, { airDegC: 15 }).cause);
    expect(worn(true, { wet: true }).touchUpHours).toBeLessThan(worn(true).touchUpHours);
  });
});

describe("the day's worst hour", () => {
  const hour = (
    clock: number,
    airDegC: number,
    rh: number,
    more: Partial<HourOfWeather> = {},
  ): HourOfWeather => ({
    at: `2026-06-01T${String(clock).padStart(2, "0")}:00:00+02:00`,
    airDegC,
    rh,
    windMs: 0.5,
    sun: false,
    rain: false,
    ...more,
  });
  const day = [
    hour(12, 24, 50),
    hour(13, 27, 45, { sun: true }),
    hour(14, 30, 40, { sun: true }),
    hour(15, 33, 38, { sun: true }),
    hour(16, 29, 45),
    hour(17, 26, 50),
  ];
  it("is the one that wears paint most, of those it is worn in, by the clock of the place", () => {
    const judged = judgeHours(day, "2026-06-01T12:30:00+02:00", brief({ hoursWorn: 4 }), STAND_IN);
    expect(judged.map(({ hour: { at } }) => at.slice(11, 13))).toEqual([
      "12",
      "13",
      "14",
      "15",
      "16",
    ]);
    expect(worstHour(judged)?.hour.at.slice(11, 13)).toBe("15");
    expect(
      worstHour(
        judgeHours(day, "2026-06-01T10:30:00Z", brief({ hoursWorn: 1 }), STAND_IN),
      )?.hour.at.slice(11, 13),
    ).toBe("13");
    expect(
      worstHour(judgeHours(day, "2026-07-01T12:30:00+02:00", brief({ hoursWorn: 4 }), STAND_IN)),
    ).toBeNull();
  });
  it("goes into the brief as the trade says it", () => {
    expect(
      inWeather(brief({}), hour(15, 33.26, 38.4, { sun: true, windMs: 2.6, rain: true })),
    ).toMatchObject({ airDegC: 33.5, rh: 38, air: "fresh", sun: true, wet: true });
    expect(inWeather(brief({}), hour(15, 20, 50, { windMs: 0.2 })).air).toBe("still");
  });
});
