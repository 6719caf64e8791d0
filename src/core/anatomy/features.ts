import type { Landmarks } from "./landmarks";
import { point, type Point } from "./point";

/** Measures of single features, mm: they bend a face that the six measures have drawn. */
export interface FeatureMeasures {
  /** Across the wings of the nose (alare to alare). */
  readonly noseWidthMm: number | null;
  /** Both lips, closed, top to bottom (labrale superius to labrale inferius). */
  readonly lipHeightMm: number | null;
}

/** Beyond these a number is a slip of the tape. Nose 30 to 48 mm in adults (design, no published source given); children's and the widest from memory. */
export const FEATURE_LIMITS: Readonly<
  Record<keyof FeatureMeasures, readonly [least: number, most: number]>
> = {
  noseWidthMm: [24, 50],
  lipHeightMm: [8, 34],
};

const LIPS = [
  "labraleSuperius",
  "labraleInferius",
  "cristaPhiltriLeft",
  "cristaPhiltriRight",
] as const;

/** The same face with its nose as wide and its lips as high as they were measured. */
export function withFeatures(
  face: Landmarks,
  { noseWidthMm, lipHeightMm }: FeatureMeasures,
): Landmarks {
  const bent: Partial<Record<keyof Landmarks, Point>> = {};
  if (noseWidthMm !== null)
    for (const side of ["Left", "Right"] as const) {
      const { x, y } = face[`alare${side}`];
      bent[`alare${side}`] = point((Math.sign(x) * noseWidthMm) / 2, y);
    }
  if (lipHeightMm !== null) {
    const factor = lipHeightMm / (face.labraleSuperius.y - face.labraleInferius.y);
    const middle = face.stomion.y;
    for (const name of LIPS)
      bent[name] = point(face[name].x, middle + (face[name].y - middle) * factor);
  }
  return { ...face, ...bent };
}
