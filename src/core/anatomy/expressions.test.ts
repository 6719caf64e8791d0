import fc from "fast-check";
import {
  buildFigure,
  carriedBy,
  defaultFace,
  distance,
  express,
  EXPRESSION_KEYS,
  movementMm,
  signedArea,
} from ".";

// How far features move is common practice, no published source; what is tested is that the face holds together.
describe("expressions", () => {
  const face = defaultFace();
  it("leave a face at rest as it is, and each moves something by some millimetres, both sides alike", () => {
    expect(express(face, "rest")).toEqual(face);
    for (const key of EXPRESSION_KEYS.filter((other) => other !== "rest")) {
      const posed = express(face, key);
      const moved = (Object.keys(face) as (keyof typeof face)[]).map((name) =>
        distance(face[name], posed[name]),
      );
      expect(Math.max(...moved)).toBeGreaterThan(3);
      expect(Math.max(...moved)).toBeLessThan(16);
      for (const name of ["cheilion", "browInner", "superciliare", "gnathionSide"] as const)
        expect(posed[`${name}Left`].x).toBeCloseTo(-posed[`${name}Right`].x, 9);
    }
  });
  it("raise the mouth corners and widen the mouth in a smile, raise the brows, and drop the chin when the mouth opens", () => {
    expect(express(face, "smile").cheilionLeft.y).toBeGreaterThan(face.cheilionLeft.y + 3);
    expect(express(face, "smile").cheilionLeft.x).toBeGreaterThan(face.cheilionLeft.x + 3);
    expect(express(face, "browsUp").superciliareLeft.y).toBeGreaterThan(
      face.superciliareLeft.y + 5,
    );
    expect(express(face, "frown").browInnerLeft.x).toBeLessThan(face.browInnerLeft.x);
    expect(express(face, "open").menton.y).toBeLessThan(face.menton.y - 10);
  });
  it.each(EXPRESSION_KEYS)("%s: every zone keeps its side out and most of its size", (key) => {
    const [still, posed] = [buildFigure(face), buildFigure(express(face, key))];
    for (const zone of still.zones) {
      const [before, after] = [signedArea(zone.polygon), signedArea(posed.zone(zone.id).polygon)];
      expect(Math.sign(after)).toBe(Math.sign(before));
      expect(after / before).toBeGreaterThan(0.35);
      expect(after / before).toBeLessThan(2.6);
    }
  });
  it("carry what is drawn at a landmark exactly with it, and what lies between smoothly", () => {
    for (const key of EXPRESSION_KEYS) {
      const [carry, posed] = [carriedBy(face, key), express(face, key)];
      for (const name of ["cheilionLeft", "menton", "pupilRight", "superciliareLeft"] as const)
        expect(distance(carry(face[name]), posed[name])).toBeLessThan(1e-6);
      fc.assert(
        fc.property(
          fc.double({ min: -60, max: 60, noNaN: true }),
          fc.double({ min: -110, max: 60, noNaN: true }),
          (x, y) => expect(distance(carry({ x, y }), carry({ x: x + 0.5, y }))).toBeLessThan(1.6),
        ),
        { numRuns: 60 },
      );
    }
  });
  it("move the mouth corner most by speaking or smiling, the brow by raising it, the bridge hardly (EDGE-2)", () => {
    expect(["smile", "open"]).toContain(movementMm(face.cheilionLeft, face).by);
    expect(movementMm(face.superciliareLeft, face)).toMatchObject({ by: "browsUp" });
    expect(movementMm(face.sellion, face).mm).toBeLessThan(3);
  });
});
