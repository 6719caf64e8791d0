import Database from "better-sqlite3";
import { readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/** Another process has this studio open. */
export class StudioInUse extends Error {
  constructor(
    folder: string,
    /** Where it answers, if it said. */
    readonly url: string | null,
  ) {
    super(
      url
        ? `Dermagraph is already running on this studio, at ${url} (${folder}).`
        : `Another Dermagraph is already running on this studio (${folder}).`,
    );
  }
}

interface Held {
  readonly lock: Database.Database;
  users: number;
}

const HOLD = Symbol.for("dermagraph.locks");
type Holder = typeof globalThis & { [HOLD]?: Map<string, Held> };
const held = (): Map<string, Held> => ((globalThis as Holder)[HOLD] ??= new Map<string, Held>());

const whoFile = (folder: string) => join(folder, "running.json");

function whoHas(folder: string): string | null {
  try {
    const { url } = JSON.parse(readFileSync(whoFile(folder), "utf8")) as { url?: unknown };
    return typeof url === "string" && url ? url : null;
  } catch {
    return null;
  }
}

/**
 * One process a data folder. The lock is SQLite's own on a file of its own: the system lets go of it
 * when the process ends, however it ends.
 *
 * @returns lets go of it
 * @throws StudioInUse
 */
export function lockFolder(folder: string): () => void {
  const own = held().get(folder);
  if (own) own.users++;
  else {
    const lock = new Database(join(folder, "studio.lock"), { timeout: 200 });
    try {
      lock.pragma("locking_mode = EXCLUSIVE");
      lock.exec("BEGIN EXCLUSIVE");
    } catch (error) {
      lock.close();
      if ((error as { code?: string }).code?.startsWith("SQLITE_BUSY"))
        throw new StudioInUse(folder, whoHas(folder));
      throw error;
    }
    writeFileSync(
      whoFile(folder),
      JSON.stringify({ pid: process.pid, url: process.env.DERMAGRAPH_URL ?? null }),
    );
    held().set(folder, { lock, users: 1 });
  }
  let isHeld = true;
  return () => {
    const mine = held().get(folder);
    if (!isHeld || !mine) return;
    isHeld = false;
    if (--mine.users > 0) return;
    held().delete(folder);
    mine.lock.close();
    rmSync(whoFile(folder), { force: true });
  };
}
