import { MixSchema, type Mix, type MixFields } from "@/core/paint";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

const fromRow = (row: Row<"mix">): Mix => ({
  ...MixSchema.parse(JSON.parse(row.fields)),
  id: row.id,
  version: row.version,
});

export async function listMixes(db: Store): Promise<Mix[]> {
  return (
    await db
      .selectFrom("mix")
      .selectAll()
      .where("archived", "=", 0)
      .orderBy("created_at", "desc")
      .orderBy("id")
      .execute()
  ).map(fromRow);
}

export async function findMix(db: Store, id: string): Promise<Mix | null> {
  const row = await db.selectFrom("mix").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addMix(db: Store, id: string, fields: MixFields): Promise<void> {
  await db
    .insertInto("mix")
    .values({ ...newRow(id), fields: JSON.stringify(fields) })
    .execute();
}

export const saveMix = (db: Store, id: string, from: number, fields: MixFields): Promise<number> =>
  updateVersioned(db, "mix", id, from, { fields: JSON.stringify(fields) });
