import { sql } from "kysely";
import { FORGOTTEN } from "@/core/people";
import type { Store } from "./database";
import { NotFound } from "./versioned";

/** What can be archived, by its table. */
export const ARCHIVE_KINDS = ["look", "job", "person", "product", "tray", "mix"] as const;
export type ArchiveKind = (typeof ARCHIVE_KINDS)[number];

/** Something out of sight. */
export interface Archived {
  readonly kind: ArchiveKind;
  readonly id: string;
  readonly name: string;
  /** When it was archived or last changed, ISO 8601. */
  readonly at: string;
}

/** Records, stock and jobs still speak of it: without it their history could not be read. */
export class StillUsed extends Error {
  constructor(kind: ArchiveKind) {
    super(`history still refers to this ${kind}`);
  }
}

const NAMES: Readonly<Record<ArchiveKind, ReturnType<typeof sql<string>>>> = {
  look: sql<string>`json_extract(design, '$.name')`,
  job: sql<string>`(SELECT json_extract(look.design, '$.name') FROM look WHERE look.id = job.look_id)
    || ' on ' || (SELECT json_extract(person.fields, '$.name') FROM person WHERE person.id = job.person_id)`,
  person: sql<string>`json_extract(fields, '$.name')`,
  product: sql<string>`json_extract(fields, '$.name')`,
  tray: sql<string>`json_extract(fields, '$.name')`,
  mix: sql<string>`json_extract(fields, '$.name')`,
};

/** Everything that is archived, the latest first. Who was deleted for good is not there. */
export async function listArchived(db: Store): Promise<Archived[]> {
  const found = await Promise.all(
    ARCHIVE_KINDS.map(async (kind) => {
      const rows = await db
        .selectFrom(kind)
        .select(["id", "updated_at", NAMES[kind].as("name")])
        .where("archived", "=", 1)
        .execute();
      return rows.map((row): Archived => ({
        kind,
        id: row.id,
        name: row.name,
        at: row.updated_at,
      }));
    }),
  );
  return found
    .flat()
    .filter(({ kind, name }) => kind !== "person" || name !== FORGOTTEN.name)
    .filter(({ kind, name }) => kind !== "job" || !name.endsWith(` on ${FORGOTTEN.name}`))
    .sort((a, b) => b.at.localeCompare(a.at));
}

/** What belongs to a look or a job alone goes with it. */
async function dropOwn(tx: Store, kind: ArchiveKind, id: string): Promise<void> {
  if (kind === "job") await tx.deleteFrom("chair_event").where("job_id", "=", id).execute();
  if (kind !== "look") return;
  await tx.deleteFrom("chair_event").where("look_id", "=", id).execute();
  await tx.deleteFrom("job").where("look_id", "=", id).execute();
  await tx.deleteFrom("look_version").where("look_id", "=", id).execute();
  await tx.deleteFrom("look_tag").where("look_id", "=", id).execute();
  await tx.deleteFrom("look_use").where("look_id", "=", id).execute();
  await tx.deleteFrom("reference").where("look_id", "=", id).execute();
}

/**
 * Deletes something archived for good, with what belongs to it alone.
 *
 * @throws NotFound where it is not archived; StillUsed, and nothing is changed
 */
export async function deleteArchived(
  db: Store,
  kind: Exclude<ArchiveKind, "person">,
  id: string,
): Promise<void> {
  try {
    await db.transaction().execute(async (tx) => {
      const row = await tx
        .selectFrom(kind)
        .select("id")
        .where("id", "=", id)
        .where("archived", "=", 1)
        .executeTakeFirst();
      if (!row) throw new NotFound(`archived ${kind}`);
      await dropOwn(tx, kind, id);
      await tx.deleteFrom(kind).where("id", "=", id).execute();
    });
  } catch (error) {
    if ((error as { code?: string }).code === "SQLITE_CONSTRAINT_FOREIGNKEY")
      throw new StillUsed(kind);
    throw error;
  }
}
