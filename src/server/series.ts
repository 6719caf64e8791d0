import "server-only";
import { z } from "zod";
import { doneAgain, USUAL_BRIEF } from "@/core/brief";
import { planSeries } from "@/core/plan";
import { shiftMinutes } from "@/core/schedule";
import { addJob, listJobs, mustStand } from "@/store";
import { invalid } from "./problem";
import { newId, studio, today } from "./studio";

const Day = z.iso.date("a date like 2026-11-24");

export const SeriesSchema = z
  .object({
    lookIds: z.array(z.string().min(1).max(64)).min(1, "at least one look").max(100, "at most 100"),
    personId: z.string().min(1).max(64),
    /** The first curtain, ISO 8601 with its offset. */
    curtainAt: z.iso.datetime({ offset: true, error: "a day and a time" }),
    until: Day.nullable().default(null),
    /** Days painted between two rest days. */
    running: z.number().int().min(1, "at least 1").max(14, "at most 14"),
  })
  .strict();

/**
 * A job a day for each look of a series, with the rest days left free. Each takes its brief from the
 * last job of its look, and who already has that look on that day gets it once.
 *
 * @throws Problem
 */
export async function addSeries({
  lookIds,
  personId,
  curtainAt,
  until,
  running,
}: z.output<typeof SeriesSchema>): Promise<{ added: number; left: number }> {
  const db = await studio();
  const from = curtainAt.slice(0, 10);
  if (from < today())
    throw invalid([{ field: "curtainAt", message: "a day that is still to come" }]);
  await mustStand(db, "person", personId);
  for (const lookId of new Set(lookIds)) await mustStand(db, "look", lookId);
  const { days, left } = planSeries({ looks: lookIds, from, until, running });
  const dayMinutes = (on: string) => (Date.parse(on) - Date.parse(from)) / 60_000;
  return db.transaction().execute(async (tx) => {
    const jobs = await listJobs(tx);
    let added = 0;
    for (const { lookId, on } of days) {
      const own = jobs.filter((job) => job.lookId === lookId);
      const isThere = own.some(
        (job) => job.personId === personId && job.brief.curtainAt?.startsWith(on),
      );
      if (isThere) continue;
      const brief = doneAgain(
        own.at(-1)?.brief ?? USUAL_BRIEF,
        shiftMinutes(curtainAt, dayMinutes(on)),
      );
      await addJob(tx, { id: newId(), lookId, personId, brief });
      added++;
    }
    return { added, left: left.length };
  });
}
