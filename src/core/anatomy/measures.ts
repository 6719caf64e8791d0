import {
  DRAWN,
  landmarksBy,
  type Landmarks,
  type MidlineLandmark,
  type PairedLandmark,
} from "./landmarks";
import { AGAINST_FACE_OF_SEVEN, childhood, FACE_OF_SEVEN } from "./growth";
import { point, type Point } from "./point";

/** Six measures a painter takes with a tape or calliper, in mm. */
export interface FaceMeasures {
  /** Bridge of the nose (sellion) to under the chin (menton). */
  readonly faceLength: number;
  /** Cheekbone to cheekbone (zygion to zygion). */
  readonly faceWidth: number;
  /** Jaw corner to jaw corner (gonion to gonion). */
  readonly jawWidth: number;
  /** Bridge of the nose to the hairline (sellion to trichion). */
  readonly hairlineHeight: number;
  /** Pupil to pupil. */
  readonly pupilDistance: number;
  /** Mouth corner to mouth corner (cheilion to cheilion). */
  readonly mouthWidth: number;
}

export const MEASURE_NAMES = [
  "faceLength",
  "faceWidth",
  "jawWidth",
  "hairlineHeight",
  "pupilDistance",
  "mouthWidth",
] as const satisfies readonly (keyof FaceMeasures)[];

/** Limits beyond which a number is a slip of the tape: well outside adults and children from three years (common practice, no published source). */
export const MEASURE_LIMITS: Readonly<
  Record<keyof FaceMeasures, readonly [least: number, most: number]>
> = {
  faceLength: [80, 150],
  faceWidth: [100, 175],
  jawWidth: [80, 155],
  hairlineHeight: [35, 95],
  pupilDistance: [44, 80],
  mouthWidth: [32, 70],
};

/**
 * Adult means of men and women together: face length 122.7 and 113.4, face width 143.5 and 135.1, interpupillary 64.5 and 61.9 mm
 * (NIOSH 2003 head-and-face survey, as given in the design); jaw width 120.4 and 110.1, mouth width 51.1 and 48.0 (same survey,
 * from memory); hairline height from memory, no published source.
 */
export const AVERAGE: FaceMeasures = {
  faceLength: 118.05,
  faceWidth: 139.3,
  jawWidth: 115.25,
  hairlineHeight: 61,
  pupilDistance: 63.2,
  mouthWidth: 49.55,
};

export type Build = "average" | "narrow" | "broad";

/** Some one and a half standard deviations either side (about 6.5 mm a deviation in length and width; from memory of the same survey). */
const BUILDS: Readonly<Record<Build, FaceMeasures>> = {
  average: AVERAGE,
  narrow: {
    faceLength: 124,
    faceWidth: 129,
    jawWidth: 104,
    hairlineHeight: 63,
    pupilDistance: 60,
    mouthWidth: 46.5,
  },
  broad: {
    faceLength: 115,
    faceWidth: 150,
    jawWidth: 128,
    hairlineHeight: 58,
    pupilDistance: 66.5,
    mouthWidth: 54,
  },
};

/** The measures of a build at an age, for someone nobody has measured yet: a child's face is a child's. */
export function measuresOf(build: Build, ageYears = 30): FaceMeasures {
  const young = childhood(ageYears);
  if (young === 0) return BUILDS[build];
  const at = (name: keyof FaceMeasures) => {
    const usual = AVERAGE[name] + (FACE_OF_SEVEN[name] - AVERAGE[name]) * young;
    const [least, most] = MEASURE_LIMITS[name];
    // A tape is read to half a millimetre.
    const read = Math.round(((usual * BUILDS[build][name]) / AVERAGE[name]) * 2) / 2;
    return Math.min(most, Math.max(least, read));
  };
  return Object.fromEntries(
    MEASURE_NAMES.map((name) => [name, at(name)]),
  ) as unknown as FaceMeasures;
}

const width = (name: PairedLandmark) => DRAWN[`${name}Left`].x * 2;
const EYE: readonly PairedLandmark[] = [
  "endocanthion",
  "exocanthion",
  "pupil",
  "palpebraleSuperius",
  "palpebraleInferius",
];
const BROW: readonly PairedLandmark[] = ["browInner", "superciliare", "browOuter"];

/**
 * Landmarks of a person from six measures: each measure moves the landmarks it names exactly, the rest follow in proportion.
 * @param ageYears a child's skull is larger against the face than a grown one's, neck and nose smaller
 * @throws RangeError when a measure is outside {@link MEASURE_LIMITS}
 */
export function faceFromMeasures(measures: FaceMeasures, ageYears = 30): Landmarks {
  for (const name of MEASURE_NAMES) {
    const [least, most] = MEASURE_LIMITS[name];
    if (!(measures[name] >= least && measures[name] <= most))
      throw new RangeError(`${name} must be ${least} to ${most} mm, not ${measures[name]}`);
  }
  const down = measures.faceLength / -DRAWN.menton.y;
  const up = measures.hairlineHeight / DRAWN.trichion.y;
  const across = measures.faceWidth / width("zygion");
  const jaw = measures.jawWidth / width("gonion");
  const mouth = measures.mouthWidth / width("cheilion");
  const pupils = measures.pupilDistance / width("pupil");
  // The opening of the eye varies far less between people than the face round it (common practice, no published source).
  const eyeSize = Math.cbrt(across);
  const young = childhood(ageYears);
  const childs = (name: keyof typeof AGAINST_FACE_OF_SEVEN) =>
    1 + (AGAINST_FACE_OF_SEVEN[name] - 1) * young;
  const skull = across * childs("skull");

  const height = (y: number): number => {
    if (y <= 0) return y * down;
    if (y <= DRAWN.trichion.y) return y * (1 + (up - 1) * (y / DRAWN.trichion.y) ** 0.5);
    return measures.hairlineHeight + (y - DRAWN.trichion.y) * skull;
  };
  const paired = (name: PairedLandmark, p: Point): Point => {
    if (EYE.includes(name)) {
      const centre = DRAWN.pupilLeft;
      return point(
        centre.x * pupils + (p.x - centre.x) * eyeSize,
        centre.y * down + (p.y - centre.y) * eyeSize,
      );
    }
    if (BROW.includes(name)) return point((p.x * (pupils + across)) / 2, height(p.y));
    if (name === "orbitale") return point(p.x * pupils, height(p.y));
    if (name === "alare") return point(p.x * Math.sqrt(across) * childs("nose"), height(p.y));
    if (name === "cheilion" || name === "cristaPhiltri") return point(p.x * mouth, height(p.y));
    if (name === "gonion") return point(p.x * jaw, height(p.y));
    if (name === "gnathionSide") return point((p.x * (jaw + 1)) / 2, height(p.y));
    if (name === "euryon") return point(p.x * skull, height(p.y));
    if (name === "neckSide") return point((p.x * (jaw + across) * childs("neck")) / 2, height(p.y));
    return point(p.x * across, height(p.y));
  };
  return landmarksBy((_: MidlineLandmark, p) => point(0, height(p.y)), paired);
}

/** The face of a build, in mm. */
export function defaultFace(build: Build = "average"): Landmarks {
  return faceFromMeasures(BUILDS[build]);
}
