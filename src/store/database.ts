import Database from "better-sqlite3";
import { Kysely, SqliteDialect } from "kysely";
import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  renameSync,
  rmSync,
} from "node:fs";
import { homedir } from "node:os";
import { join } from "node:path";
import { pruneLeftovers } from "./leftovers";
import { lockFolder } from "./lock";
import {
  doneIn,
  HalfMigrated,
  isEmptyStudio,
  migrate,
  pendingOf,
  type Migrations,
} from "./migrate";
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

/** A connection with the settings every studio has. */
export function connect(path: string): { sqlite: Database.Database; db: Store } {
  const sqlite = new Database(path);
  sqlite.pragma("journal_mode = WAL");
  sqlite.pragma("synchronous = FULL");
  sqlite.pragma("foreign_keys = ON");
  sqlite.pragma("busy_timeout = 5000");
  // What is deleted is overwritten: a person who is forgotten is not in the file any more.
  sqlite.pragma("secure_delete = ON");
  return { sqlite, db: new Kysely<Schema>({ dialect: new SqliteDialect({ database: sqlite }) }) };
}

/** Puts the studio's file, closed, out of the way. */
function setAside(folder: string, name: string): void {
  const path = databasePath(folder);
  for (const tail of ["-wal", "-shm"]) rmSync(path + tail, { force: true });
  renameSync(path, join(folder, "backups", `${name}-${stamp()}.db`));
}

/** The newest copy made before a migration that has been through just these migrations, and is whole. */
function copyBefore(folder: string, done: readonly string[]): string | null {
  const files = readdirSync(join(folder, "backups"))
    .filter((name) => name.startsWith("before-migration-"))
    .sort()
    .reverse();
  const found = files.find((name) => {
    let file: Database.Database | null = null;
    try {
      file = new Database(join(folder, "backups", name), { readonly: true });
      const rows = file.prepare("SELECT name FROM kysely_migration ORDER BY name").all();
      const names = rows.map((row) => (row as { name: string }).name);
      const isWhole = file.pragma("quick_check", { simple: true }) === "ok";
      return isWhole && names.join() === done.join();
    } catch {
      return false;
    } finally {
      file?.close();
    }
  });
  return found === undefined ? null : join(folder, "backups", found);
}

/**
 * Heals what an early Dermagraph left when it was cut in the middle of a migration: such a studio
 * never opened again, so nothing can have been written to it since. A first start begins anew, an
 * upgrade goes back to the copy that was made before it. The broken file is kept in backups/.
 *
 * @returns whether it is healed
 */
async function heal(folder: string, db: Store, sqlite: Database.Database): Promise<boolean> {
  const done = await doneIn(db);
  const copy = done.length ? copyBefore(folder, done) : null;
  if (done.length ? copy === null : !(await isEmptyStudio(db))) return false;
  sqlite.pragma("wal_checkpoint(TRUNCATE)");
  await db.destroy();
  setAside(folder, "half-migrated");
  if (copy) {
    const path = databasePath(folder);
    copyFileSync(copy, `${path}.healed`);
    renameSync(`${path}.healed`, path);
  }
  return true;
}

async function openAndMigrate(folder: string, migrations: Migrations): Promise<Store> {
  const { sqlite, db } = connect(databasePath(folder));
  try {
    const done = await doneIn(db);
    if (done.length && pendingOf(done, migrations).length) {
      const copy = join(folder, "backups", `before-migration-${stamp()}.db`);
      sqlite.prepare("VACUUM INTO ?").run(`${copy}.part`);
      renameSync(`${copy}.part`, copy);
    }
    await migrate(db, migrations);
    return db;
  } catch (error) {
    if (error instanceof HalfMigrated && (await heal(folder, db, sqlite)))
      return openAndMigrate(folder, migrations);
    await db.destroy();
    throw error;
  }
}

/**
 * Opens the studio's database and brings it up to date; an older one is copied to `backups/` first.
 * This process holds the folder until the database is closed.
 *
 * @throws StudioInUse; Error when the file was written by a newer Dermagraph, or can't be read
 */
export async function openStore(
  folder: string,
  migrations: Migrations = MIGRATIONS,
): Promise<Store> {
  mkdirSync(join(folder, "backups"), { recursive: true, mode: 0o700 });
  chmodSync(folder, 0o700);
  const release = lockFolder(folder);
  try {
    pruneLeftovers(folder);
    const db = await openAndMigrate(folder, migrations);
    const close = db.destroy.bind(db);
    db.destroy = async () => {
      await close();
      release();
    };
    for (const tail of ["", "-wal", "-shm"]) {
      const file = databasePath(folder) + tail;
      if (existsSync(/* turbopackIgnore: true */ file)) chmodSync(file, 0o600);
    }
    return db;
  } catch (error) {
    release();
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`The studio's database in ${folder} could not be brought up to date: ${why}`, {
      cause: error,
    });
  }
}
