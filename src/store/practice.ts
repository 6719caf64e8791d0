import { PracticeSchema, type Practice, type PracticeFields } from "@/core/practice";
import type { Store } from "./database";

/** Every go at a drill, first one first. */
export async function listPractice(db: Store): Promise<Practice[]> {
  const rows = await db
    .selectFrom("practice")
    .selectAll()
    .orderBy("created_at")
    .orderBy("id")
    .execute();
  return rows.map(({ id, fields }) => ({ id, ...PracticeSchema.parse(JSON.parse(fields)) }));
}

export async function addPractice(db: Store, id: string, fields: PracticeFields): Promise<void> {
  await db
    .insertInto("practice")
    .values({ id, fields: JSON.stringify(fields), created_at: new Date().toISOString() })
    .execute();
}

/** @returns whether it was there */
export async function removePractice(db: Store, id: string): Promise<boolean> {
  const { numDeletedRows } = await db
    .deleteFrom("practice")
    .where("id", "=", id)
    .executeTakeFirstOrThrow();
  return numDeletedRows > 0n;
}
