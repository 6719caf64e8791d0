import { HOUSE_SPEED, type Speed } from "../look";
import { fitLearning, learningMinutes } from "../schedule";
import type { RecordFields } from "./index";

/** How fast this painter is on a look, and what stands behind it. */
export interface LearnedSpeed extends Speed {
  /** Sittings of this look that were timed, and of others. */
  readonly from: { readonly same: number; readonly others: number };
  /** Minutes against the house at the first sitting and the rate of learning (Wright), once there are enough sittings. */
  readonly curve: { readonly first: number; readonly rate: number } | null;
}

type Timed = Pick<RecordFields, "on" | "steps"> & { readonly lookId: string };

/** The house's own minutes weigh as much as so many sittings of other looks. Common practice, no published source. */
const HOUSE_SITTINGS = 2;
/** From so many sittings of the same look the curve is believed; before, what was measured last is taken as it is (TIME-2). */
const CURVE_FROM = 3;
/** No painter is so many times faster or slower than the house: beyond it the log is wrong. Common practice, no published source. */
const [LEAST, MOST] = [0.2, 5];
const held = (factor: number) => Math.min(MOST, Math.max(LEAST, factor));

/** Hands-on minutes of a sitting against what the house planned for the same steps; null where nothing was timed. */
export function ratioOf({ steps }: Pick<RecordFields, "steps">): number | null {
  const [actual, planned] = steps.reduce(
    ([a, p], step) => [a + step.actualMinutes, p + step.plannedMinutes],
    [0, 0],
  );
  return actual > 0 && planned > 0 ? held(actual / planned) : null;
}

/**
 * The speed a look is planned with: the last measured time of the same look, from three sittings on Wright's curve fitted to them; with none, the painter's
 * mean on other looks drawn to the house's minutes (mean of logarithms, the house as two sittings); with no log at all the house's.
 */
export function speedOf(records: readonly Timed[], lookId: string): LearnedSpeed {
  const timed = [...records]
    .sort((a, b) => a.on.localeCompare(b.on))
    .flatMap((record) => {
      const ratio = ratioOf(record);
      return ratio === null ? [] : [{ record, ratio }];
    });
  const same = timed.filter(({ record }) => record.lookId === lookId);
  const others = timed.filter(({ record }) => record.lookId !== lookId);
  const from = { same: same.length, others: others.length };
  const last = same.at(-1);
  if (!last) {
    if (!others.length) return { ...HOUSE_SPEED, from, curve: null };
    const mean =
      others.reduce((sum, { ratio }) => sum + Math.log(ratio), 0) /
      (others.length + HOUSE_SITTINGS);
    return { factor: held(Math.exp(mean)), layers: {}, from, curve: null };
  }
  const fitted =
    same.length >= CURVE_FROM
      ? fitLearning(
          same.map(({ ratio }) => ratio),
          1,
        )
      : null;
  const factor = fitted
    ? held(learningMinutes(fitted.first, same.length + 1, fitted.rate))
    : last.ratio;
  // What one learned is spread over the steps as they were timed last.
  const layers = Object.fromEntries(
    last.record.steps
      .filter(({ plannedMinutes, actualMinutes }) => plannedMinutes > 0 && actualMinutes > 0)
      .map(({ layerId, plannedMinutes, actualMinutes }) => [
        layerId,
        held(((actualMinutes / plannedMinutes) * factor) / last.ratio),
      ]),
  );
  return { factor, layers, from, curve: fitted && { first: fitted.first, rate: fitted.rate } };
}
