import "server-only";
import { z } from "zod";
import type { JobNeeds, PackingList } from "@/core/kit";
import { applyPatch, replaceProduct, type Look } from "@/core/look";
import { allNeeded } from "@/core/plan";
import type { Person } from "@/core/people";
import type { Brief } from "@/core/brief";
import { contextOf, speedOf, type StoredContext } from "@/core/record";
import { houseOf } from "@/core/rules";
import {
  addMovement,
  findJob,
  findLook,
  findLooks,
  findPerson,
  jobMovements,
  jobsUsed,
  listJobs,
  listProducts,
  mustStand,
  saveLook,
} from "@/store";
import { planInput } from "./planInput";
import { invalid, notFound, stopped, type Listener } from "./problem";
import { stopsHere } from "./safety";
import { shelfStart, type ShelfStart } from "./shelf";
import { studio } from "./studio";
import { inThread } from "./threads/inThread";
import type { JobToPlan } from "./threads/tasks";
import { loadWorkspace } from "./workspace";

/** A job that can be planned for, before it is worked out what it takes. */
export interface JobHead {
  readonly jobId: string;
  readonly name: string;
  readonly on: string | null;
  readonly lookId: string;
  readonly lookName: string;
  readonly used: boolean;
  /** Changes with whatever it is worked out from, the shelf apart. */
  readonly stamp: string;
}

/** A job as kit planning works with it. */
export interface PlannedJob extends JobHead, JobNeeds {
  readonly look: Look;
  readonly brief: Brief;
  readonly person: Person;
  readonly packing: PackingList;
}

export interface Planning {
  readonly house: StoredContext["house"];
  readonly settings: StoredContext["settings"];
  /** Those with a day first, in the order of their days. */
  readonly heads: readonly JobHead[];
  readonly shelf: ShelfStart;
  readonly leadDays: number;
  readonly today: string;
}

interface Ahead {
  readonly head: JobHead;
  readonly toPlan: JobToPlan;
}

/** Jobs ahead and those without a day, of looks and people that are there. */
async function jobsAhead(house: number, today: string, records: Records): Promise<Ahead[]> {
  const db = await studio();
  const ahead = (await listJobs(db)).filter(
    ({ brief }) => !brief.curtainAt || brief.curtainAt.slice(0, 10) >= today,
  );
  const looks = new Map(
    (
      await findLooks(
        db,
        ahead.map(({ lookId }) => lookId),
      )
    )
      .filter(({ archived }) => !archived)
      .map((look) => [look.id, look]),
  );
  const used = await jobsUsed(db);
  const people = new Map<string, Person | null>();
  for (const { personId } of ahead)
    if (!people.has(personId)) people.set(personId, await findPerson(db, personId));
  return ahead
    .flatMap((job): Ahead[] => {
      const [look, person] = [looks.get(job.lookId), people.get(job.personId)];
      if (!look || !person) return [];
      const speed = speedOf(records, look.id);
      return [
        {
          head: {
            jobId: job.id,
            name: `${look.design.name} on ${person.name}`,
            on: job.brief.curtainAt?.slice(0, 10) ?? null,
            lookId: job.lookId,
            lookName: look.design.name,
            used: used.has(job.id),
            stamp: [look.version, job.version, person.version, house, records.length].join("."),
          },
          toPlan: {
            jobId: job.id,
            look: look.design,
            person,
            brief: job.brief,
            speed,
          },
        },
      ];
    })
    .sort((a, b) => (a.head.on ?? "9").localeCompare(b.head.on ?? "9"));
}

type Records = Awaited<ReturnType<typeof planInput>>["records"];

/** What there is and which jobs could be planned for; what they take is asked for by itself, job by job. */
export async function loadPlanning(): Promise<Planning> {
  const stored = await planInput();
  const { house, settings, today, records } = stored;
  return {
    heads: (await jobsAhead(house.version, today, records)).map(({ head }) => head),
    shelf: await shelfStart([]),
    house,
    settings,
    leadDays: houseOf(house.changes, house.version).numbers.leadDays,
    today,
  };
}

/** More jobs than a painter ever plans for at once. */
const MOST_PLANNED = 2000;
export const PlanJobsSchema = z
  .object({ jobIds: z.array(z.string().min(1).max(64)).min(1).max(MOST_PLANNED) })
  .strict();

/** A quarter of a second a job, and a start. */
const secondsFor = (jobs: number): number => 30 + jobs;

/** Works out what jobs take in a thread of its own; each is told as soon as it is done. @throws Problem */
export async function planJobs(
  { jobIds }: z.output<typeof PlanJobsSchema>,
  { report, gone }: Listener,
): Promise<{ jobs: number }> {
  const { stock, records, ...stored } = await planInput();
  const asked = new Set(jobIds);
  const all = await jobsAhead(stored.house.version, stored.today, records);
  const wanted = new Map(
    all.filter(({ head }) => asked.has(head.jobId)).map((job) => [job.head.jobId, job]),
  );
  if (!wanted.size) return { jobs: 0 };
  let done = 0;
  const jobs = await inThread(
    "jobsTake",
    { stored, stock, jobs: [...wanted.values()].map(({ toPlan }) => toPlan) },
    {
      seconds: secondsFor(wanted.size),
      signal: gone,
      onTold: (taken) => {
        const job = wanted.get(taken.jobId);
        if (!job) return;
        const { look, person, brief } = job.toPlan;
        const planned: PlannedJob = { ...job.head, ...taken, look, person, brief };
        // Once nobody listens the thread is ended; there is nobody to tell.
        report(++done / wanted.size, `${done} of ${wanted.size}`, planned).catch(() => undefined);
      },
    },
  );
  return { jobs };
}

export const SubstituteSchema = z
  .object({ from: z.string().min(1).max(64), to: z.string().min(1).max(64) })
  .strict();

/** Puts one product in the place of another all through a look. What a safety rule stops is refused as a whole. @throws Problem */
export async function substitute(
  lookId: string,
  { from, to }: z.output<typeof SubstituteSchema>,
): Promise<{ version: number; layers: number }> {
  const db = await studio();
  const look = await findLook(db, lookId);
  if (!look) throw notFound("look");
  if (!(await listProducts(db)).some(({ id }) => id === to))
    throw invalid([{ field: "to", message: "is not on the shelf" }]);
  const patches = replaceProduct(look.design, from, to);
  if (!patches.length) throw invalid([{ field: "from", message: "is not used in this look" }]);
  const next: Look = applyPatch(look.design, { op: "several", patches });
  // What is saved by hand may be a draft; what is put in by us brings no stop.
  const given = await loadWorkspace(lookId);
  if (given) {
    const [before, after] = [look.design, next].map((design) =>
      stopsHere({ ...given, look: { ...given.look, design } }),
    );
    if ((after ?? []).length > (before ?? []).length) throw stopped(after ?? []);
  }
  return { version: await saveLook(db, lookId, look.version, next), layers: patches.length };
}

export const UseSchema = z
  .object({
    on: z.iso.date("a date like 2026-11-24"),
    /** Grams really used, where they are known; the plan's for all others. */ grams: z
      .record(z.string().max(64), z.number().min(0, "0 g or more").max(50_000, "at most 50 kg"))
      .default({}),
  })
  .strict();

/** Writes down what a job used: by its plan, corrected where it was weighed. Told again it corrects by another line, so that nothing counts twice. @throws Problem */
export async function writeUse(
  jobId: string,
  { on, grams }: z.output<typeof UseSchema>,
): Promise<{ written: number }> {
  const db = await studio();
  const job = await findJob(db, jobId);
  if (job) await mustStand(db, "job", jobId);
  const [look, person] = job
    ? [await findLook(db, job.lookId), await findPerson(db, job.personId)]
    : [null, null];
  if (!job || !look || !person) throw notFound("job");
  const context = contextOf({ ...(await planInput()), person, brief: job.brief });
  const needs = allNeeded(look.design, context);
  const known = new Set(needs.map(({ productId }) => productId));
  for (const id of Object.keys(grams))
    if (!known.has(id))
      throw invalid([{ field: `grams.${id}`, message: "is not used in this look" }]);
  const wanted = new Map(
    needs.flatMap((need) =>
      need.productId ? [[need.productId, grams[need.productId] ?? need.grams] as const] : [],
    ),
  );
  return db.transaction().execute(async (tx) => {
    const already = new Map<string, number>();
    for (const movement of await jobMovements(tx, jobId))
      already.set(movement.productId, (already.get(movement.productId) ?? 0) - movement.delta);
    let written = 0;
    for (const id of new Set([...wanted.keys(), ...already.keys()])) {
      const more = Math.round(((wanted.get(id) ?? 0) - (already.get(id) ?? 0)) * 1000) / 1000;
      if (more === 0) continue;
      // Of whom it was is told by its job: the ledger is never rewritten, and a person may be forgotten.
      const note = `${already.has(id) ? "corrected: " : ""}${look.design.name}`.slice(0, 200);
      await addMovement(tx, { productId: id, jobId, kind: "used", delta: -more, on, note });
      written++;
    }
    return { written };
  });
}
