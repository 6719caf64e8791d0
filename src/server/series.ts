import "server-only";
import { z } from "zod";
import { doneAgain, USUAL_BRIEF } from "@/core/brief";
import { addJob, listJobs, mustStand } from "@/store";
import { invalid } from "./problem";
import { newId, studio, today } from "./studio";

export const SeriesSchema = z
  .object({
    personId: z.string().min(1).max(64),
    days: z
      .array(
        z
          .object({
            lookId: z.string().min(1).max(64),
            /** ISO 8601 with its offset: that of its own day, summer or winter. */
            curtainAt: z.iso.datetime({ offset: true, error: "a day and a time" }),
          })
          .strict(),
      )
      .min(1, "at least one day")
      .max(100, "at most 100"),
  })
  .strict();

/**
 * A job for each day of a series. Each takes its brief from the last job of its look, and who already
 * has that look on that day gets it once.
 *
 * @throws Problem
 */
export async function addSeries({
  personId,
  days,
}: z.output<typeof SeriesSchema>): Promise<{ added: number }> {
  const db = await studio();
  const past = days.findIndex(({ curtainAt }) => curtainAt.slice(0, 10) < today());
  if (past >= 0)
    throw invalid([{ field: `days.${past}.curtainAt`, message: "a day that is still to come" }]);
  await mustStand(db, "person", personId);
  for (const lookId of new Set(days.map((day) => day.lookId))) await mustStand(db, "look", lookId);
  return db.transaction().execute(async (tx) => {
    const jobs = await listJobs(tx);
    let added = 0;
    for (const { lookId, curtainAt } of days) {
      const own = jobs.filter((job) => job.lookId === lookId);
      const isThere = own.some(
        (job) =>
          job.personId === personId && job.brief.curtainAt?.startsWith(curtainAt.slice(0, 10)),
      );
      if (isThere) continue;
      const brief = doneAgain(own.at(-1)?.brief ?? USUAL_BRIEF, curtainAt);
      await addJob(tx, { id: newId(), lookId, personId, brief });
      added++;
    }
    return { added };
  });
}
