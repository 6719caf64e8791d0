import { PaletteSchema, type Palette, type PaletteFields } from "@/core/kit";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

const fromRow = (row: Row<"tray">): Palette => ({
  ...PaletteSchema.parse(JSON.parse(row.fields)),
  id: row.id,
  version: row.version,
});

/** Palettes laid out, the oldest first. */
export async function listPalettes(db: Store): Promise<Palette[]> {
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

export async function findPalette(db: Store, id: string): Promise<Palette | null> {
  const row = await db.selectFrom("tray").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addPalette(db: Store, id: string, fields: PaletteFields): Promise<void> {
  await db
    .insertInto("tray")
    .values({ ...newRow(id), fields: JSON.stringify(fields) })
    .execute();
}

export const savePalette = (
  db: Store,
  id: string,
  from: number,
  fields: PaletteFields,
): Promise<number> => updateVersioned(db, "tray", id, from, { fields: JSON.stringify(fields) });
