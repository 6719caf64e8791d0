import { rememberBy } from "../../remember";
import { DRAWN, type Landmarks } from "../landmarks";
import { headSurface, type Head } from "./head";
import { DRAWN_HEAD, headMeasuresOf, type HeadMeasures } from "./headMeasures";

/** What the drawing of the front measures where the surface measures something: the drawing's outline runs outside the bone. */
const DRAWN_FRONT = {
  headBreadth: 2 * DRAWN.euryonLeft.x,
  vertexHeight: DRAWN.vertex.y,
  faceLength: -DRAWN.menton.y,
  faceWidth: 2 * DRAWN.zygionLeft.x,
  jawWidth: 2 * DRAWN.gonionLeft.x,
  neckWidth: 2 * DRAWN.neckSideLeft.x,
  pupilDistance: 2 * DRAWN.pupilLeft.x,
  eyeWidth: DRAWN.exocanthionLeft.x - DRAWN.endocanthionLeft.x,
  mouthWidth: 2 * DRAWN.cheilionLeft.x,
  noseWidth: 2 * DRAWN.alareLeft.x,
  lipHeight: DRAWN.labraleSuperius.y - DRAWN.labraleInferius.y,
  earHeight: DRAWN.otobasionSuperiusLeft.y - DRAWN.otobasionInferiusLeft.y,
} as const satisfies Partial<HeadMeasures>;

/** The same of a face, mm. */
const frontOf = (face: Landmarks): Record<keyof typeof DRAWN_FRONT, number> => ({
  headBreadth: 2 * face.euryonLeft.x,
  vertexHeight: face.vertex.y,
  faceLength: -face.menton.y,
  faceWidth: 2 * face.zygionLeft.x,
  jawWidth: 2 * face.gonionLeft.x,
  neckWidth: 2 * face.neckSideLeft.x,
  pupilDistance: face.pupilLeft.x - face.pupilRight.x,
  eyeWidth: face.exocanthionLeft.x - face.endocanthionLeft.x,
  mouthWidth: face.cheilionLeft.x - face.cheilionRight.x,
  noseWidth: 2 * face.alareLeft.x,
  lipHeight: face.labraleSuperius.y - face.labraleInferius.y,
  earHeight: face.otobasionSuperiusLeft.y - face.otobasionInferiusLeft.y,
});

/** The measures of somebody's head: breadths and heights from their face, what the front does not see as is usual for the age. */
export function measuresOfFace(face: Landmarks, ageYears: number): HeadMeasures {
  const usual = headMeasuresOf({ age: ageYears });
  const own = frontOf(face);
  const seen = (Object.keys(DRAWN_FRONT) as (keyof typeof DRAWN_FRONT)[]).map(
    (name): [string, number] => [name, (DRAWN_HEAD[name] * own[name]) / DRAWN_FRONT[name]],
  );
  return { ...usual, ...Object.fromEntries(seen) };
}

/** The surface of somebody's head: of the last few that were asked for. */
export const headOfFace = rememberBy(
  6,
  (face: Landmarks, ageYears: number, detail: number) => JSON.stringify([face, ageYears, detail]),
  (face, ageYears, detail): Head =>
    headSurface({ age: ageYears, measures: measuresOfFace(face, ageYears), detail }),
);
