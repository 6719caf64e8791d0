import fc from "fast-check";
import { boundingBox, FACE_ZONES, signedArea } from "../anatomy";
import { layerAreaCm2, paintNeeded } from "../kit";
import {
  applyPatch,
  coveredOf,
  differences,
  LookSchema,
  middle,
  paintedCoverage,
  partWords,
  PartSchema,
  predict,
  RIM_SIDES,
  shareOfZone,
  StoredLayerSchema,
  stripsOf,
  THIRDS,
  touched,
  visibleLayers,
  WHOLE,
  type Part,
  type Third,
} from "../look";
import { aContext, aLayer, aLook, product } from "../testing";

const context = aContext({});
const { figure } = context;
const strip = (fromMm: number, toMm: number, turnDeg = 0): Part => ({
  kind: "strip",
  turnDeg,
  fromMm,
  toMm,
});
const third = (side: Third): Part => ({ kind: "third", side });

describe("a part of an area", () => {
  it("is a third of it across, and all of it with the other two", () => {
    for (const { id } of FACE_ZONES) {
      const share = (side: Third) => shareOfZone({ part: third(side) }, id, context);
      for (const set of [
        ["upper", "level", "lower"],
        ["inner", "middle", "outer"],
      ] as const)
        expect(set.reduce((sum, side) => sum + share(side), 0)).toBeCloseTo(1, 5);
    }
  });
  it("lies alike on both sides of a face, and the inner third nearer to the midline", () => {
    for (const side of THIRDS) {
      const share = (id: "cheekAppleLeft" | "cheekAppleRight") =>
        shareOfZone({ part: third(side) }, id, context);
      expect(share("cheekAppleLeft")).toBeCloseTo(share("cheekAppleRight"), 9);
    }
    const [inner] = stripsOf(third("inner"), figure.zone("cheekAppleRight").polygon) ?? [];
    expect(inner?.across.x).toBe(-1);
    expect(stripsOf(third("outer"), figure.zone("forehead").polygon)).toHaveLength(2);
    expect(stripsOf(WHOLE, figure.zone("forehead").polygon)).toBeNull();
  });
  it("is so much of its middle, and its outline has just that area", () => {
    const { polygon } = figure.zone("cheekHollowLeft");
    for (const share of [0.1, 0.45, 0.9]) {
      expect(shareOfZone({ part: middle(share) }, "cheekHollowLeft", context)).toBe(share);
      const [small = []] = coveredOf({ part: middle(share) }, polygon);
      expect(signedArea(small) / signedArea(polygon)).toBeCloseTo(share, 9);
    }
  });
  it("runs along an edge as wide as said, and both outer edges of what lies on the midline", () => {
    for (const side of RIM_SIDES)
      for (const id of ["forehead", "cheekAppleRight"] as const) {
        const { polygon } = figure.zone(id);
        const along = (mm: number): Part => ({ kind: "along", side, mm });
        const shares = [4, 8, 16, 200].map((mm) => shareOfZone({ part: along(mm) }, id, context));
        expect(shares).toEqual([...shares].sort((a, b) => a - b));
        expect(shares[0]).toBeGreaterThan(0);
        expect(shares.at(-1)).toBeCloseTo(1, 5);
        for (const outline of coveredOf({ part: along(4) }, polygon)) {
          const { left, right, top, bottom } = boundingBox(outline);
          const wide = side === "upper" || side === "lower" ? top - bottom : right - left;
          expect(wide).toBeLessThanOrEqual(4.001);
        }
      }
  });
  it("was a share beside it once: read as a middle, within nothing of what it covered", () => {
    const old = { ...aLayer({ id: "veil" }), share: 0.4 };
    expect(StoredLayerSchema.parse(old)).toEqual(aLayer({ id: "veil", part: middle(0.4) }));
    expect(StoredLayerSchema.parse({ ...old, share: 1 })).toEqual(aLayer({ id: "veil" }));
    const thirds = { ...old, part: third("upper") };
    expect(StoredLayerSchema.parse(thirds).part).toEqual(third("upper"));
    for (const share of ["all", 7, 0, null])
      expect(StoredLayerSchema.safeParse({ ...old, share }).success).toBe(false);
  });
  it("is refused where it ends before it begins, and has words", () => {
    expect(PartSchema.safeParse(strip(10, 2)).success).toBe(false);
    expect(PartSchema.safeParse({ kind: "third", side: "left" }).success).toBe(false);
    expect(
      [
        WHOLE,
        middle(0.45),
        third("upper"),
        { kind: "along", side: "inner", mm: 6 } as const,
        strip(-20, 4),
      ].map(partWords),
    ).toEqual([
      "all of its areas",
      "45 % of each area, in its middle",
      "the upper third of each area",
      "6 mm along the inner edge of each area",
      "a strip 24 mm wide",
    ]);
  });
});

describe("a layer of strips", () => {
  const half = (id: string, part: Part) =>
    aLayer({ id, zones: ["forehead", "cheekAppleLeft", "cheekAppleRight"], part, coats: 2 });
  it("splits a face: both halves have the area of the whole, the grams too, and lie where they reach", () => {
    const whole = half("whole", WHOLE);
    const left = half("left", strip(0, 300));
    const right = half("right", strip(-300, 0));
    const area = (layer: typeof whole) => layerAreaCm2(layer, context);
    expect(area(left) + area(right)).toBeCloseTo(area(whole), 6);
    expect(area(left)).toBeCloseTo(area(right), 6);
    const grams = (...layers: (typeof whole)[]) =>
      paintNeeded(aLook(...layers), context, predict(aLook(...layers), context)).reduce(
        (sum, need) => sum + need.grams,
        0,
      );
    expect(grams(left, right)).toBeCloseTo(grams(whole), 6);
    expect(touched(aLook(left), context).layers[0]?.zones).toEqual(["forehead", "cheekAppleLeft"]);
  });
  it("covers where strips meet, and leaves what is between them bare", () => {
    const gaps = (...parts: Part[]) =>
      paintedCoverage(
        aLook(...parts.map((part, i) => half(`h${i}`, part))),
        ["forehead", "cheekAppleLeft", "cheekAppleRight"],
        figure,
      ).gaps;
    expect(gaps(strip(0, 300), strip(-300, 0))).toEqual([]);
    expect(gaps(strip(0, 300))).toEqual(["forehead", "cheekAppleRight"]);
  });
  it("leaves what lies beside it as it was for what comes later, unless it fills the area", () => {
    const films = (part: Part, zone: "forehead" | "cheekAppleLeft") => {
      const look = aLook(half("a", part));
      return predict(look, context).films.get(zone)?.at(-1);
    };
    const through = films(strip(0, 300), "forehead");
    expect(through?.after).toBe(through?.colour);
    const thin = films(strip(0, 9), "forehead");
    expect(thin?.after).toBe(thin?.beside);
    const all = films(strip(0, 300), "cheekAppleLeft");
    expect(all?.after).toBe(all?.colour);
  });
  it("is told when it changes, and is read from looks that knew no parts", () => {
    const before = aLook(half("a", WHOLE));
    const after = applyPatch(before, {
      op: "changeLayer",
      id: "a",
      change: { part: strip(-5, 5), fadeMm: 12 },
    });
    const words = differences(before, after, context.products).map(
      (difference) => difference.words,
    );
    expect(words.join()).toContain("covers a strip 10 mm wide");
    expect(words.join()).toContain("fades over 12 mm");
    const { part: _part, fadeMm: _fade, form: _form, ...old } = half("a", WHOLE);
    const { light: _light, ...look } = { ...before, layers: [old] };
    expect(LookSchema.parse(look)).toEqual(before);
  });
});

describe("shapes that are painted over", () => {
  const star = { kind: "star", x: 0, y: 40, diameterMm: 20 };
  const shown = (coats: 1 | 4) => {
    const look = LookSchema.parse(
      aLook(
        aLayer({ id: "star", role: "detail", marks: [star as never], paint: product("yellow") }),
        aLayer({ id: "over", zones: ["forehead"], paint: product("blue"), coats }),
      ),
    );
    const seen = visibleLayers(look, context, predict(look, context));
    const of = (id: string) =>
      seen.find(({ layer }) => layer.id === id)?.colours.get("forehead") ?? new Float64Array(41);
    return of("star").reduce((sum, value, i) => sum + Math.abs(value - (of("over")[i] ?? 0)), 0);
  };
  it("show as far as the paint over them lets them through", () => {
    expect(shown(4)).toBeLessThan(shown(1));
    expect(shown(4) / 41).toBeLessThan(0.01);
  });
  it("stand as they are where nothing lies over them", () => {
    fc.assert(
      fc.property(fc.constantFrom("yellow", "white", "grey"), (paint) => {
        const look = LookSchema.parse(
          aLook(
            aLayer({ id: "under", zones: ["forehead"], paint: product("blue"), coats: 2 }),
            aLayer({ id: "star", role: "detail", marks: [star as never], paint: product(paint) }),
          ),
        );
        const prediction = predict(look, context);
        const seen = visibleLayers(look, context, prediction);
        const film = prediction.films.get("forehead")?.find(({ layer }) => layer.id === "star");
        expect(seen.find(({ layer }) => layer.id === "star")?.colours.get("forehead")).toBe(
          film?.colour,
        );
      }),
    );
  });
});
