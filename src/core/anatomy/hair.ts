import { point, toSegment, type Point } from "./point";
import type { Polygon } from "./polygon";

/** Hair that lies on a head: its outline in a picture, and some locks of it. */
export interface Hair {
  readonly outline: Polygon;
  /** Lines the hair falls in, from the hairline up and back. */
  readonly locks: readonly (readonly Point[])[];
}

interface Head {
  /** The area that has hair, and the edge of the head in the picture. */
  readonly covered: Polygon;
  readonly rim: Polygon;
  /** Where the hair parts to all sides, and the height of the roots over the ears. */
  readonly crown: Point;
  readonly rootY: number;
}

/** How far short hair stands off a head at most, and over which height it grows to that, mm. By eye. */
const [THICK_MM, OVER_MM] = [8, 55];
/** A point so near to the edge of the head lies on it, mm. */
const ON_RIM_MM = 0.8;
/** Every so many corners of the hairline a lock begins, and it reaches so far towards the crown. */
const [EVERY, REACH] = [3, 0.7];

const farFromRim = (p: Point, rim: Polygon) =>
  Math.min(...rim.map((a, i) => toSegment(p, a, rim[(i + 1) % rim.length] ?? a)));

/** A point of the head's edge, moved off the head by the hair there. */
function raised(p: Point, { crown, rootY }: Head): Point {
  const share = Math.min(1, Math.max(0, (p.y - rootY) / OVER_MM));
  const from = point(crown.x, rootY);
  const far = Math.hypot(p.x - from.x, p.y - from.y) || 1;
  const by = THICK_MM * share * (2 - share);
  return point(p.x + ((p.x - from.x) / far) * by, p.y + ((p.y - from.y) / far) * by);
}

/** A lock from a root towards the crown, bent outwards as the head is round. */
function lockFrom(root: Point, crown: Point): Point[] {
  const to = point(root.x + (crown.x - root.x) * REACH, root.y + (crown.y - root.y) * REACH);
  const bend = point(root.x * 0.12, Math.abs(to.y - root.y) * 0.12);
  const middle = point((root.x + to.x) / 2 + bend.x, (root.y + to.y) / 2 + bend.y);
  return [root, middle, to];
}

/** The hair of a head in one of its pictures: what lies on the head as it is, what is at its edge standing off it. */
export function hairOn(head: Head): Hair {
  const onRim = head.covered.map((p) => farFromRim(p, head.rim) < ON_RIM_MM);
  const roots = head.covered.filter((_, i) => !onRim[i]);
  return {
    outline: head.covered.map((p, i) => (onRim[i] ? raised(p, head) : p)),
    locks: roots.filter((_, i) => i % EVERY === 0).map((root) => lockFrom(root, head.crown)),
  };
}

/** Over so many mm from the hairline, and up from the lobes behind, short hair grows to its thickness. By eye. */
const [FROM_BROW_MM, FROM_LOBE_MM] = [25, 60];
/** The band lies so far over the areas that have hair, so that no skin shows between, mm. */
const WITHIN_MM = 7;
const share = (value: number) => Math.min(1, Math.max(0, value));

/**
 * What hair adds to the outline of a head seen from the side: a band along its silhouette, from the hairline over the crown down
 * to the height of the lobes.
 *
 * @param forward -1 where the face looks to the left of the picture, 1 where it looks to the right
 */
export function hairBand(
  silhouette: Polygon,
  heights: { readonly hairline: number; readonly lobes: number },
  forward: 1 | -1,
): Polygon {
  const crown = silhouette.reduce((top, p) => (p.y > top.y ? p : top));
  const middle = point(crown.x, heights.lobes);
  const isFront = (p: Point) => (p.x - crown.x) * forward > 0;
  const grown = (p: Point) => {
    const up = isFront(p)
      ? share((p.y - heights.hairline) / FROM_BROW_MM)
      : share((p.y - heights.lobes) / FROM_LOBE_MM);
    return up * (2 - up);
  };
  const haired = silhouette.filter((p) => grown(p) > 0);
  // Once over the head, from the hairline to the nape.
  const along = [
    ...haired.filter(isFront).sort((a, b) => a.y - b.y),
    ...haired.filter((p) => !isFront(p)).sort((a, b) => b.y - a.y),
  ];
  const moved = (p: Point, mm: number) => {
    const far = Math.hypot(p.x - middle.x, p.y - middle.y) || 1;
    const by = (mm * grown(p)) / far;
    return point(p.x + (p.x - middle.x) * by, p.y + (p.y - middle.y) * by);
  };
  const inner = along.toReversed().map((p) => moved(p, -WITHIN_MM));
  return [...along.map((p) => moved(p, THICK_MM)), ...inner];
}
