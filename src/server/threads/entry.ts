import { parentPort, workerData } from "node:worker_threads";
import { TASKS, type Answer, type Task } from "./tasks";

/** One task, named by who started the thread; what it tells and what comes of it go back. */
async function run(): Promise<void> {
  const { task, input } = workerData as { task: Task; input: never };
  const answer = (value: Answer<Task>) => parentPort?.postMessage(value);
  try {
    const act = TASKS[task] as (given: never, tell: (told: never) => void) => unknown;
    const value = await act(input, (told) => answer({ kind: "told", told }));
    answer({ kind: "done", value } as Answer<Task>);
  } catch (error) {
    answer({ kind: "failed", message: error instanceof Error ? error.message : String(error) });
  }
}

void run();
