import {
  buildFigure,
  defaultFace,
  lengthAlongSkin,
  point,
  tapeFromMidline,
  unrolledRound,
} from ".";
import { bodySurface } from "./surface/body";
import { headOfFace } from "./surface/ofFace";

const face = defaultFace();
const figure = buildFigure(face);
const { physique, landmarks } = figure;
const body = bodySurface(physique, physique.heightCm * 10 - landmarks.vertex.y);

/** Where the mesh is cut at a height: length of what lies in front between two places, added triangle by triangle. */
function cutLength(
  { positions, normals, triangles }: Pick<typeof body, "positions" | "normals" | "triangles">,
  y: number,
  [from, to]: readonly [number, number],
): number {
  const at = (i: number, k: number) => positions[3 * i + k] ?? 0;
  let length = 0;
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [0, 1, 2].map((k) => triangles[t + k] ?? 0);
    if (corners.some((i) => (normals[3 * i + 2] ?? 0) < 0)) continue;
    const cuts = corners.flatMap((a, k) => {
      const b = corners[(k + 1) % 3] ?? a;
      const [ya, yb] = [at(a, 1), at(b, 1)];
      if (ya < y === yb < y) return [];
      const share = (y - ya) / (yb - ya);
      return [[0, 2].map((axis) => at(a, axis) + (at(b, axis) - at(a, axis)) * share)];
    });
    const [p, q] = cuts;
    if (!p || !q) continue;
    const middle = ((p[0] ?? 0) + (q[0] ?? 0)) / 2;
    if (middle < from || middle > to) continue;
    length += Math.hypot((p[0] ?? 0) - (q[0] ?? 0), (p[1] ?? 0) - (q[1] ?? 0));
  }
  return length;
}

describe("along the skin", () => {
  it.each([
    ["belly", -560, 110],
    ["chest", -330, 90],
    ["chest", -330, 130],
  ])("a tape over the %s at %d mm, %d mm aside, is as long as the mesh cut there", (_, y, x) => {
    const tape = tapeFromMidline(point(x, y), figure, "front");
    const cut = cutLength(body, y, [0, x]);
    expect(tape).toBeGreaterThan(x);
    expect(Math.abs(tape - cut)).toBeLessThan(0.02 * cut + 1);
  });

  it("is as long on the face, within a millimetre", () => {
    const head = headOfFace(face, physique.ageYears, 1);
    for (const y of [40, 20]) {
      const tape = tapeFromMidline(point(50, y), figure, "front");
      expect(Math.abs(tape - cutLength(head, y, [0, 50]))).toBeLessThan(1);
    }
  });

  it("is the same mirrored, and as long there as back; beside the figure it is flat", () => {
    const [a, b] = [point(20, -400), point(95, -420)];
    const there = lengthAlongSkin(figure, "front", a, b);
    expect(lengthAlongSkin(figure, "front", b, a)).toBeCloseTo(there, 0);
    const mirrored = [a, b].map(({ x, y }) => point(-x, y)) as [typeof a, typeof b];
    expect(lengthAlongSkin(figure, "front", ...mirrored)).toBeCloseTo(there, 0);
    expect(lengthAlongSkin(figure, "front", point(2000, 0), point(2030, 0))).toBeCloseTo(30, 6);
  });

  it("unrolled, a place keeps its middle, nothing comes nearer, and the order of points stays", () => {
    const middle = point(70, -350);
    const flat = unrolledRound(middle, figure, "front");
    expect(flat(middle)).toEqual(middle);
    const row = [-40, -20, 0, 20, 40].map((dx) => point(middle.x + dx, middle.y));
    const laid = row.map(flat);
    laid.forEach((p, i) => {
      expect(Math.abs(p.x - middle.x)).toBeGreaterThanOrEqual(
        Math.abs((row[i]?.x ?? 0) - middle.x) - 1e-6,
      );
      if (i) expect(p.x).toBeGreaterThan(laid[i - 1]?.x ?? Infinity);
    });
    // Farther out the chest turns away: there it opens more.
    expect((laid[4]?.x ?? 0) - (laid[2]?.x ?? 0)).toBeGreaterThan(
      (laid[2]?.x ?? 0) - (laid[0]?.x ?? 0),
    );
  });
});
