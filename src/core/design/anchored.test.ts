import fc from "fast-check";
import {
  AVERAGE,
  buildFigure,
  contains,
  faceFromMeasures,
  MEASURE_LIMITS,
  measuresOf,
} from "../anatomy";
import { MarkSchema, type Mark } from "../shapes";
import { aContext, aLayer, aLook } from "../testing";
import { allKeptInPlace, canMoveWith, keptInPlace, leaderOf, moveWith } from "./anchored";
import { applyPatch } from "./patch";
import { LookSchema, type Look } from "./schema";
import { touched } from "./touched";

const star = (x: number, y: number): Mark => MarkSchema.parse({ kind: "star", x, y });
const shapes = (id: string, ...marks: Mark[]) => aLayer({ id, role: "detail", marks });
const context = aContext();
const { figure } = context;
const put = (
  look: Look,
  ...args: [Parameters<typeof moveWith>[2], Parameters<typeof moveWith>[3]]
) => {
  const patch = moveWith(look, figure, ...args);
  return patch ? applyPatch(look, patch) : look;
};
const at = (look: Look, layer: string, mark = 0) =>
  look.layers.find(({ id }) => id === layer)?.marks[mark];

/** Figures of other people: every measure anywhere within its limits. */
const figures = fc
  .record(
    Object.fromEntries(
      Object.entries(MEASURE_LIMITS).map(([name, [least, most]]) => [
        name,
        fc.double({ min: least, max: most, noNaN: true }),
      ]),
    ),
  )
  .map((measures) => buildFigure(faceFromMeasures({ ...AVERAGE, ...measures })));

describe("shapes that move with a landmark", () => {
  const look = put(aLook(shapes("eye", star(33, 22))), { layer: "eye", mark: 0 }, "pupilLeft");
  it("stay as far from it on every face, and move no further when asked again", () => {
    fc.assert(
      fc.property(figures, (other) => {
        const once = touched(look, { figure: other });
        const mark = at(once, "eye");
        expect((mark?.x ?? 0) - other.landmarks.pupilLeft.x).toBeCloseTo(
          33 - figure.landmarks.pupilLeft.x,
          1,
        );
        expect((mark?.y ?? 0) - other.landmarks.pupilLeft.y).toBeCloseTo(
          22 - figure.landmarks.pupilLeft.y,
          1,
        );
        expect(at(touched(once, { figure: other }), "eye")).toEqual(mark);
      }),
      { numRuns: 20 },
    );
  });
  it("stay where they are on the face they were put on, and are free again when let go", () => {
    expect(at(touched(look, { figure }), "eye")).toMatchObject({ x: 33, y: 22 });
    expect(at(put(look, { layer: "eye", mark: 0 }, null), "eye")?.anchor).toBeUndefined();
  });
  it("are kept by a look that is written down and read", () => {
    expect(at(LookSchema.parse(JSON.parse(JSON.stringify(look))), "eye")?.anchor).toMatchObject({
      to: "landmark",
      landmark: "pupilLeft",
    });
  });
});

describe("shapes that move with another", () => {
  const two = aLook(shapes("sun", star(0, 30)), shapes("ray", star(10, 40), star(-10, 40)));
  const linked = put(two, { layer: "ray", mark: 0 }, { layer: "sun", mark: 0 });
  const chain = put(linked, { layer: "ray", mark: 1 }, { layer: "ray", mark: 0 });
  it("go where it goes, and those that move with them too", () => {
    const sun = { ...(at(chain, "sun") as Mark), x: 5, y: 20 };
    const moved = touched(
      applyPatch(chain, { op: "changeLayer", id: "sun", change: { marks: [sun] } }),
      { figure },
    );
    expect(at(moved, "ray")).toMatchObject({ x: 15, y: 30 });
    expect(at(moved, "ray", 1)).toMatchObject({ x: -5, y: 30 });
    expect(leaderOf(moved, at(moved, "ray") as Mark)).toEqual({ layer: "sun", mark: 0 });
  });
  it("stay where they are when it is taken out", () => {
    const without = touched(applyPatch(linked, { op: "removeLayer", id: "sun" }), { figure });
    expect(at(without, "ray")).toMatchObject({ x: 10, y: 40 });
  });
  it("are not offered to what they move with: nothing goes in a circle", () => {
    expect(canMoveWith(chain, { layer: "sun", mark: 0 })).toEqual([]);
    expect(canMoveWith(chain, { layer: "ray", mark: 1 })).toEqual([
      { layer: "sun", mark: 0 },
      { layer: "ray", mark: 0 },
    ]);
  });
  it("that go in a circle in a file from elsewhere stay put", () => {
    const link = (tag: string, to: string): Mark =>
      MarkSchema.parse({
        kind: "star",
        x: 0,
        y: 0,
        tag,
        anchor: { to: "shape", tag: to, x: 9, y: 9 },
      });
    const round = aLook(shapes("a", link("a", "b")), shapes("b", link("b", "a")));
    expect(() => touched(round, { figure })).not.toThrow();
  });
});

describe("a new shape", () => {
  const child = buildFigure(faceFromMeasures(measuresOf("average", 7), 7));
  it("moves with the landmark that is nearest, or with that of its neighbour; on the body and the back with none", () => {
    const by = (mark: Mark, ...others: Mark[]) => keptInPlace(mark, figure, others).anchor;
    expect(by(star(33, -5))).toMatchObject({ landmark: "pupilLeft" });
    const leaf = keptInPlace(star(44, -36), figure);
    expect(leaf.anchor).toMatchObject({ to: "landmark", landmark: "exocanthionLeft" });
    expect(by(star(53, -55), leaf)).toMatchObject({ landmark: "exocanthionLeft" });
    expect(by(star(53, -55))).toMatchObject({ landmark: "gonionLeft" });
    expect(by(star(0, -400))).toBeUndefined();
    const free = MarkSchema.parse({
      ...star(1, 2),
      anchor: { to: "shape", tag: "s1", x: 0, y: 0 },
    });
    expect(keptInPlace(free, figure)).toBe(free);
  });
  it("of a motif on a cheek stays together, and on the cheek of a child", () => {
    const marks = [star(44, -36), star(53, -46), star(42, -48)];
    const look = aLook(
      ...allKeptInPlace(
        marks.map((mark, i) => shapes(`m${i}`, mark)),
        figure,
      ),
    );
    expect(look.layers.flatMap((layer) => layer.marks).map(({ x, y }) => [x, y])).toEqual(
      marks.map(({ x, y }) => [x, y]),
    );
    const moved = touched(look, { figure: child }).layers.flatMap((layer) => layer.marks);
    const cheek = ["cheekAppleLeft", "cheekHollowLeft"] as const;
    for (const [i, mark] of moved.entries()) {
      expect(cheek.some((zone) => contains(child.zone(zone).polygon, mark))).toBe(true);
      expect(mark.x - (moved[0]?.x ?? 0)).toBeCloseTo((marks[i]?.x ?? 0) - 44, 6);
    }
  });
});
