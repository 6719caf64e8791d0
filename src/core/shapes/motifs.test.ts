import { readFileSync } from "node:fs";
import fc from "fast-check";
import { create } from "fontkit";
import { decompress } from "wawoff2";
import { distance } from "../anatomy";
import {
  MARK_KINDS,
  markDifficulty,
  markWidthMm,
  pathByHand,
  markLabel,
  MarkSchema,
  newMark,
  placedStrokes,
  shapeFields,
  strokeArea,
  strokeLength,
  type Mark,
} from ".";
import { seededRandom } from "../random";
import { CAP_HEIGHT, GLYPHS } from "./lettering/glyphs";

const extent = (mark: Mark) => {
  const points = placedStrokes(mark).flatMap((stroke) => stroke.points);
  return points.reduce(
    (most, p) => points.reduce((far, q) => Math.max(far, distance(p, q)), most),
    0,
  );
};

describe("marks", () => {
  it.each(MARK_KINDS)(
    "%s has a name, a difficulty, and strokes of real width about its centre",
    (kind) => {
      const mark = newMark(kind, { x: 12, y: -20 }, 5);
      expect(markLabel(kind)).toMatch(/^[a-z ]+$/);
      expect(markDifficulty(kind)).toBeGreaterThan(0);
      expect(markDifficulty(kind)).toBeLessThanOrEqual(100);
      const strokes = placedStrokes(mark);
      expect(strokes.length).toBeGreaterThan(0);
      for (const stroke of strokes) {
        if (stroke.fill) expect(strokeArea(stroke)).toBeGreaterThan(0);
        else expect(stroke.widthMm).toBeGreaterThan(0.2);
        for (const p of stroke.points) expect(distance(p, mark)).toBeLessThan(90);
      }
    },
  );

  it.each(MARK_KINDS)("%s: each of its numbers has a name, limits and a step", (kind) => {
    const mark = newMark(kind, { x: 0, y: 0 }, 5);
    const numbers = Object.entries(mark).filter(
      ([key, value]) => typeof value === "number" && key !== "seed",
    );
    const fields = new Map(shapeFields(kind).map((field) => [field.key, field]));
    for (const [key, value] of numbers) {
      const field = fields.get(key);
      if (field?.kind !== "number") throw new Error(`${kind}: ${key} has no name`);
      expect(field.label).toMatch(/^[a-z]/);
      expect(field.step).toBeGreaterThan(0);
      expect(field.limits.least).toBeLessThanOrEqual(Number(value));
      expect(field.limits.most).toBeGreaterThanOrEqual(Number(value));
      const beyond = { ...mark, [key]: (field.limits.most ?? 0) + 1 };
      expect(MarkSchema.safeParse(beyond).success).toBe(false);
    }
    expect(new Set([...fields.values()].map(({ label }) => label)).size).toBe(fields.size);
  });

  it("grow with their length, whatever the seed", () => {
    fc.assert(
      fc.property(fc.constantFrom("crack", "fork", "fern" as const), fc.nat(9999), (kind, seed) => {
        const at = (lengthMm: number) =>
          extent({ ...newMark(kind, { x: 0, y: 0 }, seed), lengthMm } as Mark);
        expect(at(80)).toBeGreaterThan(at(30));
      }),
      { numRuns: 60 },
    );
  });

  it("stay inside the size they are given, whatever the seed", () => {
    fc.assert(
      fc.property(fc.constantFrom(...MARK_KINDS), fc.nat(9999), (kind, seed) => {
        const mark = newMark(kind, { x: 0, y: 0 }, seed);
        const sizes = Object.entries(mark)
          .filter(([key]) => key.endsWith("Mm"))
          .map(([, value]) => Number(value));
        const reach =
          sizes.reduce((sum, value) => sum + Math.abs(value), 0) +
          ("columns" in mark ? mark.columns * mark.sizeMm + mark.rows * mark.sizeMm : 0) +
          ("points" in mark ? 60 : 0) +
          ("text" in mark ? mark.text.length * mark.heightMm : 0);
        for (const stroke of placedStrokes(mark))
          for (const p of stroke.points) expect(Math.hypot(p.x, p.y)).toBeLessThan(reach);
      }),
      { numRuns: 200 },
    );
  });

  it("are their own mirror image's mirror image, and draw the same twice", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MARK_KINDS),
        fc.nat(9999),
        fc.integer({ min: -170, max: 170 }),
        (kind, seed, turnDeg) => {
          const mark = {
            ...newMark(kind, { x: 20, y: -30 }, seed),
            turnDeg,
            mirrored: true,
          } as Mark;
          const strokes = placedStrokes(mark);
          const half = strokes.length / 2;
          strokes.slice(0, half).forEach((stroke, i) =>
            stroke.points.forEach((p, k) =>
              expect({
                x: -(strokes[half + i]?.points[k]?.x ?? NaN),
                y: strokes[half + i]?.points[k]?.y,
              }).toEqual({ x: p.x, y: p.y }),
            ),
          );
          expect(placedStrokes({ ...mark })).toEqual(strokes);
        },
      ),
      { numRuns: 120 },
    );
  });

  it("count the way of the brush and the skin it covers: a disc, a line, a square", () => {
    expect(strokeArea({ points: [{ x: 0, y: 0 }], widthMm: 10 })).toBeCloseTo(25 * Math.PI, 9);
    expect(
      strokeLength({
        points: [
          { x: 0, y: 0 },
          { x: 30, y: 40 },
        ],
        widthMm: 2,
      }),
    ).toBe(50);
    const square = {
      points: [
        { x: 0, y: 0 },
        { x: 10, y: 0 },
        { x: 10, y: 10 },
        { x: 0, y: 10 },
      ],
      widthMm: 0,
      fill: true,
    } as const;
    expect([
      strokeArea(square),
      strokeLength(square),
      strokeArea({ ...square, strength: 0.25 }),
    ]).toEqual([100, 40, 25]);
  });

  it("turn about their own centre without changing their size", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MARK_KINDS),
        fc.integer({ min: -180, max: 180 }),
        (kind, turnDeg) => {
          const mark = newMark(kind, { x: 10, y: 5 }, 3);
          expect(extent({ ...mark, turnDeg })).toBeCloseTo(extent(mark), 6);
          const [still, turned] = [
            placedStrokes(mark)[0]?.points[0],
            placedStrokes({ ...mark, turnDeg })[0]?.points[0],
          ];
          expect(turned && distance(turned, mark)).toBeCloseTo(
            still ? distance(still, mark) : NaN,
            6,
          );
        },
      ),
      { numRuns: 40 },
    );
  });

  it("have as many branches, forks, fronds and spots as asked", () => {
    const strokes = (values: Partial<Mark> & Pick<Mark, "kind">) =>
      placedStrokes({ ...newMark(values.kind, { x: 0, y: 0 }, 2), ...values } as Mark).length;
    expect(strokes({ kind: "crack", branches: 5 })).toBe(2 + 5);
    expect(strokes({ kind: "fork", forks: 4 })).toBe(1 + 4);
    expect(strokes({ kind: "fern", pairs: 6 })).toBe(1 + 12);
    expect(strokes({ kind: "spots", count: 30 })).toBe(30);
  });

  it("let spots get smaller to the edge when asked", () => {
    const widths = (falloff: number) =>
      placedStrokes({ ...newMark("spots", { x: 0, y: 0 }, 1), count: 40, falloff } as Mark).map(
        (stroke) => stroke.widthMm,
      );
    const mean = (values: number[]) =>
      values.reduce((sum, value) => sum + value, 0) / values.length;
    expect(mean(widths(0.9).slice(0, 10))).toBeGreaterThan(2 * mean(widths(0.9).slice(-10)));
    expect(mean(widths(0).slice(0, 10)) / mean(widths(0).slice(-10))).toBeCloseTo(1, 0);
  });

  it("vary the other side when asked, and only that side", () => {
    const whole = placedStrokes({ ...newMark("crack", { x: 30, y: 0 }, 4), mirrored: true });
    const varied = placedStrokes({
      ...newMark("crack", { x: 30, y: 0 }, 4),
      mirrored: true,
      varied: true,
    });
    const half = whole.length / 2;
    expect(varied.slice(0, half)).toEqual(whole.slice(0, half));
    expect(varied.slice(half)).not.toEqual(whole.slice(half));
    expect(
      varied
        .slice(half)
        .flatMap(({ points }) => points)
        .every(({ x }) => x < 20),
    ).toBe(true);
  });

  it("are refused by their schema when they make no sense", () => {
    const mark = newMark("fern", { x: 0, y: 0 }, 1);
    for (const wrong of [
      { lengthMm: 1 },
      { widthMm: 0 },
      { x: 900 },
      { pairs: 2.5 },
      { curl: 3 },
      { kind: "spiral" },
      { seed: -1 },
      { extra: 1 },
    ])
      expect(MarkSchema.safeParse({ ...mark, ...wrong }).success).toBe(false);
    expect(MarkSchema.safeParse(mark).success).toBe(true);
  });
});

describe("lettering", () => {
  const word = (more: object) =>
    placedStrokes({
      ...newMark("lettering", { x: 0, y: 0 }, 1),
      text: "HIM",
      heightMm: 20,
      ...more,
    } as Mark).flatMap(({ points }) => points);
  const across = (points: readonly { x: number; y: number }[]) =>
    [Math.min(...points.map(({ x }) => x)), Math.max(...points.map(({ x }) => x))] as const;

  it("has capitals of the height asked for, centred, letters in reading order", () => {
    const points = word({});
    const ys = points.map(({ y }) => y);
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(20, 1);
    const [left, right] = across(points);
    expect(left + right).toBeCloseTo(0, 0);
    expect(across(word({ spacingMm: 5 }))[1] - right).toBeCloseTo(5, 1);
  });

  // The foot of an arc of length w that rises r: (1 - cos a) / (2 a) = r / w (plane geometry).
  it("arches by the rise asked for, and keeps its length along the arc", () => {
    const text = "IIIIIIIIIIIIIIII";
    const flat = across(word({ text }));
    const arched = placedStrokes({
      ...newMark("lettering", { x: 0, y: 0 }, 1),
      text,
      heightMm: 20,
      bendMm: 18,
    } as Mark).map(({ points }) => {
      const ys = points.map(({ y }) => y);
      return (Math.max(...ys) + Math.min(...ys)) / 2;
    });
    expect(Math.max(...arched) - Math.min(...arched)).toBeGreaterThan(14);
    expect(Math.max(...arched) - Math.min(...arched)).toBeLessThan(19);
    const bent = across(word({ text, bendMm: 18 }));
    expect(bent[1] - bent[0]).toBeLessThan(flat[1] - flat[0] + 5);
  });

  it("takes only letters it can draw", () => {
    const mark = newMark("lettering", { x: 0, y: 0 }, 1);
    for (const text of ["", "a<b", "snow\n", "x".repeat(25), "é"])
      expect(MarkSchema.safeParse({ ...mark, text }).success).toBe(false);
    for (const text of ["Frost", "No. 7 & Co!", "it's-a+b?"])
      expect(MarkSchema.safeParse({ ...mark, text }).success).toBe(true);
  });

  // The file that ships with the application, read by fontkit: the table is what the font says.
  it("is drawn from the shipped font, weight 700", async () => {
    const file =
      require.resolve("@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2");
    const font = create(Buffer.from(await decompress(readFileSync(file)))).getVariation({
      wght: 700,
    });
    expect(CAP_HEIGHT).toBe(Math.round(font.capHeight));
    for (const letter of "AQgm8&")
      expect(GLYPHS[letter]?.[0]).toBe(
        Math.round(font.glyphForCodePoint(letter.codePointAt(0) ?? 0).advanceWidth),
      );
  });
});

describe("a line drawn by hand", () => {
  it("is pointed at its ends, no wider than asked, and as long as it was drawn", () => {
    const line = Array.from({ length: 40 }, (_, i) => ({ x: i, y: 6 * Math.sin(i / 6) }));
    const [stroke] = placedStrokes(MarkSchema.parse(pathByHand(line, 3)));
    expect(stroke?.fill).toBe(true);
    expect(stroke && strokeLength(stroke)).toBeGreaterThan(39);
    expect(stroke && strokeArea({ ...stroke, widthMm: 0 })).toBeLessThan(
      3 * 1.1 * (stroke ? strokeLength(stroke) : 0),
    );
    expect(markWidthMm(MarkSchema.parse(pathByHand(line, 3)))).toBeLessThan(3.4);
  });
});

describe("seeded chance", () => {
  it("repeats for a seed, differs between seeds, and fills 0 to 1 evenly", () => {
    const draw = (seed: number, n: number) => {
      const random = seededRandom(seed);
      return Array.from({ length: n }, random);
    };
    expect(draw(7, 5)).toEqual(draw(7, 5));
    expect(draw(7, 5)).not.toEqual(draw(8, 5));
    const many = draw(1, 20_000);
    expect(many.every((value) => value >= 0 && value < 1)).toBe(true);
    expect(many.reduce((sum, value) => sum + value, 0) / many.length).toBeCloseTo(0.5, 1);
    expect(many.filter((value) => value < 0.1).length / many.length).toBeCloseTo(0.1, 1);
  });
});
