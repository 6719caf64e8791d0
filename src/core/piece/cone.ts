import type { Cone } from "./schema";

/** A flat shape to cut, mm, the apex of the whole cone at the origin, the middle of the piece straight down (y down). */
export interface Development {
  /** Slant height of the whole cone, and of what is cut off at the top. */
  readonly slantMm: number;
  readonly topSlantMm: number;
  /** Angle of the sector, degrees. */
  readonly angleDeg: number;
  /** The foot, from one edge to the other: an arc on the flat, a wave on a slope. */
  readonly foot: readonly { readonly x: number; readonly y: number }[];
  readonly top: readonly { readonly x: number; readonly y: number }[];
}

const POINTS = 120;

/**
 * The development of a cone or frustum that is cut at its foot by a plane on a slope: on the flat a sector of radius s = sqrt(r2 + h2) and angle 360 r / s degrees
 * (descriptive geometry, any textbook); on a slope b the cut at the turn f of the cone is h / (cos a + sin a tan b cos f) from the apex, a the half angle.
 * @param side the piece on the other side of the head is its mirror image (PIECE-3)
 * @throws RangeError where the slope is so steep that the plane never cuts the cone off
 */
export function developCone(
  { footMm, topMm, heightMm, slopeDeg }: Cone,
  side: "left" | "right" = "left",
): Development {
  const [r, top] = [footMm / 2, topMm / 2];
  // Of the whole cone, to its point.
  const whole = (heightMm * r) / (r - top);
  const half = Math.atan(r / whole);
  const slope = (slopeDeg * Math.PI) / 180;
  if (Math.tan(half) * Math.tan(slope) >= 1)
    throw new RangeError(
      "the slope is steeper than the side of the cone: it would never be cut off",
    );
  const angle = 2 * Math.PI * Math.sin(half);
  const slantMm = Math.hypot(r, whole);
  const topSlantMm = (slantMm * top) / r;
  const cut = (turn: number) =>
    whole / (Math.cos(half) + Math.sin(half) * Math.tan(slope) * Math.cos(turn));
  const at = (radius: number, share: number) => {
    const theta = (share - 0.5) * angle * (side === "left" ? 1 : -1);
    return { x: radius * Math.sin(theta), y: radius * Math.cos(theta) };
  };
  const shares = Array.from({ length: POINTS + 1 }, (_, i) => i / POINTS);
  return {
    slantMm,
    topSlantMm,
    angleDeg: (angle * 180) / Math.PI,
    foot: shares.map((share) => at(cut(share * 2 * Math.PI), share)),
    top: shares.map((share) => at(topSlantMm, share)),
  };
}

/** The angle to bevel the edge of a ring or plate that stands on a slope, degrees from square: half of it where two parts meet on one. */
export const bevelDeg = (
  slopeDeg: number,
): { readonly standing: number; readonly mitred: number } => ({
  standing: slopeDeg,
  mitred: slopeDeg / 2,
});
