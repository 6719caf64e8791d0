import { QUICKEST } from "./clock";
import { canDo, inOrder, ONE_HAND, type Hand, type Task } from "./task";

/**
 * Earliest start of each task (head), and the least time from its end to the end of all (tail), by the longest chain of work and rest: the forward
 * and the backward pass of the critical path method (Kelley & Walker 1959).
 */
export function headsAndTails(tasks: readonly Task[]): {
  head: Map<string, number>;
  tail: Map<string, number>;
} {
  const order = inOrder(tasks);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const head = new Map<string, number>();
  const tail = new Map<string, number>();
  for (const task of order) {
    head.set(
      task.id,
      Math.max(
        task.notBefore ?? 0,
        ...task.after.map(
          (id) => (head.get(id) ?? 0) + (byId.get(id)?.handsOn ?? 0) + (byId.get(id)?.wait ?? 0),
        ),
        ...(task.behind ?? []).map((id) => (head.get(id) ?? 0) + (byId.get(id)?.handsOn ?? 0)),
      ),
    );
    tail.set(task.id, 0);
  }
  for (const task of order.toReversed()) {
    const own = task.handsOn + (tail.get(task.id) ?? 0);
    const lengthen = (id: string, rest: number) =>
      tail.set(id, Math.max(tail.get(id) ?? 0, rest + own));
    for (const id of task.after) lengthen(id, byId.get(id)?.wait ?? 0);
    for (const id of task.behind ?? []) lengthen(id, 0);
  }
  return { head, tail };
}

/** One pair of hands: the preemptive schedule by largest tail (Jackson; Carlier 1982) is never longer than the best real one. */
export function jackson(
  tasks: readonly Task[],
  head: ReadonlyMap<string, number>,
  tail: ReadonlyMap<string, number>,
): number {
  const waiting = [...tasks].sort((a, b) => (head.get(a.id) ?? 0) - (head.get(b.id) ?? 0));
  const open: { left: number; tail: number }[] = [];
  let now = 0;
  let end = 0;
  while (waiting.length || open.length) {
    if (!open.length) now = Math.max(now, head.get(waiting[0]?.id ?? "") ?? now);
    while (waiting[0] && (head.get(waiting[0].id) ?? 0) <= now + 1e-9) {
      const task = waiting.shift() as Task;
      open.push({ left: task.handsOn, tail: tail.get(task.id) ?? 0 });
    }
    open.sort((a, b) => b.tail - a.tail);
    const current = open[0];
    if (!current) continue;
    const until = waiting[0] ? (head.get(waiting[0].id) ?? 0) - now : Infinity;
    const worked = Math.min(current.left, until);
    now += worked;
    current.left -= worked;
    if (current.left <= 1e-9) {
      end = Math.max(end, now + current.tail);
      open.shift();
    }
  }
  return end;
}

/** In one zone work and rest follow each other, only the last rest does not count; parts of passes rest by what they come after. */
function zoneLoad(tasks: readonly Task[]): number {
  const zones = new Map<string, { load: number; longest: number }>();
  for (const { zone, handsOn, wait: rest, pass } of tasks) {
    const wait = pass ? 0 : rest;
    const sum = zones.get(zone) ?? { load: 0, longest: 0 };
    zones.set(zone, { load: sum.load + handsOn + wait, longest: Math.max(sum.longest, wait) });
  }
  return Math.max(0, ...[...zones.values()].map(({ load, longest }) => load - longest));
}

/** Every pass is taken up once at least, as quickly as the one before it allows. */
function loadingAtLeast(tasks: readonly Task[]): number {
  const passes = new Map(tasks.flatMap(({ pass }) => (pass ? [[pass.id, pass] as const] : [])));
  return [...passes.values()].reduce((sum, { load }) => sum + QUICKEST * load, 0);
}

/** No schedule of these tasks by these hands is shorter than this: what only one pair can do, the load on all, the longest chain, and the busiest zone. */
export function chairLowerBound(tasks: readonly Task[], hands: readonly Hand[] = ONE_HAND): number {
  const { head, tail } = headsAndTails(tasks);
  const chain = Math.max(
    0,
    ...tasks.map(({ id, handsOn }) => (head.get(id) ?? 0) + handsOn + (tail.get(id) ?? 0)),
  );
  const alone = hands.map((hand) =>
    jackson(
      tasks.filter(
        (task) => canDo(hand, task) && hands.filter((other) => canDo(other, task)).length === 1,
      ),
      head,
      tail,
    ),
  );
  const work = tasks.reduce((sum, { handsOn }) => sum + handsOn, 0) + loadingAtLeast(tasks);
  const shared = work / Math.max(1, hands.length);
  return Math.max(chain, shared, ...alone, zoneLoad(tasks));
}
