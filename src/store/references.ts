import { z } from "zod";
import { ReferenceSchema, type Reference, type ReferenceFields } from "@/core/look";
import type { Store } from "./database";
import { newRow, updateVersioned } from "./versioned";

const KeptSchema = z.object({ fields: ReferenceSchema, width: z.number(), height: z.number() });

const kept = ({ width, height, credit, crop }: Omit<Reference, "id" | "version">) =>
  JSON.stringify({ fields: { credit, crop }, width, height });

function fromRow(row: { id: string; version: number; fields: string }): Reference {
  const { fields, width, height } = KeptSchema.parse(JSON.parse(row.fields));
  return { ...fields, width, height, id: row.id, version: row.version };
}

/** The reference of a look: the newest that has not been put away. Without its bytes. */
export async function referenceOf(db: Store, lookId: string): Promise<Reference | null> {
  const row = await db
    .selectFrom("reference")
    .select(["id", "version", "fields"])
    .where("look_id", "=", lookId)
    .where("archived", "=", 0)
    .orderBy("created_at", "desc")
    .orderBy("id")
    .executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function findReference(
  db: Store,
  id: string,
): Promise<{ reference: Reference; lookId: string } | null> {
  const row = await db
    .selectFrom("reference")
    .select(["id", "version", "fields", "look_id"])
    .where("id", "=", id)
    .executeTakeFirst();
  return row ? { reference: fromRow(row), lookId: row.look_id } : null;
}

/** The picture itself, a JPEG. */
export async function referenceBytes(db: Store, id: string): Promise<Uint8Array | null> {
  return (
    (await db.selectFrom("reference").select("bytes").where("id", "=", id).executeTakeFirst())
      ?.bytes ?? null
  );
}

/** Pictures of some looks, those put away too: which there are, and of which look. */
export async function referencesOf(
  db: Store,
  lookIds: readonly string[],
): Promise<{ id: string; lookId: string }[]> {
  if (!lookIds.length) return [];
  const rows = await db
    .selectFrom("reference")
    .select(["id", "look_id"])
    .where("look_id", "in", lookIds)
    .execute();
  return rows.map(({ id, look_id: lookId }) => ({ id, lookId }));
}

/** Deletes pictures for good. */
export async function deleteReferences(db: Store, ids: readonly string[]): Promise<void> {
  if (ids.length) await db.deleteFrom("reference").where("id", "in", ids).execute();
}

/** A new reference takes the place of the look's old one, which is put away. */
export async function putReference(
  db: Store,
  id: string,
  lookId: string,
  picture: { width: number; height: number; bytes: Uint8Array },
): Promise<void> {
  await db.transaction().execute(async (tx) => {
    await tx.updateTable("reference").set({ archived: 1 }).where("look_id", "=", lookId).execute();
    await tx
      .insertInto("reference")
      .values({
        ...newRow(id),
        look_id: lookId,
        fields: kept({
          ...ReferenceSchema.parse({}),
          width: picture.width,
          height: picture.height,
        }),
        bytes: picture.bytes,
      })
      .execute();
  });
}

export const saveReference = (
  db: Store,
  id: string,
  from: number,
  reference: Reference,
  fields: ReferenceFields,
): Promise<number> =>
  updateVersioned(db, "reference", id, from, {
    fields: kept({ ...fields, width: reference.width, height: reference.height }),
  });
