import { chroma, hexToLab, hueAngle, type Lab } from "../colour";
import type { FINISHES } from "./product";

/** How a paint hides and tints: contrast ratio of one coat, and strength in a mix against a usual colour. */
export interface Strength {
  readonly hiding: number;
  readonly tint: number;
}

interface Guess extends Strength {
  readonly of: (lab: Lab, c: number, hue: number) => boolean;
}
const between = (value: number, from: number, to: number) => value >= from && value < to;

/** What paints of a colour usually do, the first that fits. Common practice, no published source. */
const GUESSES: readonly Guess[] = [
  { of: ([L], c) => L < 25 && c < 10, hiding: 0.98, tint: 5 },
  { of: ([L], c) => L > 88 && c < 12, hiding: 0.78, tint: 1 },
  { of: (_, c) => c < 10, hiding: 0.85, tint: 1 },
  {
    of: ([L], c, hue) => c < 45 && between(hue, 40, 80) && between(L, 25, 80.01),
    hiding: 0.85,
    tint: 1.1,
  },
  { of: (_, c, hue) => between(hue, 75, 110) && c >= 25, hiding: 0.45, tint: 0.7 },
  { of: (_, c) => c > 80, hiding: 0.45, tint: 0.7 },
  { of: (_, __, hue) => between(hue, 50, 75), hiding: 0.65, tint: 0.8 },
  { of: (_, __, hue) => between(hue, 20, 50), hiding: 0.75, tint: 1 },
  { of: (_, __, hue) => between(hue, 110, 290), hiding: 0.85, tint: 1.3 },
  { of: () => true, hiding: 0.75, tint: 1 },
];
/** What shimmers is mostly clear. Common practice, no published source. */
const SHIMMERS: Strength = { hiding: 0.35, tint: 0.5 };

/**
 * How a paint hides and tints by its colour alone, until somebody has swatched it: black hides all and rules a mix, yellow neither.
 * @param finish pearl and metallic are mostly clear, whatever their colour
 */
export function guessedStrength(
  hex: string,
  finish: keyof typeof FINISHES | null = null,
): Strength {
  if (finish === "pearl" || finish === "metallic") return SHIMMERS;
  const lab = hexToLab(hex);
  const guess = GUESSES.find(({ of }) => of(lab, chroma(lab), hueAngle(lab)));
  return guess ? { hiding: guess.hiding, tint: guess.tint } : { hiding: 0.85, tint: 1 };
}
