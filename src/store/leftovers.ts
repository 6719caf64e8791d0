import { readdirSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";
import { NotFound } from "./versioned";

/** Kinds of files that stay behind in backups/, by how their names begin, and how many are kept. */
const KINDS = [
  { starts: "before-restore-", words: "the studio before a restore", most: 5 },
  { starts: "before-migration-", words: "the studio before a newer Dermagraph", most: 5 },
  { starts: "damaged-", words: "a damaged studio that a backup took the place of", most: 3 },
  { starts: "half-migrated-", words: "a studio whose update was cut", most: 3 },
  { starts: "studio-", words: "the studio before the demo was begun afresh", most: 5 },
] as const;

/** What was under way when the process was cut: of no use to anybody. */
const UNFINISHED = /^(incoming-|download-)|\.(part|healed|recovered)$|\.part-journal$/;
const TAILS = ["", "-wal", "-shm", "-journal"];

/** A copy of the studio, or of a part of its past, in the folder backups. */
export interface Leftover {
  readonly name: string;
  readonly words: string;
  readonly bytes: number;
  /** When it was made, ISO 8601. */
  readonly at: string;
}

const backups = (folder: string) => join(folder, "backups");

function namesIn(folder: string): string[] {
  try {
    return readdirSync(backups(folder));
  } catch {
    return [];
  }
}

/** Copies in backups/, the newest first. */
export function listLeftovers(folder: string): Leftover[] {
  return namesIn(folder)
    .filter((name) => name.endsWith(".db") && !UNFINISHED.test(name))
    .map((name) => {
      const { size, mtime } = statSync(join(backups(folder), name));
      const words = KINDS.find(({ starts }) => name.startsWith(starts))?.words ?? "a copy";
      return { name, words, bytes: size, at: mtime.toISOString() };
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}

function remove(folder: string, name: string): void {
  for (const tail of TAILS) rmSync(join(backups(folder), name + tail), { force: true });
}

/** Deletes one of them for good. @throws NotFound */
export function deleteLeftover(folder: string, name: string): void {
  if (!listLeftovers(folder).some((file) => file.name === name)) throw new NotFound("copy");
  remove(folder, name);
}

/** Removes what was never finished, and of each kind all but the newest few. */
export function pruneLeftovers(folder: string): void {
  for (const name of namesIn(folder)) if (UNFINISHED.test(name)) remove(folder, name);
  for (const tail of [".old", ".healed", ".recovered"])
    rmSync(join(folder, `studio.db${tail}`), { force: true, recursive: true });
  const all = listLeftovers(folder);
  for (const { starts, most } of KINDS)
    for (const { name } of all.filter((file) => file.name.startsWith(starts)).slice(most))
      remove(folder, name);
}
