import { paired, type LandmarkName, type Landmarks } from "./landmarks";
import { MEASURE_LIMITS, MEASURE_NAMES, type FaceMeasures } from "./measures";
import { distance, point, type Point } from "./point";

/** Landmarks that can be seen and dragged on a photograph of a face from the front. */
export const PHOTO_LANDMARKS = [
  "trichion",
  "sellion",
  "pronasale",
  "subnasale",
  "stomion",
  "menton",
  "browInnerLeft",
  "browInnerRight",
  "superciliareLeft",
  "superciliareRight",
  "browOuterLeft",
  "browOuterRight",
  "endocanthionLeft",
  "endocanthionRight",
  "exocanthionLeft",
  "exocanthionRight",
  "pupilLeft",
  "pupilRight",
  "alareLeft",
  "alareRight",
  "cheilionLeft",
  "cheilionRight",
  "zygionLeft",
  "zygionRight",
  "gonionLeft",
  "gonionRight",
] as const satisfies readonly LandmarkName[];
export type PhotoLandmark = (typeof PHOTO_LANDMARKS)[number];

export interface PhotoFace {
  readonly measures: FaceMeasures;
  readonly landmarks: Readonly<Record<PhotoLandmark, Point>>;
}

/**
 * A face in mm from where its landmarks were put on a photograph: turned so that the pupils are level, scaled by two points whose distance is
 * known, moved so that the bridge of the nose is the origin.
 * @param seen landmarks in pixels, y down, as the picture shows them: the person's left is to the right
 * @param scale two points of the picture and how many mm lie between them, in the plane of the face
 * @throws RangeError when the points give no scale, or measures that no face has
 */
export function faceFromPhoto(
  seen: Readonly<Record<PhotoLandmark, Point>>,
  scale: { from: Point; to: Point; mm: number },
): PhotoFace {
  const pixels = distance(scale.from, scale.to);
  const across = point(seen.pupilLeft.x - seen.pupilRight.x, seen.pupilLeft.y - seen.pupilRight.y);
  const eyes = Math.hypot(across.x, across.y);
  if (!(pixels > 0) || !(scale.mm > 0) || !(eyes > 0))
    throw new RangeError("the scale needs two points apart and their distance in mm");
  const mm = scale.mm / pixels;
  const [cos, sin] = [across.x / eyes, across.y / eyes];
  const landmarks = Object.fromEntries(
    PHOTO_LANDMARKS.map((name) => {
      const [x, y] = [seen[name].x - seen.sellion.x, seen[name].y - seen.sellion.y];
      return [name, point((x * cos + y * sin) * mm, (x * sin - y * cos) * mm)];
    }),
  ) as Record<PhotoLandmark, Point>;
  const face = landmarks as unknown as Landmarks;
  const width = (name: "zygion" | "gonion" | "pupil" | "cheilion") =>
    paired(face, name, "left").x - paired(face, name, "right").x;
  const measures: FaceMeasures = {
    faceLength: -landmarks.menton.y,
    faceWidth: width("zygion"),
    jawWidth: width("gonion"),
    hairlineHeight: landmarks.trichion.y,
    pupilDistance: width("pupil"),
    mouthWidth: width("cheilion"),
  };
  for (const name of MEASURE_NAMES) {
    const [least, most] = MEASURE_LIMITS[name];
    if (!(measures[name] >= least && measures[name] <= most))
      throw new RangeError(
        `${name} comes out at ${Math.round(measures[name])} mm: no face has that. Check the scale and the points.`,
      );
  }
  return {
    measures: Object.fromEntries(
      MEASURE_NAMES.map((name) => [name, Math.round(measures[name] * 10) / 10]),
    ) as unknown as FaceMeasures,
    landmarks,
  };
}
