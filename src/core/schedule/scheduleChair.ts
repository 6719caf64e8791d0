import { chairLowerBound, headsAndTails } from "./bound";
import { checkedTasks, type Placed, type Task } from "./task";

const EXHAUSTIVE = 9;
const TRIES = 120;

interface Clock { now: number; readonly end: Map<string, number>; readonly rested: Map<string, number> }

const emptyClock = (): Clock => ({ now: 0, end: new Map(), rested: new Map() });

/** When a task could start: hands free, predecessors ended and rested, zone rested. Infinity while a predecessor is still to come. */
function readyAt(task: Task, byId: ReadonlyMap<string, Task>, clock: Clock): number {
  let at = Math.max(clock.now, clock.rested.get(task.zone) ?? 0);
  for (const id of task.after) {
    const end = clock.end.get(id);
    if (end === undefined) return Infinity;
    at = Math.max(at, end + (byId.get(id)?.wait ?? 0));
  }
  return at;
}

function place(task: Task, start: number, clock: Clock): Placed {
  const end = start + task.handsOn;
  clock.now = end;
  clock.end.set(task.id, end);
  clock.rested.set(task.zone, end + task.wait);
  return { id: task.id, start, end };
}

/** List schedule: of the tasks that can start soonest, the one with the highest priority; first in the list breaks ties. */
function greedy(tasks: readonly Task[], byId: ReadonlyMap<string, Task>, priority: (task: Task) => number, patience: number): Placed[] {
  const clock = emptyClock();
  const placed: Placed[] = [];
  let rest = [...tasks];
  while (rest.length) {
    const ready = rest.map((task) => ({ task, at: readyAt(task, byId, clock) }));
    const soonest = Math.min(...ready.map(({ at }) => at));
    const best = ready.filter(({ at }) => at <= soonest + patience).reduce((a, b) => (priority(b.task) > priority(a.task) + 1e-9 ? b : a));
    placed.push(place(best.task, best.at, clock));
    rest = rest.filter((task) => task !== best.task);
  }
  return placed;
}

const lengthOf = (placed: readonly Placed[]) => Math.max(0, ...placed.map(({ end }) => end));

/** Best of all orders, by depth-first search with the tail as bound. */
function exhaustive(tasks: readonly Task[], byId: ReadonlyMap<string, Task>, tail: ReadonlyMap<string, number>, start: Placed[]): Placed[] {
  let best = start;
  const search = (placed: Placed[], clock: Clock, rest: readonly Task[]) => {
    if (!rest.length) {
      if (lengthOf(placed) < lengthOf(best) - 1e-9) best = placed;
      return;
    }
    for (const task of rest) {
      const at = readyAt(task, byId, clock);
      if (at + task.handsOn + (tail.get(task.id) ?? 0) >= lengthOf(best) - 1e-9) continue;
      const next: Clock = { now: clock.now, end: new Map(clock.end), rested: new Map(clock.rested) };
      const step = place(task, at, next);
      search([...placed, step], next, rest.filter((other) => other !== task));
    }
  };
  search([], emptyClock(), tasks);
  return best;
}

/** Deterministic jitter for the repeated tries; not for anything that needs real randomness. */
const jitter = (n: number) => { const x = Math.sin(n * 12.9898) * 43758.5453; return x - Math.floor(x); };

/**
 * One artist, one performer: fills drying gaps with work on other zones.
 *
 * A task starts when the artist is free, its zone has rested, and all it comes `after` have ended and rested. Small cases (nine
 * tasks or fewer) are solved exactly; larger ones by list scheduling with several priorities, the best kept.
 * @param o.keepOrder a schedule that follows the order given is preferred while it is at most this share longer (0.05: five per cent)
 * @returns placed tasks in order of start; `makespan`, the end of the last hands-on part; `lowerBound`, which no schedule beats
 * @throws RangeError on negative minutes, a double id, an unknown predecessor or a circle
 */
export function scheduleChair(tasks: readonly Task[], o: { keepOrder?: number } = {}): { placed: { id: string; start: number; end: number }[]; makespan: number; lowerBound: number } {
  const byId = checkedTasks(tasks);
  const { tail } = headsAndTails(tasks);
  const lowerBound = chairLowerBound(tasks);
  const zoneLeft = new Map<string, number>();
  for (const { zone, handsOn, wait } of tasks) zoneLeft.set(zone, (zoneLeft.get(zone) ?? 0) + handsOn + wait);
  const tailOf = (task: Task) => task.handsOn + (tail.get(task.id) ?? 0);
  const priorities: ((task: Task) => number)[] = [tailOf, (task) => tailOf(task) + task.wait, (task) => (zoneLeft.get(task.zone) ?? 0) + tailOf(task), (task) => task.wait];
  const good = lowerBound * 1.0005 + 1e-9;
  let best: Placed[] | null = null;
  const offer = (placed: Placed[]) => { if (!best || lengthOf(placed) < lengthOf(best) - 1e-9) best = placed; };
  for (const priority of priorities) for (const patience of [0, 0.75]) {
    offer(greedy(tasks, byId, priority, patience));
    if (best && lengthOf(best) <= good) break;
  }
  for (let i = 0; i < TRIES && best && lengthOf(best) > good; i++) {
    const noise = new Map(tasks.map((task, k) => [task.id, 1 + 0.35 * (jitter(i * 977 + k) - 0.5)]));
    const priority = priorities[i % 3] ?? tailOf;
    offer(greedy(tasks, byId, (task) => priority(task) * (noise.get(task.id) ?? 1), i % 2 ? 0.75 : 0));
  }
  const found = best ?? [];
  const placed = tasks.length <= EXHAUSTIVE && lengthOf(found) > good ? exhaustive(tasks, byId, tail, found) : found;
  if (o.keepOrder !== undefined) {
    const index = new Map(tasks.map((task, i) => [task.id, i]));
    const followed = [0, 1, 2, 4].map((patience) => greedy(tasks, byId, (task) => -(index.get(task.id) ?? 0), patience)).filter((calm) => lengthOf(calm) <= lengthOf(placed) * (1 + (o.keepOrder ?? 0)));
    const calmest = followed.at(-1);
    if (calmest) return { placed: calmest, makespan: lengthOf(calmest), lowerBound };
  }
  return { placed: [...placed].sort((a, b) => a.start - b.start || a.end - b.end), makespan: lengthOf(placed), lowerBound };
}
