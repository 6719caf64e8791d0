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

  it("covers the whole head, front and back meeting on one line", () => {
    const box = boundingBox(zones.flatMap(({ polygon }) => polygon));
    const inside = (x: number, y: number) =>
      zones.some(({ polygon }) => contains(polygon, point(x, y)));
    // Within an ellipse of nine tenths of its size nothing is bare.
    for (let turn = 0; turn < 64; turn++)
      for (const far of [0.1, 0.3, 0.5, 0.7, 0.9]) {
        const [along, across] = [(box.top - box.bottom) / 2, (box.right - box.left) / 2];
        const x = far * 0.9 * across * Math.cos((turn * Math.PI) / 32 + 0.01);
        const y = (box.top + box.bottom) / 2 + far * 0.9 * along * Math.sin((turn * Math.PI) / 32);
        expect(inside(x, y)).toBe(true);
      }
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
