import fc from "fast-check";
import {
  browPoints,
  buildFigure,
  defaultFace,
  distance,
  placed,
  placement,
  snap,
} from "../anatomy";
import {
  alignMarks,
  browsByThreePoints,
  cascadeAlong,
  distributeMarks,
  duplicateAlong,
  MARK_KINDS,
  MarkSchema,
  moveMark,
  newMark,
  placedStrokes,
  scaleMark,
  turnMark,
  type Mark,
} from "../look";

const face = defaultFace();
const figure = buildFigure(face);
const anyMark = fc
  .record({
    kind: fc.constantFrom(...MARK_KINDS),
    x: fc.integer({ min: -60, max: 60 }),
    y: fc.integer({ min: -100, max: 60 }),
    seed: fc.nat(999),
  })
  .map(({ kind, x, y, seed }) => newMark(kind, { x, y }, seed));

describe("finding a point with a ruler", () => {
  it("says it as a painter would", () => {
    expect(placement({ x: 0, y: face.endocanthionLeft.y + 38 }, figure).words).toMatch(
      /^on the midline, \d+ mm above/,
    );
    expect(placement({ x: face.pupilLeft.x, y: face.stomion.y }, figure).words).toBe(
      `${Math.round(face.pupilLeft.x)} mm to the person's left of the midline, in line with the pupil, level with the line of the mouth`,
    );
    expect(placement({ x: -20, y: face.menton.y - 12 }, figure).words).toBe(
      "20 mm to the person's right of the midline, 12 mm below the lower edge of the chin",
    );
  });
  const own = {
    average: figure,
    narrow: buildFigure(defaultFace("narrow")),
    broad: buildFigure(defaultFace("broad")),
  };
  it("leads back to the point within 1 mm, on every build of face", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -70, max: 70, noNaN: true }),
        fc.double({ min: -125, max: 100, noNaN: true }),
        fc.constantFrom("average", "narrow", "broad" as const),
        (x, y, build) => {
          expect(
            distance(placed(placement({ x, y }, own[build]), own[build]), { x, y }),
          ).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 500 },
    );
  });
  it("leads back on the body too, front and back, and names what is near there", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -400, max: 400, noNaN: true }),
        fc.double({ min: -1600, max: 100, noNaN: true }),
        fc.constantFrom("front", "back" as const),
        (x, y, frame) => {
          expect(
            distance(placed(placement({ x, y }, figure, frame), figure, frame), { x, y }),
          ).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 300 },
    );
    expect(placement({ x: 0, y: figure.heights.navel - 20 }, figure).words).toBe(
      "on the midline, 20 mm below the navel",
    );
    expect(placement({ x: -97, y: figure.heights.knees }, figure, "back").words).toBe(
      "97 mm to the person's right of the midline, level with the middle of the knees",
    );
    expect(() => placed({ level: "the navel", upMm: 0, acrossMm: 0 }, figure, "back")).toThrow(
      RangeError,
    );
  });
  it("snaps to landmarks, the midline and other marks within reach, and leaves the rest alone", () => {
    expect(snap({ x: 0.9, y: face.sellion.y + 1 }, face)).toEqual({
      at: face.sellion,
      to: "the bridge",
    });
    expect(snap({ x: 1.5, y: 40 }, face)).toMatchObject({ at: { x: 0, y: 40 }, to: "the midline" });
    expect(snap({ x: 30, y: 40.5 }, face, [{ x: -30, y: 40 }])).toMatchObject({
      at: { x: 30, y: 40 },
      to: "level with another shape",
    });
    expect(snap({ x: 33, y: 41 }, face).at).toEqual({ x: 33, y: 41 });
  });
});

describe("arranging marks", () => {
  it("moves, turns and scales to marks that are valid, or says no", () => {
    fc.assert(
      fc.property(
        anyMark,
        fc.integer({ min: -720, max: 720 }),
        fc.double({ min: 0.5, max: 1.5, noNaN: true }),
        (mark, degrees, by) => {
          const turned = turnMark(mark, degrees);
          expect(MarkSchema.safeParse(turned).success).toBe(true);
          expect(Math.cos(((turned.turnDeg - mark.turnDeg - degrees) * Math.PI) / 180)).toBeCloseTo(
            1,
            3,
          );
          const scaled = scaleMark(mark, by);
          if (scaled) expect(MarkSchema.safeParse(scaled).success).toBe(true);
          expect(moveMark(mark, { x: 5, y: 6 })).toMatchObject({ x: 5, y: 6, kind: mark.kind });
        },
      ),
      { numRuns: 200 },
    );
    expect(moveMark(newMark("star", { x: 0, y: 0 }, 1), { x: 900, y: 0 })).toBeNull();
    expect(scaleMark(newMark("star", { x: 0, y: 0 }, 1), 100)).toBeNull();
  });
  it("aligns on their mean height and spreads evenly between the outermost", () => {
    const marks = [
      [0, 0],
      [31, 6],
      [9, 3],
    ].map(([x = 0, y = 0]) => newMark("spots", { x, y }, 1));
    expect(alignMarks(marks, "level").map(({ y }) => y)).toEqual([3, 3, 3]);
    expect(distributeMarks(marks).map(({ x, y }) => [x, y])).toEqual([
      [0, 0],
      [31, 6],
      [15.5, 3],
    ]);
    expect(
      duplicateAlong(
        marks[0] as Mark,
        [
          { x: 0, y: 0 },
          { x: 10, y: 0 },
          { x: 10, y: 10 },
        ],
        3,
      ).map(({ x, y }) => [x, y]),
    ).toEqual([
      [0, 0],
      [10, 0],
      [10, 10],
    ]);
  });
  it("lays a row that grows smaller with the same gap between any two, its ends on the line's", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 9 }),
        fc.double({ min: 0.4, max: 1.8, noNaN: true }),
        (count, lastScale) => {
          const plate = {
            ...newMark("disc", { x: 0, y: 0 }, 4),
            breadthMm: 8,
            heightMm: 8,
          } as Mark;
          const line = [
            { x: -70, y: 0 },
            { x: 70, y: 0 },
          ];
          const row = duplicateAlong(plate, line, count, lastScale);
          const edges = row.map((mark) => {
            const xs = placedStrokes(mark).flatMap(({ points }) => points.map(({ x }) => x));
            return [Math.min(...xs), Math.max(...xs)] as const;
          });
          const gaps = edges.slice(1).map(([left], i) => left - (edges[i]?.[1] ?? 0));
          expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(0.15);
          expect([row[0]?.x, row.at(-1)?.x]).toEqual([-70, 70]);
          const sizes = edges.map(([left, right]) => right - left);
          expect((sizes.at(-1) ?? 0) / (sizes[0] ?? 1)).toBeCloseTo(lastScale, 1);
        },
      ),
      { numRuns: 60 },
    );
  });
  it("draws both brows through the three points of BROW-5, equal on both sides", () => {
    const { start, arch, end } = browPoints(face, "left");
    const strokes = placedStrokes(browsByThreePoints(face));
    const left = strokes.slice(0, strokes.length / 2).flatMap(({ points }) => points);
    for (const p of [start, arch, end])
      expect(Math.min(...left.map((q) => distance(p, q)))).toBeLessThan(3.2);
    const right = strokes.slice(strokes.length / 2).flatMap(({ points }) => points);
    left.forEach((p, i) => expect(right[i]).toEqual({ x: -p.x, y: p.y }));
  });
});

describe("a cascade below a line", () => {
  const line = [
    { x: 20, y: 0 },
    { x: 60, y: 0 },
  ];
  const plate = newMark("disc", { x: 20, y: 0 }, 3);
  const fall = (lastScale = 0.5) =>
    cascadeAlong(plate, line, 5, { rows: 4, apartMm: 10, lastScale });

  it("lays each even row half a gap over, one fewer", () => {
    const rows = [...new Set(fall().map(({ y }) => y))];
    expect(rows).toHaveLength(4);
    expect(rows.map((y) => fall().filter((mark) => mark.y === y).length)).toEqual([5, 4, 5, 4]);
    const [first, second] = rows.map((y) => fall().filter((mark) => mark.y === y));
    expect(second?.[0]?.x).toBeCloseTo(((first?.[0]?.x ?? 0) + (first?.[1]?.x ?? 0)) / 2, 1);
  });

  it("shrinks from row to row, and the rows come closer with it", () => {
    const widthOf = (mark: Mark) => {
      const xs = placedStrokes(mark).flatMap(({ points }) => points.map(({ x }) => x));
      return Math.max(...xs) - Math.min(...xs);
    };
    const rows = [...new Set(fall().map(({ y }) => y))];
    const firsts = rows.flatMap((y) =>
      fall()
        .filter((mark) => mark.y === y)
        .slice(0, 1),
    );
    const widths = firsts.map(widthOf);
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect((widths.at(-1) ?? 0) / (widths[0] ?? 1)).toBeCloseTo(0.5, 1);
    const gaps = rows.slice(1).map((y, i) => (rows[i] ?? 0) - y);
    expect(gaps).toEqual([...gaps].sort((a, b) => b - a));
    expect(new Set(gaps).size).toBe(3);
  });

  it("is a plain row where it has one, and every seed is its own", () => {
    expect(cascadeAlong(plate, line, 5, { rows: 1, apartMm: 10, lastScale: 0.5 })).toEqual(
      duplicateAlong(plate, line, 5),
    );
    expect(new Set(fall().map(({ seed }) => seed)).size).toBe(18);
  });
});
