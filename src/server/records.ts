import "server-only";
import { z } from "zod";
import { productIdOf, wearForecast } from "@/core/look";
import { makePlan } from "@/core/plan";
import { contextOf, RecordSchema, StepSeenSchema, WearSeenSchema } from "@/core/record";
import { survival } from "@/core/wear";
import {
  addRecord,
  addRecordPicture,
  findPerson,
  listRecords,
  mustStand,
  recordPictureBytes,
  savePerson,
  type Store,
} from "@/store";
import { invalid, notFound } from "./problem";
import { cleanPicture } from "./references";
import { newId, studio } from "./studio";
import { loadWorkspace } from "./workspace";

const { on, reaction, verdict, rehearsal, interruptions, fits, reads, changes, session, check } =
  RecordSchema.shape;

export const NewRecordSchema = z
  .object({
    lookId: z.string().min(1).max(64),
    jobId: z.string().min(1).max(64),
    on,
    seen: z
      .array(WearSeenSchema.pick({ zone: true, afterHours: true, wholePercent: true }).strict())
      .max(200)
      .default([]),
    /** Hands-on minutes by layer; what the house plans for it is worked out here. */
    steps: z
      .array(StepSeenSchema.pick({ layerId: true, actualMinutes: true }).strict())
      .max(100)
      .default([]),
    reaction,
    /** The skin reacted: patch tests from before count no longer (SAFE-2). */
    reacted: z.boolean().default(false),
    verdict,
    rehearsal,
    interruptions,
    fits,
    reads,
    changes,
    session,
    check,
  })
  .strict()
  .refine(
    (record) => record.seen.length > 0 || record.steps.length > 0 || record.verdict.trim() !== "",
    {
      path: ["seen"],
      message: "say of one place at least how it held, time a step, or write a verdict",
    },
  );

const recordedAlready = () =>
  invalid([{ field: "session", message: "this sitting has its record already" }]);

/** Takes down what was seen of a look that was worn or rehearsed, beside what the house forecast for it then. @throws Problem */
export async function takeDown({
  lookId,
  jobId,
  seen,
  steps,
  reacted,
  ...said
}: z.output<typeof NewRecordSchema>): Promise<{ id: string }> {
  await mustStand(await studio(), "job", jobId);
  const given = await loadWorkspace(lookId, jobId);
  if (!given || given.job?.id !== jobId) throw notFound(given ? "job" : "look");
  const design = given.look.design;
  // The house's own forecast, so that records are compared with one thing, whatever was learned in between.
  const { factors: _, speed: __, ...asTheHouse } = given;
  const context = contextOf(asTheHouse);
  if (said.session && given.records.some((record) => record.session === said.session))
    throw recordedAlready();
  const forecast = wearForecast(design, context);
  const wear = seen.map((entry, i) => {
    const own = forecast.filter(({ zone }) => zone === entry.zone);
    const first = own.find(({ layer }) => layer.role === "base") ?? own[0];
    if (!first) throw invalid([{ field: `seen.${i}.zone`, message: "nothing is painted there" }]);
    const productId = productIdOf(first.layer);
    return {
      ...entry,
      type: first.type,
      ...(productId !== null && { productId }),
      forecastPercent: Math.round(survival(first, entry.afterHours) * 100),
    };
  });
  const plan = steps.length ? makePlan(design, context) : null;
  const timed = steps.map((step, i) => {
    const own = plan?.steps.find(({ layerId }) => layerId === step.layerId);
    if (!own) throw invalid([{ field: `steps.${i}.layerId`, message: "is no step of this look" }]);
    return { ...step, name: own.title, plannedMinutes: Math.round(own.handsOnMinutes * 100) / 100 };
  });
  const id = newId();
  const { personId } = given.job;
  const fields = RecordSchema.parse({
    ...said,
    lookName: design.name,
    brief: given.brief,
    wear,
    steps: timed,
  });
  // Asked again where nothing can come between: a button pressed four times makes one record.
  await (await studio()).transaction().execute(async (tx) => {
    const others = said.session ? await listRecords(tx, { lookId }) : [];
    if (others.some(({ session }) => session === said.session)) throw recordedAlready();
    await addRecord(tx, { id, lookId, jobId, personId, fields });
    if (reacted) await noteReaction(tx, personId, said.on);
  });
  return { id };
}

/** Keeps the day of a reaction on the card of whoever had it. */
async function noteReaction(tx: Store, personId: string, on: string): Promise<void> {
  const person = await findPerson(tx, personId);
  if (!person || (person.reactedOn !== null && person.reactedOn >= on)) return;
  const { id, version, ...fields } = person;
  await savePerson(tx, id, version, { ...fields, reactedOn: on });
}

/** Puts a picture to a record. @throws Problem */
export async function takeRecordPicture(
  recordId: string,
  bytes: Uint8Array,
  type: string,
): Promise<{ id: string; width: number; height: number }> {
  const db = await studio();
  const picture = await cleanPicture(bytes, type);
  const record = (await listRecords(db)).find(({ id }) => id === recordId);
  if (!record) throw notFound("record");
  // Whoever it was of may have been deleted since: no picture of them comes in any more.
  if (record.jobId !== null) await mustStand(db, "job", record.jobId);
  const id = newId();
  await addRecordPicture(db, { id, recordId, caption: "", ...picture });
  return { id, width: picture.width, height: picture.height };
}

export const recordPicture = async (id: string): Promise<Uint8Array | null> =>
  recordPictureBytes(await studio(), id);

/** Every record there is, with the names a page of them needs. */
export const allRecords = async () => listRecords(await studio());
