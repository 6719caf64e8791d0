import { PersonSchema, type Person, type PersonFields } from "@/core/people";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

const fromRow = (row: Row<"person">): Person => ({ ...PersonSchema.parse(JSON.parse(row.fields)), id: row.id, version: row.version });

export async function listPeople(db: Store): Promise<Person[]> {
  const rows = await db.selectFrom("person").selectAll().where("archived", "=", 0).orderBy("created_at").execute();
  return rows.map(fromRow);
}

export async function findPerson(db: Store, id: string): Promise<Person | null> {
  const row = await db.selectFrom("person").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addPerson(db: Store, id: string, fields: PersonFields): Promise<void> {
  await db.insertInto("person").values({ ...newRow(id), fields: JSON.stringify(fields) }).execute();
}

export const savePerson = (db: Store, id: string, from: number, fields: PersonFields): Promise<number> => updateVersioned(db, "person", id, from, { fields: JSON.stringify(fields) });
