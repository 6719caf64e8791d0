import "server-only";
import type { LookContext } from "@/core/look";
import { planCall, type CallFields, type CallPlan } from "@/core/plan";
import { contextOf } from "@/core/record";
import type { StudioSettings } from "@/core/studio";
import { currentHouse, findCall, findLooks, listJobs, listRecords, type Job } from "@/store";
import { loadCalls, type DatedJob } from "./calls";
import { notFound } from "./problem";
import { studio, today } from "./studio";

interface Planned {
  readonly settings: StudioSettings;
  readonly plan: CallPlan;
  readonly call: CallFields;
  readonly jobs: readonly (DatedJob & { readonly context: LookContext })[];
}

/** Plans a day's call as the page does. @throws Problem */
export async function callOf(date: string): Promise<Planned> {
  const calls = await loadCalls();
  const day = calls.days.find((entry) => entry.date === date);
  if (!day) throw notFound("call");
  const call = day.call.fields;
  const jobs = day.jobs
    .filter(({ id }) => !call.out.includes(id))
    .map((job) => ({
      ...job,
      context: contextOf({ ...calls, person: job.person, brief: job.brief, speed: job.speed }),
    }));
  if (!jobs.length) throw notFound("call");
  return { jobs, call, plan: planCall(jobs, call), settings: calls.settings.fields };
}

const starts = new Map<
  string,
  { readonly stamp: string; readonly at: ReadonlyMap<string, string> }
>();
/** Days whose calls are remembered. */
const MOST_DAYS = 40;

/** When the performer of a job sits down by the call of its day; null where nobody else is called on it, or they are not. */
export async function sitsDownAt(job: Job): Promise<string | null> {
  const date = job.brief.curtainAt?.slice(0, 10);
  if (!date || date < today()) return null;
  const db = await studio();
  const jobs = (await listJobs(db)).filter(({ brief }) => brief.curtainAt?.startsWith(date));
  if (jobs.length < 2) return null;
  const looks = await findLooks(
    db,
    jobs.map(({ lookId }) => lookId),
  );
  const stamp = JSON.stringify([
    jobs.map(({ id, version }) => [id, version]),
    looks.map(({ id, version }) => [id, version]),
    (await findCall(db, date))?.version,
    (await currentHouse(db)).version,
    (await listRecords(db)).length,
  ]);
  const known = starts.get(date);
  if (known?.stamp === stamp) return known.at.get(job.id) ?? null;
  const { plan } = await callOf(date).catch(() => ({ plan: null }));
  const at = new Map(
    (plan?.performers ?? []).flatMap(({ jobId, sitsAt }) => (sitsAt ? [[jobId, sitsAt]] : [])),
  );
  if (starts.size >= MOST_DAYS) starts.clear();
  starts.set(date, { stamp, at });
  return at.get(job.id) ?? null;
}
