import { copyOf, place, soonest, type Bench, type Clock } from "./clock";
import { everyOrder, triedOf, type Tried } from "./everyOrder";
import type { Task } from "./task";

const TRIES = 120;
/** What was held to a minute by hand is taken up as soon as that has come. */
const PINNED = 1e6;

interface Way {
  readonly priority: (task: Task) => number;
  readonly patience: number;
}

/** List schedule: of the tasks that can start soonest, the one with the highest priority; first in the list breaks ties. Null where some can never start. */
function byPriority(
  bench: Bench,
  first: Clock,
  open: readonly number[],
  { priority, patience }: Way,
): Tried | null {
  const clock = copyOf(first);
  const placed = [];
  const rest = [...open];
  while (rest.length) {
    const ready = rest.map((i) => ({ i, ...soonest(bench, clock, i) }));
    const least = Math.min(...ready.map(({ at }) => at));
    if (least === Infinity) return null;
    const worth = ({ i }: { i: number }) => {
      const task = bench.tasks[i] as Task;
      return priority(task) + (task.notBefore === undefined ? 0 : PINNED);
    };
    const best = ready
      .filter(({ at }) => at <= least + patience)
      .reduce((a, b) => (worth(b) > worth(a) + 1e-9 ? b : a));
    placed.push(place(bench, clock, best.i, best.hand, best.at));
    rest.splice(rest.indexOf(best.i), 1);
  }
  return triedOf(placed, clock);
}

/** Deterministic jitter for the repeated tries; not for anything that needs real randomness. */
const jitter = (n: number) => {
  const x = Math.sin(n * 12.9898) * 43758.5453;
  return x - Math.floor(x);
};

/** Plain tasks, as short as can be: list schedules by several priorities, the best kept; few tasks exactly. Null where some can never be done. */
export function listOrder(
  bench: Bench,
  first: Clock,
  open: readonly number[],
  o: {
    readonly tail: ReadonlyMap<string, number>;
    readonly lowerBound: number;
    readonly exact: boolean;
  },
): Tried | null {
  const zoneLeft = new Map<string, number>();
  for (const i of open) {
    const { zone, handsOn, wait } = bench.tasks[i] as Task;
    zoneLeft.set(zone, (zoneLeft.get(zone) ?? 0) + handsOn + wait);
  }
  const tailOf = (task: Task) => task.handsOn + (o.tail.get(task.id) ?? 0);
  const priorities: ((task: Task) => number)[] = [
    tailOf,
    (task) => tailOf(task) + task.wait,
    (task) => (zoneLeft.get(task.zone) ?? 0) + tailOf(task),
    (task) => task.wait,
  ];
  const good = o.lowerBound * 1.0005 + 1e-9;
  let best = null as Tried | null;
  const offer = (tried: Tried | null) => {
    if (tried && (!best || tried.cost < best.cost - 1e-9)) best = tried;
  };
  const isGood = () => best !== null && best.cost <= good;
  for (const priority of priorities)
    for (const patience of [0, 0.75, 3])
      if (!isGood()) offer(byPriority(bench, first, open, { priority, patience }));
  for (let n = 0; n < TRIES && !isGood(); n++) {
    const noise = new Map(
      open.map((i, k) => [bench.tasks[i]?.id, 1 + 0.35 * (jitter(n * 977 + k) - 0.5)]),
    );
    const priority = priorities[n % 4 === 3 ? 0 : n % 4] ?? tailOf;
    offer(
      byPriority(bench, first, open, {
        priority: (task) => priority(task) * (noise.get(task.id) ?? 1),
        patience: [0, 0.75, 3][n % 3] ?? 0,
      }),
    );
  }
  return best && o.exact && !isGood() ? everyOrder(bench, first, open, o.tail, best) : best;
}
