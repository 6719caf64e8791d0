import { copyOf, lengthOf, place, readyAt, type Bench, type Clock } from "./clock";
import type { Placed } from "./task";

/** A schedule, and what it costs: its length and all one would give to be spared. */
export interface Tried {
  readonly placed: readonly Placed[];
  readonly makespan: number;
  readonly strain: number;
  readonly changes: number;
  readonly cost: number;
}

export const triedOf = (placed: readonly Placed[], { strain, changes }: Clock): Tried => {
  const makespan = lengthOf(placed);
  return { placed, makespan, strain, changes, cost: makespan + strain };
};

const NO_LIMIT = { latest: Infinity, changes: Infinity };

/**
 * The best of all orders and hands by cost, by depth-first search: what is spent and the tails bound what is to come.
 * @param rest places of the tasks that are open; @param best what has to be beaten; @param most no later end and no more changes count
 */
export function everyOrder(
  bench: Bench,
  first: Clock,
  rest: readonly number[],
  tail: ReadonlyMap<string, number>,
  best: Tried,
  most: { readonly latest: number; readonly changes: number } = NO_LIMIT,
): Tried {
  let found = best;
  const search = (placed: readonly Placed[], clock: Clock, left: readonly number[]) => {
    if (!left.length) {
      const own = triedOf(placed, clock);
      const isFair = own.makespan <= most.latest + 1e-9 && own.changes <= most.changes + 1e-9;
      if (own.cost < found.cost - 1e-9 && isFair) found = own;
      return;
    }
    // No sooner than all hands have done what is left, nor than the longest chain of it.
    const load = left.reduce((sum, i) => sum + (bench.tasks[i]?.handsOn ?? 0), 0);
    const free = clock.free.reduce((sum, at) => sum + at, 0);
    const least = Math.max(lengthOf(placed), (free + load) / clock.free.length);
    if (least + clock.strain >= found.cost - 1e-9) return;
    for (const i of left)
      for (let h = 0; h < bench.hands.length; h++) {
        const task = bench.tasks[i];
        const at = readyAt(bench, clock, i, h);
        if (!task || at === Infinity) continue;
        const end = Math.max(least, at + task.handsOn + (tail.get(task.id) ?? 0));
        if (end + clock.strain >= found.cost - 1e-9) continue;
        const next = copyOf(clock);
        const step = place(bench, next, i, h, at);
        search(
          [...placed, step],
          next,
          left.filter((other) => other !== i),
        );
      }
  };
  search([], first, rest);
  return found;
}
