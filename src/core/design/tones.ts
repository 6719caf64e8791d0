import { hexToLab, type Lab } from "../colour";
import type { Product } from "../paint";

/** Share of a ground's chroma that its shadow keeps, and its light: a shadow is a darker, duller relative (COLOUR-2). Common practice, no published source. */
const [SHADOW_CHROMA, LIGHT_CHROMA] = [0.65, 0.9];

/** A tone so many L* above or below a ground, of its hue. */
export function stepFrom([l, a, b]: Lab, step: number): Lab {
  const keeps = step < 0 ? SHADOW_CHROMA : LIGHT_CHROMA;
  return [Math.max(8, Math.min(97, l + step)), a * keeps, b * keeps];
}

/** How far a paint is more vivid than the shadow it is wanted for, as if it were so much further off, dE00. By eye, no published source. */
export function tooVivid({ colour }: Pick<Product, "colour">, [, a, b]: Lab): number {
  if (!colour) return 0;
  const [, ownA, ownB] = hexToLab(colour);
  return Math.max(0, Math.hypot(ownA, ownB) - Math.hypot(a, b)) * 0.4;
}
