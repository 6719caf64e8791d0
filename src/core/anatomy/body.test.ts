import fc from "fast-check";
import {
  BODY_REGIONS,
  buildFigure,
  contains,
  defaultFace,
  faceFromPhoto,
  otherSide,
  PHOTO_LANDMARKS,
  PHYSIQUE_LIMITS,
  point,
  regionShare,
  skinCm2,
  usualPhysique,
  ZONES,
  type Frame,
  type PhotoLandmark,
  type Physique,
  type Point,
} from ".";
import type { BodyRegion } from "./body";

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const bodies: readonly Physique[] = [
  usualPhysique(1),
  usualPhysique(8),
  usualPhysique(30),
  { heightCm: 152, weightKg: 48, ageYears: 60 },
  { heightCm: 193, weightKg: 120, ageYears: 40 },
];

describe("a whole body", () => {
  /** Regions that share a zone, and so are as large as charted together. */
  const together: readonly (readonly BodyRegion[])[] = [
    ["head"],
    ["neck"],
    ["buttocks"],
    ["trunkFront", "trunkBack", "upperArms", "forearms"],
    ["hands"],
    ["thighs", "lowerLegs"],
    ["feet"],
  ];
  it.each(bodies.map((body) => [body.ageYears, body] as const))(
    "has the share of skin in every region that Lund & Browder chart, within 3 %%, at %p years",
    (ageYears, physique) => {
      const { allZones } = buildFigure(defaultFace(), physique);
      for (const regions of together) {
        // The grown face of this figure is larger than an infant's whole head.
        if (regions.includes("head") && ageYears < 5) continue;
        const areas = allZones
          .filter((zone) => regions.includes(zone.region))
          .map(({ areaCm2 }) => areaCm2);
        const charted = regions.reduce((sum, region) => sum + regionShare(region, ageYears), 0);
        expect(Math.min(...areas)).toBeGreaterThan(0);
        expect(
          areas.reduce((sum, area) => sum + area, 0) / (skinCm2(physique) * charted),
        ).toBeCloseTo(1, 1.52);
      }
      expect(together.flat().length).toBe(BODY_REGIONS.length - 1);
    },
  );

  const figure = buildFigure(defaultFace());

  it("has every zone of the body on one side only, none over another", () => {
    for (const frame of ["front", "back"] as const satisfies readonly Frame[]) {
      const zones = figure.zonesOn(frame).filter(({ part }) => part === "body");
      const hits = (p: Point) => zones.filter((zone) => contains(zone.polygon, p)).length;
      fc.assert(
        fc.property(between(-420, 420), between(-1600, -180), (x, y) => {
          expect(hits(point(x, y))).toBeLessThanOrEqual(1);
        }),
        { numRuns: 400 },
      );
      expect(hits(point(0, -400))).toBe(1);
      expect(hits(point(97, -1250))).toBe(1);
    }
  });

  it("has a left for every right, the same in size and mirrored in place", () => {
    for (const zone of figure.allZones) {
      const other = figure.zone(otherSide(zone.id));
      expect(other.areaCm2 / zone.areaCm2).toBeCloseTo(1, 2);
      expect(
        Math.max(...zone.polygon.map(({ x }) => x)) + Math.min(...other.polygon.map(({ x }) => x)),
      ).toBeCloseTo(0, 4);
    }
  });

  it("is as tall and broad as the person, and stands on their own chin", () => {
    const lowest = ({ heightCm, weightKg }: { heightCm: number; weightKg: number }) =>
      Math.min(
        ...buildFigure(defaultFace(), { heightCm, weightKg, ageYears: 30 })
          .zone("footTopLeft")
          .polygon.map(({ y }) => y),
      );
    const head = defaultFace().vertex.y;
    for (const heightCm of [150, 170, 195])
      expect((head - lowest({ heightCm, weightKg: 70 })) / (heightCm * 10)).toBeCloseTo(1, 1.7);
    const wide = (weightKg: number) =>
      Math.max(
        ...buildFigure(defaultFace(), { heightCm: 170, weightKg, ageYears: 30 })
          .zone("belly")
          .polygon.map(({ x }) => x),
      );
    expect(wide(100)).toBeGreaterThan(wide(55) * 1.2);
  });

  it("stays a drawing for anybody within the limits", () => {
    fc.assert(
      fc.property(
        between(...PHYSIQUE_LIMITS.heightCm),
        between(...PHYSIQUE_LIMITS.weightKg),
        between(0, 100),
        (heightCm, weightKg, ageYears) => {
          for (const { polygon, areaCm2 } of buildFigure(defaultFace(), {
            heightCm,
            weightKg,
            ageYears,
          }).allZones)
            expect(
              areaCm2 > 0 && polygon.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y)),
            ).toBe(true);
        },
      ),
      { numRuns: 20 },
    );
    expect(() => usualPhysique(-1)).toThrow(RangeError);
  });

  it("says of every zone which region, part and side it is", () => {
    expect(
      ZONES.filter(({ frame }) => frame === "back").every(({ id }) =>
        figure.zonesOn("back").some((zone) => zone.id === id),
      ),
    ).toBe(true);
    expect(figure.zone("backOfHead")).toMatchObject({
      part: "head",
      frame: "back",
      region: "head",
    });
    expect(figure.zone("palmLeft")).toMatchObject({ part: "body", frame: "back", region: "hands" });
  });
});

describe("faceFromPhoto", () => {
  const face = defaultFace("narrow");
  /** What a camera would see: the face turned, in pixels, somewhere in the picture. */
  const seenAt = (turn: number, perMm: number, at: Point): Record<PhotoLandmark, Point> =>
    Object.fromEntries(
      PHOTO_LANDMARKS.map((name) => {
        const { x, y } = face[name];
        return [
          name,
          point(
            at.x + (x * Math.cos(turn) + y * Math.sin(turn)) * perMm,
            at.y - (y * Math.cos(turn) - x * Math.sin(turn)) * perMm,
          ),
        ];
      }),
    ) as Record<PhotoLandmark, Point>;

  it("leads back to the landmarks within 0.1 mm, however the head is turned in the picture and however far away it is", () => {
    fc.assert(
      fc.property(between(-0.4, 0.4), between(1, 12), between(0, 900), (turn, perMm, at) => {
        const { landmarks, measures } = faceFromPhoto(seenAt(turn, perMm, point(at, at / 2)), {
          from: point(3, 4),
          to: point(3 + 50 * perMm, 4),
          mm: 50,
        });
        for (const name of PHOTO_LANDMARKS)
          expect(
            Math.hypot(landmarks[name].x - face[name].x, landmarks[name].y - face[name].y),
          ).toBeLessThan(0.1);
        expect(measures.pupilDistance).toBeCloseTo(face.pupilLeft.x - face.pupilRight.x, 0);
      }),
      { numRuns: 50 },
    );
  });

  it("refuses a scale of nothing, and a scale that makes a giant of the face", () => {
    const seen = seenAt(0, 4, point(400, 400));
    expect(() => faceFromPhoto(seen, { from: point(0, 0), to: point(0, 0), mm: 30 })).toThrow(
      "the scale needs two points",
    );
    expect(() => faceFromPhoto(seen, { from: point(0, 0), to: point(10, 0), mm: 300 })).toThrow(
      /no face has that/,
    );
  });
});
