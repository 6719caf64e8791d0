import { distance, type Point } from "../anatomy";
import { pixelsPerMmByIris, pointsFromMesh, type FaceMesh, type LandmarkFinder } from "./faceMesh";
import { LOOKED_AT_AGAIN } from "./lookAgain";
import type { Photograph } from "./paintOver";
import type { PhotoPoints } from "./registration";

/** A face that was found on a photograph. */
export interface FaceFound {
  readonly points: PhotoPoints;
  /** By the iris; null where it was not seen. */
  readonly pixelsPerMm: number | null;
  /** What is worth saying of the picture: the points stand, but not as surely. */
  readonly doubts: readonly string[];
}

/** Why no points are given: each asks for something one can do. */
export class NoFaceFound extends Error {}

const NOBODY =
  "No face was found in this picture, which happens with painted faces. Put three points on it by hand.";
const SEVERAL =
  "There is more than one face in this picture. Crop it to one, or put the three points on the right one.";

/** Fewer pixels between the outer corners of the eyes show no edges to a millimetre. By eye, no published source. */
const LEAST_EYES_PX = 90;
/** A face darker than this, or with fewer edges, can't be measured. By eye, no published source. */
const [LEAST_GREY, LEAST_EDGE] = [45, 1.6];

interface Seen {
  readonly grey: number;
  /** How much one pixel differs from those round it, on the mean. */
  readonly edge: number;
}

/** How light a face is, and how sharp: over the square that its landmarks span. */
function howSeen({ width, height, data }: Photograph, places: readonly Point[]): Seen {
  const within = (value: number, most: number) =>
    Math.min(most - 2, Math.max(1, Math.round(value)));
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  const [left, right] = [within(Math.min(...xs), width), within(Math.max(...xs), width)];
  const [top, bottom] = [within(Math.min(...ys), height), within(Math.max(...ys), height)];
  const green = (x: number, y: number) => data[4 * (y * width + x) + 1] ?? 0;
  let [sum, edges, count] = [0, 0, 0];
  for (let y = top; y <= bottom; y++)
    for (let x = left; x <= right; x++) {
      const here = green(x, y);
      sum += here;
      edges += Math.abs(
        4 * here - green(x - 1, y) - green(x + 1, y) - green(x, y - 1) - green(x, y + 1),
      );
      count++;
    }
  return { grey: sum / Math.max(1, count), edge: edges / Math.max(1, count) };
}

function doubtsOf(photo: Photograph, points: PhotoPoints): string[] {
  const { grey, edge } = howSeen(photo, Object.values(points));
  const eyes = distance(points.exocanthionLeft, points.exocanthionRight);
  return [
    eyes < LEAST_EYES_PX && "The face is small on it: go nearer, so that it fills the picture.",
    grey < LEAST_GREY && "It is dark: take it in more light, from the front.",
    edge < LEAST_EDGE && "It is blurred: hold still, or wipe the lens.",
  ].filter((doubt) => doubt !== false);
}

/**
 * The face on a photograph: looked for as it is, then in other guises, since paint hides faces.
 *
 * @param told says which look it is, from 0, of how many
 * @throws NoFaceFound where there is none, or more than one
 */
export async function findFace(
  photo: Photograph,
  find: LandmarkFinder,
  told: (look: number, of: number) => void = () => undefined,
): Promise<FaceFound> {
  const guises = [(same: Photograph) => same, ...LOOKED_AT_AGAIN];
  for (const [i, guise] of guises.entries()) {
    told(i, guises.length);
    const faces = await find(guise(photo));
    if (faces.length > 1) throw new NoFaceFound(SEVERAL);
    const [only] = faces as readonly [FaceMesh?];
    if (!only) continue;
    const points = pointsFromMesh(only);
    return { points, pixelsPerMm: pixelsPerMmByIris(only), doubts: doubtsOf(photo, points) };
  }
  throw new NoFaceFound(NOBODY);
}
