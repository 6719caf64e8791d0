import { RULER_MM, PAPERS, practiceSheet } from "../formats";
import { markLabel, MarkSchema, type Layer } from "../look";
import { learningMinutes } from "../schedule";
import { USUAL_STUDIO } from "../studio";
import { aLayer, aLook } from "../testing";
import { DRILL_KEYS, drill, hardParts, practiceCurve, PracticeSchema, type Practice } from ".";

const go = (i: number, minutes: number, right: number): Practice => ({
  id: `g${i}`,
  drill: "longLine",
  on: `2026-11-${String(i + 1).padStart(2, "0")}`,
  minutes,
  right,
});

describe("practice sheets", () => {
  it.each(DRILL_KEYS)(
    "%s lies on either paper, clear of its words and the ruler, at 1:1",
    (key) => {
      for (const paper of ["a4", "letter"] as const) {
        const { shapes, texts } = practiceSheet({ key, paper });
        const { widthMm, heightMm } = PAPERS[paper];
        const field = shapes.filter(({ name }) => name?.startsWith(key));
        expect(field.length).toBeGreaterThan(4);
        const ys = field.flatMap(({ points }) => points.map(({ y }) => y));
        const xs = field.flatMap(({ points }) => points.map(({ x }) => x));
        expect(Math.min(...xs)).toBeGreaterThan(8);
        expect(Math.max(...xs)).toBeLessThan(widthMm - 8);
        expect(Math.min(...ys)).toBeGreaterThan(Math.max(...texts.map(({ y }) => y)) + 1);
        expect(Math.max(...ys)).toBeLessThan(heightMm - 14);
        const across = shapes
          .filter(({ name }) => !name?.startsWith(key))
          .flatMap(({ points }) => points.map(({ x }) => x));
        expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(RULER_MM, 6);
      }
    },
  );
  it("draws a star as the pentagram has it: inner radius 0.382 of the outer (Euclid, Elements IV.11 and XIII.8)", () => {
    const [star] = drill("star").lines();
    const [tip, inner] = star?.points ?? [];
    const middle = { x: 33, y: 32 };
    const radius = (p: typeof tip) => Math.hypot((p?.x ?? 0) - middle.x, (p?.y ?? 0) - middle.y);
    expect(radius(inner) / radius(tip)).toBeCloseTo(0.381966, 5);
  });
  it("has as many to get right as it says", () => {
    expect(drill("dots").lines()).toHaveLength(drill("dots").of);
    expect(drill("star").lines()).toHaveLength(drill("star").of);
    expect(drill("longLine").lines()).toHaveLength(2 * drill("longLine").of);
  });
});

describe("the log of a drill", () => {
  it("finds the curve it was made by, and says what the next takes", () => {
    const log = Array.from({ length: 12 }, (_, i) => go(i, learningMinutes(20, i + 1, 0.8), 4));
    const curve = practiceCurve(log, "longLine");
    expect(curve?.rate).toBeGreaterThan(0.79);
    expect(curve?.rate).toBeLessThan(0.83);
    const next = curve?.fitted.at(-1) ?? 0;
    expect(Math.abs(next / learningMinutes(20, 13, 0.8) - 1)).toBeLessThan(0.05);
  });
  it("tells whether more is right than at first, whatever order it was noted in", () => {
    const log = [2, 3, 3, 6, 7, 8].map((right, i) => go(i, 10, right)).toReversed();
    expect(practiceCurve(log, "longLine")?.better).toBeCloseTo((7 - 8 / 3) / 8, 6);
    expect(practiceCurve(log.slice(0, 3), "longLine")?.better).toBeNull();
    expect(practiceCurve(log, "star")).toBeNull();
  });
  it("takes no more right than there are", () => {
    const ok = { drill: "longLine", on: "2026-11-24", minutes: 5, right: 8 };
    expect(PracticeSchema.safeParse(ok).success).toBe(true);
    expect(PracticeSchema.safeParse({ ...ok, right: 9 }).error?.issues[0]?.message).toBe(
      "more than there are on the sheet",
    );
    expect(PracticeSchema.safeParse({ ...ok, minutes: 0 }).success).toBe(false);
  });
});

describe("how hard a look is by its parts", () => {
  const star = (x: number, diameterMm: number) =>
    MarkSchema.parse({ kind: "star", x, y: -30, diameterMm });
  const disc = MarkSchema.parse({ kind: "disc", x: 20, y: -30 });
  const detail: Partial<Layer> = { role: "detail", zones: [] };
  const look = aLook(
    aLayer({ ...detail, id: "dots", name: "Dots", marks: [disc] }),
    aLayer({ ...detail, id: "stars", name: "Stars", marks: [star(20, 20), star(35, 12)] }),
  );
  const { painter } = USUAL_STUDIO;
  it("names the hardest first, with the drill for it", () => {
    const parts = hardParts(look, painter);
    expect(parts.map(({ layer, drill: key }) => [layer, key])).toEqual([
      ["Stars", "star"],
      ["Dots", "dots"],
    ]);
    expect(parts[0]?.what).toMatch(/^2 × star/);
    expect(parts.map(({ simpler }) => simpler)).toEqual([markLabel("polygon"), null]);
  });
  it("is no easier for a shaking hand or poor eyes", () => {
    const own = hardParts(look, painter);
    const shaky = hardParts(look, { ...painter, steadiness: "shaky", eyesight: "poor" });
    own.forEach((part) => {
      const same = shaky.find(({ layer }) => layer === part.layer);
      expect(same?.difficulty).toBeGreaterThan(part.difficulty);
    });
  });
});
