import { parentPort, workerData } from "node:worker_threads";
import { TASKS, type Answer, type Asked, type Task, type Tasks } from "@/server/threads/tasks";
import { lookPictureOf } from "./lookPicture";

const ALL: Tasks = { ...TASKS, lookPictureOf };

type Reply = (answer: Answer<Task>) => void;

/** Does a task; what it tells and what comes of it are answered. */
async function run(task: Task, input: never, answer: Reply): Promise<void> {
  try {
    const act = ALL[task] as (given: never, tell: (told: never) => void) => unknown;
    const value = await act(input, (told) => answer({ kind: "told", told }));
    answer({ kind: "done", value } as Answer<Task>);
  } catch (error) {
    answer({ kind: "failed", message: error instanceof Error ? error.message : String(error) });
  }
}

const { task, input, isHeld } = workerData as { task: Task; input: never; isHeld?: boolean };
if (isHeld)
  // Whoever holds the thread asks again and again, and tells the answers apart by their number.
  parentPort?.on("message", ({ id, input: given }: Asked) => {
    void run(task, given as never, (answer) => parentPort?.postMessage({ id, answer }));
  });
else void run(task, input, (answer) => parentPort?.postMessage(answer));
