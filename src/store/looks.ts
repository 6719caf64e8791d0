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
