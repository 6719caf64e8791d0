import { productsAlong } from "@/core/record";
import "server-only";
import { z } from "zod";
import type { Today } from "@/core/brief";
import { answersIn, ChairEventSchema, withAnswers, type ChairEvent } from "@/core/chair";
import type { Finding } from "@/core/look";
import { addChairEvents, findJob, knownEvents, mustStand, saveJob } from "@/store";
import { invalid, notFound } from "./problem";
import { stopsHere } from "./safety";
import { studio } from "./studio";
import { loadWorkspace, type Workspace } from "./workspace";

export const ChairLogSchema = z
  .object({
    lookId: z.string().min(1).max(64),
    jobId: z.string().min(1).max(64).nullable(),
    events: z.array(ChairEventSchema).min(1, "at least one event").max(500, "at most 500 at once"),
  })
  .strict();

/** Takes what was logged at a chair. What is sent again, in whole or in part, counts once. @throws Problem */
export async function takeLog({
  lookId,
  jobId,
  events,
}: z.output<typeof ChairLogSchema>): Promise<{ taken: number; known: number; stops: string[] }> {
  const db = await studio();
  await mustStand(db, "look", lookId);
  if (jobId !== null) {
    if ((await findJob(db, jobId))?.lookId !== lookId)
      throw invalid([{ field: "jobId", message: "is no job of this look" }]);
    await mustStand(db, "job", jobId);
  }
  const known = await knownEvents(
    db,
    events.map(({ id }) => id),
  );
  const taken = await addChairEvents(db, lookId, jobId, events);
  // Once, by what came now: the brief may say otherwise since an answer that was sent before.
  const answers = answersIn(events.filter(({ id }) => !known.has(id)));
  if (jobId !== null && answers) await answerToday(jobId, answers);
  // A chair that was kept for use without the network learns here of what was found out since.
  const workspace = await loadWorkspace(lookId, jobId ?? undefined);
  const stops = workspace ? stopsHere(workspace).map(({ message }) => message) : [];
  return { taken, known: events.length - taken, stops };
}

/** Takes down what was answered before the first step, in the brief of the job, whatever version that has. @throws NotFound, WasArchived */
export async function answerToday(jobId: string, answers: Today): Promise<{ version: number }> {
  const db = await studio();
  await mustStand(db, "job", jobId);
  const job = await findJob(db, jobId);
  if (!job) throw notFound("job");
  const brief = withAnswers(job.brief, answers);
  return { version: await saveJob(db, jobId, job.version, { personId: job.personId, brief }) };
}

/** What a chair works from: of the studio no more than this one painting needs, since the browser keeps it for use without the network. */
export type ChairGiven = Pick<
  Workspace,
  | "look"
  | "job"
  | "person"
  | "brief"
  | "products"
  | "today"
  | "house"
  | "settings"
  | "factors"
  | "speed"
>;

/** A look at its chair, with what was logged of its last sitting; or what a safety rule stops of it. */
export async function loadChair(
  lookId: string,
  jobId?: string,
): Promise<{ given: ChairGiven; events: ChairEvent[] } | { stops: Finding[] } | null> {
  const workspace = await loadWorkspace(lookId, jobId);
  if (!workspace) return null;
  const stops = stopsHere(workspace);
  if (stops.length) return { stops };
  const { look, job, person, brief, today, house, settings, factors, speed, sitting } = workspace;
  const products = productsAlong([look.design], workspace);
  return {
    given: { look, job, person, brief, products, today, house, settings, factors, speed },
    events: [...sitting],
  };
}
