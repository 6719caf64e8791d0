import { BODY_HEIGHTS, type BodyHeight } from "./bodyStrands";
import type { Figure } from "./figure";
import type { LandmarkName, Landmarks } from "./landmarks";
import { distance, point, type Point } from "./point";
import type { Frame } from "./zone";

/** Lines across the face that can be found with a ruler: by name, and the landmark whose height they have. */
const FACE_LEVELS: readonly (readonly [words: string, landmark: LandmarkName])[] = [
  ["the hairline at the midline", "trichion"],
  ["the bridge of the nose", "sellion"],
  ["the line between the inner eye corners", "endocanthionLeft"],
  ["the line through the pupils", "pupilLeft"],
  ["the foot of the nose", "subnasale"],
  ["the line of the mouth", "stomion"],
  ["the lower edge of the chin", "menton"],
  ["the pit of the neck", "jugulare"],
];
const BACK_LEVELS: typeof FACE_LEVELS = [
  ["the crown", "vertex"],
  ["the top of the ears", "otobasionSuperiusLeft"],
  ["the ear lobes", "otobasionInferiusLeft"],
];

/** What of a figure a ruler is laid on. */
type Measured = Pick<Figure, "landmarks" | "heights">;

/** Every line across one side of a person, and its height in mm. */
function levels(
  { landmarks, heights }: Measured,
  frame: Frame,
): readonly (readonly [words: string, y: number])[] {
  return [
    ...(frame === "front" ? FACE_LEVELS : BACK_LEVELS).map(
      ([words, name]) => [words, landmarks[name].y] as const,
    ),
    ...(Object.keys(BODY_HEIGHTS) as BodyHeight[])
      .filter((name) => (BODY_HEIGHTS[name].on as readonly Frame[]).includes(frame))
      .map((name) => [BODY_HEIGHTS[name].words, heights[name]] as const),
  ];
}

/** Lines up and down: by name, and the landmark they pass through on the point's own side. */
const PLUMBS: readonly (readonly [
  words: string,
  landmark: "endocanthion" | "pupil" | "exocanthion" | "alare" | "cheilion" | "zygion",
])[] = [
  ["the inner eye corner", "endocanthion"],
  ["the pupil", "pupil"],
  ["the outer eye corner", "exocanthion"],
  ["the nose wing", "alare"],
  ["the mouth corner", "cheilion"],
  ["the widest point of the cheekbone", "zygion"],
];

/** Nearer to a line than this counts as on it, mm. */
const ON_MM = 0.5;

export interface Placement {
  /** "on the midline, 38 mm above the line between the inner eye corners" */
  readonly words: string;
  readonly level: string;
  /** Above the level (below: negative), whole mm. */
  readonly upMm: number;
  /** From the midline to the person's left (right: negative), whole mm. */
  readonly acrossMm: number;
}

const whole = (value: number) => Math.round(value);
const count = (value: number) => `${Math.abs(whole(value))} mm`;

/**
 * How to find a point on a person with a ruler: how far above or below the nearest line that can be seen there, and how far from the
 * midline; with a plumb line through a feature where the point is near one.
 */
export function placement(at: Point, figure: Measured, frame: Frame = "front"): Placement {
  const face = figure.landmarks;
  const [level, y] = levels(figure, frame).reduce((nearest, next) =>
    Math.abs(next[1] - at.y) < Math.abs(nearest[1] - at.y) ? next : nearest,
  );
  const upMm = whole(at.y - y);
  const acrossMm = whole(at.x);
  const side = at.x > 0 ? "left" : "right";
  const onFace = frame === "front" && at.y > face.menton.y;
  const plumb = onFace
    ? PLUMBS.find(([, name]) => Math.abs(Math.abs(at.x) - face[`${name}Left`].x) <= ON_MM)
    : undefined;
  const along =
    Math.abs(at.x) <= ON_MM
      ? "on the midline"
      : `${count(at.x)} to the person's ${side} of the midline${plumb ? `, in line with ${plumb[0]}` : ""}`;
  const height =
    Math.abs(at.y - y) <= ON_MM
      ? `level with ${level}`
      : `${count(upMm)} ${upMm > 0 ? "above" : "below"} ${level}`;
  return { words: `${along}, ${height}`, level, upMm, acrossMm };
}

/** The point that a placement leads to on a person. @throws RangeError for a level that this side has not */
export function placed(
  { level, upMm, acrossMm }: Pick<Placement, "level" | "upMm" | "acrossMm">,
  figure: Measured,
  frame: Frame = "front",
): Point {
  const y = levels(figure, frame).find(([words]) => words === level)?.[1];
  if (y === undefined) throw new RangeError(`no such level: ${level}`);
  return point(acrossMm, y + upMm);
}

/** What a mark snaps to: the midline, and landmarks. */
export interface Snap {
  readonly at: Point;
  readonly to: string;
}

/** Landmarks a mark snaps to, in words. */
const SNAPS: Readonly<Partial<Record<LandmarkName, string>>> = {
  glabella: "between the brows",
  sellion: "the bridge",
  pronasale: "the nose tip",
  subnasale: "the foot of the nose",
  stomion: "the mouth",
  pogonion: "the chin",
  pupilLeft: "the left pupil",
  pupilRight: "the right pupil",
  zygionLeft: "the left cheekbone",
  zygionRight: "the right cheekbone",
  exocanthionLeft: "the left outer eye corner",
  exocanthionRight: "the right outer eye corner",
  cheilionLeft: "the left mouth corner",
  cheilionRight: "the right mouth corner",
};

/** The point moved onto the midline, a landmark or another mark within reach; itself where nothing is. */
export function snap(
  at: Point,
  face: Landmarks,
  others: readonly Point[] = [],
  reachMm = 2.5,
): Snap {
  const points: Snap[] = [
    ...(Object.entries(SNAPS) as [LandmarkName, string][]).map(([name, to]) => ({
      at: face[name],
      to,
    })),
    ...others.map((other) => ({ at: other, to: "another shape" })),
  ];
  const near = points
    .filter((candidate) => distance(candidate.at, at) <= reachMm)
    .sort((a, b) => distance(a.at, at) - distance(b.at, at))[0];
  if (near) return near;
  const level = others.find((other) => Math.abs(other.y - at.y) <= reachMm / 2);
  if (Math.abs(at.x) <= reachMm) return { at: point(0, level?.y ?? at.y), to: "the midline" };
  return level ? { at: point(at.x, level.y), to: "level with another shape" } : { at, to: "" };
}
