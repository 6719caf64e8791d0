import "server-only";
import type { LookContext } from "@/core/look";
import { planCall, type CallFields, type CallPlan } from "@/core/plan";
import { contextOf } from "@/core/record";
import type { StudioSettings } from "@/core/studio";
import { listJobs, type Job } from "@/store";
import { loadCalls, type Calls, type DatedJob } from "./calls";
import { notFound } from "./problem";
import { studio, today } from "./studio";

interface Planned {
  readonly settings: StudioSettings;
  readonly plan: CallPlan;
  readonly call: CallFields;
  readonly jobs: readonly (DatedJob & { readonly context: LookContext })[];
}

/** A day's call planned as its page does; null where nobody is called. */
function planned(calls: Calls, date: string): Planned | null {
  const day = calls.days.find((entry) => entry.date === date);
  const call = day?.call.fields;
  const jobs = (day?.jobs ?? [])
    .filter(({ id }) => !call?.out.includes(id))
    .map((job) => ({
      ...job,
      context: contextOf({ ...calls, person: job.person, brief: job.brief, speed: job.speed }),
    }));
  return call && jobs.length
    ? { jobs, call, plan: planCall(jobs, call), settings: calls.settings.fields }
    : null;
}

/** Plans a day's call as the page does. @throws Problem */
export async function callOf(date: string): Promise<Planned> {
  const found = planned(await loadCalls(), date);
  if (!found) throw notFound("call");
  return found;
}

const known = new Map<string, { readonly stamp: string; readonly at: Starts }>();
/** Days whose calls are remembered. */
const MOST_DAYS = 40;

/** When performers sit down by the calls of their days, by job. */
export type Starts = ReadonlyMap<string, string>;

const dateOf = ({ brief }: Job): string | undefined => brief.curtainAt?.slice(0, 10);

/** When the performers of some jobs sit down; only those are told with whom somebody else is called on the same day. */
export async function startsByCall(asked: readonly Job[]): Promise<Starts> {
  const dates = new Set(asked.flatMap((job) => dateOf(job) ?? []));
  const all = await listJobs(await studio());
  const shared = [...dates].filter(
    (date) => date >= today() && all.filter((job) => dateOf(job) === date).length > 1,
  );
  if (!shared.length) return new Map();
  const calls = await loadCalls();
  return new Map(shared.flatMap((date) => [...startsOn(calls, date)]));
}

function startsOn(calls: Calls, date: string): Starts {
  const day = calls.days.find((entry) => entry.date === date);
  // All that a call is planned from: who, what, with what, and by whose rules.
  const stamp = JSON.stringify([
    day,
    calls.products.map(({ id, version }) => `${id} ${version}`),
    calls.factors,
    calls.house.version,
    calls.settings.version,
  ]);
  const found = known.get(date);
  if (found?.stamp === stamp) return found.at;
  const performers = planned(calls, date)?.plan.performers ?? [];
  const at = new Map(
    performers.flatMap(({ jobId, sitsAt }) => (sitsAt ? [[jobId, sitsAt] as const] : [])),
  );
  if (known.size >= MOST_DAYS) known.clear();
  known.set(date, { stamp, at });
  return at;
}
