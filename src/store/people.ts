import Database from "better-sqlite3";
import { sql } from "kysely";
import { NOT_ASKED } from "@/core/brief";
import { FORGOTTEN, PersonSchema, type Person, type PersonFields } from "@/core/people";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, NotFound, updateVersioned } from "./versioned";

const fromRow = (row: Row<"person">): Person => ({
  ...PersonSchema.parse(JSON.parse(row.fields)),
  id: row.id,
  version: row.version,
});

export async function listPeople(db: Store): Promise<Person[]> {
  const rows = await db
    .selectFrom("person")
    .selectAll()
    .where("archived", "=", 0)
    .orderBy("created_at")
    .execute();
  return rows.map(fromRow);
}

export async function findPerson(db: Store, id: string): Promise<Person | null> {
  const row = await db.selectFrom("person").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addPerson(db: Store, id: string, fields: PersonFields): Promise<void> {
  await db
    .insertInto("person")
    .values({ ...newRow(id), fields: JSON.stringify(fields) })
    .execute();
}

export const savePerson = (
  db: Store,
  id: string,
  from: number,
  fields: PersonFields,
): Promise<number> => updateVersioned(db, "person", id, from, { fields: JSON.stringify(fields) });

/** Whether a row is what is left of somebody who was deleted. */
export const isForgotten = (person: PersonFields): boolean =>
  person.name === FORGOTTEN.name && person.skin === FORGOTTEN.skin;

/** Whether a copy of the studio still holds a person's card. A copy that can't be read is said to. */
export function personIn(file: string, id: string): boolean {
  let copy: Database.Database | null = null;
  try {
    copy = new Database(file, { readonly: true, fileMustExist: true });
    const row = copy.prepare("SELECT fields FROM person WHERE id = ?").get(id) as
      { fields: string } | undefined;
    if (!row) return false;
    const card = PersonSchema.safeParse(JSON.parse(row.fields));
    return !card.success || !isForgotten(card.data);
  } catch {
    return true;
  } finally {
    copy?.close();
  }
}

/** What of a brief says something of whoever it was for. */
const UNSAID = { ...NOT_ASKED, character: "", place: "" };

/**
 * Removes a person: name, skin, allergies, measures, tests and notes are overwritten, their jobs are put away without character and place, and what
 * records say in words of them, their pictures and the log of the chair go. What was worn, when, and how it held stays, of nobody.
 * @returns how many records and jobs stay
 * @throws NotFound
 */
export async function forgetPerson(
  db: Store,
  id: string,
): Promise<{ records: number; jobs: number }> {
  const left = await db.transaction().execute(async (tx) => {
    const found = await tx
      .updateTable("person")
      .set({ fields: JSON.stringify(FORGOTTEN), archived: 1, updated_at: new Date().toISOString() })
      .where("id", "=", id)
      .executeTakeFirst();
    if (found.numUpdatedRows !== 1n) throw new NotFound("person");
    const jobs = await tx
      .selectFrom("job")
      .select(["id", "brief"])
      .where("person_id", "=", id)
      .execute();
    if (jobs.length)
      await tx
        .deleteFrom("chair_event")
        .where(
          "job_id",
          "in",
          jobs.map((job) => job.id),
        )
        .execute();
    for (const job of jobs)
      await tx
        .updateTable("job")
        .set({
          archived: 1,
          brief: JSON.stringify({ ...(JSON.parse(job.brief) as object), ...UNSAID }),
        })
        .where("id", "=", job.id)
        .execute();
    const records = await tx
      .selectFrom("record")
      .select(["id", "fields"])
      .where("person_id", "=", id)
      .execute();
    for (const record of records) {
      const fields = JSON.parse(record.fields) as { brief: object };
      await tx.deleteFrom("record_picture").where("record_id", "=", record.id).execute();
      await tx
        .updateTable("record")
        .set({
          person_id: null,
          fields: JSON.stringify({
            ...fields,
            reaction: "",
            verdict: "",
            changes: [],
            interruptions: [],
            brief: { ...fields.brief, ...UNSAID },
          }),
        })
        .where("id", "=", record.id)
        .execute();
    }
    return { records: records.length, jobs: jobs.length };
  });
  // What was written ahead still holds the old row until it goes into the file, which overwrites it.
  await sql`PRAGMA wal_checkpoint(TRUNCATE)`.execute(db);
  return left;
}
