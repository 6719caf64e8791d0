import {
  buildFigure,
  distance,
  faceFromMeasures,
  MEASURE_LIMITS,
  MEASURE_NAMES,
  measuresOf,
  signedArea,
} from ".";

const faceAt = (age: number) => faceFromMeasures(measuresOf("average", age), age);
const figureAt = (age: number) => buildFigure(faceAt(age));
const faceArea = (age: number) =>
  figureAt(age)
    .zones.filter(({ group }) => group !== "ears" && group !== "neck")
    .reduce((sum, { areaCm2 }) => sum + areaCm2, 0);

describe("a child's face", () => {
  it("at seven has pupils 54 mm apart and some three quarters of a grown one's area (Farkas 1994, from memory)", () => {
    const seven = faceAt(7);
    expect(distance(seven.pupilLeft, seven.pupilRight)).toBeCloseTo(54, 6);
    expect(distance(seven.sellion, seven.menton)).toBeGreaterThan(94);
    expect(distance(seven.sellion, seven.menton)).toBeLessThan(100);
    expect(faceArea(7) / faceArea(30)).toBeGreaterThan(0.68);
    expect(faceArea(7) / faceArea(30)).toBeLessThan(0.82);
  });

  it("sits on a head that is nearer its grown size, over a thinner neck and a smaller nose", () => {
    const [seven, grown] = [faceAt(7), faceAt(30)];
    const share = (name: "zygionLeft" | "euryonLeft" | "neckSideLeft" | "alareLeft") =>
      seven[name].x / grown[name].x;
    expect(share("euryonLeft")).toBeGreaterThan(share("zygionLeft") + 0.05);
    expect(share("neckSideLeft")).toBeLessThan(share("zygionLeft"));
    // 28.5 mm of 34.5 across the wings (same source).
    expect(share("alareLeft")).toBeCloseTo(0.83, 1);
  });

  it("grows with every year from three to eighteen, then stays; younger is drawn as three", () => {
    for (let age = 3; age < 18; age++)
      expect(faceArea(age + 1)).toBeGreaterThanOrEqual(faceArea(age));
    expect(faceArea(18)).toBe(faceArea(40));
    expect(faceArea(1)).toBe(faceArea(3));
    expect(() => measuresOf("average", -1)).toThrow(RangeError);
  });

  it.each(["average", "narrow", "broad"] as const)(
    "of a %s build is divided without gaps and within the tape's limits at every age",
    (build) => {
      for (const age of [3, 5, 7, 10, 13, 16]) {
        const measures = measuresOf(build, age);
        for (const name of MEASURE_NAMES) {
          expect(measures[name]).toBeGreaterThanOrEqual(MEASURE_LIMITS[name][0]);
          expect(measures[name]).toBeLessThanOrEqual(MEASURE_LIMITS[name][1]);
        }
        const { zones, outline, eyes } = buildFigure(faceFromMeasures(measures, age));
        const inside = zones
          .filter(({ group }) => group !== "ears" && group !== "neck")
          .reduce((sum, { polygon }) => sum + Math.abs(signedArea(polygon)), 0);
        const open = [eyes.left, eyes.right].reduce(
          (sum, { opening }) => sum + Math.abs(signedArea(opening)),
          0,
        );
        expect((inside + open) / Math.abs(signedArea(outline))).toBeCloseTo(1, 3);
      }
    },
  );
});
