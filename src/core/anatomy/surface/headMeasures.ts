import type { HeadLandmarks } from "./headLandmarks";
import { childhoodFromSeven, FACE_OF_SEVEN } from "../growth";
import { clamp, mix } from "./smooth";

/** Measures of a head, mm. */
export interface HeadMeasures {
  readonly headLength: number;
  readonly headBreadth: number;
  /** Sellion up to vertex, and down to menton. */
  readonly vertexHeight: number;
  readonly faceLength: number;
  readonly faceWidth: number;
  readonly jawWidth: number;
  readonly neckWidth: number;
  readonly pupilDistance: number;
  readonly eyeWidth: number;
  readonly mouthWidth: number;
  readonly noseWidth: number;
  /** Of the nose beyond the face. */
  readonly noseDepth: number;
  /** Both vermilions together. */
  readonly lipHeight: number;
  readonly earHeight: number;
}

/** What the net itself measures. */
export const DRAWN_HEAD: HeadMeasures = {
  headLength: 190,
  headBreadth: 147.5,
  vertexHeight: 105,
  faceLength: 119,
  faceWidth: 139,
  jawWidth: 115,
  neckWidth: 108,
  pupilDistance: 62,
  eyeWidth: 31,
  mouthWidth: 51.6,
  noseWidth: 34.5,
  noseDepth: 19,
  lipHeight: 20.4,
  earHeight: 64.8,
};
/** Men and women: NIOSH 2003 head-and-face survey, from memory; lips, ears, neck: from memory. */
const MALE: HeadMeasures = {
  headLength: 194,
  headBreadth: 152,
  vertexHeight: 109,
  faceLength: 122.7,
  faceWidth: 143.5,
  jawWidth: 120.4,
  neckWidth: 119,
  pupilDistance: 64.5,
  eyeWidth: 31.4,
  mouthWidth: 52.5,
  noseWidth: 36.6,
  noseDepth: 19.8,
  lipHeight: 19.6,
  earHeight: 66,
};
const FEMALE: HeadMeasures = {
  headLength: 185,
  headBreadth: 145,
  vertexHeight: 101.6,
  faceLength: 113.4,
  faceWidth: 135.1,
  jawWidth: 109,
  neckWidth: 97,
  pupilDistance: 61.9,
  eyeWidth: 30.8,
  mouthWidth: 49.5,
  noseWidth: 33,
  noseDepth: 18.2,
  lipHeight: 20.8,
  earHeight: 61.5,
};
/** Some one and a half standard deviations either side (as in the application's builds). */
const NARROW: HeadMeasures = {
  ...DRAWN_HEAD,
  headBreadth: 141,
  faceLength: 124,
  faceWidth: 129,
  jawWidth: 104,
  neckWidth: 98,
  pupilDistance: 60,
  mouthWidth: 48,
  noseWidth: 32.5,
};
const BROAD: HeadMeasures = {
  ...DRAWN_HEAD,
  headBreadth: 157,
  faceLength: 115,
  faceWidth: 150,
  jawWidth: 128,
  neckWidth: 122,
  pupilDistance: 66,
  eyeWidth: 31.6,
  mouthWidth: 54.5,
  noseWidth: 38,
};
/** A child of seven, both sexes: Farkas 1994, from memory. */
const SEVEN: HeadMeasures = {
  headLength: 178,
  headBreadth: 142,
  vertexHeight: 101,
  faceLength: FACE_OF_SEVEN.faceLength,
  faceWidth: FACE_OF_SEVEN.faceWidth,
  jawWidth: FACE_OF_SEVEN.jawWidth,
  neckWidth: 77,
  pupilDistance: FACE_OF_SEVEN.pupilDistance,
  eyeWidth: 29.3,
  mouthWidth: FACE_OF_SEVEN.mouthWidth,
  noseWidth: 28.5,
  noseDepth: 13.5,
  lipHeight: 17.5,
  earHeight: 56,
};

export interface HeadParameters {
  /** -1 narrow, 0 average, 1 broad. */
  readonly build?: number;
  /** -1 female, 0 between, 1 male. */
  readonly sex?: number;
  /** Years: 7 to adult (18 and more). */
  readonly age?: number;
  /** Shares of this person's usual measure, 1 as it is. */
  readonly noseWidth?: number;
  readonly lipHeight?: number;
  /** Measures taken, mm: they win over build, sex and age. */
  readonly measures?: Partial<HeadMeasures>;
  /** Landmarks found, mm: hit exactly, the rest follows smoothly. Left side and midline. */
  readonly landmarks?: Partial<HeadLandmarks>;
  /** Fineness of the mesh: 1 is some 1 mm on the face. */
  readonly detail?: number;
}

export interface Traits {
  readonly sex: number;
  readonly build: number;
  readonly child: number;
}

/** How grown a head is: the child of seven at 0, the adult at 1. */
export const traitsOf = ({ sex = 0, build = 0, age = 30 }: HeadParameters): Traits => {
  const child = childhoodFromSeven(age);
  return { sex: clamp(sex, -1, 1) * (1 - child), build: clamp(build, -1, 1), child };
};

/** The measures of somebody nobody has measured. */
export function headMeasuresOf(parameters: HeadParameters): HeadMeasures {
  const { sex, build, child } = traitsOf(parameters);
  const names = Object.keys(DRAWN_HEAD) as (keyof HeadMeasures)[];
  const grown = (name: keyof HeadMeasures) => {
    const ofSex = sex > 0 ? MALE : FEMALE;
    const ofBuild = build > 0 ? BROAD : NARROW;
    const adult = mix(DRAWN_HEAD[name], ofSex[name], Math.abs(sex));
    return (
      mix(adult, SEVEN[name], child) * mix(1, ofBuild[name] / DRAWN_HEAD[name], Math.abs(build))
    );
  };
  const usual = Object.fromEntries(names.map((n) => [n, grown(n)])) as Record<string, number>;
  usual.noseWidth! *= parameters.noseWidth ?? 1;
  usual.lipHeight! *= parameters.lipHeight ?? 1;
  return { ...(usual as unknown as HeadMeasures), ...parameters.measures };
}
