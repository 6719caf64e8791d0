import { signedArea } from "./polygon";
import {
  buildFigure,
  contains,
  defaultFace,
  distance,
  FACE_LINE_NAMES,
  faceLine,
  isOnInnerRim,
  zoneInfo,
  type FaceLineName,
  type Point,
} from "./index";
import { MarkSchema, pathByHand, placedStrokes } from "../shapes";

const BUILDS = (["average", "narrow", "broad"] as const).map((build) =>
  buildFigure(defaultFace(build)),
);

describe("lines and small areas of the face", () => {
  it.each(FACE_LINE_NAMES)("draws %s on every build", (name) => {
    for (const figure of BUILDS) {
      const { points, closed, isPaired } = faceLine(name, figure);
      expect(points.length).toBeGreaterThan(2);
      for (const p of points) expect(Math.abs(p.x) + Math.abs(p.y)).toBeLessThan(400);
      if (isPaired) for (const { x } of points) expect(x).toBeGreaterThan(0);
      else expect(points[0]?.x).toBeCloseTo(-(points.at(-1)?.x ?? 0), 6);
      if (closed) expect(Math.abs(signedArea(points))).toBeGreaterThan(5);
    }
  });

  it("keeps the inner rims inside the opening of the eye, and lash lines outside", () => {
    for (const figure of BUILDS)
      for (const name of FACE_LINE_NAMES) {
        const isRim = name.endsWith("inner rim");
        expect([name, isOnInnerRim(faceLine(name, figure).points, figure)]).toEqual([name, isRim]);
      }
  });

  it("puts the inner corner beside the eye, not into it", () => {
    for (const figure of BUILDS) {
      const { points } = faceLine("inner corner of the eye", figure);
      const inside = points.filter((p) => contains(figure.eyes.left.opening, p));
      expect(inside.length).toBeLessThanOrEqual(points.length / 2);
      for (const p of points)
        expect(distance(p, figure.landmarks.endocanthionLeft)).toBeLessThan(8);
    }
  });

  it.each<[FaceLineName, string]>([
    ["sideburn", "temple"],
    ["collarbone", "collar"],
    ["smile fold", "smileFold"],
    ["crease of the chin", "chin"],
  ])("lays %s on the area it belongs to", (name, kind) => {
    for (const figure of BUILDS) {
      const { points } = faceLine(name, figure);
      const zones = figure.allZones.filter((zone) => zoneInfo(zone.id).kind === kind);
      const on = points.filter((p) => zones.some(({ polygon }) => contains(polygon, p)));
      expect(on.length).toBeGreaterThan(points.length * 0.2);
    }
  });

  it("knows a rim that is drawn as a line that swells, and no lash line, mask or corner for one", () => {
    for (const figure of BUILDS) {
      const swelling = (name: FaceLineName, widthMm: number) =>
        placedStrokes(
          MarkSchema.parse({ ...pathByHand(faceLine(name, figure).points, widthMm) }),
        ).some(({ points, fill }) => isOnInnerRim(points, figure, fill ? "outline" : "line"));
      expect(swelling("lower inner rim", 1.2)).toBe(true);
      expect(swelling("upper inner rim", 1)).toBe(true);
      expect(swelling("lower lash line", 1.5)).toBe(false);
      expect(swelling("upper lash line", 2.5)).toBe(false);
      const filled = (points: readonly Point[]) => isOnInnerRim(points, figure, "outline");
      expect(filled(faceLine("inner corner of the eye", figure).points)).toBe(false);
      expect(filled(figure.zone("upperLidLeft").polygon)).toBe(false);
      expect(filled(figure.outline)).toBe(false);
    }
  });
});
