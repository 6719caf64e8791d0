import type { Landmarks } from "./landmarks";
import type { Point } from "./point";
import { boundingBox, type Polygon } from "./polygon";
import type { ZoneGroup } from "./zone";

/**
 * The head behind the front view: half an ellipsoid through the outline, so that the sloping sides of a zone count with the skin
 * they really have. Depth of the front half is 97 mm for the mean breadth of 150 mm (head length 194 mm, NIOSH 2003, from memory).
 */
const DEPTH_PER_HALF_BREADTH = 97 / 75;
/** Steepest slope counted, at the silhouette, where the ellipsoid stands on edge. */
const STEEPEST = 3.5;
const LINE_MM = 1;
const PIECE_MM = 2;

/** Skin area for each mm2 seen from the front at a point of the head. */
export function slopeFactor(face: Landmarks, p: Point): number {
  const top = face.vertex.y;
  const bottom = face.menton.y;
  const middle = (top + bottom) / 2;
  const halfHeight = (top - bottom) / 2;
  const halfBreadth = face.euryonLeft.x;
  const depth = halfBreadth * DEPTH_PER_HALF_BREADTH;
  const u = p.x / halfBreadth;
  const v = (p.y - middle) / halfHeight;
  const inside = 1 - u * u - v * v;
  if (inside <= 0) return STEEPEST;
  const slopeX = (depth * u) / (halfBreadth * Math.sqrt(inside));
  const slopeY = (depth * v) / (halfHeight * Math.sqrt(inside));
  return Math.min(STEEPEST, Math.sqrt(1 + slopeX * slopeX + slopeY * slopeY));
}

/** An ear stands off the head: it is counted as seen, its back is a zone of its own. */
const PLAIN_FACTOR: Partial<Record<ZoneGroup, number>> = { ears: 1 };

/** Where a horizontal line crosses a polygon, from left to right. */
function crossings(polygon: Polygon, y: number): number[] {
  const xs: number[] = [];
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length] ?? p;
    if (p.y > y !== q.y > y) xs.push(p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y));
  });
  return xs.sort((a, b) => a - b);
}

/** Skin area of a zone in cm2: the seen area times the slope under it, summed along lines 1 mm apart in pieces of 2 mm or less. */
export function skinAreaCm2(face: Landmarks, polygon: Polygon, group: ZoneGroup): number {
  const box = boundingBox(polygon);
  const plain = PLAIN_FACTOR[group];
  let mm2 = 0;
  for (let y = Math.floor(box.bottom) + 0.5; y < box.top; y += LINE_MM) {
    const xs = crossings(polygon, y);
    for (let i = 0; i + 1 < xs.length; i += 2) {
      const [from = 0, to = 0] = [xs[i], xs[i + 1]];
      const pieces = Math.max(1, Math.ceil((to - from) / PIECE_MM));
      const width = (to - from) / pieces;
      if (plain) mm2 += (to - from) * LINE_MM * plain;
      else
        for (let k = 0; k < pieces; k++)
          mm2 += width * LINE_MM * slopeFactor(face, { x: from + (k + 0.5) * width, y });
    }
  }
  return mm2 / 100;
}
