import fc from "fast-check";
import { contains, zoneInfo } from "../anatomy";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  checkLook,
  newMark,
  paintedCoverage,
  placedStrokes,
  predict,
  stopsOf,
  touched,
  zonesOfMarks,
  type Mark,
} from "../look";

const coal = aProduct({ id: "coal", colour: "#111111", lipSafe: false });
const context = aContext({ products: [...SHELF, coal] });
const { figure } = context;
const lipAreas = figure.allZones.filter(({ id }) => zoneInfo(id).group === "lips");
const mouthY =
  lipAreas.reduce((sum, { polygon }) => sum + (polygon[0]?.y ?? 0), 0) / lipAreas.length;
const mark = (kind: Mark["kind"], x: number, y: number, more: object = {}) =>
  ({ ...newMark(kind, { x, y }, 3), ...more }) as Mark;
const drawn = (...marks: Mark[]) =>
  aLayer({ id: "shape", role: "detail", zones: ["chin"], marks, paint: product("coal") });

describe("areas that a shape touches", () => {
  it("a black mouth 84 mm wide, filled round the lips, is stopped where its paint is not lip-grade", () => {
    const mouth = mark("mouth", 0, mouthY, { spanMm: 84, upperMm: 26, lowerMm: 28 });
    const zones = zonesOfMarks([mouth], figure);
    for (const { id } of lipAreas) expect(zones).toContain(id);
    const look = aLook(drawn(mouth));
    expect(stopsOf(look, context).map(({ rule }) => rule)).toContain("SAFE-3");
    expect(checkLook(look, context).some(({ severity }) => severity === "stop")).toBe(true);
    // Its outline alone meets no lip: that is what used to be read.
    const outline = placedStrokes(mouth).flatMap(({ points }) => points);
    expect(lipAreas.some(({ polygon }) => outline.some((p) => contains(polygon, p)))).toBe(false);
    // What it covers is no gap in the base.
    const shown = lipAreas.map(({ id }) => id);
    expect(paintedCoverage(look, shown, figure).gaps).toEqual([]);
  });

  it("what was stored with the marks counts for nothing, by whatever door it came", () => {
    const mouth = mark("mouth", 0, mouthY, { spanMm: 60, upperMm: 12, lowerMm: 14 });
    const honest = aLook(drawn(mouth));
    const sly = aLook({ ...drawn(mouth), zones: ["shoulderBackLeft"] });
    expect(touched(sly, { figure }).layers[0]?.zones).toEqual(
      touched(honest, { figure }).layers[0]?.zones,
    );
    expect(stopsOf(sly, context).map(({ rule }) => rule)).toContain("SAFE-3");
    expect(predict(sly, context).films.has("shoulderBackLeft")).toBe(false);
  });

  it("a wide line touches what its width covers, and a long one what lies between its points", () => {
    const [from, to] = [
      [-40, 0],
      [40, 0],
    ] as [number, number][];
    const line = (widthMm: number) =>
      mark("path", 0, 30, { points: [from, to], closed: false, widthMm });
    const thin = zonesOfMarks([line(0.5)], figure);
    const wide = zonesOfMarks([line(20)], figure);
    expect(thin.length).toBeGreaterThan(0);
    for (const zone of thin) expect(wide).toContain(zone);
    expect(wide.length).toBeGreaterThanOrEqual(thin.length);
  });

  it("read twice it is the same value, and a look without marks is itself", () => {
    const look = aLook(drawn(mark("star", 0, 30)), aLayer({ id: "base" }));
    const once = touched(look, { figure });
    expect(touched(look, { figure })).toBe(once);
    expect(touched(once, { figure })).toBe(once);
    const plain = aLook(aLayer({ id: "base" }));
    expect(touched(plain, { figure })).toBe(plain);
  });

  it("every place inside a filled shape lies in an area that is named", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: -100, max: 50 }),
        fc.integer({ min: 6, max: 90 }),
        (x, y, spanMm) => {
          const mouth = mark("mouth", x, y, { spanMm, upperMm: spanMm / 4, lowerMm: spanMm / 4 });
          const zones = new Set(zonesOfMarks([mouth], figure));
          const outline = placedStrokes(mouth)[0]?.points ?? [];
          for (let dx = -spanMm / 2; dx <= spanMm / 2; dx += 2.5)
            for (let dy = -spanMm / 4; dy <= spanMm / 4; dy += 2.5) {
              const p = { x: x + dx, y: y + dy };
              if (!contains(outline, p)) continue;
              for (const zone of figure.allZones)
                if (zone.frame === "front" && contains(zone.polygon, p))
                  expect(zones).toContain(zone.id);
            }
        },
      ),
      { numRuns: 40 },
    );
  });
});
