import Database from "better-sqlite3";
import { sql } from "kysely";
import {
  closeSync,
  existsSync,
  fsyncSync,
  linkSync,
  openSync,
  renameSync,
  rmSync,
  statSync,
} from "node:fs";
import { join } from "node:path";
import { rowOf, STUDIO_PARTS } from "@/core/formats";
import { partOf } from "./content";
import { connect, databasePath, type Store } from "./database";
import { doneIn, migrate, pendingOf } from "./migrate";
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
  "setting",
  "practice",
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

const named = (sqlite: Database.Database, query: string): string[] =>
  (sqlite.prepare(query).all() as { name: string }[]).map(({ name }) => name);

/**
 * Looks at a file without changing it: whether it is a studio at all, whole (integrity_check,
 * foreign_key_check), and not of a newer Dermagraph.
 *
 * @throws Error with the reason in words
 */
export function inspectBackup(file: string): void {
  let sqlite: Database.Database | null = null;
  try {
    if (statSync(file).size === 0) throw new Error("the file is empty");
    sqlite = new Database(file, { readonly: true, fileMustExist: true });
    const verdict = sqlite.pragma("integrity_check", { simple: true });
    if (verdict !== "ok") throw new Error(`the file is damaged: ${String(verdict).slice(0, 120)}`);
    const tables = new Set(named(sqlite, "SELECT name FROM sqlite_master WHERE type = 'table'"));
    if (!tables.has("kysely_migration") || !tables.has("look") || !tables.has("movement"))
      throw new Error("it is no studio of Dermagraph");
    pendingOf(named(sqlite, "SELECT name FROM kysely_migration ORDER BY name"), MIGRATIONS);
    if ((sqlite.pragma("foreign_key_check") as unknown[]).length)
      throw new Error("rows in it point at rows that are not there");
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

/** What a file is built of, name by name, in SQL; its record of migrations apart. */
async function builtOf(db: Store): Promise<Map<string, string>> {
  const { rows } = await sql<{ type: string; name: string; sql: string | null }>`
    SELECT type, name, sql FROM sqlite_master
    WHERE name NOT LIKE 'sqlite_%' AND name NOT LIKE 'kysely_%'`.execute(db);
  return new Map(
    rows.map((row) => [`${row.type} ${row.name}`, (row.sql ?? "").replace(/\s+/g, " ").trim()]),
  );
}

/** @throws Error naming what is built otherwise than a studio that has been through just these migrations */
async function checkBuilt(db: Store, done: readonly string[]): Promise<void> {
  const model = connect(":memory:").db;
  try {
    const been = Object.entries(MIGRATIONS).filter(([name]) => done.includes(name));
    await migrate(model, Object.fromEntries(been));
    const [own, ours] = [await builtOf(db), await builtOf(model)];
    const missing = [...ours.keys()].find((name) => !own.has(name));
    if (missing) throw new Error(`the ${missing} is missing in it`);
    const strange = [...own.keys()].find((name) => !ours.has(name));
    if (strange) throw new Error(`it holds a ${strange}, which is none of Dermagraph's`);
    const other = [...ours].find(([name, text]) => own.get(name) !== text);
    if (other) throw new Error(`the ${other[0]} in it is built otherwise than it should be`);
  } finally {
    await model.destroy();
  }
}

/** @throws Error naming the first row that can't be read */
async function checkRows(db: Store): Promise<void> {
  for (const part of STUDIO_PARTS) {
    const rows = await partOf(db, part).catch((error: unknown) => {
      throw new Error(`something among its ${part} can't be read`, { cause: error });
    });
    const wrong = rows.findIndex((row) => {
      const { bytes: _, ...plain } = row as { bytes?: Uint8Array };
      return rowOf(part, plain) === null;
    });
    if (wrong >= 0) throw new Error(`number ${wrong + 1} of its ${part} can't be read`);
  }
}

/**
 * Makes of a file one that may take the studio's place: looks at it, brings it up to date, checks that it is built as ours is, and reads every row.
 * The file itself is changed, so it is a copy.
 *
 * @throws Error with the reason in words
 */
export async function examineBackup(file: string): Promise<Counts> {
  inspectBackup(file);
  const { db } = connect(file);
  try {
    // Before anything is written to it: what is none of ours could run by itself.
    await checkBuilt(db, await doneIn(db));
    await migrate(db, MIGRATIONS).catch((error: unknown) => {
      throw new Error(`it can't be brought up to date: ${reasonOf(error)}`, { cause: error });
    });
    await checkRows(db);
    return await countsOf(db);
  } finally {
    await db.destroy();
  }
}

const reached = (path: string): void => {
  const file = openSync(path, "r+");
  fsyncSync(file);
  closeSync(file);
};

/**
 * Puts a file in the place of the closed studio, at once: whenever it is cut, the one or the other is
 * there. The old one stays beside it until it is told which is kept.
 */
export function swapIn(folder: string, file: string): { keep(): void; putBack(): void } {
  const path = databasePath(folder);
  const old = `${path}.old`;
  for (const tail of ["-wal", "-shm"]) rmSync(path + tail, { force: true });
  rmSync(old, { force: true });
  if (existsSync(path)) linkSync(path, old);
  reached(file);
  renameSync(file, path);
  return {
    keep: () => rmSync(old, { force: true }),
    putBack: () => {
      for (const tail of ["-wal", "-shm"]) rmSync(path + tail, { force: true });
      if (existsSync(old)) renameSync(old, path);
      else rmSync(path, { force: true });
    },
  };
}

export const backupsIn = (folder: string): string => join(folder, "backups");
