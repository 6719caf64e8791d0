import type { Placed, Task } from "./task";

/**
 * Minutes one gives to spare the hand a move: back up past wet paint, a level at a time (ORDER-1); to a lighter colour after a darker, which costs a clean
 * brush (ORDER-2); and to another colour or tool at all, which has to be loaded. Common practice, no published source.
 */
const [UP_A_LEVEL, MOST_UP, LIGHTER, ANOTHER] = [0.1, 0.6, 0.3, 0.5];
/** A difference in L* that no brush has to be cleaned for. Common practice, no published source. */
const ALIKE = 12;

/** What one move of the hand costs, in minutes one would give to be spared it. */
export function moveCost(from: Task | undefined, to: Task): number {
  if (!from) return 0;
  const up = Math.max(0, (from.height ?? 0) - (to.height ?? 0));
  const lighter =
    from.lightness !== undefined &&
    to.lightness !== undefined &&
    to.lightness - from.lightness > ALIKE;
  return (
    Math.min(MOST_UP, up * UP_A_LEVEL) +
    (lighter ? LIGHTER : 0) +
    (from.batch === to.batch ? 0 : ANOTHER)
  );
}

/** How far a schedule goes against top-down and light-first: the sum of its moves, hand by hand. */
export function strainOf(placed: readonly Placed[], byId: ReadonlyMap<string, Task>): number {
  const last = new Map<number, Task>();
  return [...placed]
    .sort((a, b) => a.start - b.start || a.end - b.end)
    .reduce((sum, { id, hand = 0 }) => {
      const task = byId.get(id);
      if (!task) return sum;
      const cost = moveCost(last.get(hand), task);
      last.set(hand, task);
      return sum + cost;
    }, 0);
}
