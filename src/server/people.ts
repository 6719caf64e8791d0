import "server-only";
import { z } from "zod";
import { lookContext, stopsOf, type Finding } from "@/core/look";
import { PersonSchema, type Person } from "@/core/people";
import type { WornRecord } from "@/core/record";
import {
  addPerson,
  findPerson,
  forgetPerson,
  listJobs,
  findLooks,
  listPeople,
  listProducts,
  listRecords,
  savePerson,
  setArchived,
  type Job,
} from "@/store";
import { house } from "./house";
import { invalid, notFound } from "./problem";
import { newId, studio, today } from "./studio";

export const SavePersonSchema = z
  .object({ version: z.number().int().min(1), fields: PersonSchema })
  .strict();

export const everybody = async (): Promise<Person[]> => listPeople(await studio());

/** A job of a person, and what a safety rule says against painting it on them. */
export interface JobOf {
  readonly id: string;
  readonly lookId: string;
  readonly lookName: string;
  readonly curtainAt: string | null;
  readonly place: string;
  readonly stops: readonly Pick<Finding, "rule" | "message">[];
}

/** All of a person's jobs that stand, judged as the person's card is now. */
async function jobsOf(person: Person): Promise<JobOf[]> {
  const db = await studio();
  const products = [...(await listProducts(db)), ...(await listProducts(db, { archived: true }))];
  const jobs = await listJobs(db, { personId: person.id });
  const looks = new Map(
    (
      await findLooks(
        db,
        jobs.map(({ lookId }) => lookId),
      )
    )
      .filter(({ archived }) => !archived)
      .map((look) => [look.id, look]),
  );
  const rules = await house();
  return jobs.flatMap((job: Job): JobOf[] => {
    const look = looks.get(job.lookId);
    if (!look) return [];
    const stops = stopsOf(
      look.design,
      lookContext({ person, brief: job.brief, products, today: today(), house: rules }),
    ).map(({ rule, message }) => ({ rule, message }));
    return [
      {
        id: job.id,
        lookId: job.lookId,
        lookName: look.design.name,
        curtainAt: job.brief.curtainAt,
        place: job.brief.place,
        stops,
      },
    ];
  });
}

/** A person's card with their jobs and what happened before. */
export async function personCard(
  id: string,
): Promise<{ person: Person; jobs: JobOf[]; records: WornRecord[] } | null> {
  const db = await studio();
  const person = await findPerson(db, id);
  return (
    person && {
      person,
      jobs: await jobsOf(person),
      records: await listRecords(db, { personId: id }),
    }
  );
}

export async function createPerson(fields: z.output<typeof PersonSchema>): Promise<{ id: string }> {
  const id = newId();
  await addPerson(await studio(), id, fields);
  return { id };
}

/** An allergy is always taken down, whatever is planned: every job it now stops is named in the answer, and its plan says so from then on. */
export async function changePerson(
  id: string,
  { version, fields }: z.output<typeof SavePersonSchema>,
): Promise<{ version: number; stopped: JobOf[] }> {
  const db = await studio();
  if (!(await findPerson(db, id))) throw notFound("person");
  const next = await savePerson(db, id, version, fields);
  return {
    version: next,
    stopped: (await jobsOf({ ...fields, id, version: next })).filter(
      ({ stops }) => stops.length > 0,
    ),
  };
}

export async function archivePerson(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "person", id, archived);
}

export const ForgetSchema = z
  .object({ /** The name, typed again: nothing is deleted by a slip. */ name: z.string() })
  .strict();

/** Deletes a person for good. @returns what stays of what they wore, of nobody */
export async function deletePerson(
  id: string,
  { name }: z.output<typeof ForgetSchema>,
): Promise<{ records: number; jobs: number }> {
  const db = await studio();
  const person = await findPerson(db, id);
  if (!person) throw notFound("person");
  if (name.trim() !== person.name)
    throw invalid([{ field: "name", message: "type the name as it stands on the card" }]);
  return forgetPerson(db, id);
}
