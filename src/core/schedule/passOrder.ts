import { copyOf, place, soonest, type Bench, type Clock } from "./clock";
import { everyOrder, triedOf, type Tried } from "./everyOrder";
import type { Placed } from "./task";

/** A wait is worth filling from so many minutes on. Common practice, no published source. */
const WORTH_FILLING = 3;
/** An order other than the stack's has to save as much, in minutes and in what a painter minds. Common practice, no published source. */
export const WORTH_LEAVING = 1;
/** No stretch of a torn pass is shorter, min. Common practice, no published source. */
const LEAST_STRETCH = 0.5;
/** Changes of tool and colour, at most: a quarter more than the stack's, and two in a look of few. */
const mostChanges = ({ changes }: Tried): number => Math.max(1.25 * changes, changes + 2);
/** Orders that are tried, and how far ahead a wait is filled from. */
const [MOST_TRIES, AHEAD] = [1500, 24];

/** The tasks done in an order, each as soon as it can be by whoever can soonest. Null where some can never start. */
function walk(bench: Bench, first: Clock, order: readonly number[]): Tried | null {
  const clock = copyOf(first);
  const placed: Placed[] = [];
  for (const i of order) {
    const { at, hand } = soonest(bench, clock, i);
    if (at === Infinity) return null;
    placed.push(place(bench, clock, i, hand, at));
  }
  return triedOf(placed, clock);
}

interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Runs of one pass within an order. */
function stretchesOf({ passes }: Bench, order: readonly number[]): Stretch[] {
  const list: { from: number; to: number }[] = [];
  order.forEach((i, at) => {
    const open = list.at(-1);
    const goesOn = open && (passes[order[open.from] ?? -1] ?? -1) === passes[i];
    if (open && goesOn && (passes[i] ?? -1) >= 0) open.to = at + 1;
    else list.push({ from: at, to: at + 1 });
  });
  return list;
}

/** Minutes the hands are idle before each task of a schedule. */
function idleBefore(placed: readonly Placed[]): number[] {
  const free = new Map<number, number>();
  return placed.map(({ start, end, load = 0, hand = 0 }) => {
    const idle = start - load - (free.get(hand) ?? start - load);
    free.set(hand, end);
    return idle;
  });
}

const minutesOf = ({ tasks }: Bench, list: readonly number[]) =>
  list.reduce((sum, i) => sum + (tasks[i]?.handsOn ?? 0), 0);

/** Those of a stretch that could be done before a place of the order: nothing they lie on comes after it. */
const readyBefore = (
  { before }: Bench,
  stretch: readonly number[],
  isDone: (i: number) => boolean,
): number[] => stretch.filter((i) => (before[i] ?? []).every(({ at }) => isDone(at)));

/** Ways of taking a stretch, or a part of it, forward: all that is ready, and as much of that as fills a wait. */
function parts(
  bench: Bench,
  stretch: readonly number[],
  ready: readonly number[],
  idle: number,
): (readonly number[])[] {
  let minutes = 0;
  const filling = ready.filter((i) => (minutes += bench.tasks[i]?.handsOn ?? 0) <= idle + 0.5);
  const isWhole = (part: readonly number[]) => part.length === stretch.length;
  return [ready, filling].filter(
    (part, k, all) =>
      part.length > 0 &&
      (k === 0 || part.length !== all[0]?.length) &&
      (isWhole(part) ||
        (minutesOf(bench, part) >= LEAST_STRETCH &&
          minutesOf(
            bench,
            stretch.filter((i) => !part.includes(i)),
          ) >= LEAST_STRETCH)),
  );
}

/** An order with some tasks taken forward to a place. */
function takenTo(order: readonly number[], part: readonly number[], at: number): number[] {
  const moved = new Set(part);
  return [
    ...order.slice(0, at).filter((i) => !moved.has(i)),
    ...part,
    ...order.slice(at).filter((i) => !moved.has(i)),
  ];
}

/** The last stretch that the task at a place of the order comes after; -1 where there is none. */
function stretchHolding(
  { before }: Bench,
  order: readonly number[],
  stretches: readonly Stretch[],
  at: number,
): number {
  const under = new Set((before[order[at] ?? -1] ?? []).map((edge) => edge.at));
  const last = order.findLastIndex((i, place) => place < at && under.has(i));
  return stretches.findIndex(({ from, to }) => from <= last && last < to);
}

/** Orders that differ from one by a wait filled with what comes later, by its own pass begun where it is dry, or by two passes of one kit brought together. */
function* neighbours(bench: Bench, order: readonly number[], idle: readonly number[]) {
  const stretches = stretchesOf(bench, order);
  const place = new Map(order.map((i, at) => [i, at]));
  const open = new Set(order);
  const doneBy = (at: number) => (i: number) => !open.has(i) || (place.get(i) ?? 0) < at;
  const kitOf = ({ from }: Stretch) => bench.tasks[order[from] ?? -1]?.pass?.kit;
  for (const [k, stretch] of stretches.entries()) {
    const from = stretches.findIndex(
      (other, n) => n < k && kitOf(other) === kitOf(stretch) && kitOf(other) !== undefined,
    );
    const at = stretches[from]?.to;
    const own = order.slice(stretch.from, stretch.to);
    if (
      at !== undefined &&
      from < k - 1 &&
      readyBefore(bench, own, doneBy(at)).length === own.length
    )
      yield takenTo(order, own, at);
  }
  const gaps = idle
    .flatMap((minutes, at) => (minutes >= WORTH_FILLING ? [{ at, minutes }] : []))
    .sort((a, b) => b.minutes - a.minutes);
  for (const { at, minutes } of gaps) {
    const k = stretches.findIndex(({ from, to }) => from <= at && at < to);
    const waiting = order.slice(at, stretches[k]?.to);
    for (const later of waiting.slice(1)) yield takenTo(order, [later], at);
    // What is waited for may have been painted sooner, so that it dries meanwhile.
    const holding = stretchHolding(bench, order, stretches, at);
    for (const earlier of stretches.slice(0, Math.max(0, holding))) {
      const held = stretches[holding];
      const whole = order.slice(held?.from, held?.to);
      if (readyBefore(bench, whole, doneBy(earlier.from)).length === whole.length)
        yield takenTo(order, whole, earlier.from);
    }
    for (const { from, to } of stretches.slice(k + 1, k + 1 + AHEAD)) {
      const stretch = order.slice(from, to);
      const ready = readyBefore(bench, stretch, doneBy(at));
      for (const part of parts(bench, stretch, ready, minutes)) yield takenTo(order, part, at);
    }
  }
}

/**
 * Passes in the order they were given, left only where that saves a painter something: a wait of some minutes filled by another pass, or by a part of one
 * that is worth tearing it for. Never later than the order given; few tasks exactly. Null where some can never be done.
 */
export function passOrder(
  bench: Bench,
  first: Clock,
  given: readonly number[],
  o: { readonly tail: ReadonlyMap<string, number>; readonly exact: boolean },
): { best: Tried; stack: Tried } | null {
  const stack = walk(bench, first, given);
  if (!stack) return null;
  if (o.exact) {
    const exact = everyOrder(bench, first, given, o.tail, stack, {
      latest: stack.makespan,
      changes: mostChanges(stack),
    });
    return { best: exact.cost < stack.cost - WORTH_LEAVING ? exact : stack, stack };
  }
  let [order, best] = [given, stack];
  for (let tries = 0, better = true; better && tries < MOST_TRIES;) {
    better = false;
    let found: { order: readonly number[]; tried: Tried } | null = null;
    for (const other of neighbours(bench, order, idleBefore(best.placed))) {
      if (++tries > MOST_TRIES) break;
      const tried = walk(bench, first, other);
      const least = found?.tried.cost ?? best.cost;
      const isFair =
        tried !== null &&
        tried.makespan <= stack.makespan + 1e-9 &&
        tried.changes <= mostChanges(stack) + 1e-9;
      if (isFair && tried.cost < least - 0.05) found = { order: other, tried };
    }
    if (found) [order, best, better] = [found.order, found.tried, true];
  }
  return { best: best.cost < stack.cost - WORTH_LEAVING ? best : stack, stack };
}
