import { boundingBox, buildFigure, contains, defaultFace, headFromAbove, point } from ".";

const figure = buildFigure(defaultFace());
const { zones, carry, shows } = headFromAbove(figure);
const zone = (id: string) => zones.find((entry) => entry.id === id);

describe("the head from above", () => {
  // Length 194, breadth 152 for men (NIOSH 2003, from memory); the drawing is between men and women.
  it("is as long and as broad as a head", () => {
    const box = boundingBox(zones.flatMap(({ polygon }) => polygon));
    expect(box.right - box.left).toBeCloseTo(2 * figure.landmarks.euryonLeft.x, -1);
    expect(box.top - box.bottom).toBeGreaterThan(170);
    expect(box.top - box.bottom).toBeLessThan(205);
  });

  it("has the scalp between the forehead and the back of the head, nothing of the mouth", () => {
    const [scalp, forehead, back] = ["scalp", "forehead", "backOfHead"].map((id) =>
      boundingBox(zone(id)?.polygon ?? []),
    );
    // The face is below in the picture.
    expect(forehead?.bottom).toBeLessThan(scalp?.bottom ?? NaN);
    expect(back?.top).toBeGreaterThan(scalp?.top ?? NaN);
    expect(zone("upperLip")).toBeUndefined();
    expect(zone("chin")).toBeUndefined();
  });

  it("is alike on both sides, and carries what is painted at the crown to its middle", () => {
    for (const { polygon } of zones.filter(({ id }) => id === "scalp"))
      expect(Math.abs(boundingBox(polygon).left + boundingBox(polygon).right)).toBeLessThan(1);
    const at = carry("front")(point(0, 100));
    expect(at.x).toBe(0);
    expect(contains(zone("scalp")?.polygon ?? [], at)).toBe(true);
    expect(shows(point(0, 100))).toBe(true);
    expect(shows(figure.landmarks.menton)).toBe(false);
  });
});
