import Database from "better-sqlite3";
import { sql } from "kysely";
import { renameSync, rmSync } from "node:fs";
import { join } from "node:path";
import { databasePath, type Store } from "./database";
import { MIGRATIONS } from "./migrations";

/** Tables whose rows are told before a backup is put in the place of the studio. */
const COUNTED = [
  "person",
  "product",
  "movement",
  "look",
  "look_version",
  "job",
  "record",
  "mix",
  "reference",
  "record_picture",
  "house_change",
  "call",
  "chair_event",
  "tray",
] as const;
export type Counts = Readonly<Record<string, number>>;

/** Copies the studio as it stands into one file, while it is used (VACUUM INTO): whole, or not at all. */
export async function writeBackup(db: Store, file: string): Promise<void> {
  await sql`VACUUM INTO ${file}`.execute(db);
}

/** How many rows each kind has in the open studio. */
export async function countsOf(db: Store): Promise<Counts> {
  return Object.fromEntries(
    await Promise.all(
      COUNTED.map(
        async (table) =>
          [
            table,
            (
              await db
                .selectFrom(table)
                .select((eb) => eb.fn.countAll<number>().as("n"))
                .executeTakeFirstOrThrow()
            ).n,
          ] as const,
      ),
    ),
  );
}

/** What went wrong, in words, whoever threw it. */
const reasonOf = (error: unknown): string =>
  typeof error === "object" && error !== null && "message" in error
    ? String(error.message)
    : String(error);

/**
 * Looks at a file before it may become the studio: whether it is a studio at all, whole (integrity_check, foreign_key_check), and not of a newer Dermagraph.
 * @throws Error with the reason in words
 */
export function inspectBackup(file: string): { counts: Counts; migrations: number } {
  let sqlite: Database.Database | null = null;
  try {
    sqlite = new Database(file, { readonly: true, fileMustExist: true });
    const verdict = sqlite.pragma("integrity_check", { simple: true });
    if (verdict !== "ok") throw new Error(`the file is damaged: ${String(verdict).slice(0, 120)}`);
    const tables = new Set(
      (
        sqlite.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").all() as {
          name: string;
        }[]
      ).map(({ name }) => name),
    );
    if (!tables.has("kysely_migration") || !tables.has("look") || !tables.has("movement"))
      throw new Error("it is no studio of Dermagraph");
    const done = (
      sqlite.prepare("SELECT name FROM kysely_migration ORDER BY name").all() as { name: string }[]
    ).map(({ name }) => name);
    const strange = done.filter((name) => !(name in MIGRATIONS));
    if (strange.length)
      throw new Error(`it was written by a newer Dermagraph (${strange.join(", ")})`);
    if ((sqlite.pragma("foreign_key_check") as unknown[]).length)
      throw new Error("rows in it point at rows that are not there");
    const open = sqlite;
    return {
      migrations: done.length,
      counts: Object.fromEntries(
        COUNTED.filter((table) => tables.has(table)).map((table) => [
          table,
          (open.prepare(`SELECT count(*) AS n FROM "${table}"`).get() as { n: number }).n,
        ]),
      ),
    };
  } catch (error) {
    const reason = reasonOf(error);
    throw new Error(
      /file is not a database|unable to open|malformed/i.test(reason)
        ? "it is no database, or a damaged one"
        : reason,
      { cause: error },
    );
  } finally {
    sqlite?.close();
  }
}

/** Puts a file in the place of the closed studio; the old one has been kept by then. */
export function swapIn(folder: string, file: string): void {
  const path = databasePath(folder);
  for (const tail of ["-wal", "-shm"]) rmSync(path + tail, { force: true });
  renameSync(file, path);
}

export const backupsIn = (folder: string): string => join(folder, "backups");
