import "server-only";
import type { Brief } from "@/core/brief";
import type { Look } from "@/core/look";
import type { PaintTypeKey, Product } from "@/core/paint";
import type { Person } from "@/core/people";
import { factorsOf } from "@/core/record";
import type { HouseChanges } from "@/core/rules";
import type { WearFactor } from "@/core/wear";
import { currentHouse, findPerson, listJobs, listLooks, listProducts, listRecords } from "@/store";
import { studio, today } from "./studio";

/** A dated job as the calls page works with it. */
export interface DatedJob { readonly id: string; readonly lookId: string; readonly look: Look; readonly person: Person; readonly brief: Brief & { readonly curtainAt: string } }

/** Days with jobs ahead, and all that a call is planned from; plain data, so that the browser can compute with it. */
export interface Calls {
  readonly days: readonly { readonly date: string; readonly jobs: readonly DatedJob[] }[];
  readonly products: readonly Product[];
  /** How each paint type wears against the house, by every record there is. */
  readonly factors: Partial<Record<PaintTypeKey, WearFactor>>;
  readonly house: { readonly version: number; readonly changes: HouseChanges };
  readonly today: string;
}

export async function loadCalls(): Promise<Calls> {
  const db = await studio();
  const looks = new Map((await listLooks(db)).map((look) => [look.id, look.design]));
  const now = today();
  const dated = await Promise.all((await listJobs(db)).map(async (job): Promise<DatedJob[]> => {
    const { curtainAt } = job.brief;
    const look = looks.get(job.lookId);
    const person = await findPerson(db, job.personId);
    return curtainAt && curtainAt.slice(0, 10) >= now && look && person ? [{ id: job.id, lookId: job.lookId, look, person, brief: { ...job.brief, curtainAt } }] : [];
  }));
  const jobs = dated.flat();
  const dates = [...new Set(jobs.map(({ brief }) => brief.curtainAt.slice(0, 10)))].sort();
  return {
    days: dates.map((date) => ({ date, jobs: jobs.filter(({ brief }) => brief.curtainAt.startsWith(date)) })),
    products: [...(await listProducts(db)), ...(await listProducts(db, { archived: true }))], house: await currentHouse(db), factors: factorsOf(await listRecords(db)), today: now,
  };
}
