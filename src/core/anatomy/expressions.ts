import {
  MIDLINE_NAMES,
  PAIRED_NAMES,
  type LandmarkName,
  type Landmarks,
  type MidlineLandmark,
  type PairedLandmark,
} from "./landmarks";
import { distance, point, type Point } from "./point";
import { warpBetween } from "./warp";

type Shift = readonly [outward: number, up: number];

/** What a face does, and how far each landmark moves with it: outward from the midline and up, mm. Common practice, no published source. */
export const EXPRESSIONS = {
  rest: { label: "at rest", shifts: {} },
  smile: {
    label: "smiling",
    shifts: {
      cheilion: [5, 5],
      cristaPhiltri: [0.8, -0.6],
      labraleSuperius: [0, -0.8],
      labraleInferius: [0, 1],
      alare: [1.4, 0.8],
      orbitale: [0, 1.8],
      palpebraleInferius: [0, 1.2],
      zygion: [0.6, 0.8],
    },
  },
  browsUp: {
    label: "brows up",
    shifts: {
      browInner: [0, 6],
      superciliare: [0, 7.5],
      browOuter: [0, 4.5],
      glabella: [0, 3],
      palpebraleSuperius: [0, 1.4],
      frontotemporale: [0, 1],
    },
  },
  frown: {
    label: "frowning",
    shifts: {
      browInner: [-3, -3.5],
      superciliare: [-1.2, -2.5],
      glabella: [0, -1.2],
      palpebraleSuperius: [0, -1],
      cheilion: [-0.5, -3],
      labraleInferius: [0, 0.8],
    },
  },
  open: {
    label: "mouth open",
    shifts: {
      stomion: [0, -7],
      cheilion: [-2.2, -5],
      labraleInferius: [0, -14],
      sublabiale: [0, -13.5],
      pogonion: [0, -13],
      menton: [0, -13],
      gnathionSide: [-1, -10],
      gonion: [0, -3.5],
    },
  },
} as const satisfies Record<
  string,
  { label: string; shifts: Partial<Record<MidlineLandmark | PairedLandmark, Shift>> }
>;
export type ExpressionKey = keyof typeof EXPRESSIONS;
export const EXPRESSION_KEYS = Object.keys(EXPRESSIONS) as ExpressionKey[];

/** The landmarks of a face that does something; the face given stays at rest. */
export function express(face: Landmarks, key: ExpressionKey): Landmarks {
  const shifts: Partial<Record<string, Shift>> = EXPRESSIONS[key].shifts;
  const moved = (
    name: LandmarkName,
    by: Shift | undefined,
    outward: 1 | -1 | 0,
  ): [LandmarkName, Point] => [
    name,
    by ? point(face[name].x + outward * by[0], face[name].y + by[1]) : face[name],
  ];
  return Object.fromEntries([
    ...MIDLINE_NAMES.map((name) => moved(name, shifts[name], 0)),
    ...PAIRED_NAMES.flatMap((name) => [
      moved(`${name}Left`, shifts[name], 1),
      moved(`${name}Right`, shifts[name], -1),
    ]),
  ]) as Record<LandmarkName, Point>;
}

/** Carries what is drawn on a face at rest to where an expression takes it. */
export const carriedBy = (face: Landmarks, key: ExpressionKey): ((p: Point) => Point) =>
  warpBetween(face, express(face, key));

/** How far a point of the skin is moved by the expression that moves it most, mm: what is drawn there goes with it (EDGE-2). */
export function movementMm(at: Point, face: Landmarks): { mm: number; by: ExpressionKey } {
  return EXPRESSION_KEYS.map((by) => ({ mm: distance(at, carriedBy(face, by)(at)), by })).reduce(
    (most, next) => (next.mm > most.mm ? next : most),
  );
}
