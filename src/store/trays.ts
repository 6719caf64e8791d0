import { TraySchema, type Tray, type TrayFields } from "@/core/kit";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

const fromRow = (row: Row<"tray">): Tray => ({
  ...TraySchema.parse(JSON.parse(row.fields)),
  id: row.id,
  version: row.version,
});

/** Trays laid out, the oldest first. */
export async function listTrays(db: Store): Promise<Tray[]> {
  return (
    await db
      .selectFrom("tray")
      .selectAll()
      .where("archived", "=", 0)
      .orderBy("created_at")
      .orderBy("id")
      .execute()
  ).map(fromRow);
}

export async function findTray(db: Store, id: string): Promise<Tray | null> {
  const row = await db.selectFrom("tray").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addTray(db: Store, id: string, fields: TrayFields): Promise<void> {
  await db
    .insertInto("tray")
    .values({ ...newRow(id), fields: JSON.stringify(fields) })
    .execute();
}

export const saveTray = (
  db: Store,
  id: string,
  from: number,
  fields: TrayFields,
): Promise<number> => updateVersioned(db, "tray", id, from, { fields: JSON.stringify(fields) });
