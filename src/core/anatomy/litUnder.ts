import { LIGHTS, type LightKey } from "./surface/light";
import type { ZoneInfo } from "./zones";

/** Where the light of a look comes from, as the person sees it. */
export type LightSide = "above" | "below" | "left" | "right";

/**
 * What the areas of a face get of a light, against the mean of the face: from below in front, and from the side the area is on (near) or the other (far). Measured on the surface of the average adult
 * (surface/areas.test.ts holds each to what it measures there).
 */
export const LIT = {
  scalp: { below: 0.59, near: 1.09, far: 1.09 },
  forehead: { below: 1.17, near: 1.2, far: 1.2 },
  temple: { below: 0.62, near: 1.66, far: 0.45 },
  brow: { below: 1.45, near: 1.35, far: 0.66 },
  glabella: { below: 1.64, near: 0.81, far: 0.81 },
  browBone: { below: 1.48, near: 1.13, far: 0.52 },
  upperLid: { below: 1.03, near: 1.03, far: 0.46 },
  underEye: { below: 0.98, near: 1.1, far: 0.53 },
  noseBridge: { below: 0.91, near: 1.16, far: 1.16 },
  noseSide: { below: 0.78, near: 1.52, far: 0.42 },
  noseTip: { below: 1.06, near: 0.93, far: 0.93 },
  noseWing: { below: 0.76, near: 1.65, far: 0.48 },
  cheekbone: { below: 0.47, near: 1.22, far: 0.33 },
  cheekApple: { below: 1.26, near: 1.53, far: 0.6 },
  cheekHollow: { below: 0.96, near: 1.61, far: 0.47 },
  smileFold: { below: 1.23, near: 1.64, far: 0.57 },
  lipSide: { below: 1.11, near: 1.64, far: 0.54 },
  philtrum: { below: 1.22, near: 0.91, far: 0.91 },
  upperLip: { below: 1.24, near: 1.04, far: 1.04 },
  lowerLip: { below: 1.27, near: 1.02, far: 1.02 },
  chin: { below: 1.31, near: 0.99, far: 0.99 },
  jawline: { below: 0.89, near: 1.62, far: 0.45 },
  ear: { below: 0.7, near: 1.49, far: 0.44 },
  neckFront: { below: 1.19, near: 0.92, far: 0.92 },
  collar: { below: 1.04, near: 1.11, far: 1.11 },
} as const satisfies Readonly<Record<string, Readonly<Record<"below" | "near" | "far", number>>>>;

/** An area with less of the mean lies in shade, one with more in light. By eye, no published source. */
const [SHADE, LIGHT] = [0.7, 1.15];

/**
 * How an area stands to a light: whether it catches it or lies in shade. From above in front it is the form that
 * counts, finer than any area's mean: what stands out catches it, what is hollow does not (FORM-1).
 */
export function standsTo(zone: ZoneInfo, light: LightSide): "light" | "shade" | null {
  const { kind, side, relief } = zone;
  if (light === "above") return relief && (relief === "high" ? "light" : "shade");
  const known = (LIT as Readonly<Record<string, (typeof LIT)[keyof typeof LIT]>>)[kind];
  if (!known) return null;
  const lit = light === "below" ? known.below : known[side && side !== light ? "far" : "near"];
  if (lit < SHADE) return "shade";
  return relief === "high" && lit > LIGHT ? "light" : null;
}

/** How far a brim stands out before the brow, mm. By eye, no published source. */
const BRIM_MM = 4.5;
const LAMP: Readonly<Record<LightSide, LightKey>> = {
  above: "above",
  below: "foot",
  left: "left",
  right: "right",
};

/** How far below its edge a hat or fringe shades the brow, to half a mm: the steeper the light, the farther. */
export function hatShadeMm(light: LightSide): number {
  const [x, y, z] = LIGHTS[LAMP[light]].from;
  return Math.max(0, Math.round((2 * BRIM_MM * y) / Math.hypot(x, z)) / 2);
}
