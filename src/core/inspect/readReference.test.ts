import {
  buildFigure,
  contains,
  defaultFace,
  PHOTO_LANDMARKS,
  point,
  type ZoneId,
} from "../anatomy";
import { deltaE00, hexToLab } from "../colour";
import { emptyLook, hexOf, lookContext, predict } from "../look";
import { STAND_IN } from "../people";
import { USUAL_BRIEF } from "../brief";
import { aLayer } from "../testing";
import type { Photograph, PhotoPoints } from "../photograph";
import { layerTargets, likeness, otherProportions, referenceAreas, type ReferenceArea } from ".";

const face = defaultFace();
const figure = buildFigure(face);
const PER_MM = 1.5;
const seen = ({ x, y }: { x: number; y: number }) => point(200 + PER_MM * x, 200 - PER_MM * y);
const points = Object.fromEntries(
  PHOTO_LANDMARKS.map((name) => [name, seen(face[name])]),
) as PhotoPoints;
const COLOURS: Partial<Record<ZoneId, readonly [number, number, number]>> = {
  forehead: [200, 60, 50],
  cheekAppleLeft: [40, 90, 160],
};
const picture = (): Photograph => {
  const data = new Uint8ClampedArray(400 * 420 * 4);
  for (let i = 0; i < 400 * 420; i++) {
    const [px, py] = [i % 400, Math.floor(i / 400)];
    const at = point((px - 200) / PER_MM, (200 - py) / PER_MM);
    const zone = (Object.keys(COLOURS) as ZoneId[]).find((id) =>
      contains(figure.zone(id).polygon, at),
    );
    // Noise of a camera, the same each time.
    const noise = ((i * 7919) % 13) - 6;
    const codes = (zone && COLOURS[zone]) ?? [190, 150, 120];
    data.set([...codes.map((code) => code + noise), 255], 4 * i);
  }
  return { width: 400, height: 420, data };
};
const hexOfCodes = (codes: readonly number[]) =>
  `#${codes.map((code) => code.toString(16).padStart(2, "0")).join("")}`;

describe("a painted face on a reference picture", () => {
  const areas = referenceAreas(picture(), points, figure);
  const of = (zone: ZoneId) => areas.find((area) => area.zone === zone)?.hex ?? "#000000";
  it("gives each area the colour it has there, within 1.5 dE00", () => {
    for (const [zone, codes] of Object.entries(COLOURS))
      expect(deltaE00(hexToLab(of(zone as ZoneId)), hexToLab(hexOfCodes(codes)))).toBeLessThan(1.5);
    expect(areas.length).toBeGreaterThan(10);
  });

  const layer = (id: string, zones: readonly ZoneId[], role: "base" | "contour") =>
    aLayer({ id, name: id, role, zones: [...zones] });
  it("makes them what the layer that is seen there is meant to be, the last one over all of an area", () => {
    const look = {
      ...emptyLook("red"),
      layers: [
        layer("base", ["forehead", "cheekAppleLeft"], "base"),
        layer("cheek", ["cheekAppleLeft"], "contour"),
      ],
    };
    const targets = layerTargets(look, areas);
    expect(targets.map(({ layerId }) => layerId)).toEqual(["base", "cheek"]);
    expect(deltaE00(hexToLab(targets[0]?.hex ?? ""), hexToLab(of("forehead")))).toBeLessThan(0.5);
    expect(deltaE00(hexToLab(targets[1]?.hex ?? ""), hexToLab(of("cheekAppleLeft")))).toBeLessThan(
      0.5,
    );
  });

  it("is as like as can be where the prediction has the same colours, and less the farther they are", () => {
    const context = lookContext({
      ...{ brief: USUAL_BRIEF, products: [], today: "2026-12-01" },
      person: STAND_IN,
    });
    const prediction = predict(emptyLook("bare"), context);
    const same = areas.map((area): ReferenceArea => ({
      ...area,
      hex: hexOf(prediction.bare(area.zone)),
    }));
    expect(likeness(same, prediction)?.deltaE).toBeLessThan(0.01);
    const far = likeness(areas, prediction);
    expect(far?.deltaE).toBeGreaterThan(3);
    expect(far?.worst.map(({ zone }) => zone)).toContain("forehead");
    expect(likeness([], prediction)).toBeNull();
  });

  it("says where its brows and mouth lie otherwise, in mm, however large and tilted it is", () => {
    expect(otherProportions(points, face)).toEqual([]);
    const other = {
      ...face,
      superciliareLeft: point(face.superciliareLeft.x, face.superciliareLeft.y + 6),
      superciliareRight: point(face.superciliareRight.x, face.superciliareRight.y + 6),
      cheilionLeft: point(face.cheilionLeft.x - 4, face.cheilionLeft.y),
      cheilionRight: point(face.cheilionRight.x + 4, face.cheilionRight.y),
    };
    for (const [perMm, turn] of [
      [2, 0],
      [7, 0.2],
    ] as const) {
      const [c, s] = [Math.cos(turn), Math.sin(turn)];
      const tilted = Object.fromEntries(
        PHOTO_LANDMARKS.map((name) => {
          const { x, y } = other[name];
          return [name, point(300 + perMm * (x * c + y * s), 300 + perMm * (x * s - y * c))];
        }),
      ) as PhotoPoints;
      expect(otherProportions(tilted, face)).toEqual([
        "Its brows arch 6 mm higher than on this face.",
        "Its mouth is 8 mm narrower than on this face.",
      ]);
    }
  });
});
