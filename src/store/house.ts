import { HouseChangesSchema, NO_CHANGES, type HouseChanges } from "@/core/rules";
import type { Store } from "./database";
import { StaleVersion } from "./versioned";

/** One version of what the painter holds differently. */
export interface HouseVersion {
  readonly version: number;
  readonly changes: HouseChanges;
  readonly createdAt: string;
}

/** Versions of the house rules, the newest first; none while nothing was ever changed. */
export async function listHouse(db: Store): Promise<HouseVersion[]> {
  const rows = await db.selectFrom("house_change").selectAll().orderBy("version", "desc").execute();
  return rows.map((row) => ({
    version: row.version,
    changes: HouseChangesSchema.parse(JSON.parse(row.changes)),
    createdAt: row.created_at,
  }));
}

/** The rules in force. */
export async function currentHouse(db: Store): Promise<{ version: number; changes: HouseChanges }> {
  const row = await db
    .selectFrom("house_change")
    .selectAll()
    .orderBy("version", "desc")
    .limit(1)
    .executeTakeFirst();
  return row
    ? { version: row.version, changes: HouseChangesSchema.parse(JSON.parse(row.changes)) }
    : { version: 0, changes: NO_CHANGES };
}

/** Puts a new version in force. @throws StaleVersion when another has come between */
export async function addHouse(db: Store, from: number, changes: HouseChanges): Promise<number> {
  return db.transaction().execute(async (tx) => {
    const { version } = await currentHouse(tx);
    if (version !== from) throw new StaleVersion(version);
    await tx
      .insertInto("house_change")
      .values({
        version: from + 1,
        changes: JSON.stringify(changes),
        created_at: new Date().toISOString(),
      })
      .execute();
    return from + 1;
  });
}
