import { CallSchema, type CallFields } from "@/core/plan";
import type { Store } from "./database";
import { newRow, StaleVersion, updateVersioned } from "./versioned";

/** Who is at a day's call; null while nobody has said. */
export async function findCall(
  db: Store,
  date: string,
): Promise<{ version: number; fields: CallFields } | null> {
  const row = await db.selectFrom("call").selectAll().where("id", "=", date).executeTakeFirst();
  return row ? { version: row.version, fields: CallSchema.parse(JSON.parse(row.fields)) } : null;
}

/** Saves a day's call; version 0 makes it. @throws StaleVersion */
export async function saveCall(
  db: Store,
  date: string,
  from: number,
  fields: CallFields,
): Promise<number> {
  if (from > 0) return updateVersioned(db, "call", date, from, { fields: JSON.stringify(fields) });
  return db.transaction().execute(async (tx) => {
    const known = await findCall(tx, date);
    if (known) throw new StaleVersion(known.version);
    await tx
      .insertInto("call")
      .values({ ...newRow(date), fields: JSON.stringify(fields) })
      .execute();
    return 1;
  });
}
