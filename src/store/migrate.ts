import { sql, type Migration } from "kysely";
import type { Store } from "./database";

export type Migrations = Readonly<Record<string, Migration>>;

/** The file was written by a newer Dermagraph. */
export class NewerStudio extends Error {
  constructor(readonly strange: readonly string[]) {
    super(`it was written by a newer Dermagraph (${strange.join(", ")})`);
  }
}

/** A migration was begun on this file by an early Dermagraph and never ended. */
export class HalfMigrated extends Error {}

async function hasTable(db: Store, name: string): Promise<boolean> {
  const { rows } =
    await sql`SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ${name}`.execute(db);
  return rows.length > 0;
}

/** Names of the migrations that a file has been through, in order. */
export async function doneIn(db: Store): Promise<string[]> {
  if (!(await hasTable(db, "kysely_migration"))) return [];
  const { rows } = await sql<{
    name: string;
  }>`SELECT name FROM kysely_migration ORDER BY name`.execute(db);
  return rows.map(({ name }) => name);
}

/**
 * What of some migrations a file still lacks.
 *
 * @throws NewerStudio; Error where one is missing between others
 */
export function pendingOf(done: readonly string[], migrations: Migrations): string[] {
  const known = Object.keys(migrations).sort();
  const strange = done.filter((name) => !known.includes(name));
  if (strange.length) throw new NewerStudio(strange);
  const gap = done.findIndex((name, i) => name !== known[i]);
  if (gap >= 0) throw new Error(`the record of migration ${known[gap] ?? ""} is missing`);
  return known.slice(done.length);
}

/**
 * Brings a file up to date: every change and the record of it in one transaction, so that a cut
 * leaves it as it was.
 *
 * @throws HalfMigrated where something of a migration is there without its record
 */
export async function migrate(db: Store, migrations: Migrations): Promise<void> {
  await db.transaction().execute(async (tx) => {
    await sql`CREATE TABLE IF NOT EXISTS kysely_migration (name varchar(255) not null primary key, timestamp varchar(255) not null)`.execute(
      tx,
    );
    for (const name of pendingOf(await doneIn(tx), migrations)) {
      try {
        await migrations[name]?.up(tx);
      } catch (error) {
        const why = error instanceof Error ? error.message : String(error);
        if (/already exists|duplicate column/.test(why))
          throw new HalfMigrated(why, { cause: error });
        throw error;
      }
      await sql`INSERT INTO kysely_migration (name, timestamp) VALUES (${name}, ${new Date().toISOString()})`.execute(
        tx,
      );
    }
  });
}

/** Whether a file has tables, and no row in any of them but of its migrations. */
export async function isEmptyStudio(db: Store): Promise<boolean> {
  const { rows } = await sql<{ name: string }>`
    SELECT name FROM sqlite_master
    WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE 'kysely_%'`.execute(db);
  for (const { name } of rows) {
    const found = await sql`SELECT 1 FROM ${sql.table(name)} LIMIT 1`.execute(db);
    if (found.rows.length) return false;
  }
  return true;
}
