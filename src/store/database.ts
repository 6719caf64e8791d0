import Database from "better-sqlite3";
import { Kysely, Migrator, SqliteDialect, type Migration } from "kysely";
import { mkdirSync } from "node:fs";
import { homedir } from "node:os";
import { join } from "node:path";
import { MIGRATIONS } from "./migrations";
import type { Schema } from "./schema";

export type Store = Kysely<Schema>;

/** Where the studio lives: DERMAGRAPH_DATA, or the user's own data folder. Always outside the source. */
export function dataFolder(): string {
  return (
    process.env.DERMAGRAPH_DATA ||
    join(process.env.XDG_DATA_HOME || join(homedir(), ".local", "share"), "dermagraph")
  );
}

export const databasePath = (folder: string): string => join(folder, "studio.db");

const stamp = () => new Date().toISOString().replace(/[:.]/g, "-");

/**
 * Opens the studio's database and brings it up to date; an older one is copied to `backups/` first.
 * @throws Error when the file was written by a newer version of Dermagraph, or can't be read
 */
export async function openStore(
  folder: string,
  migrations: Readonly<Record<string, Migration>> = MIGRATIONS,
): Promise<Store> {
  mkdirSync(join(folder, "backups"), { recursive: true });
  const sqlite = new Database(databasePath(folder));
  sqlite.pragma("journal_mode = WAL");
  sqlite.pragma("synchronous = FULL");
  sqlite.pragma("foreign_keys = ON");
  sqlite.pragma("busy_timeout = 5000");
  // What is deleted is overwritten: a person who is forgotten is not in the file any more.
  sqlite.pragma("secure_delete = ON");
  const db = new Kysely<Schema>({ dialect: new SqliteDialect({ database: sqlite }) });
  const migrator = new Migrator({
    db,
    provider: { getMigrations: async () => ({ ...migrations }) },
  });
  const known = await migrator.getMigrations();
  const done = known.filter((migration) => migration.executedAt);
  if (done.length && done.length < known.length)
    sqlite.prepare("VACUUM INTO ?").run(join(folder, "backups", `before-migration-${stamp()}.db`));
  const { error } = await migrator.migrateToLatest();
  if (error) {
    await db.destroy();
    throw new Error(
      `The studio's database in ${folder} could not be brought up to date: ${error instanceof Error ? error.message : String(error)}`,
      { cause: error },
    );
  }
  return db;
}
