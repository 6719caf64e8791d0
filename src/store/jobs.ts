import { BriefSchema, type Brief } from "@/core/brief";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

/** A look on a person, in a brief. */
export interface Job {
  readonly id: string;
  readonly version: number;
  readonly lookId: string;
  readonly personId: string;
  readonly brief: Brief;
}

const fromRow = (row: Row<"job">): Job => ({
  id: row.id,
  version: row.version,
  lookId: row.look_id,
  personId: row.person_id,
  brief: BriefSchema.parse(JSON.parse(row.brief)),
});

/** Jobs that stand, soonest first; those without a date last. */
export async function listJobs(
  db: Store,
  o: { lookId?: string; personId?: string } = {},
): Promise<Job[]> {
  let query = db.selectFrom("job").selectAll().where("archived", "=", 0);
  if (o.lookId) query = query.where("look_id", "=", o.lookId);
  if (o.personId) query = query.where("person_id", "=", o.personId);
  const rows = await query
    .orderBy((eb) => eb("curtain_at", "is", null))
    .orderBy("curtain_at")
    .orderBy("created_at")
    .execute();
  return rows.map(fromRow);
}

export async function findJob(db: Store, id: string): Promise<Job | null> {
  const row = await db.selectFrom("job").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

// Kept in UTC beside the brief's own offset, so that jobs of different offsets sort by the moment.
const instant = (iso: string | null) => (iso ? new Date(iso).toISOString() : null);

export async function addJob(db: Store, job: Omit<Job, "version">): Promise<void> {
  await db
    .insertInto("job")
    .values({
      ...newRow(job.id),
      look_id: job.lookId,
      person_id: job.personId,
      brief: JSON.stringify(job.brief),
      curtain_at: instant(job.brief.curtainAt),
    })
    .execute();
}

export const saveJob = (
  db: Store,
  id: string,
  from: number,
  job: { personId: string; brief: Brief },
): Promise<number> =>
  updateVersioned(db, "job", id, from, {
    person_id: job.personId,
    brief: JSON.stringify(job.brief),
    curtain_at: instant(job.brief.curtainAt),
  });
