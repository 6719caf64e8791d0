import {
  buildFigure,
  contains,
  defaultFace,
  distance,
  hairBand,
  hairOn,
  profileOf,
  signedArea,
} from ".";

const figure = buildFigure(defaultFace());
const { vertex, trichion, otobasionInferiusLeft, otobasionSuperiusLeft } = figure.landmarks;

describe("hair", () => {
  const covered = figure.zone("scalp").polygon;
  const hair = hairOn({
    covered,
    rim: figure.outline,
    crown: { x: 0, y: vertex.y - 6 },
    rootY: otobasionSuperiusLeft.y,
  });

  it("stands off the head at its edge by less than a centimetre, and begins at the hairline", () => {
    const moved = hair.outline.map((p, i) => distance(p, covered[i] ?? p));
    expect(Math.max(...moved)).toBeGreaterThan(5);
    expect(Math.max(...moved)).toBeLessThan(10);
    // What it covers of the face is what the area covers.
    hair.outline.forEach((p, i) => {
      if (moved[i] === 0) expect(p).toEqual(covered[i]);
      else expect(contains(figure.outline, p)).toBe(false);
    });
    expect(Math.max(...hair.outline.map(({ y }) => y))).toBeGreaterThan(vertex.y + 5);
  });

  it("falls in locks that begin on the hairline, alike on both sides", () => {
    expect(hair.locks.length).toBeGreaterThan(8);
    const roots = hair.locks.flatMap(([root]) => (root ? [root] : []));
    const hairline = Math.max(...figure.strand("hairline", "left").map(({ y }) => y));
    for (const { y } of roots) expect(y).toBeLessThan(hairline + 0.1);
    expect(Math.abs(roots.reduce((sum, { x }) => sum + x, 0) / roots.length)).toBeLessThan(6);
  });

  it.each(["left", "right"] as const)("is a band along the head seen from the %s", (side) => {
    const { silhouette } = profileOf(figure, side);
    const heights = { hairline: trichion.y, lobes: otobasionInferiusLeft.y };
    const band = hairBand(silhouette, heights, side === "left" ? -1 : 1);
    const cm2 = Math.abs(signedArea(band)) / 100;
    expect(cm2).toBeGreaterThan(10);
    expect(cm2).toBeLessThan(55);
    const face = band.filter(({ x }) => (side === "left" ? x < -30 : x > 30) && x !== 0);
    expect(Math.min(...face.map(({ y }) => y), vertex.y)).toBeGreaterThan(otobasionInferiusLeft.y);
  });
});
