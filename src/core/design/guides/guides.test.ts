import fc from "fast-check";
import { boundingBox, defaultFace, FACE_ZONES, zoneInfo } from "../../anatomy";
import {
  applyPatch,
  checkLook,
  GUIDE_KEYS,
  guide,
  guidesFor,
  layGuide,
  LookSchema,
  placedStrokes,
} from "../../look";
import { RULES } from "../../rules";
import { aContext, aLook, aProduct } from "../../testing";

const shelf = ["#f3f2ec", "#17171a", "#a3282a", "#6f7882", "#8a5a3c", "#e7c9a9", "#a9b0a0"].map(
  (colour, i) => aProduct({ id: `p${i}`, colour, eyeSafe: true, lipSafe: true }),
);
const context = aContext({ products: shelf });
const faces = fc
  .constantFrom("average", "narrow", "broad" as const)
  .map((build) => defaultFace(build));
const FACE = new Set<string>(FACE_ZONES.map(({ id }) => id));

describe("what a face reads as", () => {
  it.each(GUIDE_KEYS)("%s: lies on the face, in one press, each layer with its reason", (key) => {
    const { patch, leftOut } = layGuide(key, aLook(), context);
    const look = LookSchema.parse(applyPatch(aLook(), patch));
    expect(leftOut).toEqual([]);
    expect(look.layers.length).toBeGreaterThanOrEqual(3);
    for (const layer of look.layers) {
      expect(layer.notes.length).toBeGreaterThan(20);
      expect(layer.group).toBe(guide(key).label);
      expect(layer.zones.length).toBeGreaterThan(0);
      for (const zone of layer.zones) expect([zone, zoneInfo(zone).part]).toEqual([zone, "head"]);
    }
    expect(RULES[guide(key).rule]).toBeDefined();
    expect(checkLook(look, context).filter(({ severity }) => severity === "stop")).toEqual([]);
  });
  it.each(GUIDE_KEYS)("%s: is not found fault with by our own checks, seen from near", (key) => {
    const near = { ...context, brief: { ...context.brief, nearestM: 1, farthestM: 3 } };
    const look = applyPatch(aLook(), layGuide(key, aLook(), near).patch);
    // What it lies on, how far it is seen and what this person may have on is not its matter.
    const own = checkLook(look, near).filter(({ rule }) => /^(BASE-3|EDGE|FORM|MAP)/.test(rule));
    expect(own.map(({ rule, message }) => `${rule} ${message}`)).toEqual([]);
  });
  it.each(GUIDE_KEYS)("%s: stays on the front of any face", (key) => {
    fc.assert(
      fc.property(faces, (face) => {
        for (const { marks = [] } of guide(key).steps(face))
          for (const mark of marks) {
            const box = boundingBox(placedStrokes(mark).flatMap(({ points }) => points));
            expect(box.right).toBeLessThan(face.zygionLeft.x + 4);
            expect(box.left).toBeGreaterThan(face.zygionRight.x - 4);
            expect(box.top).toBeLessThan(face.trichion.y + 2);
            expect(box.bottom).toBeGreaterThan(face.menton.y - 18);
          }
      }),
    );
  });
  it("keeps clown's mouths and muzzles within the outer eye corners, and folds below the nose wing (EDGE-3)", () => {
    fc.assert(
      fc.property(faces, (face) => {
        for (const key of ["flatAnimal", "whiteClown", "fleshClown", "trampClown"] as const)
          for (const { marks = [] } of guide(key).steps(face))
            for (const mark of marks) {
              if (mark.kind !== "mouth" && mark.kind !== "muzzle") continue;
              const box = boundingBox(placedStrokes(mark).flatMap(({ points }) => points));
              expect(box.right).toBeLessThanOrEqual(face.exocanthionLeft.x + 0.5);
            }
        const folds = guide("old")
          .steps(face)
          .find(({ name }) => name === "Smile folds");
        const box = boundingBox(
          (folds?.marks ?? []).flatMap(placedStrokes).flatMap(({ points }) => points),
        );
        expect(box.top).toBeLessThanOrEqual(face.alareLeft.y + 1);
      }),
    );
  });
  it("bends the line under a smiling eye upwards at both ends, and draws angry brows down inside", () => {
    const face = defaultFace();
    const strokes = (key: "smiling" | "angry", name: string) =>
      (
        guide(key)
          .steps(face)
          .find((step) => step.name === name)?.marks ?? []
      ).flatMap((mark) => placedStrokes({ ...mark, mirrored: false }));
    const under = strokes("smiling", "Line under the eye").flatMap(({ points }) => points);
    const box = boundingBox(under);
    const lowest = under.reduce((low, p) => (p.y < low.y ? p : low));
    expect(Math.abs(lowest.x - (box.left + box.right) / 2)).toBeLessThan(5);
    const brow = strokes("angry", "Brows drawn down").flatMap(({ points }) => points);
    const inner = brow.reduce((near, p) => (Math.abs(p.x) < Math.abs(near.x) ? p : near));
    expect(inner.y).toBeLessThan(boundingBox(brow).top - 8);
  });
  it("puts what the brief asks for first", () => {
    expect(
      guidesFor("An angry old wolf")
        .filter(({ asked }) => asked)
        .map(({ key }) => key),
    ).toEqual(["angry", "old", "snout"]);
    for (const text of [
      "first cold night of the year; still, watchful, not kind",
      "a rather thin thing that fills the bearded moon",
    ])
      expect([text, guidesFor(text).filter(({ asked }) => asked)]).toEqual([text, []]);
    expect(guidesFor("").some(({ asked }) => asked)).toBe(false);
    expect(FACE.size).toBeGreaterThan(20);
  });
});
