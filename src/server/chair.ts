import "server-only";
import { z } from "zod";
import { ChairEventSchema, type ChairEvent } from "@/core/chair";
import { addChairEvents, findJob, findLook } from "@/store";
import { invalid, notFound } from "./problem";
import { studio } from "./studio";
import { loadWorkspace, type Workspace } from "./workspace";

export const ChairLogSchema = z.object({ lookId: z.string().min(1).max(64), jobId: z.string().min(1).max(64).nullable(), events: z.array(ChairEventSchema).min(1, "at least one event").max(500, "at most 500 at once") }).strict();

/** Takes what was logged at a chair. What is sent again, in whole or in part, counts once. @throws Problem */
export async function takeLog({ lookId, jobId, events }: z.output<typeof ChairLogSchema>): Promise<{ taken: number; known: number }> {
  const db = await studio();
  if (!(await findLook(db, lookId))) throw notFound("look");
  if (jobId !== null && (await findJob(db, jobId))?.lookId !== lookId) throw invalid([{ field: "jobId", message: "is no job of this look" }]);
  const taken = await addChairEvents(db, lookId, jobId, events);
  return { taken, known: events.length - taken };
}

/** A look at its chair, with what was logged of its last sitting. */
export async function loadChair(lookId: string, jobId?: string): Promise<{ given: Workspace; events: ChairEvent[] } | null> {
  const given = await loadWorkspace(lookId, jobId);
  return given && { given, events: [...given.sitting] };
}
