import { mixedLab } from "./mixedLab";
import { deltaE00 } from "./difference";
import type { Lab } from "./lab";
import type { PaintOptics } from "./paintOptics";
import { sharings } from "./solveMix";

export interface GradientStep {
  readonly parts: readonly [from: number, to: number];
  readonly lab: Lab;
  /** How far along by eye, 0-1. */ readonly along: number;
}

/** Points on the path by which its length is measured. */
const FINE = 48;

/**
 * The path from one paint to another, with a mix at each step (COLOUR-4): steps look equally far apart, not equally many parts.
 * A strong paint takes over early, so its parts are few at first.
 * @param o.steps mixes on the way, both ends included, 5 by default
 * @param o.maxParts most parts of a mix, 8 by default
 * @throws RangeError with fewer than two steps
 */
export function gradient(
  from: PaintOptics,
  to: PaintOptics,
  o: { steps?: number; maxParts?: number } = {},
): { steps: GradientStep[]; path: Lab[] } {
  const { steps = 5, maxParts = 8 } = o;
  if (!(steps >= 2) || !Number.isInteger(steps))
    throw new RangeError("a gradient has two steps or more");
  const at = (a: number, b: number): Lab =>
    mixedLab([
      { optics: from, parts: a },
      { optics: to, parts: b },
    ]);
  const path = Array.from({ length: FINE + 1 }, (_, i) => at(FINE - i, i));
  const reached = path.reduce<number[]>((sums, lab, i) => {
    const before = path[i - 1];
    return [...sums, before ? (sums.at(-1) ?? 0) + deltaE00(before, lab) : 0];
  }, []);
  const whole = reached.at(-1) || 1;
  const alongOf = (share: number): number => {
    const place = share * FINE;
    const i = Math.min(FINE - 1, Math.floor(place));
    return ((reached[i] ?? 0) + ((reached[i + 1] ?? 0) - (reached[i] ?? 0)) * (place - i)) / whole;
  };
  const mixes: [number, number][] = [
    [1, 0],
    ...sharings(2, maxParts).map(([a = 1, b = 1]): [number, number] => [a, b]),
    [0, 1],
  ];
  return {
    path,
    steps: Array.from({ length: steps }, (_, i) => {
      const wanted = i / (steps - 1);
      const parts = mixes.reduce((best, mix) =>
        Math.abs(alongOf(mix[1] / (mix[0] + mix[1])) - wanted) <
        Math.abs(alongOf(best[1] / (best[0] + best[1])) - wanted)
          ? mix
          : best,
      );
      return { parts, lab: at(...parts), along: alongOf(parts[1] / (parts[0] + parts[1])) };
    }),
  };
}
