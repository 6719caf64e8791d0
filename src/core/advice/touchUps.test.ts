import fc from "fast-check";
import { USUAL_BRIEF, type Brief } from "../brief";
import type { Layer } from "../look";
import { aContext, aLayer, aLook, product } from "../testing";
import { wearForecast } from "../look";
import { kitToCarry, touchUps, wholeAfter } from ".";

const hot: Brief = {
  ...USUAL_BRIEF,
  airDegC: 34,
  rh: 40,
  activity: "dancing",
  sun: true,
  hoursWorn: 5,
};
const at = (brief: Brief) => aContext({ brief, person: { sweat: "heavy" } });
const base = aLayer({
  id: "base",
  zones: ["forehead", "chin", "cheekAppleLeft"],
  paint: product("white"),
});
const prep = aLayer({
  id: "prep",
  role: "prep",
  zones: base.zones,
  paint: { kind: "material", material: "skinPrep" },
});
const powder = aLayer({
  id: "powder",
  role: "set",
  zones: base.zones,
  paint: product("neutral"),
  tool: "puff",
  technique: "press",
});
const seal = aLayer({
  id: "seal",
  role: "seal",
  zones: ["forehead"],
  paint: { kind: "material", material: "barrierSpray" },
  tool: "spray",
  technique: "spray",
});
const hours = (layers: Layer[], zone: string, context = at(hot)) =>
  wearForecast(aLook(...layers), context).find(
    (wear) => wear.zone === zone && wear.layer.id === "base",
  )?.touchUpHours ?? 0;

describe("the forecast of a look", () => {
  it("counts what lies under and over each layer, zone by zone (SET-5)", () => {
    expect(hours([prep, base], "chin")).toBeGreaterThan(hours([base], "chin"));
    expect(hours([prep, base, powder], "chin")).toBeGreaterThan(hours([prep, base], "chin"));
    expect(hours([base, seal], "forehead")).toBeGreaterThan(hours([base], "forehead"));
    expect(hours([base, seal], "chin")).toBe(hours([base], "chin"));
  });

  it("counts powder only on what was there when it was pressed on, and prep only from below", () => {
    expect(hours([powder, base], "chin")).toBe(hours([base], "chin"));
    expect(hours([base, prep], "chin")).toBe(hours([base], "chin"));
  });

  it("lists the first touch-ups in order, what wears together once, and none in cool weather for an hour", () => {
    const walks = touchUps(wearForecast(aLook(base), at(hot)), hot.hoursWorn);
    expect(walks.length).toBeGreaterThan(0);
    expect(walks.map(({ atHours }) => atHours)).toEqual(
      [...walks.map(({ atHours }) => atHours)].sort((a, b) => a - b),
    );
    expect(walks[0]).toMatchObject({ causes: ["sweat"] });
    expect(new Set(walks.flatMap(({ zones }) => zones))).toEqual(new Set(base.zones));
    const mild: Brief = {
      ...hot,
      airDegC: 16,
      rh: 50,
      activity: "standing",
      sun: false,
      hoursWorn: 0.5,
    };
    expect(touchUps(wearForecast(aLook(prep, base, powder), at(mild)), mild.hoursWorn)).toEqual([]);
  });

  it("never grows back: what is whole falls with every hour, from all to nothing", () => {
    const forecast = wearForecast(aLook(prep, base, powder, seal), at(hot));
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (a, b) => {
          const [sooner, later] = [
            wholeAfter(forecast, Math.min(a, b)),
            wholeAfter(forecast, Math.max(a, b)),
          ];
          for (const zone of base.zones)
            expect(sooner(base, zone)).toBeGreaterThanOrEqual(later(base, zone));
        },
      ),
      { numRuns: 50 },
    );
    expect(wholeAfter(forecast, 0)(base, "chin")).toBe(1);
    expect(wholeAfter(forecast, 500)(base, "chin")).toBeLessThan(0.01);
    expect(wholeAfter(forecast, 5)(prep, "chin")).toBe(1);
  });
});

describe("walks to the mirror", () => {
  const line = aLayer({
    id: "line",
    role: "detail",
    zones: ["philtrum"],
    paint: product("line"),
    tool: "roundBrush",
    technique: "pat",
  });
  const walksOf = (...layers: Layer[]) => {
    const context = at(hot);
    return touchUps(wearForecast(aLook(...layers), context), hot.hoursWorn, context.house);
  };
  it("are half an hour apart at least, whatever wears what, and nothing due is left out", () => {
    const walks = walksOf(base, { ...line, zones: ["upperLip", "philtrum", "smileFoldLeft"] });
    expect(walks.length).toBeGreaterThan(0);
    walks.forEach((walk, i) => {
      const before = walks[i - 1];
      if (before) expect(walk.atHours - before.atHours).toBeGreaterThan(0.5);
    });
    const due = wearForecast(aLook(base, line), at(hot)).filter(
      ({ touchUpHours }) => touchUpHours < hot.hoursWorn,
    );
    for (const { zone } of due)
      expect(walksOf(base, line).some(({ zones }) => zones.includes(zone))).toBe(true);
  });
  it("mend nothing that is buried under another coat", () => {
    const over = { ...base, id: "over", paint: product("grey") };
    expect(walksOf(base, over).flatMap(({ layers }) => layers.map(({ id }) => id))).not.toContain(
      "base",
    );
  });
  it("take a kit for a pocket: no compressor, but the sponge that paint goes on with as well", () => {
    const sprayed = { ...base, tool: "airbrush", technique: "spray" } as const;
    const kit = kitToCarry(walksOf(sprayed), at(hot).products);
    expect(kit).toContain("white");
    expect(kit.join()).not.toMatch(/airbrush/);
    expect(kit.join()).toMatch(/sponge/);
  });
});
