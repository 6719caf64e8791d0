import "server-only";
import { join } from "node:path";
import { z } from "zod";
import { lookContext, stopsOf, untestedProducts, type Finding } from "@/core/look";
import { hairDyeOf, type Product } from "@/core/paint";
import { PersonSchema, type Person } from "@/core/people";
import type { WornRecord } from "@/core/record";
import {
  addPerson,
  backupsIn,
  dataFolder,
  deleteLeftover,
  deleteReferences,
  findJob,
  findPerson,
  forgetPerson,
  isForgotten,
  listJobs,
  findLooks,
  listLeftovers,
  listLookHeads,
  listPeople,
  personIn,
  referencesOf,
  type Leftover,
  listRecords,
  savePerson,
  setArchived,
  type Job,
  listAllProducts,
} from "@/store";
import { house } from "./house";
import { invalid, notFound } from "./problem";
import { newId, studio, today } from "./studio";

export const SavePersonSchema = z
  .object({ version: z.number().int().min(1), fields: PersonSchema })
  .strict();

export const everybody = async (): Promise<Person[]> => listPeople(await studio());

/** What a patch test may be put on with: everything but hair dye, whose test sensitises (SAFE-11). */
export const testable = (
  products: readonly Product[],
): { id: string; name: string; batch: string }[] =>
  products
    .filter((product) => hairDyeOf(product) === null)
    .map(({ id, name, batch }) => ({ id, name, batch }));

/** A job of a person, and what a safety rule says against painting it on them. */
export interface JobOf {
  readonly id: string;
  readonly lookId: string;
  readonly lookName: string;
  readonly curtainAt: string | null;
  readonly place: string;
  readonly stops: readonly Pick<Finding, "rule" | "message">[];
  /** Products of it that no patch test speaks for, by id. */
  readonly untested: readonly string[];
}

/** All of a person's jobs that stand, judged as the person's card is now. */
async function jobsOf(person: Person): Promise<JobOf[]> {
  const db = await studio();
  const products = await listAllProducts(db);
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
    const context = lookContext({
      person,
      brief: job.brief,
      products,
      today: today(),
      house: rules,
    });
    const stops = stopsOf(look.design, context).map(({ rule, message }) => ({ rule, message }));
    return [
      {
        id: job.id,
        lookId: job.lookId,
        lookName: look.design.name,
        curtainAt: job.brief.curtainAt,
        place: job.brief.place,
        stops,
        untested: untestedProducts(look.design, context).map((product) => product.id),
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
  if (!person || isForgotten(person)) return null;
  return {
    person,
    jobs: await jobsOf(person),
    records: await listRecords(db, { personId: id }),
  };
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
  const person = await findPerson(await studio(), id);
  if (person && isForgotten(person)) throw notFound("person");
  await setArchived(await studio(), "person", id, archived);
}

/** Where more of a person stands than on their card: what a deletion does not reach by itself. */
export interface Traces {
  /** Copies of the studio in the folder backups that still hold the card. */
  readonly copies: readonly Leftover[];
  /** Looks they were to wear that have a reference picture: perhaps of them. */
  readonly pictures: readonly { readonly lookId: string; readonly lookName: string }[];
  /** Looks whose name says who they are. */
  readonly named: readonly { readonly lookId: string; readonly lookName: string }[];
}

/** @throws Problem */
export async function tracesOf(id: string): Promise<Traces> {
  const db = await studio();
  const person = await findPerson(db, id);
  if (!person || isForgotten(person)) throw notFound("person");
  const folder = dataFolder();
  const jobs = await listJobs(db, { personId: id });
  const heads = await listLookHeads(db);
  const own = heads.filter((head) => jobs.some(({ lookId }) => lookId === head.id));
  const pictured = new Set(
    (
      await referencesOf(
        db,
        own.map((head) => head.id),
      )
    ).map(({ lookId }) => lookId),
  );
  const said = person.name.trim().toLowerCase();
  const named = (list: typeof heads) =>
    list.map((head) => ({ lookId: head.id, lookName: head.name }));
  return {
    copies: listLeftovers(folder).filter(({ name }) => personIn(join(backupsIn(folder), name), id)),
    pictures: named(own.filter((head) => pictured.has(head.id))),
    named: named(heads.filter(({ name }) => name.toLowerCase().includes(said))),
  };
}

export const ForgetSchema = z
  .object({
    /** The name, typed again: nothing is deleted by a slip. */
    name: z.string(),
    /** Copies of the studio to delete with them, by file. */
    copies: z.array(z.string().max(200)).max(200).default([]),
    /** Looks whose reference pictures are deleted with them. */
    pictures: z.array(z.string().max(64)).max(2000).default([]),
  })
  .strict();

/** Deletes a person for good, and such copies and pictures as are asked for. @returns what stays of what they wore, of nobody */
export async function deletePerson(
  id: string,
  { name, copies, pictures }: z.output<typeof ForgetSchema>,
): Promise<{ records: number; jobs: number }> {
  const db = await studio();
  const person = await findPerson(db, id);
  if (!person || isForgotten(person)) throw notFound("person");
  if (name.trim() !== person.name)
    throw invalid([{ field: "name", message: "type the name as it stands on the card" }]);
  const traces = await tracesOf(id);
  const lookIds = traces.pictures
    .map(({ lookId }) => lookId)
    .filter((lookId) => pictures.includes(lookId));
  await deleteReferences(
    db,
    (await referencesOf(db, lookIds)).map((reference) => reference.id),
  );
  const left = await forgetPerson(db, id);
  for (const copy of traces.copies)
    if (copies.includes(copy.name)) deleteLeftover(dataFolder(), copy.name);
  return left;
}

export const GoneSchema = z
  .object({
    jobs: z.string().max(8000).default(""),
    people: z.string().max(8000).default(""),
  })
  .strict();

/** Which of the jobs and people that a browser keeps something of are deleted, or of somebody deleted. Ids, with commas between them. */
export async function goneOf({
  jobs,
  people,
}: z.output<typeof GoneSchema>): Promise<{ jobs: string[]; people: string[] }> {
  const db = await studio();
  const isGone = async (personId: string | undefined) => {
    const person = personId === undefined ? null : await findPerson(db, personId);
    return !person || isForgotten(person);
  };
  const gone: { jobs: string[]; people: string[] } = { jobs: [], people: [] };
  for (const id of jobs.split(",").filter(Boolean))
    if (await isGone((await findJob(db, id))?.personId)) gone.jobs.push(id);
  for (const id of people.split(",").filter(Boolean)) if (await isGone(id)) gone.people.push(id);
  return gone;
}
