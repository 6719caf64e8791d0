import { wrap, type Remote } from "comlink";
import { healed } from "@/ui/keptChairs";

/** What a worker that was stopped says. */
export const STOPPED = "Stopped.";

/** Why a worker gave no answer: it never started, it broke, or it was stopped. */
export class WorkerEnded extends Error {}

interface Running<Api> {
  readonly port: Worker;
  readonly remote: Remote<Api>;
  /** Rejects when the worker can't answer any more. */
  readonly ended: Promise<never>;
  readonly end: (why: string) => void;
}

function run<Api>(create: () => Worker): Running<Api> {
  const port = create();
  let end: (why: string) => void = () => undefined;
  const ended = new Promise<never>((_, reject) => {
    end = (why) => {
      port.terminate();
      reject(new WorkerEnded(why));
    };
  });
  // Nobody may be waiting when it ends.
  ended.catch(() => undefined);
  port.addEventListener("error", (event) => {
    event.preventDefault();
    end(event.message || "its worker did not start");
  });
  port.addEventListener("messageerror", () => end("its answer could not be read"));
  return { port, remote: wrap<Api>(port), ended, end };
}

/** A worker that starts when it is first asked, and again after it has broken or was stopped. */
export class HeldWorker<Api> {
  private running: Running<Api> | null = null;

  constructor(private readonly create: () => Worker) {}

  /** @throws WorkerEnded when the worker breaks or is stopped; whatever the question itself throws */
  async ask<T>(question: (api: Remote<Api>) => Promise<T>): Promise<T> {
    await healed();
    const running = (this.running ??= run<Api>(this.create));
    try {
      return await Promise.race([question(running.remote), running.ended]);
    } catch (reason) {
      if (reason instanceof WorkerEnded && this.running === running) this.running = null;
      throw reason;
    }
  }

  /** Ends whatever it is working on; the next question starts it anew. */
  stop(): void {
    this.running?.end(STOPPED);
    this.running = null;
  }
}
