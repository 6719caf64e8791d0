/** One coat of one layer: a tool loaded with a paint, and all it does until another is taken up; or the tool it is then blended with, under the same id. Minutes. */
export interface Pass {
  readonly id: string;
  /** Tool and paint: the same again is only loaded anew. */
  readonly kit: string;
  readonly tool: string;
  /** To rinse, wipe, pick up and load, or to mix first. */
  readonly load: number;
  /** To set up before the first touch: a compressor. */
  readonly setUp?: number;
}

/** What a task does to the air round a head: adhesive lies open in it, or something oily, wet or dusty travels. */
export interface Nearby {
  readonly head: string;
  readonly does: "opens" | "soils";
}

/**
 * One piece of hands-on work. `wait`: how long it then rests before what comes `after` it; in a plain task its whole zone rests as long. Minutes.
 * What is optional shapes how well a schedule suits the hand, never whether it is allowed, but for `behind`, `near`, `helper` and `notBefore`.
 */
export type Task = {
  id: string;
  zone: string;
  handsOn: number;
  wait: number;
  /** Ended and dry before this one begins. */
  after: readonly string[];
  /** Ended before this one begins, dry or not: a stage before the next. */
  behind?: readonly string[];
  near?: Nearby;
  /** Out of reach of one who paints themselves: only other hands do it (TIME-3). */
  helper?: boolean;
  /** Held back by the painter to this minute, or later. */
  notBefore?: number;
  /** Place from the crown down, counted from 0: hands move downwards (ORDER-1). */
  height?: number;
  pass?: Pass;
  /** CIE L* of what is painted: light before dark (ORDER-2). */
  lightness?: number;
  /** What who does it at a call has to be able to; anybody where nothing is said. */
  skills?: readonly string[];
};

export interface Placed {
  id: string;
  start: number;
  end: number;
  /** Whose hands, by their place in the list; the first where nothing is said. */ hand?: number;
  /** Minutes before the start in which tool and paint are taken up; none where nothing is said. */ load?: number;
}

/** A pair of hands at the chair. "front": one who paints themselves; "back": one who only helps where the other can't reach. */
export interface Hand {
  readonly reaches: "all" | "front" | "back";
  /** Minutes at which they come and go. */ readonly from?: number;
  readonly until?: number;
}

export const ONE_HAND: readonly Hand[] = [{ reaches: "all" }];

/** Whether these hands may do a task. */
export const canDo = ({ reaches }: Hand, task: Pick<Task, "helper">): boolean =>
  reaches === "all" || (reaches === "back") === Boolean(task.helper);

/** Everything that has to be ended before a task, dry or not. */
export const befores = ({ after, behind = [] }: Task): readonly string[] =>
  behind.length ? [...after, ...behind] : after;

/**
 * Tasks by id, checked.
 * @throws RangeError on negative minutes, a double id, an unknown predecessor or a circle
 */
export function checkedTasks(tasks: readonly Task[]): Map<string, Task> {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  if (byId.size !== tasks.length) throw new RangeError("two tasks have the same id");
  for (const task of tasks) {
    const { load = 0, setUp = 0 } = task.pass ?? {};
    const minutes = [task.handsOn, task.wait, task.notBefore ?? 0, load, setUp];
    if (!minutes.every((value) => value >= 0 && Number.isFinite(value)))
      throw new RangeError(`task ${task.id} needs minutes of zero or more`);
    for (const id of befores(task))
      if (!byId.has(id))
        throw new RangeError(`task ${task.id} waits for ${id}, which is not there`);
  }
  inOrder(tasks);
  return byId;
}

/** Tasks so that each stands behind all it waits for, else as they were given. @throws RangeError on a circle */
export function inOrder(tasks: readonly Task[]): Task[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const state = new Map<string, "open" | "done">();
  const done: Task[] = [];
  const visit = (task: Task) => {
    const seen = state.get(task.id);
    if (seen === "done") return;
    if (seen) {
      const open = [...state].flatMap(([id, how]) => (how === "open" ? [id] : []));
      throw new RangeError(`tasks wait for each other in a circle: ${open.join(", ")}`);
    }
    state.set(task.id, "open");
    for (const id of befores(task)) {
      const before = byId.get(id);
      if (before) visit(before);
    }
    state.set(task.id, "done");
    done.push(task);
  };
  tasks.forEach(visit);
  return done;
}
