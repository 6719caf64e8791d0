import fc from "fast-check";
import { USUAL_BRIEF, type Brief } from "../brief";
import type { Layer } from "../look";
import { aContext, aLayer, aLook, product } from "../testing";
import { wearForecast } from "../look";
import { touchUps, wholeAfter } from ".";

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
    expect(walks[0]).toMatchObject({ cause: "sweat" });
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
