import { ChairEventSchema, lastSitting as sittingOf, type ChairEvent } from "@/core/chair";
import type { Store } from "./database";

/** Takes events of a chair; one that is known already is left as it is. @returns how many were new */
export async function addChairEvents(
  db: Store,
  lookId: string,
  jobId: string | null,
  events: readonly ChairEvent[],
): Promise<number> {
  if (!events.length) return 0;
  const now = new Date().toISOString();
  const result = await db
    .insertInto("chair_event")
    .values(
      events.map((event) => ({
        id: event.id,
        look_id: lookId,
        job_id: jobId,
        session: event.session,
        at: event.at,
        fields: JSON.stringify(event),
        received_at: now,
      })),
    )
    .onConflict((conflict) => conflict.column("id").doNothing())
    .executeTakeFirst();
  return Number(result.numInsertedOrUpdatedRows ?? 0n);
}

/** Which of these events are here already, by id. */
export async function knownEvents(db: Store, ids: readonly string[]): Promise<Set<string>> {
  const rows = await db
    .selectFrom("chair_event")
    .select("id")
    .where("id", "in", [...ids])
    .execute();
  return new Set(rows.map(({ id }) => id));
}

/** The events of the sitting of a look that was begun last: of a job, or of no job. */
export async function lastSitting(
  db: Store,
  lookId: string,
  jobId: string | null,
): Promise<ChairEvent[]> {
  const rows = await db
    .selectFrom("chair_event")
    .select("fields")
    .where("look_id", "=", lookId)
    .where("job_id", jobId === null ? "is" : "=", jobId)
    .orderBy("received_at")
    .execute();
  return sittingOf(rows.map((row) => ChairEventSchema.parse(JSON.parse(row.fields))));
}
