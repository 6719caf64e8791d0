import fc from "fast-check";
import {
  buildList,
  coatCount,
  developCone,
  innerRoundMm,
  PIECE_KIND_KEYS,
  PieceSchema,
  wallMm,
  bevelDeg,
  type Piece,
} from ".";

const piece = (values: Partial<Piece> = {}): Piece =>
  PieceSchema.parse({ id: "crown", kind: "headpiece", name: "Crown", source: "made", ...values });
const length = (line: readonly { x: number; y: number }[]) =>
  line
    .slice(1)
    .reduce((sum, b, i) => sum + Math.hypot(b.x - (line[i]?.x ?? 0), b.y - (line[i]?.y ?? 0)), 0);

describe("the build list", () => {
  it("goes back from the day over nights, a day for repairs and the dry fit (by hand, from PIECE-1)", () => {
    // Paper and paste, two nights; then two coats of primer and one of paint on one day. Worn on the 20th: fit on the 19th, repairs on the 18th, ready on the 17th.
    const list = buildList(
      piece({
        builds: [
          { material: "paperPulp", coats: 2 },
          { material: "primer", coats: 2 },
          { material: "propPaint", coats: 1 },
        ],
      }),
      "2026-06-20",
    );
    expect(list.steps.map(({ on, words }) => `${on} ${words}`)).toEqual([
      "2026-06-15 paper and paste, coat 1 of 2",
      "2026-06-16 paper and paste, coat 2 of 2",
      "2026-06-17 flexible primer, coat 1 of 2",
      "2026-06-17 flexible primer, coat 2 of 2",
      "2026-06-17 prop paint",
      "2026-06-19 dry fit, all worn together: draw the glue line; mend and pack",
    ]);
    expect(list.startOn).toBe("2026-06-15");
    expect(list.steps.find(({ words }) => words.startsWith("flexible"))?.aired).toBe(true);
  });
  it("counts what is done, and is to begin with what is left", () => {
    const build = piece({ builds: [{ material: "paperPulp", coats: 2 }], done: 1 });
    // The last coat's own night: one day sooner.
    expect(buildList(build, "2026-06-20").startOn).toBe("2026-06-16");
    expect(buildList({ ...build, done: coatCount(build) }, "2026-06-20").startOn).toBeNull();
  });
  it("orders what is bought so that it comes before the day for repairs, over the end of a month", () => {
    expect(buildList(piece({ source: "bought", leadDays: 10 }), "2026-07-03").startOn).toBe(
      "2026-06-20",
    );
    expect(buildList(piece({ source: "bought", done: 1 }), "2026-07-03").startOn).toBeNull();
  });
  it("never does two coats in less than the wait between them, whatever is built", () => {
    const builds = fc.array(
      fc.record({
        material: fc.constantFrom(
          "paperPulp" as const,
          "glue" as const,
          "latexStrips" as const,
          "plaster" as const,
          "sealer" as const,
        ),
        coats: fc.integer({ min: 1, max: 5 }),
      }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(builds, (list) => {
        const { steps } = buildList(piece({ builds: list }), "2026-06-20");
        const coats = steps.filter(({ kind }) => kind === "coat");
        expect(coats.map(({ on }) => on)).toEqual(coats.map(({ on }) => on).sort());
        for (const { on } of coats) expect(on <= "2026-06-17").toBe(true);
        coats.slice(1).forEach((step, i) => {
          if (/paper|plaster/.test(coats[i]?.words ?? ""))
            expect(step.on > (coats[i]?.on ?? "")).toBe(true);
        });
      }),
      { numRuns: 80 },
    );
  });
});

describe("sizes", () => {
  it("each mm of wall takes 2 pi mm of the round (PIECE-2; geometry of the circle)", () => {
    const build = {
      builds: [
        { material: "foamSheet" as const, coats: 1 },
        { material: "lining" as const, coats: 1 },
      ],
    };
    expect(wallMm(build)).toBe(7);
    expect(innerRoundMm(570, 7)).toBeCloseTo(570 + 43.98, 2);
  });
  it("a cone on the flat is a sector: 30 by 40 by 50 triangle, 216 degrees (descriptive geometry, any textbook)", () => {
    const { slantMm, angleDeg, foot } = developCone({
      footMm: 60,
      topMm: 0,
      heightMm: 40,
      slopeDeg: 0,
    });
    expect(slantMm).toBeCloseTo(50, 9);
    expect(angleDeg).toBeCloseTo(216, 9);
    expect(length(foot)).toBeCloseTo(Math.PI * 60, 1);
    for (const p of foot) expect(Math.hypot(p.x, p.y)).toBeCloseTo(50, 6);
  });
  it("a frustum keeps both rounds, whatever its size", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 300 }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.integer({ min: 20, max: 500 }),
        (footMm, share, heightMm) => {
          const topMm = footMm * share;
          const { foot, top, slantMm, topSlantMm } = developCone({
            footMm,
            topMm,
            heightMm,
            slopeDeg: 0,
          });
          expect(length(foot) / (Math.PI * footMm)).toBeCloseTo(1, 3);
          expect(length(top) / (Math.PI * topMm)).toBeCloseTo(1, 3);
          expect(slantMm - topSlantMm).toBeCloseTo(Math.hypot((footMm - topMm) / 2, heightMm), 6);
        },
      ),
    );
  });
  it("on a slope the rolled foot lies in one plane at that slope; the other side is its mirror image (PIECE-3)", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 120 }),
        fc.integer({ min: 60, max: 300 }),
        fc.integer({ min: 1, max: 40 }),
        (footMm, heightMm, slopeDeg) => {
          const { foot, angleDeg } = developCone({ footMm, topMm: 0, heightMm, slopeDeg });
          const half = Math.atan(footMm / 2 / heightMm);
          // Rolled up again: the turn about the axis from the angle on the flat.
          const points = foot.map((p) => {
            const s = Math.hypot(p.x, p.y);
            const turn = ((Math.atan2(p.x, p.y) * 180) / Math.PI / angleDeg + 0.5) * 2 * Math.PI;
            return { x: s * Math.sin(half) * Math.cos(turn), z: s * Math.cos(half) };
          });
          const slope = Math.tan((slopeDeg * Math.PI) / 180);
          for (const { x, z } of points) expect(z + x * slope).toBeCloseTo(heightMm, 5);
          const other = developCone({ footMm, topMm: 0, heightMm, slopeDeg }, "right").foot;
          other.forEach((p, i) => {
            expect(p.x).toBeCloseTo(-(foot[i]?.x ?? 0), 9);
            expect(p.y).toBeCloseTo(foot[i]?.y ?? 0, 9);
          });
        },
      ),
      { numRuns: 60 },
    );
    expect(bevelDeg(30)).toEqual({ standing: 30, mitred: 15 });
    expect(() => developCone({ footMm: 200, topMm: 0, heightMm: 20, slopeDeg: 45 })).toThrow(
      RangeError,
    );
  });
  it("refuses a top wider than the foot, and every kind parses", () => {
    expect(
      PieceSchema.safeParse({
        ...piece(),
        cone: { footMm: 30, topMm: 40, heightMm: 50, slopeDeg: 0 },
      }).error?.issues[0]?.message,
    ).toBe("narrower than the foot");
    for (const kind of PIECE_KIND_KEYS) expect(piece({ kind }).kind).toBe(kind);
  });
});
