import "server-only";
import { existsSync } from "node:fs";
import { join } from "node:path";
import type { Worker as Thread } from "node:worker_threads";
import type { Answer, Task, TaskInput, TaskOutput, TaskTold } from "./tasks";

/** It was ended because it took longer, or needed more memory, than anything of ours does. */
export class TaskTooLong extends Error {
  constructor(task: string) {
    super(`${task} took too long`);
  }
}

export interface How<T extends Task> {
  /** After so long it is ended. */
  readonly seconds: number;
  /** Hears of parts as they are ready; the thread goes on meanwhile. */
  readonly onTold?: (told: TaskTold<T>) => void;
  /** Ends it. */
  readonly signal?: AbortSignal;
}

/** Side by side no more than this: the machine is a painter's. */
const MOST_AT_ONCE = 2;
const MOST_MEMORY_MB = 1536;

let running = 0;
const waiting: (() => void)[] = [];
async function turn(signal: AbortSignal | undefined): Promise<() => void> {
  if (running >= MOST_AT_ONCE)
    await new Promise<void>((resolve) => {
      waiting.push(resolve);
    });
  running++;
  const done = () => {
    running--;
    waiting.shift()?.();
  };
  if (signal?.aborted) {
    done();
    throw signal.reason;
  }
  return done;
}

/** The bundle that scripts/threads.mjs makes of src/threads beside the build; null where nothing is built, or what is may be of other source. */
function bundle(): string | null {
  if (process.env.DERMAGRAPH_THREADS) return process.env.DERMAGRAPH_THREADS;
  if (process.env.NODE_ENV !== "production") return null;
  const built = join(/* turbopackIgnore: true */ process.cwd(), ".next", "threads.cjs");
  return existsSync(built) ? built : null;
}

/**
 * Without a build (unit tests, development) a task is done in place.
 *
 * @throws Error for what only the bundle draws
 */
async function inPlace<T extends Task>(
  task: T,
  input: TaskInput<T>,
  how: How<T>,
): Promise<TaskOutput<T>> {
  const { TASKS } = await import("./tasks");
  if (!(task in TASKS)) throw new Error(`${task} needs the bundle: node scripts/threads.mjs`);
  const act = TASKS[task as keyof typeof TASKS] as unknown as (
    given: TaskInput<T>,
    tell: (told: TaskTold<T>) => void,
  ) => TaskOutput<T>;
  return act(input, how.onTold ?? (() => undefined));
}

/**
 * Does a task in a thread of its own, so that nobody else waits for it.
 *
 * @throws TaskTooLong; the reason of the signal; an Error with the task's own message
 */
export async function inThread<T extends Task>(
  task: T,
  input: TaskInput<T>,
  how: How<T>,
): Promise<TaskOutput<T>> {
  const file = bundle();
  if (!file) return inPlace(task, input, how);
  const done = await turn(how.signal);
  // Taken like this so that the build does not take the file for one of its own, and follow it.
  const { Worker } = await import(/* turbopackIgnore: true */ "node:worker_threads");
  const thread = new Worker(file, {
    workerData: { task, input },
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  });
  let clock: NodeJS.Timeout | undefined;
  let abandon: () => void = () => undefined;
  try {
    return await new Promise<TaskOutput<T>>((resolve, reject) => {
      clock = setTimeout(() => reject(new TaskTooLong(task)), how.seconds * 1000);
      abandon = () => reject(how.signal?.reason as Error);
      if (how.signal?.aborted) abandon();
      how.signal?.addEventListener("abort", abandon);
      thread.on("message", (answer: Answer<T>) => {
        if (answer.kind === "told") how.onTold?.(answer.told);
        else if (answer.kind === "done") resolve(answer.value);
        else reject(new Error(answer.message));
      });
      thread.on("error", (error: Error & { code?: string }) =>
        reject(error.code === "ERR_WORKER_OUT_OF_MEMORY" ? new TaskTooLong(task) : error),
      );
      thread.on("exit", (code) => reject(new Error(`${task} ended with ${code}`)));
    });
  } finally {
    clearTimeout(clock);
    how.signal?.removeEventListener("abort", abandon);
    await thread.terminate();
    done();
  }
}

/** Longest that a held thread may take for one answer. */
const HELD_SECONDS = 30;

interface Held<T extends Task> {
  readonly thread: Thread;
  /** Who waits for which answer. */
  readonly waiting: Map<number, (answer: Answer<T> | Error) => void>;
}

async function startHeld<T extends Task>(
  task: T,
  file: string,
  onEnd: () => void,
): Promise<Held<T>> {
  const { Worker } = await import(/* turbopackIgnore: true */ "node:worker_threads");
  const thread = new Worker(file, {
    workerData: { task, isHeld: true },
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  });
  const waiting: Held<T>["waiting"] = new Map();
  const ended = (why: Error) => {
    onEnd();
    for (const tell of waiting.values()) tell(why);
    waiting.clear();
  };
  thread.on("message", ({ id, answer }: { id: number; answer: Answer<T> }) => {
    waiting.get(id)?.(answer);
    waiting.delete(id);
  });
  thread.on("error", ended);
  thread.on("exit", (code) => ended(new Error(`${task} ended with ${code}`)));
  // A server that ends does not wait for it.
  thread.unref();
  return { thread, waiting };
}

/**
 * A thread that stays for one task, warm for the next question: for what is asked often and is short.
 *
 * @returns asks it, and starts it anew when it has ended; throws what {@link inThread} does
 */
export function heldThread<T extends Task>(
  task: T,
): (input: TaskInput<T>) => Promise<TaskOutput<T>> {
  let asked = 0;
  let running: Promise<Held<T>> | null = null;
  return async (input): Promise<TaskOutput<T>> => {
    const file = bundle();
    if (!file) return inPlace(task, input, { seconds: HELD_SECONDS });
    running ??= startHeld<T>(task, file, () => (running = null));
    const { thread, waiting } = await running;
    const id = asked++;
    return new Promise<TaskOutput<T>>((resolve, reject) => {
      const clock = setTimeout(() => {
        reject(new TaskTooLong(task));
        void thread.terminate();
      }, HELD_SECONDS * 1000);
      waiting.set(id, (answer) => {
        clearTimeout(clock);
        if (answer instanceof Error) reject(answer);
        else if (answer.kind === "done") resolve(answer.value);
        else if (answer.kind === "failed") reject(new Error(answer.message));
      });
      thread.postMessage({ id, input });
    });
  };
}
