import { distance, lengthAlongSkin, type Point } from "../anatomy";
import { newMark, placedStrokes, predict, safetyNotes, strokeOutline, type Mark } from "../look";
import { aContext, aLayer, aLook, product } from "../testing";
import { bodySheets, faceSheet, PAPER_KEYS, PAPERS, within, type Sheet } from ".";

const context = aContext();
const onBody = (kind: Mark["kind"], x: number, y: number, more: object = {}) =>
  ({ ...newMark(kind, { x, y }, 4), ...more }) as Mark;
const lookOf = (...marks: Mark[]) =>
  aLook(
    aLayer({
      id: "m",
      role: "detail",
      paint: product("line"),
      tool: "linerBrush",
      zones: ["chest"],
      marks,
    }),
  );
const named = ({ shapes }: Sheet, name: string) => shapes.filter((shape) => shape.name === name);
const drawn = (sheets: readonly Sheet[]) => sheets.flatMap((sheet) => named(sheet, "mark"));
const lengthOf = (line: readonly Point[]) =>
  line.slice(1).reduce((sum, p, i) => sum + distance(line[i] ?? p, p), 0);

describe("body stencils", () => {
  const ring = onBody("ring", 10, -480, { diameterMm: 200, openDeg: 0, widthMm: 6 });

  it.each(PAPER_KEYS)(
    "on %s: a mark larger than the sheet comes on several, each line once or twice, at its own length",
    (paper) => {
      const sheets = bodySheets({ paper, look: lookOf(ring), context });
      expect(sheets.length).toBeGreaterThan(1);
      const whole = placedStrokes(ring)
        .map(strokeOutline)
        .reduce((sum, outline) => sum + lengthOf([...outline, outline[0] ?? { x: 0, y: 0 }]), 0);
      const laid = drawn(sheets).reduce((sum, { points }) => sum + lengthOf(points), 0);
      expect(laid).toBeGreaterThanOrEqual(whole - 0.2);
      expect(laid).toBeLessThan(whole * 1.4);
      for (const sheet of sheets)
        for (const { points } of named(sheet, "mark"))
          for (const { x, y } of points)
            expect(
              x >= 11.99 &&
                x <= PAPERS[paper].widthMm - 11.99 &&
                y >= 23.99 &&
                y <= PAPERS[paper].heightMm - 19.99,
            ).toBe(true);
    },
  );

  it("lays neighbours cross on cross: a cross two sheets share is as far from the midline on both, within 0.2 mm", () => {
    const sheets = bodySheets({ paper: "a4", look: lookOf(ring, { ...ring, y: -660 }), context });
    const crosses = sheets.flatMap((sheet) =>
      sheet.shapes
        .filter(({ name }) => name?.startsWith("cross "))
        .map((shape) => ({
          sheet,
          name: shape.name ?? "",
          y: shape.points[0]?.y ?? 0,
          x: ((shape.points[0]?.x ?? 0) + (shape.points[1]?.x ?? 0)) / 2,
        })),
    );
    expect(crosses.length).toBeGreaterThan(3);
    // The midline drawn through both sheets is the common measure.
    const midlineOf = (sheet: Sheet) => named(sheet, "midline")[0]?.points[0]?.x;
    let compared = 0;
    for (const name of new Set(crosses.map((cross) => cross.name))) {
      const same = crosses.filter((cross) => cross.name === name);
      expect(same).toHaveLength(4);
      const offsets = [...new Set(same.map(({ sheet }) => sheet))].map((sheet) =>
        same
          .filter((cross) => cross.sheet === sheet)
          .map(({ x }) => x - (midlineOf(sheet) ?? NaN))
          .sort((one, other) => one - other),
      );
      const [one, other] = offsets;
      if (!one || !other || Number.isNaN(one[0]) || Number.isNaN(other[0])) continue;
      compared++;
      one.forEach((offset, i) => expect(Math.abs(offset - (other[i] ?? NaN))).toBeLessThan(0.2));
    }
    expect(compared).toBeGreaterThan(0);
  });

  it("has the design's millimetres: the distance of two marks on the sheet is their distance on the body within 0.2 mm", () => {
    const [a, b] = [
      onBody("spots", -30, -340, { count: 1, spreadMm: 3, widthMm: 8 }),
      onBody("spots", 30, -380, { count: 1, spreadMm: 3, widthMm: 8 }),
    ];
    const [sheet, more] = bodySheets({ paper: "a4", look: lookOf(a, b), context });
    expect(more).toBeUndefined();
    const middle = (points: readonly Point[]) => ({
      x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
      y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
    });
    const [one, other] = (sheet ? named(sheet, "mark") : []).map(({ points }) =>
      middle(points.slice(0, -1)),
    );
    const at = [a, b].map((mark) => placedStrokes(mark)[0]?.points[0] ?? { x: 0, y: 0 });
    expect(one && other ? distance(one, other) : 0).toBeCloseTo(
      distance(at[0] as Point, at[1] as Point),
      0.7,
    );
  });

  it("is as wide as on the skin, measured along it at the shape's own height, and says how much wider that is", () => {
    const aside = onBody("ring", 105, -340, { diameterMm: 60, openDeg: 0, widthMm: 4 });
    const sheets = bodySheets({ paper: "a4", look: lookOf(aside), context });
    const points = drawn(sheets).flatMap((shape) => shape.points);
    const [left, right] = [Math.min, Math.max].map((pick) => pick(...points.map(({ x }) => x)));
    const outline = placedStrokes(aside).flatMap((stroke) => strokeOutline(stroke));
    const at = (pick: typeof Math.min) => ({ x: pick(...outline.map(({ x }) => x)), y: -340 });
    const onSkin = lengthAlongSkin(context.figure, "front", at(Math.min), at(Math.max));
    expect((right ?? 0) - (left ?? 0)).toBeCloseTo(onSkin, 0);
    expect(onSkin).toBeGreaterThan(66);
    const said = sheets[0]?.texts.map(({ text }) => text).join(" ") ?? "";
    expect(said).toContain(`up to ${Math.round((onSkin / 64 - 1) * 100)} % wider than seen`);
  });

  it("turns what is on the back, as seen from behind, and keeps the face's marks out", () => {
    const [sheet] = bodySheets({
      paper: "a4",
      look: lookOf(
        onBody("spots", 60, -300, { frame: "back", count: 1, spreadMm: 3 }),
        onBody("star", 0, 30),
      ),
      context,
    });
    const midline = sheet && named(sheet, "midline")[0]?.points[0]?.x;
    expect(sheet && named(sheet, "mark")).toHaveLength(1);
    if (midline !== undefined)
      expect(named(sheet as Sheet, "mark")[0]?.points[0]?.x).toBeLessThan(midline);
    expect(sheet?.texts[0]?.text).toContain("from behind");
    expect(
      bodySheets({ paper: "a4", look: lookOf(onBody("star", 0, 30)), context })[0]?.texts.at(-1)
        ?.text,
    ).toMatch(/No shapes lie on the body/);
  });
});

describe("within", () => {
  const box = { left: 0, right: 10, bottom: 0, top: 10 };
  it("keeps what is inside, cuts what crosses, and drops what passes by", () => {
    expect(
      within(
        [
          { x: 1, y: 1 },
          { x: 9, y: 9 },
        ],
        box,
      ),
    ).toEqual([
      [
        { x: 1, y: 1 },
        { x: 9, y: 9 },
      ],
    ]);
    expect(
      within(
        [
          { x: -5, y: 5 },
          { x: 15, y: 5 },
        ],
        box,
      ),
    ).toEqual([
      [
        { x: 0, y: 5 },
        { x: 10, y: 5 },
      ],
    ]);
    expect(
      within(
        [
          { x: -5, y: 20 },
          { x: 15, y: 20 },
        ],
        box,
      ),
    ).toEqual([]);
    expect(
      within(
        [
          { x: 5, y: 5 },
          { x: 15, y: 5 },
          { x: 15, y: 8 },
          { x: 5, y: 8 },
        ],
        box,
      ),
    ).toEqual([
      [
        { x: 5, y: 5 },
        { x: 10, y: 5 },
      ],
      [
        { x: 10, y: 8 },
        { x: 5, y: 8 },
      ],
    ]);
  });
});

describe("what one has to know first, on every sheet", () => {
  // Bold sans type is some 0.56 of its size wide on average (measured on Atkinson Hyperlegible Next, bold).
  const WIDE = 0.56;
  const full = aContext({
    person: {
      allergies: ["latex", "carmine", "fragrance", "isothiazolinones", "formaldehyde"],
      ageYears: 9,
      asthma: true,
      lenses: true,
      patchTests: [],
      concerns: [{ what: "eczema", zones: ["chin", "cheekAppleLeft"], unpainted: true }],
    },
    brief: { bareToday: ["forehead"], health: ["coldSore", "pregnancy"] },
  });
  const design = lookOf(onBody("ring", 10, -480, { diameterMm: 200, openDeg: 0, widthMm: 6 }));
  const sheetsOf = (paper: (typeof PAPER_KEYS)[number]) => [
    ...bodySheets({ paper, look: design, context: full }),
    ...(["chart", "blank", "stencil"] as const).map((kind) =>
      faceSheet({ kind, paper, look: design, context: full, prediction: predict(design, full) }),
    ),
  ];

  it.each(PAPER_KEYS)(
    "stands whole on %s, and nothing of it runs off or onto the face",
    (paper) => {
      const words = safetyNotes(design, full)
        .map(({ text }) => text)
        .join(" ");
      for (const sheet of sheetsOf(paper)) {
        const said = sheet.texts.filter(({ bold, sizeMm }) => bold && sizeMm < 3);
        expect(said.map(({ text }) => text).join(" ")).toBe(words);
        for (const { x, y, sizeMm, text } of said) {
          expect(x + text.length * sizeMm * WIDE).toBeLessThan(sheet.widthMm - 8);
          expect(y).toBeLessThan(sheet.heightMm - 14);
        }
      }
    },
  );
});
