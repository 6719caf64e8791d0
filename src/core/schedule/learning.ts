/**
 * Minutes of a task at its n-th repetition, by Wright's learning curve (T. P. Wright 1936): each doubling multiplies the minutes by the rate.
 * @param rate 0.8 means that each doubling of practice takes a fifth off
 * @throws RangeError on a repetition under 1 or a rate outside 0 to 1
 * @example learningMinutes(60, 2, 0.9) // 54
 */
export function learningMinutes(first: number, repetition: number, rate: number): number {
  if (!(repetition >= 1)) throw new RangeError("repetitions are counted from 1");
  if (!(rate > 0 && rate <= 1)) throw new RangeError("a rate of learning lies between 0 and 1");
  return first * repetition ** Math.log2(rate);
}

export interface Learning {
  readonly first: number;
  readonly rate: number;
  /** How many repetitions stand behind it. */ readonly from: number;
}

/** A house that has seen nothing yet learns like this: each doubling takes a tenth off. Common practice, no published source. */
export const HOUSE_RATE = 0.9;
/** The house's own opinion counts as so many logged repetitions. */
const HOUSE_WEIGHT = 2;

/**
 * Fits Wright's curve to a log of minutes, first repetition first: a straight line of log minutes over log repetition, drawn towards the house's rate by as
 * much as two repetitions weigh. With nothing logged it is the house's.
 * @throws RangeError on minutes of zero or less
 */
export function fitLearning(minutes: readonly number[], houseFirst: number): Learning {
  if (minutes.some((value) => !(value > 0)))
    throw new RangeError("a repetition takes more than no time");
  const n = minutes.length;
  if (!n) return { first: houseFirst, rate: HOUSE_RATE, from: 0 };
  const x = minutes.map((_, i) => Math.log2(i + 1));
  const y = minutes.map((value) => Math.log2(value));
  const mean = (list: readonly number[]) =>
    list.reduce((sum, value) => sum + value, 0) / list.length;
  const [mx, my] = [mean(x), mean(y)];
  const sxx = x.reduce((sum, value) => sum + (value - mx) ** 2, 0);
  const sxy = x.reduce((sum, value, i) => sum + (value - mx) * ((y[i] ?? 0) - my), 0);
  const slope = (sxy + HOUSE_WEIGHT * 0.25 * Math.log2(HOUSE_RATE)) / (sxx + HOUSE_WEIGHT * 0.25);
  const held = Math.max(-1, Math.min(0, slope));
  return { first: 2 ** (my - held * mx), rate: 2 ** held, from: n };
}
