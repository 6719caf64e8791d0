import {
  distance,
  PHOTO_LANDMARKS,
  point,
  thinPlate,
  type Landmarks,
  type PhotoLandmark,
  type Point,
} from "../anatomy";

/** Where the landmarks of a face lie on a photograph of it, pixels, y down. The person's left is on the right. */
export type PhotoPoints = Readonly<Record<PhotoLandmark, Point>>;

/** The three points that are set by hand first: the others follow from the face that is known. */
export const FIRST_THREE = ["exocanthionRight", "exocanthionLeft", "menton"] as const;
export type FirstPoint = (typeof FIRST_THREE)[number];

/**
 * Where every landmark of a known face should lie on a photograph, from three of them: turned, moved, and stretched each way.
 *
 * @throws RangeError when the three lie on one line
 */
export function pointsFromThree(
  face: Landmarks,
  three: Readonly<Record<FirstPoint, Point>>,
): PhotoPoints {
  const [a, b, c] = FIRST_THREE.map((name) => face[name]) as [Point, Point, Point];
  const [p, q, r] = FIRST_THREE.map((name) => three[name]) as [Point, Point, Point];
  const spread = (u: Point, v: Point, w: Point) =>
    (v.x - u.x) * (w.y - u.y) - (w.x - u.x) * (v.y - u.y);
  const eyes = distance(p, q);
  if (!(Math.abs(spread(p, q, r)) > 0.05 * eyes * eyes))
    throw new RangeError("Put the three points on the outer eye corners and on the chin.");
  const area = spread(a, b, c);
  const at = (m: Point): Point => {
    const [ofB, ofC] = [spread(a, m, c) / area, spread(a, b, m) / area];
    return point(
      p.x + ofB * (q.x - p.x) + ofC * (r.x - p.x),
      p.y + ofB * (q.y - p.y) + ofC * (r.y - p.y),
    );
  };
  return Object.fromEntries(PHOTO_LANDMARKS.map((name) => [name, at(face[name])])) as Record<
    PhotoLandmark,
    Point
  >;
}

/** The hairline put where the card has it: a finder guesses it, and hair hides it. */
export function hairlineByCard(points: PhotoPoints, face: Landmarks): PhotoPoints {
  const { sellion, menton } = points;
  const up = face.trichion.y / -face.menton.y;
  const trichion = point(
    sellion.x + up * (sellion.x - menton.x),
    sellion.y + up * (sellion.y - menton.y),
  );
  return { ...points, trichion };
}

/**
 * Carries a place of a photograph onto the front chart of the face, mm: the thin-plate spline through the landmarks.
 *
 * @throws RangeError when two points lie on the same spot
 */
export const ontoChart = (points: PhotoPoints, face: Landmarks): ((p: Point) => Point) =>
  thinPlate(
    PHOTO_LANDMARKS.map((name) => points[name]),
    PHOTO_LANDMARKS.map((name) => face[name]),
  );

/** How far the tip of the nose lies before the outer corners of the eyes, mm. Measured on the surface of the average adult (photograph.test.ts). */
export const TIP_BEFORE_EYES_MM = 48;
/** Turned farther than this, one side of a face hides what is painted on it, degrees. Common practice, no published source. */
export const MOST_TURN_DEG = 12;

/**
 * How far a head is turned to a side, degrees, to its left positive: by how far the tip of the nose lies off the middle
 * between the eyes, against the breadth between their outer corners as they lie on this face.
 */
export function headTurnDeg(points: PhotoPoints, face: Landmarks): number {
  const { exocanthionLeft: left, exocanthionRight: right, pronasale: tip } = points;
  const eyes = distance(left, right);
  const [ux, uy] = [(left.x - right.x) / eyes, (left.y - right.y) / eyes];
  const off = (tip.x - (left.x + right.x) / 2) * ux + (tip.y - (left.y + right.y) / 2) * uy;
  const known = distance(face.exocanthionLeft, face.exocanthionRight);
  // The breadth shrinks by the cosine of the turn, the nose comes out by its sine: their ratio is the tangent.
  return (Math.atan2((off / eyes) * known, TIP_BEFORE_EYES_MM) * 180) / Math.PI;
}
