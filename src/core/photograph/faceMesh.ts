import { distance, point, type PhotoLandmark, type Point } from "../anatomy";
import type { Photograph } from "./paintOver";
import type { PhotoPoints } from "./registration";

/** A face as a finder sees it: 468 places of its skin and ten of its irises, in pixels of the picture, y down. */
export interface FaceMesh {
  readonly points: readonly Point[];
}

/** Finds faces on a photograph. The model lives outside: the core knows what it answers. */
export type LandmarkFinder = (photo: Photograph) => Promise<readonly FaceMesh[]>;

/**
 * Where the named landmarks lie on the mesh; of two places the middle. The numbers are the mesh's own (its published map of 468
 * points); corners of the jaw, cheekbones and brows as they fell on the drawn person (findFace.test.ts). The hairline is a guess,
 * to be put right by hand. The person's left is on the right.
 */
const ON_MESH: Readonly<
  Record<Exclude<PhotoLandmark, "pupilLeft" | "pupilRight">, readonly number[]>
> = {
  trichion: [10],
  sellion: [168],
  pronasale: [1, 4],
  subnasale: [2],
  stomion: [13, 14],
  menton: [152],
  browInnerRight: [55],
  browInnerLeft: [285],
  superciliareRight: [105],
  superciliareLeft: [334],
  browOuterRight: [70],
  browOuterLeft: [300],
  endocanthionRight: [133],
  endocanthionLeft: [362],
  exocanthionRight: [33],
  exocanthionLeft: [263],
  alareRight: [129],
  alareLeft: [358],
  cheilionRight: [61],
  cheilionLeft: [291],
  zygionRight: [127, 234],
  zygionLeft: [356, 454],
  gonionRight: [58],
  gonionLeft: [288],
};
const IRISES = [
  [468, 469, 470, 471, 472],
  [473, 474, 475, 476, 477],
] as const;
/** Places of a whole mesh. */
const WHOLE = 478;

const middle = (places: readonly Point[]): Point =>
  point(
    places.reduce((sum, { x }) => sum + x, 0) / places.length,
    places.reduce((sum, { y }) => sum + y, 0) / places.length,
  );

/**
 * The named landmarks of a face that was found.
 *
 * @throws RangeError when the mesh is not whole
 */
export function pointsFromMesh({ points }: FaceMesh): PhotoPoints {
  if (points.length < WHOLE) throw new RangeError("The face was not found whole.");
  const at = (places: readonly number[]) => middle(places.map((i) => points[i] as Point));
  const named = Object.fromEntries(
    Object.entries(ON_MESH).map(([name, places]) => [name, at(places)]),
  ) as Record<keyof typeof ON_MESH, Point>;
  const eyeRight = middle([named.exocanthionRight, named.endocanthionRight]);
  const eyeLeft = middle([named.exocanthionLeft, named.endocanthionLeft]);
  const irises = IRISES.map(at) as [Point, Point];
  const nearest = (eye: Point) =>
    distance(irises[0], eye) < distance(irises[1], eye) ? irises[0] : irises[1];
  return { ...named, pupilRight: nearest(eyeRight), pupilLeft: nearest(eyeLeft) };
}

/** The visible part of an iris is so broad whoever it is, mm (Ruefer et al. 2005, from memory: 11.7 with a spread of 0.5). */
export const IRIS_MM = 11.7;
/** Half of all scales by the iris are nearer than this, share: the spread of the iris itself. */
export const IRIS_SPREAD = 0.5 / IRIS_MM;

/** Pixels to the mm of a face that was found, by the breadth of its irises; null where they were not seen. */
export function pixelsPerMmByIris({ points }: FaceMesh): number | null {
  const breadths = IRISES.map((iris) => {
    const ring = iris.slice(1).map((i) => points[i]);
    if (ring.some((p) => !p)) return NaN;
    const places = ring as Point[];
    return Math.max(...places.flatMap((p) => places.map((q) => Math.abs(p.x - q.x))));
  }).filter((breadth) => breadth > 0);
  return breadths.length
    ? breadths.reduce((sum, breadth) => sum + breadth, 0) / breadths.length / IRIS_MM
    : null;
}
