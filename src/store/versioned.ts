import type { Store } from "./database";

/** A save that started from a version which is no longer the newest. */
export class StaleVersion extends Error {
  constructor(readonly current: number) {
    super("somebody saved a newer version");
  }
}

/** Nothing here by this id. */
export class NotFound extends Error {
  constructor(what: string) {
    super(`no such ${what}`);
  }
}

/** It is there, but archived: nothing is written to what is out of sight. */
export class WasArchived extends Error {
  constructor(what: string) {
    super(`${what} was archived`);
  }
}

type VersionedTable =
  "person" | "product" | "look" | "job" | "mix" | "reference" | "call" | "tray" | "setting";

/**
 * Writes columns of one row if it still has the version the caller started from.
 * @returns the new version
 * @throws StaleVersion, NotFound, WasArchived
 */
export async function updateVersioned(
  db: Store,
  table: VersionedTable,
  id: string,
  from: number,
  columns: Readonly<Record<string, string | number | null>>,
): Promise<number> {
  const version = from + 1;
  const result = await db
    .updateTable(table)
    .set({ ...columns, version, updated_at: new Date().toISOString() })
    .where("id", "=", id)
    .where("version", "=", from)
    .where("archived", "=", 0)
    .executeTakeFirst();
  if (result.numUpdatedRows === 1n) return version;
  const row = await db
    .selectFrom(table)
    .select(["version", "archived"])
    .where("id", "=", id)
    .executeTakeFirst();
  if (!row) throw new NotFound(table);
  if (row.archived) throw new WasArchived(table);
  throw new StaleVersion(row.version);
}

/** Nothing is written to, or begun with, what is gone or out of sight. @throws NotFound, WasArchived */
export async function mustStand(db: Store, table: VersionedTable, id: string): Promise<void> {
  const row = await db.selectFrom(table).select("archived").where("id", "=", id).executeTakeFirst();
  if (!row) throw new NotFound(table);
  if (row.archived) throw new WasArchived(table);
}

/** Puts a row away, or takes it out again; nothing is lost. @throws NotFound */
export async function setArchived(
  db: Store,
  table: VersionedTable,
  id: string,
  archived: boolean,
): Promise<void> {
  const result = await db
    .updateTable(table)
    .set({ archived: archived ? 1 : 0, updated_at: new Date().toISOString() })
    .where("id", "=", id)
    .executeTakeFirst();
  if (result.numUpdatedRows !== 1n) throw new NotFound(table);
}

/** The columns every new row starts with. */
export function newRow(id: string): {
  id: string;
  version: number;
  archived: number;
  created_at: string;
  updated_at: string;
} {
  const now = new Date().toISOString();
  return { id, version: 1, archived: 0, created_at: now, updated_at: now };
}
