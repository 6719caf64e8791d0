import { sql } from "kysely";
import { RecordSchema, type RecordFields, type WornRecord } from "@/core/record";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow } from "./versioned";

const fromRow = (row: Row<"record">): WornRecord => ({
  ...RecordSchema.parse(JSON.parse(row.fields)),
  id: row.id,
  version: row.version,
  lookId: row.look_id,
  personId: row.person_id,
  jobId: row.job_id,
});

/** Records, the latest worn first; of one day the latest taken down. */
export async function listRecords(
  db: Store,
  o: { personId?: string; lookId?: string } = {},
): Promise<WornRecord[]> {
  let query = db.selectFrom("record").selectAll().where("archived", "=", 0);
  if (o.personId) query = query.where("person_id", "=", o.personId);
  if (o.lookId) query = query.where("look_id", "=", o.lookId);
  return (await query.orderBy(sql`rowid`, "desc").execute())
    .map(fromRow)
    .sort((a, b) => b.on.localeCompare(a.on));
}

export async function addRecord(
  db: Store,
  record: {
    id: string;
    lookId: string;
    personId: string | null;
    jobId?: string | null;
    fields: RecordFields;
  },
): Promise<void> {
  await db
    .insertInto("record")
    .values({
      ...newRow(record.id),
      look_id: record.lookId,
      person_id: record.personId,
      job_id: record.jobId ?? null,
      fields: JSON.stringify(record.fields),
    })
    .execute();
}
