import { StudioSchema, USUAL_STUDIO, type StudioSettings } from "@/core/studio";
import type { Store } from "./database";
import { newRow, StaleVersion, updateVersioned } from "./versioned";

/** There is one row of it. */
const ID = "studio";

/** What holds for the whole studio; version 0 while nobody has said anything. */
export async function currentSettings(
  db: Store,
): Promise<{ readonly version: number; readonly fields: StudioSettings }> {
  const row = await db
    .selectFrom("setting")
    .select(["version", "fields"])
    .where("id", "=", ID)
    .executeTakeFirst();
  return row
    ? { version: row.version, fields: StudioSchema.parse(JSON.parse(row.fields)) }
    : { version: 0, fields: USUAL_STUDIO };
}

/** @returns the new version @throws StaleVersion when another has come between */
export async function saveSettings(
  db: Store,
  from: number,
  fields: StudioSettings,
): Promise<number> {
  const written = { fields: JSON.stringify(fields) };
  if (from > 0) return updateVersioned(db, "setting", ID, from, written);
  const { numInsertedOrUpdatedRows } = await db
    .insertInto("setting")
    .values({ ...newRow(ID), ...written })
    .onConflict((conflict) => conflict.column("id").doNothing())
    .executeTakeFirstOrThrow();
  if (numInsertedOrUpdatedRows !== 1n) throw new StaleVersion((await currentSettings(db)).version);
  return 1;
}
