import fc from "fast-check";
import { boundingBox, contains, point, type ZoneId } from "../anatomy";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  checkLook,
  exposedZones,
  filledCm2,
  isArea,
  LookSchema,
  NOTHING,
  newMark,
  paintedCoverage,
  placedStrokes,
  predict,
  shapesOf,
  shareFilled,
  stopsOf,
  touched,
  zonesFilledBy,
  type Layer,
  type Mark,
} from "../look";
import { layerAreaCm2, paintNeeded } from "../kit";
import { layerTasks } from "../plan";

const coal = aProduct({ id: "coal", colour: "#111111", lipSafe: false });
const context = aContext({ products: [...SHELF, coal] });
const { figure } = context;

const shapes = (...marks: Mark[]): Layer =>
  aLayer({ id: "shapes", role: "detail", zones: ["chin"], marks, paint: product("coal") });
const rest = (zones: ZoneId[], more: Partial<Layer> = {}): Layer =>
  aLayer({ id: "rest", role: "base", zones, leavesOut: { kind: "painted" }, ...more });
const laidOn = (...layers: Layer[]) => touched(aLook(...layers), context).layers as [Layer, Layer];

/** Points of an area, evenly over it: counted, they measure what lies on it without any polygon clipping. */
function pointsIn(zone: ZoneId, stepMm: number) {
  const { polygon } = figure.zone(zone);
  const { left, right, top, bottom } = boundingBox(polygon);
  const points = [];
  for (let x = left; x <= right; x += stepMm)
    for (let y = bottom; y <= top; y += stepMm)
      if (contains(polygon, point(x, y))) points.push(point(x, y));
  return points;
}
const isUnder = (marks: readonly Mark[], p: { x: number; y: number }) =>
  marks.flatMap(placedStrokes).some(({ points, fill }) => fill && contains(points, p));

const disc = (x: number, y: number, sizeMm: number): Mark =>
  ({ ...newMark("disc", { x, y }, 3), breadthMm: sizeMm, heightMm: sizeMm, filled: true }) as Mark;
/** Inside the left cheek, and across its border. */
const cheek = figure.zone("cheekAppleLeft").polygon;
const middleOfCheek = {
  x: cheek.reduce((sum, p) => sum + p.x, 0) / cheek.length,
  y: cheek.reduce((sum, p) => sum + p.y, 0) / cheek.length,
};

describe("what a layer leaves out", () => {
  it("what is painted and what is not yet painted are the whole area, and nothing is both", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            kind: fc.constantFrom("disc" as const, "heart" as const, "star" as const),
            x: fc.integer({ min: -50, max: 50 }),
            y: fc.integer({ min: -70, max: 40 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        fc.constantFrom<ZoneId>("forehead", "cheekAppleLeft", "cheekHollowRight", "chin"),
        (drawn, zone) => {
          const marks = drawn.map(({ kind, x, y }) => newMark(kind, { x, y }, 3));
          const [painted, left] = laidOn(shapes(...marks), rest([zone]));
          const all = pointsIn(zone, 1);
          const isLeft = (p: { x: number; y: number }) =>
            left.marks.length ? isUnder(left.marks, p) : left.zones.includes(zone);
          const counted = { shape: 0, left: 0, wrong: 0 };
          for (const p of all) {
            const [a, b] = [isUnder(painted.marks, p), isLeft(p)];
            if (a) counted.shape++;
            if (b) counted.left++;
            if (a === b) counted.wrong++;
          }
          // A point on an outline may be called either; of a thousand so many lie there.
          expect(counted.wrong / all.length).toBeLessThan(0.02);
          expect(
            Math.abs(shareFilled(left, zone, context) - counted.left / all.length),
          ).toBeLessThan(0.03);
        },
      ),
      { numRuns: 40 },
    );
  });

  it("a hole is left in the middle, and the outline goes round it", () => {
    const [, left] = laidOn(
      shapes(disc(middleOfCheek.x, middleOfCheek.y, 10)),
      rest(["cheekAppleLeft"]),
    );
    expect(left.marks.filter(isArea)).toHaveLength(1);
    expect(isUnder(left.marks, middleOfCheek)).toBe(false);
    const whole = figure.zone("cheekAppleLeft").areaCm2;
    // Round a disc 10 mm wide are left all but 78.5 mm2 of what is drawn flat.
    expect(shareFilled(left, "cheekAppleLeft", context)).toBeLessThan(1);
    expect(filledCm2(left, context)).toBeCloseTo(
      whole * shareFilled(left, "cheekAppleLeft", context),
      6,
    );
  });

  it("an area that is painted as a whole is left as a whole, and the layer stays one of areas", () => {
    const base = aLayer({ id: "base", role: "base", zones: ["forehead"] });
    const [, left] = laidOn(base, rest(["forehead", "chin"]));
    expect(left.marks).toEqual([]);
    expect(left.zones).toEqual(["chin"]);
  });

  it("of an area that is painted in part the other part is left", () => {
    const upper = aLayer({
      id: "upper",
      role: "base",
      zones: ["forehead"],
      part: { kind: "third", side: "upper" },
    });
    const [painted, left] = laidOn(upper, rest(["forehead"]));
    expect(
      shareFilled(painted, "forehead", context) + shareFilled(left, "forehead", context),
    ).toBeCloseTo(1, 2);
    const { bottom, top } = boundingBox(figure.zone("forehead").polygon);
    const low = pointsIn("forehead", 3).filter(({ y }) => y < bottom + (top - bottom) * 0.6);
    expect(low.length).toBeGreaterThan(20);
    for (const p of low) expect(isUnder(left.marks, p)).toBe(true);
  });

  it("follows what it leaves out: moved away, the area is whole again", () => {
    const at = (x: number, y: number) =>
      laidOn(shapes(disc(x, y, 12)), rest(["cheekAppleLeft"]))[1];
    expect(at(middleOfCheek.x, middleOfCheek.y).marks).not.toEqual([]);
    expect(at(-middleOfCheek.x, middleOfCheek.y).marks).toEqual([]);
  });

  it("leaves out layers by name wherever they stand: skin shows where a later star is to lie on it", () => {
    const star = shapes(disc(middleOfCheek.x, middleOfCheek.y, 12));
    const base = rest(["cheekAppleLeft"], { leavesOut: { kind: "layers", ids: ["shapes"] } });
    const [laid] = touched(aLook(base, star), context).layers as [Layer, Layer];
    expect(isUnder(laid.marks, middleOfCheek)).toBe(false);
    // The star then lies on skin, not on the base.
    const plain = predict(aLook({ ...base, leavesOut: NOTHING }, star), context);
    expect(plain.films.get("cheekAppleLeft")).toHaveLength(2);
    // A layer that is named and gone is nothing to leave out.
    const gone = touched(aLook({ ...base, leavesOut: { kind: "layers", ids: ["x"] } }), context);
    expect(gone.layers[0]?.marks).toEqual([]);
  });

  it("outlines that map a shape out are left out with what is inside them", () => {
    const outline = { ...newMark("heart", middleOfCheek, 3), filled: false } as Mark;
    const map = { ...shapes(outline), role: "map" as const };
    const base = rest(["cheekAppleLeft"], { leavesOut: { kind: "layers", ids: ["shapes"] } });
    const [, laid] = laidOn(map, base);
    expect(isUnder(laid.marks, middleOfCheek)).toBe(false);
  });

  it("does not meet what it leaves out: no mud, no order to put right, and what is tacky there is still told", () => {
    const outline = { ...newMark("heart", middleOfCheek, 3), filled: false } as Mark;
    const map: Layer = { ...shapes(outline), role: "map" };
    const round = { leavesOut: { kind: "layers" as const, ids: ["shapes"] } };
    const rulesOf = (more: Partial<Layer>) =>
      checkLook(aLook(map, rest(["cheekAppleLeft"], { paint: product("coal"), ...more })), context)
        .map(({ rule }) => rule)
        .filter((rule) => rule === "LAYER-1" || rule === "MAP-1");
    expect(rulesOf({ leavesOut: NOTHING, technique: "stroke" }).length).toBeGreaterThan(0);
    expect(rulesOf({ ...round, technique: "stroke" })).toEqual([]);
  });

  it("takes paint for what is left: base and what is left out of it are as much as the area", () => {
    const big = disc(middleOfCheek.x, middleOfCheek.y, 20);
    const [, left] = laidOn(shapes(big), rest(["cheekAppleLeft"]));
    const whole = aLayer({ id: "rest", role: "base", zones: ["cheekAppleLeft"] });
    const cut = pointsIn("cheekAppleLeft", 0.5).filter((p) => isUnder([big], p)).length;
    const share = 1 - cut / pointsIn("cheekAppleLeft", 0.5).length;
    expect(layerAreaCm2(left, context) / layerAreaCm2(whole, context)).toBeCloseTo(share, 1);
    const gramsOf = (look: ReturnType<typeof aLook>) =>
      paintNeeded(look, context).find(({ layers }) => layers.includes("rest"))?.grams ?? 0;
    const names = { name: "rest" };
    const ratio =
      gramsOf(aLook(shapes(big), { ...rest(["cheekAppleLeft"]), ...names, coats: 1 })) /
      gramsOf(aLook({ ...whole, ...names, coats: 1 }));
    expect(ratio).toBeGreaterThan(share - 0.05);
    expect(ratio).toBeLessThan(share + 0.05);
  });

  it("is the ground of what is painted over it later", () => {
    const line = { ...shapes(newMark("star", { x: 0, y: 50 }, 3)), id: "star" };
    const over = aLook(
      shapes(disc(0, 20, 8)),
      rest(["forehead"], { paint: product("coal") }),
      line,
    );
    const film = predict(over, context)
      .films.get("forehead")
      ?.find(({ layer }) => layer.id === "star");
    const alone = predict(aLook(line), context)
      .films.get("forehead")
      ?.find(({ layer }) => layer.id === "star");
    expect(film?.before).not.toEqual(alone?.before);
  });
});

describe("a layer of areas and shapes", () => {
  const both = aLayer({
    id: "both",
    role: "base",
    zones: ["forehead"],
    marks: [disc(middleOfCheek.x, middleOfCheek.y, 12)],
    fills: true,
  });

  it("fills its areas and draws its shapes: area, paint and minutes are those of both", () => {
    const [laid] = touched(aLook(both), context).layers as [Layer];
    expect(zonesFilledBy(laid)).toEqual(["forehead"]);
    expect(shapesOf(laid)).toHaveLength(1);
    expect(laid.zones).toEqual(expect.arrayContaining(["forehead", "cheekAppleLeft"]));
    const areas = aLayer({ ...both, marks: [], fills: false });
    const alone = { ...both, fills: false };
    const sum = [areas, alone].reduce((cm2, layer) => {
      const [one] = touched(aLook(layer), context).layers as [Layer];
      return cm2 + layerAreaCm2(one, context);
    }, 0);
    expect(layerAreaCm2(laid, context)).toBeCloseTo(sum, 3);
    const minutes = (layer: Layer) =>
      layerTasks(aLook(layer), context, predict(aLook(layer), context)).reduce(
        (sum, task) => sum + task.handsOn,
        0,
      );
    expect(minutes(both)).toBeGreaterThan(minutes(areas));
  });

  it("its areas are no gap, and are as visible to safety as any", () => {
    expect(
      paintedCoverage(
        touched(aLook(both), context),
        exposedZones(context.brief, context.person),
        figure,
      ).painted,
    ).toContain("forehead");
    const onLips = aLook({ ...both, zones: ["upperLip"], paint: product("coal") });
    expect(stopsOf(onLips, context).map(({ rule }) => rule)).toContain("SAFE-3");
  });

  it("no mend leaves an outline of an area among its shapes", () => {
    const onLips = aLook({ ...both, zones: ["upperLip", "chin"], paint: product("coal") });
    for (const { fix } of checkLook(onLips, context)) {
      if (fix?.op !== "changeLayer") continue;
      expect((fix.change.marks ?? []).some(isArea)).toBe(false);
    }
  });
});

describe("an outline of an area from elsewhere", () => {
  it("is refused: it would say where paint lies without being there", () => {
    const sly = {
      kind: "area" as const,
      x: 0,
      y: 0,
      zone: "shoulderBackLeft",
      ring: [
        [-20, -60],
        [20, -60],
        [0, -30],
      ],
    };
    const look = aLook(shapes(newMark("star", { x: 0, y: 0 }, 3)));
    const read = LookSchema.safeParse({
      ...look,
      layers: look.layers.map((layer) => ({ ...layer, marks: [sly] })),
    });
    expect(read.success).toBe(false);
    expect(JSON.stringify(read.error?.issues)).toContain("parts of areas are not kept as shapes");
  });
});
