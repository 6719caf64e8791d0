/** A stand-in for a small kitchen scale with a serial or Bluetooth line: tenths of a gram, a little noise, a drifting zero until it is set. Invented. */
export interface KitchenScale {
  /** Sets the zero with what stands on it now. */
  tare(): void;
  /** Puts so much on it, g; what stood there before is taken off. */
  put(grams: number): void;
  /** Grams to a tenth. @throws ScaleUnsettled right after something was put on it */
  read(): number;
}

/** What was put on it has not come to rest yet. */
export class ScaleUnsettled extends Error {}

const [STEP, NOISE, DRIFT_PER_MINUTE, SETTLES_MS, MOST] = [0.1, 0.04, 0.02, 400, 5000] as const;

/** @param o.now milliseconds of a clock; @param o.random evenly from 0 to 1 */
export function simulatedScale(o: { now: () => number; random: () => number }): KitchenScale {
  let [load, zero, zeroAt, putAt] = [0, 0, o.now(), -Infinity];
  const drift = () => ((o.now() - zeroAt) / 60_000) * DRIFT_PER_MINUTE;
  return {
    tare: () => {
      zero = load;
      zeroAt = o.now();
    },
    put: (grams) => {
      if (!(grams >= 0 && grams <= MOST)) throw new RangeError(`the scale takes 0 to ${MOST} g`);
      load = grams;
      putAt = o.now();
    },
    read: () => {
      if (o.now() - putAt < SETTLES_MS)
        throw new ScaleUnsettled("still moving: read again in a moment");
      return Math.round((load - zero + drift() + (o.random() - 0.5) * 2 * NOISE) / STEP) * STEP;
    },
  };
}
