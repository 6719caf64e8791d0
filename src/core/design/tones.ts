import { chroma, type Lab } from "../colour";

/** Share of a ground's chroma that its shadow keeps, and its light: a shadow is a darker, duller relative (COLOUR-2). Common practice, no published source. */
const [SHADOW_CHROMA, LIGHT_CHROMA] = [0.65, 0.9];

/** A tone so many L* above or below a ground, of its hue. */
export function stepFrom([l, a, b]: Lab, step: number): Lab {
  const keeps = step < 0 ? SHADOW_CHROMA : LIGHT_CHROMA;
  return [Math.max(8, Math.min(97, l + step)), a * keeps, b * keeps];
}

/** How far a colour is more vivid than the shadow it is wanted for, as if it were so much further off, dE00. By eye, no published source. */
export const tooVivid = (colour: Lab, wanted: Lab): number =>
  Math.max(0, chroma(colour) - chroma(wanted)) * 0.4;
