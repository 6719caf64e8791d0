import { chairLowerBound, headsAndTails } from "./bound";
import { afterDone, benchOf, lengthOf, type Breaks } from "./clock";
import type { Tried } from "./everyOrder";
import { listOrder } from "./listOrder";
import { passOrder } from "./passOrder";
import { befores, canDo, checkedTasks, ONE_HAND, type Hand, type Placed, type Task } from "./task";

/** So few tasks are solved exactly: for one pair of hands, and for more. */
const EXHAUSTIVE = { one: 9, more: 6 } as const;

export interface ChairSetting {
  /** Whose hands there are; one pair that reaches everything where nothing is said. */
  readonly hands?: readonly Hand[];
  /** After so many minutes of work without one, hands rest. A drying gap as long as the break is one. */
  readonly breaks?: Breaks | null;
  /** What has been done already, when it really was; it stays, and only the rest is planned. */
  readonly done?: readonly Placed[];
  /** Nothing that is left starts before this minute. */
  readonly now?: number;
}

export interface Chair {
  /** In order of start, what was done among them. */
  readonly placed: Placed[];
  /** The end of the last hands-on part. */
  readonly makespan: number;
  /** No schedule is shorter. */
  readonly lowerBound: number;
  /** What one would give to be spared its moves and changes, minutes. */
  readonly strain: number;
  readonly changes: number;
  /** The order as it was given, for comparison. */
  readonly stack: { readonly makespan: number; readonly changes: number };
}

/**
 * One performer at one chair.
 *
 * A task starts when hands that reach it are free and loaded, all its zones have rested, all it comes `after` has ended and rested, and no adhesive lies open
 * where it would soil it. Plain tasks are made as short as can be, drying gaps filled with other zones. Where tasks are parts of passes, what is made least is
 * the length, the minutes of changing, and what else a painter minds: the order given is kept but where leaving it saves something. Small cases (nine tasks
 * or fewer for one pair of hands, six for more) are solved exactly.
 * @throws RangeError on negative minutes, a double id, an unknown predecessor, a circle, no hands, or a task that none of them can do
 */
export function scheduleChair(tasks: readonly Task[], o: ChairSetting = {}): Chair {
  const byId = checkedTasks(tasks);
  const { hands = ONE_HAND, breaks = null, done = [], now = 0 } = o;
  if (!hands.length) throw new RangeError("a chair needs a pair of hands");
  const finished = new Set(done.map(({ id }) => id));
  const bench = benchOf(tasks, hands, breaks);
  const first = afterDone(bench, done, now);
  const open = tasks.flatMap(({ id }, i) => (finished.has(id) ? [] : [i]));
  const left = open.flatMap((i): Task[] => {
    const task = tasks[i];
    const isOpen = (id: string) => !finished.has(id);
    return task
      ? [{ ...task, after: task.after.filter(isOpen), behind: (task.behind ?? []).filter(isOpen) }]
      : [];
  });
  const { tail } = headsAndTails(left);
  const later = left.map(({ notBefore = 0, ...task }) => ({
    ...task,
    notBefore: Math.max(0, notBefore - now),
  }));
  const lowerBound = open.length ? now + chairLowerBound(later, hands) : lengthOf(done);
  const exact = open.length <= (hands.length > 1 ? EXHAUSTIVE.more : EXHAUSTIVE.one);
  const isPlain = left.every(({ pass }) => pass === undefined);
  let found: { best: Tried; stack: Tried } | null = null;
  if (isPlain) {
    const best = listOrder(bench, first, open, { tail, lowerBound, exact });
    found = best && { best, stack: best };
  } else found = passOrder(bench, first, inTurn(tasks, open, finished), { tail, exact });
  if (!found) {
    const alone = left.find((task) => !hands.some((hand) => canDo(hand, task)));
    throw new RangeError(`no hands here do ${alone?.id ?? "all of it before they leave"}`);
  }
  const { best, stack } = found;
  const placed = [...done.filter(({ id }) => byId.has(id)), ...best.placed].sort(
    (a, b) => a.start - b.start || a.end - b.end,
  );
  return {
    placed,
    makespan: lengthOf(placed),
    lowerBound,
    strain: best.strain,
    changes: best.changes,
    stack: { makespan: Math.max(lengthOf(done), stack.makespan), changes: stack.changes },
  };
}

/** Open tasks in the order given, each behind what it waits for. */
function inTurn(
  tasks: readonly Task[],
  open: readonly number[],
  finished: ReadonlySet<string>,
): number[] {
  const place = new Map(tasks.map(({ id }, i) => [id, i]));
  const seen = new Set<number>();
  const order: number[] = [];
  const visit = (i: number) => {
    const task = tasks[i];
    if (!task || seen.has(i)) return;
    seen.add(i);
    for (const id of befores(task)) if (!finished.has(id)) visit(place.get(id) ?? -1);
    order.push(i);
  };
  open.forEach(visit);
  return order;
}
