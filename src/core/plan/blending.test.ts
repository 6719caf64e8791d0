import { chairSteps } from "../chair";
import { labFromReflectance } from "../colour";
import { layerGrams } from "../kit";
import { BLEND_KEYS, predict, STRENGTH_KEYS, toolWords, type Layer } from "../look";
import { MarkSchema } from "../shapes";
import { aContext, aLayer, aLook, product } from "../testing";
import { makePlan, seat } from "./";

const context = aContext({ brief: { airDegC: 21, rh: 50 } });
const { blending, pickingUp } = context.house.numbers;
const hollows: Layer = aLayer({
  id: "hollows",
  role: "contour",
  zones: ["cheekHollowLeft", "cheekHollowRight", "neckFront"],
  tool: "flatBrush",
  technique: "pat",
  edge: "faded",
  coats: 1,
});
const blended: Layer = { ...hollows, blend: { how: "blended", tool: "foundationBrush" } };

describe("laid with one tool, then blended with another", () => {
  const { tasks, placed } = seat(aLook(blended), context);

  it("are two runs of one pass: all of it laid, then all of it blended with the tool picked up once", () => {
    expect(placed.map(({ id }) => id.split("/").slice(2).join(" "))).toEqual([
      "cheeks",
      "neck",
      "cheeks blend",
      "neck blend",
    ]);
    expect(placed.map(({ load = 0 }) => load > 0)).toEqual([true, false, true, false]);
    expect(placed[2]?.load).toBeCloseTo(pickingUp, 6);
  });

  it("takes the minutes of modelling with one tool, and those of picking up the other", () => {
    const hands = (layer: Layer) => makePlan(aLook(layer), context).handsOnMinutes;
    expect(hands(blended) - hands(hollows)).toBeCloseTo(pickingUp, 6);
    const [laid, over] = [tasks[0]?.handsOn ?? 0, tasks[2]?.handsOn ?? 0];
    expect(over / laid).toBeCloseTo(blending - 1, 6);
  });

  it("rests once it is blended, and what comes over it waits for that", () => {
    const line = aLayer({ id: "line", role: "detail", zones: ["neckFront"], tool: "roundBrush" });
    const all = seat(aLook(blended, line), context).tasks;
    expect(all.find(({ layerId }) => layerId === "line")?.after).toEqual(["hollows/1/neck/blend"]);
    expect(all.filter(({ wait }) => wait > 0).map(({ id }) => id)).toContain(
      "hollows/1/neck/blend",
    );
    expect(all.find(({ id }) => id === "hollows/1/neck")?.wait).toBe(0);
  });

  it("is one step at the chair, in words that name both tools", () => {
    const steps = chairSteps(aLook(blended), context);
    expect(steps).toHaveLength(1);
    expect(makePlan(aLook(blended), context).steps[0]?.tool).toBe(
      "flat brush, 20 mm, then blended with a foundation brush",
    );
    expect(toolWords(hollows)).toBe("flat brush");
  });

  it.each(BLEND_KEYS)("a shape can be %s too", (how) => {
    const shape = aLayer({
      ...blended,
      role: "shade",
      zones: [],
      marks: [MarkSchema.parse({ kind: "crack", x: 20, y: -30 })],
      blend: { how, tool: "finger" },
    });
    const own = seat(aLook(shape), context).tasks;
    expect(own).toHaveLength(2);
    expect(own[1]?.handsOn).toBeGreaterThan(0);
  });
});

describe("strength", () => {
  const base = aLayer({ id: "base", zones: ["forehead"], paint: product("line"), coats: 1 });
  const at = (strength: Layer["strength"], coats: Layer["coats"] = 1) => {
    const layer: Layer = { ...base, strength, coats };
    const prediction = predict(aLook(layer), context);
    const film = prediction.films.get("forehead")?.at(-1);
    return {
      lightness: film ? labFromReflectance(film.colour)[0] : NaN,
      grams: layerGrams(layer, context, prediction),
      ...prediction.coats.get("base"),
    };
  };

  it("thins the film: less paint and more of what lies below, from full to a trace", () => {
    const list = STRENGTH_KEYS.map((strength) => at(strength));
    const skin = labFromReflectance(predict(aLook(), context).bare("forehead"))[0];
    for (const [i, { lightness, grams }] of list.entries()) {
      expect(lightness).toBeLessThan(skin);
      const before = list[i - 1];
      if (before) {
        expect(lightness).toBeGreaterThan(before.lightness + 3);
        expect(grams).toBeLessThan(before.grams / 1.8);
      }
    }
  });

  it("that is meant to be thin takes one coat, and is not told that it does not cover", () => {
    expect(at("sheer", "auto")).toMatchObject({ coats: 1, covers: true });
    expect(at("trace", 3)).toMatchObject({ coats: 3, covers: true });
  });
});
