import { writeFileSync } from "node:fs";
import { problemOf, type Incoming, type Listener } from "./problem";

/** A file as a route hands it on. For tests. */
export const sent = (bytes: Uint8Array, type = "application/octet-stream"): Incoming => ({
  type,
  bytes: async () => bytes,
  saveTo: async (path) => writeFileSync(path, bytes),
});

/** Nobody is told, and nobody goes away. */
export const nobody = (): Listener => ({
  report: async () => undefined,
  gone: new AbortController().signal,
});

/** What a route would answer: 200, or the status of the problem. */
export const statusOf = (act: Promise<unknown>): Promise<number> =>
  act.then(
    () => 200,
    (error: unknown) => problemOf(error).status,
  );
