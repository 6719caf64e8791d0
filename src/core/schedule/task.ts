/**
 * One piece of hands-on work. `wait`: how long its zone then rests before anything touches it or builds on it. Minutes.
 * What is optional shapes how well a schedule suits the hand, never whether it is allowed, but for `helper` and `notBefore`.
 */
export type Task = {
  id: string;
  zone: string;
  handsOn: number;
  wait: number;
  after: readonly string[];
  /** Out of reach of one who paints themselves: only other hands do it (TIME-3). */
  helper?: boolean;
  /** Held back by the painter to this minute, or later. */
  notBefore?: number;
  /** Place from the crown down, counted from 0: hands move downwards (ORDER-1). */
  height?: number;
  /** What it is a part of: another colour or tool is taken up for another one. */
  batch?: string;
  /** CIE L* of what is painted: light before dark (ORDER-2). */
  lightness?: number;
  /** Who may do it at a call where not everybody can. */
  skill?: string;
};

export interface Placed {
  id: string;
  start: number;
  end: number;
  /** Whose hands, by their place in the list; the first where nothing is said. */ hand?: number;
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

/**
 * Tasks by id, checked.
 * @throws RangeError on negative minutes, a double id, an unknown predecessor or a circle
 */
export function checkedTasks(tasks: readonly Task[]): Map<string, Task> {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  if (byId.size !== tasks.length) throw new RangeError("two tasks have the same id");
  for (const task of tasks) {
    if (
      !(task.handsOn >= 0) ||
      !(task.wait >= 0) ||
      !((task.notBefore ?? 0) >= 0) ||
      !Number.isFinite(task.handsOn + task.wait + (task.notBefore ?? 0))
    )
      throw new RangeError(`task ${task.id} needs minutes of zero or more`);
    for (const id of task.after)
      if (!byId.has(id))
        throw new RangeError(`task ${task.id} waits for ${id}, which is not there`);
  }
  inOrder(tasks);
  return byId;
}

/** Tasks so that each stands behind all it waits for. @throws RangeError on a circle */
export function inOrder(tasks: readonly Task[]): Task[] {
  const open = new Map(tasks.map((task) => [task.id, new Set(task.after)]));
  const done: Task[] = [];
  let rest = [...tasks];
  while (rest.length) {
    const free = rest.filter((task) => open.get(task.id)?.size === 0);
    if (!free.length)
      throw new RangeError(
        `tasks wait for each other in a circle: ${rest.map((task) => task.id).join(", ")}`,
      );
    done.push(...free);
    for (const { id } of free) for (const waits of open.values()) waits.delete(id);
    rest = rest.filter((task) => !free.includes(task));
  }
  return done;
}
