import fc from "fast-check";
import {
  AVERAGE,
  BODY_REGIONS,
  bodySurfaceArea,
  browPoints,
  buildFigure,
  contains,
  defaultFace,
  distance,
  faceFromMeasures,
  FEATURE_LIMITS,
  MEASURE_LIMITS,
  MEASURE_NAMES,
  otherSide,
  regionShare,
  signedArea,
  withFeatures,
  ZONES,
  zoneInfo,
  type FaceMeasures,
} from ".";

const between = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true });
/** Adults within two deviations or so; the tape's own limits are wider. */
const anyMeasures: fc.Arbitrary<FaceMeasures> = fc.record({
  faceLength: between(104, 132),
  faceWidth: between(124, 156),
  jawWidth: between(100, 134),
  hairlineHeight: between(50, 72),
  pupilDistance: between(55, 71),
  mouthWidth: between(42, 60),
});

describe("face", () => {
  it.each(MEASURE_NAMES)("takes %s exactly as measured", (name) => {
    const face = faceFromMeasures({ ...AVERAGE, [name]: AVERAGE[name] * 1.04 });
    const measured: FaceMeasures = {
      faceLength: distance(face.sellion, face.menton),
      faceWidth: distance(face.zygionLeft, face.zygionRight),
      jawWidth: distance(face.gonionLeft, face.gonionRight),
      hairlineHeight: distance(face.sellion, face.trichion),
      pupilDistance: distance(face.pupilLeft, face.pupilRight),
      mouthWidth: distance(face.cheilionLeft, face.cheilionRight),
    };
    expect(measured[name]).toBeCloseTo(AVERAGE[name] * 1.04, 9);
  });

  it("has the adult means of the NIOSH survey by default: length 118, width 139, pupils 63 mm (men and women together)", () => {
    const face = defaultFace();
    expect(distance(face.sellion, face.menton)).toBeCloseTo((122.7 + 113.4) / 2, 6);
    expect(distance(face.zygionLeft, face.zygionRight)).toBeCloseTo((143.5 + 135.1) / 2, 6);
    expect(distance(face.pupilLeft, face.pupilRight)).toBeCloseTo((64.5 + 61.9) / 2, 6);
  });

  it("refuses a slip of the tape", () => {
    for (const name of MEASURE_NAMES) {
      expect(() => faceFromMeasures({ ...AVERAGE, [name]: MEASURE_LIMITS[name][1] + 1 })).toThrow(
        RangeError,
      );
      expect(() => faceFromMeasures({ ...AVERAGE, [name]: NaN })).toThrow(RangeError);
    }
  });
});

describe("figure", () => {
  const figure = buildFigure(defaultFace());

  it("divides the face without gaps or overlaps: the zones inside the outline and the eyes make up the outline", () => {
    for (const build of ["average", "narrow", "broad"] as const) {
      const { zones, outline, eyes } = buildFigure(defaultFace(build));
      const inside = zones
        .filter((zone) => zone.group !== "ears" && zone.group !== "neck")
        .reduce((sum, zone) => sum + Math.abs(signedArea(zone.polygon)), 0);
      const open =
        Math.abs(signedArea(eyes.left.opening)) + Math.abs(signedArea(eyes.right.opening));
      expect((inside + open) / Math.abs(signedArea(outline))).toBeCloseTo(1, 4);
    }
  });

  it("puts every point of the face into just one zone", () => {
    const head = figure.zones.filter((zone) => zone.group !== "ears" && zone.group !== "neck");
    fc.assert(
      fc.property(between(-70, 70), between(-118, 108), (x, y) => {
        fc.pre(
          contains(figure.outline, { x, y }) &&
            !contains(figure.eyes.left.opening, { x, y }) &&
            !contains(figure.eyes.right.opening, { x, y }),
        );
        expect(head.filter((zone) => contains(zone.polygon, { x, y }))).toHaveLength(1);
      }),
      { numRuns: 400 },
    );
  });

  it("follows the person: any measured adult has a symmetric face with every zone in place", () => {
    fc.assert(
      fc.property(anyMeasures, (measures) => {
        const { zones, zone } = buildFigure(faceFromMeasures(measures));
        for (const { id, areaCm2, polygon } of zones) {
          expect(areaCm2).toBeGreaterThan(0.3);
          expect(areaCm2 / zone(otherSide(id)).areaCm2).toBeCloseTo(1, 2);
          expect(polygon.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y))).toBe(true);
        }
      }),
      { numRuns: 25 },
    );
  });

  it("has somewhat more skin on the front of the head than half an ellipsoid of its size (Thomsen's formula): nose, lips and sockets", () => {
    const skin = figure.zones
      .filter((zone) => zone.group !== "ears" && zone.group !== "neck")
      .reduce((sum, zone) => sum + zone.areaCm2, 0);
    const face = figure.landmarks;
    const [a, b] = [face.euryonLeft.x / 10, (face.vertex.y - face.menton.y) / 20];
    const c = (a * 97) / 75;
    const p = 1.6075;
    const half = 2 * Math.PI * (((a * b) ** p + (a * c) ** p + (b * c) ** p) / 3) ** (1 / p);
    expect(skin / half).toBeGreaterThan(1.02);
    expect(skin / half).toBeLessThan(1.2);
  });

  it("knows what each zone is", () => {
    expect(ZONES).toHaveLength(figure.allZones.length);
    expect(new Set(figure.allZones.map(({ id }) => id)).size).toBe(ZONES.length);
    expect(zoneInfo("upperLidLeft").flags).toContain("eye");
    expect(zoneInfo("upperLip").flags).toContain("mouth");
    expect(otherSide("cheekAppleLeft")).toBe("cheekAppleRight");
    expect(otherSide("chin")).toBe("chin");
    for (const { traits } of ZONES)
      for (const value of Object.values(traits)) expect(value >= 0 && value <= 1).toBe(true);
    expect(() => figure.zone("elbow" as never)).toThrow(RangeError);
  });
});

describe("browPoints", () => {
  it("lie on the lines from the nostril wing, mirrored, in order outwards (BROW-5)", () => {
    for (const build of ["average", "narrow", "broad"] as const) {
      const face = defaultFace(build);
      const { start, arch, end } = browPoints(face, "left");
      expect(start.x).toBeCloseTo(face.endocanthionLeft.x, 9);
      const wing = face.alareLeft;
      const outer = face.exocanthionLeft;
      expect((end.x - wing.x) / (end.y - wing.y)).toBeCloseTo(
        (outer.x - wing.x) / (outer.y - wing.y),
        9,
      );
      expect(start.x < arch.x && arch.x < end.x && arch.y > start.y).toBe(true);
      const right = browPoints(face, "right");
      expect(right.arch.x).toBeCloseTo(-arch.x, 9);
      expect(right.end.y).toBeCloseTo(end.y, 9);
    }
  });
});

describe("body", () => {
  it("has the worked examples of DuBois 1916 and Mosteller 1987", () => {
    expect(bodySurfaceArea({ heightCm: 170, weightKg: 70 })).toBeCloseTo(1.81, 2); // nomogram value for 170 cm, 70 kg
    expect(bodySurfaceArea({ heightCm: 160, weightKg: 60, formula: "mosteller" })).toBeCloseTo(
      Math.sqrt((160 * 60) / 3600),
      12,
    );
    expect(bodySurfaceArea({ heightCm: 180, weightKg: 80, formula: "mosteller" })).toBeCloseTo(
      2,
      12,
    ); // sqrt(180 x 80 / 3600) = 2 exactly
    expect(() => bodySurfaceArea({ heightCm: 0, weightKg: 70 })).toThrow(RangeError);
  });

  // Lund & Browder 1944: rows of the chart that change with age, as half of head, half of one thigh, half of one lower leg.
  it.each([
    [0, 9.5, 2.75, 2.5],
    [1, 8.5, 3.25, 2.5],
    [5, 6.5, 4, 2.75],
    [10, 5.5, 4.25, 3],
    [15, 4.5, 4.5, 3.25],
    [21, 3.5, 4.75, 3.5],
  ])("has the Lund-Browder row for %p years", (age, halfHead, halfThigh, halfLeg) => {
    expect(regionShare("head", age) * 100).toBeCloseTo(2 * halfHead, 9);
    expect(regionShare("thighs", age) * 100).toBeCloseTo(4 * halfThigh, 9);
    expect(regionShare("lowerLegs", age) * 100).toBeCloseTo(4 * halfLeg, 9);
  });

  it("adds up to the whole skin at every age", () => {
    fc.assert(
      fc.property(between(0, 90), (age) => {
        expect(BODY_REGIONS.reduce((sum, region) => sum + regionShare(region, age), 0)).toBeCloseTo(
          1,
          9,
        );
      }),
    );
    expect(() => regionShare("head", -1)).toThrow(RangeError);
  });
});

describe("nose width and lip height", () => {
  const widthOf = (face: ReturnType<typeof defaultFace>) =>
    distance(face.alareLeft, face.alareRight);
  const heightOf = (face: ReturnType<typeof defaultFace>) =>
    face.labraleSuperius.y - face.labraleInferius.y;

  it("come out as they were measured, bend nothing else, and nothing where nobody measured", () => {
    fc.assert(
      fc.property(
        anyMeasures,
        between(...FEATURE_LIMITS.noseWidthMm),
        between(...FEATURE_LIMITS.lipHeightMm),
        (measures, noseWidthMm, lipHeightMm) => {
          const face = faceFromMeasures(measures);
          const bent = withFeatures(face, { noseWidthMm, lipHeightMm });
          expect(widthOf(bent)).toBeCloseTo(noseWidthMm, 6);
          expect(heightOf(bent)).toBeCloseTo(lipHeightMm, 6);
          expect(bent.stomion).toEqual(face.stomion);
          expect(bent.cheilionLeft).toEqual(face.cheilionLeft);
          expect(withFeatures(face, { noseWidthMm: null, lipHeightMm: null })).toEqual(face);
        },
      ),
    );
  });
  it("at both ends leave every zone of the face an area of its own", () => {
    for (const noseWidthMm of FEATURE_LIMITS.noseWidthMm)
      for (const lipHeightMm of FEATURE_LIMITS.lipHeightMm) {
        const figure = buildFigure(withFeatures(defaultFace(), { noseWidthMm, lipHeightMm }));
        for (const { id } of ZONES) expect(figure.zone(id).areaCm2).toBeGreaterThan(0.05);
      }
  });
});

describe("what a zone is", () => {
  it("is told in one place: nothing stands out and lies back, and the hair is brow and scalp", () => {
    const kindsOf = (fits: (zone: (typeof ZONES)[number]) => boolean) =>
      [...new Set(ZONES.filter(fits).map(({ kind }) => kind))].sort();
    expect(kindsOf(({ relief }) => relief === "hollow")).toEqual(
      ["cheekHollow", "noseSide", "temple", "underEye"].sort(),
    );
    // The brow bone stands out, though the socket under it lies back.
    expect(kindsOf(({ relief }) => relief === "high")).toContain("browBone");
    expect(kindsOf(({ flags }) => flags.includes("hair"))).toEqual(
      kindsOf(({ kind, group }) => kind === "brow" || group === "scalp"),
    );
    expect(kindsOf(({ flags }) => flags.includes("eye"))).toEqual(
      kindsOf(({ group }) => group === "eyes"),
    );
    for (const zone of ZONES)
      if (zone.group === "lips")
        expect(zone.flags).toEqual(expect.arrayContaining(["mouth", "clean"]));
  });
});
