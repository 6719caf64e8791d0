import { EYE, LOWER_LID, UPPER_LID } from "./faceCurves";
import { clamp, mix, smoothMax, step } from "./smooth";

/** Depth of the visible eye: a large sphere, filled out at both corners. */
export function eyeDepth(x: number, y: number): number {
  const { apex, radius } = EYE;
  const d2 = (x - EYE.x) ** 2 + (y - EYE.y) ** 2;
  const inside = radius * radius - d2;
  const reach = 0.97 * radius;
  const rim = Math.sqrt(radius * radius - reach * reach);
  const ball =
    inside > rim * rim ? Math.sqrt(inside) : rim - (Math.sqrt(d2) - reach) * (reach / rim);
  const cornea = 1.9 * clamp(1 - d2 / 44);
  const caruncle = -12.4 - ((x - 16) / 6) ** 2 * 2 - ((y + 11.6) / 5) ** 2 * 2;
  const outer = -21.4 - ((x - 46.2) / 3.6) ** 2 * 1.5 - ((y + 9.8) / 4) ** 2 * 1.5;
  return smoothMax(apex - radius + ball + cornea, Math.max(caruncle, outer, -30), 2);
}

/** Above zero within the opening of the eye, below zero outside, mm from the edge. */
export function opening(x: number, y: number): number {
  if (x <= EYE.inner || x >= EYE.outer) {
    const corner = x <= EYE.inner ? EYE.inner : EYE.outer;
    return -Math.max(0.01, Math.hypot(x - corner, y - UPPER_LID(corner)));
  }
  return Math.min(UPPER_LID(x) - y, y - LOWER_LID(x));
}

/** The lids, laid over the eye, in a socket of depth `base`. */
export function eyeSocket(x: number, y: number, base: number): number {
  const near = step(24, 19, Math.hypot((x - EYE.x) * 0.86, y - EYE.y));
  if (near === 0) return base;
  const above = step(-1, 1, (y - mix(UPPER_LID(x), LOWER_LID(x), 0.5)) / 3);
  // The lid lies on the eye with its own thickness; the crease above it is sharp, the lower soft.
  const lid = eyeDepth(x, y) + mix(1.3, 1.7, above);
  const k = mix(6.5, 1.5, above);
  // The moving lid is bare for some 3.5 mm above its edge, less towards the corners.
  const bare = above * 3.2 * clamp(1 - ((x - 33) / 19) ** 2);
  const over = mix(mix(4, 7, step(36, 46, x)), 3.2, above);
  const joined = mix(lid, smoothMax(lid, base, k), step(bare, bare + over, -opening(x, y)));
  return mix(base, joined, near);
}
