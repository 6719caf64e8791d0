import type { LandmarkName, Landmarks } from "./landmarks";
import { distance, point, type Point } from "./point";

/** Lines across the face that can be found with a ruler: by name, and the landmark whose height they have. */
const LEVELS: readonly (readonly [words: string, landmark: LandmarkName])[] = [
  ["the hairline at the midline", "trichion"], ["the bridge of the nose", "sellion"], ["the line between the inner eye corners", "endocanthionLeft"], ["the line through the pupils", "pupilLeft"],
  ["the foot of the nose", "subnasale"], ["the line of the mouth", "stomion"], ["the lower edge of the chin", "menton"],
];
/** Lines up and down: by name, and the landmark they pass through on the point's own side. */
const PLUMBS: readonly (readonly [words: string, landmark: "endocanthion" | "pupil" | "exocanthion" | "alare" | "cheilion" | "zygion"])[] = [
  ["the inner eye corner", "endocanthion"], ["the pupil", "pupil"], ["the outer eye corner", "exocanthion"], ["the nose wing", "alare"], ["the mouth corner", "cheilion"], ["the widest point of the cheekbone", "zygion"],
];

/** Nearer to a line than this counts as on it, mm. */
const ON_MM = 0.5;

export interface Placement {
  /** "on the midline, 38 mm above the line between the inner eye corners" */
  readonly words: string;
  readonly level: LandmarkName;
  /** Above the level (below: negative), whole mm. */
  readonly upMm: number;
  /** From the midline to the person's left (right: negative), whole mm. */
  readonly acrossMm: number;
}

const whole = (value: number) => Math.round(value);
const count = (value: number) => `${Math.abs(whole(value))} mm`;

/**
 * How to find a point on a face with a ruler: how far above or below the nearest line that can be seen on the face, and how far from the
 * midline; with a plumb line through a feature where the point is near one.
 */
export function placement(at: Point, face: Landmarks): Placement {
  const [level, landmark] = [...LEVELS].sort(([, a], [, b]) => Math.abs(face[a].y - at.y) - Math.abs(face[b].y - at.y))[0] as (typeof LEVELS)[number];
  const upMm = whole(at.y - face[landmark].y);
  const acrossMm = whole(at.x);
  const side = at.x > 0 ? "left" : "right";
  const plumb = PLUMBS.find(([, name]) => Math.abs(Math.abs(at.x) - face[`${name}Left`].x) <= ON_MM);
  const along = Math.abs(at.x) <= ON_MM ? "on the midline" : `${count(at.x)} to the person's ${side} of the midline${plumb ? `, in line with ${plumb[0]}` : ""}`;
  const height = Math.abs(at.y - face[landmark].y) <= ON_MM ? `level with ${level}` : `${count(upMm)} ${upMm > 0 ? "above" : "below"} ${level}`;
  return { words: `${along}, ${height}`, level: landmark, upMm, acrossMm };
}

/** The point that a placement leads to on a face. */
export const placed = ({ level, upMm, acrossMm }: Pick<Placement, "level" | "upMm" | "acrossMm">, face: Landmarks): Point => point(acrossMm, face[level].y + upMm);

/** What a mark snaps to: the midline, and landmarks. */
export interface Snap { readonly at: Point; readonly to: string }

/** Landmarks a mark snaps to, in words. */
const SNAPS: Readonly<Partial<Record<LandmarkName, string>>> = {
  glabella: "between the brows", sellion: "the bridge", pronasale: "the nose tip", subnasale: "the foot of the nose", stomion: "the mouth", pogonion: "the chin", pupilLeft: "the left pupil", pupilRight: "the right pupil", zygionLeft: "the left cheekbone", zygionRight: "the right cheekbone",
  exocanthionLeft: "the left outer eye corner", exocanthionRight: "the right outer eye corner", cheilionLeft: "the left mouth corner", cheilionRight: "the right mouth corner",
};

/** The point moved onto the midline, a landmark or another mark within reach; itself where nothing is. */
export function snap(at: Point, face: Landmarks, others: readonly Point[] = [], reachMm = 2.5): Snap {
  const points: Snap[] = [...(Object.entries(SNAPS) as [LandmarkName, string][]).map(([name, to]) => ({ at: face[name], to })), ...others.map((other) => ({ at: other, to: "another mark" }))];
  const near = points.filter((candidate) => distance(candidate.at, at) <= reachMm).sort((a, b) => distance(a.at, at) - distance(b.at, at))[0];
  if (near) return near;
  const level = others.find((other) => Math.abs(other.y - at.y) <= reachMm / 2);
  if (Math.abs(at.x) <= reachMm) return { at: point(0, level?.y ?? at.y), to: "the midline" };
  return level ? { at: point(at.x, level.y), to: "level with another mark" } : { at, to: "" };
}
