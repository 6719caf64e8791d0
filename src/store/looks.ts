import { LookSchema, type Look } from "@/core/look";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

export interface StoredLook { readonly id: string; readonly version: number; readonly archived: boolean; readonly updatedAt: string; readonly design: Look }

const fromRow = (row: Row<"look">): StoredLook => ({ id: row.id, version: row.version, archived: row.archived === 1, updatedAt: row.updated_at, design: LookSchema.parse(JSON.parse(row.design)) });

export async function listLooks(db: Store): Promise<StoredLook[]> {
  const rows = await db.selectFrom("look").selectAll().where("archived", "=", 0).orderBy("updated_at", "desc").execute();
  return rows.map(fromRow);
}

export async function findLook(db: Store, id: string): Promise<StoredLook | null> {
  const row = await db.selectFrom("look").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addLook(db: Store, id: string, design: Look): Promise<void> {
  await db.insertInto("look").values({ ...newRow(id), design: JSON.stringify(design) }).execute();
}

export const saveLook = (db: Store, id: string, from: number, design: Look): Promise<number> => updateVersioned(db, "look", id, from, { design: JSON.stringify(design) });

/** A design kept by name. */
export interface KeptVersion { readonly id: string; readonly name: string; readonly createdAt: string; readonly design: Look }

/** Kept versions of a look, the newest first. */
export async function listVersions(db: Store, lookId: string): Promise<KeptVersion[]> {
  const rows = await db.selectFrom("look_version").selectAll().where("look_id", "=", lookId).orderBy("created_at", "desc").orderBy("id").execute();
  return rows.map((row) => ({ id: row.id, name: row.name, createdAt: row.created_at, design: LookSchema.parse(JSON.parse(row.design)) }));
}

export async function keepVersion(db: Store, id: string, lookId: string, name: string, design: Look): Promise<void> {
  await db.insertInto("look_version").values({ id, look_id: lookId, name, design: JSON.stringify(design), created_at: new Date().toISOString() }).execute();
}
