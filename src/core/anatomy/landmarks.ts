import { mirror, point, type Point, type Side } from "./point";

/**
 * The drawing every face grows from: an average adult face from the front, our own curves, proportions from memory of adult
 * means, no published source for the curves. Anthropometric names (Farkas 1994; Kolar & Salter 1997).
 */
const MIDLINE = {
  vertex: [0, 110],
  trichion: [0, 62],
  glabella: [0, 9],
  sellion: [0, 0],
  pronasale: [0, -46],
  subnasale: [0, -54.2],
  labraleSuperius: [0, -65.2],
  stomion: [0, -74],
  labraleInferius: [0, -85.8],
  sublabiale: [0, -92],
  pogonion: [0, -106],
  menton: [0, -119],
  jugulare: [0, -168],
} as const;

const PAIRED = {
  euryon: [72.5, 26],
  frontotemporale: [56.5, 34],
  browInner: [14, 6],
  superciliare: [37, 16.8],
  browOuter: [55.5, 6.5],
  endocanthion: [15.5, -11.5],
  exocanthion: [46.5, -9.4],
  pupil: [31, -9.3],
  palpebraleSuperius: [31.5, -3.6],
  palpebraleInferius: [30, -15],
  orbitale: [31, -26.5],
  otobasionSuperius: [71, 0],
  tragion: [70.2, -14],
  zygion: [69.5, -22],
  otobasionInferius: [67.5, -44],
  alare: [17.6, -44],
  cristaPhiltri: [6.3, -63],
  cheilion: [25.8, -74.2],
  gonion: [60.5, -71],
  gnathionSide: [30, -111],
  neckSide: [54, -130],
  acromial: [120, -172],
} as const;

export type MidlineLandmark = keyof typeof MIDLINE;
export type PairedLandmark = keyof typeof PAIRED;
export type LandmarkName = MidlineLandmark | `${PairedLandmark}${"Left" | "Right"}`;

/** Where each landmark of one face lies, in mm. */
export type Landmarks = Readonly<Record<LandmarkName, Point>>;

export const MIDLINE_NAMES = Object.keys(MIDLINE) as MidlineLandmark[];
export const PAIRED_NAMES = Object.keys(PAIRED) as PairedLandmark[];

/** A landmark of one side. */
export function paired(face: Landmarks, name: PairedLandmark, side: Side): Point {
  return face[`${name}${side === "left" ? "Left" : "Right"}`];
}

/** Landmarks from a rule for each drawn midline and left-side point; the right side mirrors the left. */
export function landmarksBy(
  midline: (name: MidlineLandmark, drawn: Point) => Point,
  left: (name: PairedLandmark, drawn: Point) => Point,
): Landmarks {
  const drawn = ([x, y]: readonly [number, number]) => point(x, y);
  const entries: [LandmarkName, Point][] = MIDLINE_NAMES.map((name) => [
    name,
    midline(name, drawn(MIDLINE[name])),
  ]);
  for (const name of PAIRED_NAMES) {
    const at = left(name, drawn(PAIRED[name]));
    entries.push([`${name}Left`, at], [`${name}Right`, mirror(at)]);
  }
  return Object.fromEntries(entries) as Record<LandmarkName, Point>;
}

/** The landmarks of the drawing itself. */
export const DRAWN: Landmarks = landmarksBy(
  (_, p) => p,
  (_, p) => p,
);
