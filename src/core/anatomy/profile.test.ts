import fc from "fast-check";
import {
  boundingBox,
  buildFigure,
  contains,
  defaultFace,
  faceFromMeasures,
  mirror,
  otherSide,
  point,
  profileOf,
  signedArea,
  AVERAGE,
} from ".";

const figure = buildFigure(defaultFace());
const left = profileOf(figure, "left");
const right = profileOf(figure, "right");

describe("the head from the side", () => {
  it("has the length of a head for its breadth: 194 mm for 145 (NIOSH 2003, from memory), nose not counted", () => {
    const head = left.zones
      .filter(({ id }) => id === "forehead" || id === "backOfHead")
      .flatMap(({ polygon }) => polygon);
    const box = boundingBox(head);
    expect((box.right - box.left) / (2 * figure.landmarks.euryonLeft.x)).toBeCloseTo(194 / 145, 1);
  });

  it("is the same zones as the front and the back: every zone of the head from one side or both, mirrored", () => {
    const ids = new Set([...left.zones, ...right.zones].map(({ id }) => id));
    const head = figure.allZones.filter(
      ({ part, kind, group, frame }) =>
        part === "head" && kind !== "collar" && !(group === "ears" && frame === "back"),
    );
    expect([...ids].sort()).toEqual(head.map(({ id }) => id).sort());
    for (const zone of left.zones) {
      const other = right.zones.find(({ id }) => id === otherSide(zone.id));
      expect(Math.abs(signedArea(other?.polygon ?? []))).toBeCloseTo(
        Math.abs(signedArea(zone.polygon)),
        3,
      );
      expect(zone.polygon.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
    }
  });

  it("looks forward to the left of the picture from the left side, the nose farthest, the ear between face and back of the head", () => {
    const reach = (id: string) =>
      boundingBox(left.zones.find((zone) => zone.id === id)?.polygon ?? []);
    const nose = Math.min(...left.zones.map(({ polygon }) => boundingBox(polygon).left));
    expect(reach("noseTip").left).toBe(nose);
    expect(reach("earLeft").left).toBeGreaterThan(reach("templeLeft").left);
    expect(reach("earLeft").right).toBeLessThan(reach("backOfHead").right);
    expect(left.carry("front")(figure.landmarks.pronasale).x).toBeCloseTo(
      -right.carry("front")(figure.landmarks.pronasale).x,
      9,
    );
  });

  it("keeps every height, and brings what lies beyond the midline onto it", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -70, max: 70, noNaN: true }),
        fc.double({ min: -118, max: 108, noNaN: true }),
        (x, y) => {
          const p = { x, y };
          expect(left.carry("front")(p).y).toBe(y);
          expect(right.carry("front")(p)).toEqual({ x: -left.carry("front")(mirror(p)).x, y });
          if (x < 0) expect(left.carry("front")(p)).toEqual(left.carry("front")({ x: 0, y }));
        },
      ),
    );
  });

  it("is as deep for a broader face: its breadth is not seen from there", () => {
    const broad = profileOf(buildFigure(faceFromMeasures({ ...AVERAGE, faceWidth: 155 })), "left");
    const [own, other] = [boundingBox(left.silhouette), boundingBox(broad.silhouette)];
    expect(Math.abs(other.left - own.left)).toBeLessThan(1);
    expect(Math.abs(other.right - own.right)).toBeLessThan(4);
  });

  it("has its areas side by side: hardly a place of the head is in none, hardly one in two", () => {
    const box = boundingBox(left.silhouette);
    const counts = { none: 0, one: 0, more: 0 };
    // The ear lies over what is behind it.
    const zones = left.zones.filter(({ group }) => group !== "ears");
    for (let x = box.left + 2; x < box.right; x += 3)
      for (let y = box.bottom + 2; y < box.top; y += 3) {
        if (!contains(left.silhouette, point(x, y))) continue;
        const found = zones.filter(({ polygon }) => contains(polygon, point(x, y))).length;
        counts[found === 0 ? "none" : found === 1 ? "one" : "more"]++;
      }
    const all = counts.none + counts.one + counts.more;
    expect(all).toBeGreaterThan(2000);
    expect(counts.none / all).toBeLessThan(0.04);
    expect(counts.more / all).toBeLessThan(0.04);
  });
});
