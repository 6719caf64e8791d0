/** One piece of hands-on work. `wait`: how long its zone then rests before anything touches it or builds on it. Minutes. */
export type Task = { id: string; zone: string; handsOn: number; wait: number; after: readonly string[] };

export interface Placed { id: string; start: number; end: number }

/**
 * Tasks by id, checked.
 * @throws RangeError on negative minutes, a double id, an unknown predecessor or a circle
 */
export function checkedTasks(tasks: readonly Task[]): Map<string, Task> {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  if (byId.size !== tasks.length) throw new RangeError("two tasks have the same id");
  for (const task of tasks) {
    if (!(task.handsOn >= 0) || !(task.wait >= 0) || !Number.isFinite(task.handsOn + task.wait)) throw new RangeError(`task ${task.id} needs minutes of zero or more`);
    for (const id of task.after) if (!byId.has(id)) throw new RangeError(`task ${task.id} waits for ${id}, which is not there`);
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
    if (!free.length) throw new RangeError(`tasks wait for each other in a circle: ${rest.map((task) => task.id).join(", ")}`);
    done.push(...free);
    for (const { id } of free) for (const waits of open.values()) waits.delete(id);
    rest = rest.filter((task) => !free.includes(task));
  }
  return done;
}
