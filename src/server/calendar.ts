import "server-only";
import { createEvents, type EventAttributes } from "ics";
import { z } from "zod";
import { touchUps } from "@/core/advice";
import { lookContext, wearForecast, zoneWords, type LookContext } from "@/core/look";
import { planCall, removalOf, type CallPlan } from "@/core/plan";
import { meansOf } from "@/core/record";
import { houseOf } from "@/core/rules";
import { shiftMinutes } from "@/core/schedule";
import { loadCalls, type DatedJob } from "./calls";
import { fieldErrors, invalid, notFound } from "./problem";
import { textPdf } from "./textPdf";

const whole = (most: number) => z.coerce.number().int().min(1, "1 or more").max(most, `at most ${most}`);
/** A call asked for by address: its day, its jobs, and who and what there is to paint them with. */
export const CallQuerySchema = z.object({ jobs: z.string().min(1).max(2000), artists: whole(20).default(1), chairs: whole(20).default(1), late: z.coerce.number().min(0).max(600).default(0) }).strict();

interface Planned { readonly plan: CallPlan; readonly jobs: readonly (DatedJob & { readonly context: LookContext })[] }

/** Plans a day's call as the page does. @throws Problem */
export async function callOf(date: string, query: Record<string, string>): Promise<Planned> {
  const asked = CallQuerySchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const { artists, chairs, late } = asked.data;
  const calls = await loadCalls();
  const wanted = new Set(asked.data.jobs.split(","));
  const house = houseOf(calls.house.changes, calls.house.version);
  const jobs = (calls.days.find((day) => day.date === date)?.jobs ?? []).filter(({ id }) => wanted.has(id)).map((job) => ({ ...job, context: lookContext({ person: job.person, brief: job.brief, products: calls.products, today: calls.today, house, factors: meansOf(calls.factors) }) }));
  if (!jobs.length) throw notFound("call");
  return { jobs, plan: planCall(jobs, { artists, chairs, from: late ? [late] : [] }) };
}

type Moment = [number, number, number, number, number];
/** A moment as the calendar wants it, in UTC. */
function utc(iso: string): Moment {
  const at = new Date(iso);
  return [at.getUTCFullYear(), at.getUTCMonth() + 1, at.getUTCDate(), at.getUTCHours(), at.getUTCMinutes()];
}

const alarm = (minutes: number, description: string): EventAttributes["alarms"] => [{ action: "display", description, trigger: { minutes, before: true } }];

/** A call as an iCalendar file (RFC 5545): painting, touch-ups and removal of each performer, with alarms. @throws Problem */
export async function callCalendar(date: string, query: Record<string, string>): Promise<{ body: string; name: string }> {
  const { plan, jobs } = await callOf(date, query);
  const events = plan.performers.flatMap((performer): EventAttributes[] => {
    const job = jobs.find(({ id }) => id === performer.jobId);
    if (!job || !performer.sitsAt || !performer.paintedAt) return [];
    const event = (kind: string, startAt: string, endAt: string, title: string, description: string, before: number): EventAttributes =>
      ({ uid: `${job.id}-${kind}@dermagraph`, start: utc(startAt), startInputType: "utc", startOutputType: "utc", end: utc(endAt), endInputType: "utc", endOutputType: "utc", title, description, location: job.brief.place, alarms: alarm(before, title) });
    const { curtainAt, hoursWorn } = job.brief;
    const off = shiftMinutes(curtainAt, Math.round(hoursWorn * 60));
    return [
      event("call", performer.sitsAt, performer.paintedAt, `Paint ${job.look.name} on ${job.person.name}`, `Chair ${performer.chair + 1}; painted by ${(performer.neededBy ?? performer.paintedAt).slice(11, 16)} at the latest.`, 15),
      ...touchUps(wearForecast(job.look, job.context), hoursWorn, job.context.house).map((walk, i) => event(`touch-up-${i + 1}`, shiftMinutes(curtainAt, Math.round(walk.atHours * 60)), shiftMinutes(curtainAt, Math.round(walk.atHours * 60) + 5), `Touch up ${job.person.name}: ${zoneWords(walk.zones, 3)}`, `By forecast less than ${job.context.house.numbers.touchUpShare} % is whole there, from ${walk.cause}.`, 5)),
      event("removal", off, shiftMinutes(off, removalOf(job.look, job.context).minutes), `Take ${job.look.name} off ${job.person.name}`, removalOf(job.look, job.context).steps.map(({ label, with: remover }) => `${label}: ${remover}`).join("; "), 10),
    ];
  });
  const { error, value } = createEvents(events, { productId: "dermagraph", calName: `Call ${date}` });
  if (error || !value) throw error ?? new Error("no calendar");
  return { body: value, name: `call-${date}.ics` };
}

/** What each artist does when, a page an artist, to hang beside the mirror. @throws Problem */
export async function callSheet(date: string, query: Record<string, string>): Promise<{ body: Uint8Array; name: string }> {
  const { plan, jobs } = await callOf(date, query);
  const out = await textPdf(`Call ${date}`, "usual");
  const artists = [...new Set(plan.placed.map(({ artist }) => artist))].sort((a, b) => a - b);
  artists.forEach((artist, i) => {
    if (i) out.newPage();
    out.write(`Call sheet, ${date}: artist ${artist + 1}`, { bold: true, times: 1.6 });
    if (plan.startAt) out.write(`The call begins at ${plan.startAt.slice(11, 16)}.`, { before: 0.3 });
    for (const { performer, chair, layer, start, end } of stretches(plan, artist)) {
      const job = jobs.find(({ id }) => id === performer);
      const name = job?.look.layers.find(({ id }) => id === layer)?.name ?? layer;
      const at = (minutes: number) => (plan.startAt ? shiftMinutes(plan.startAt, Math.round(minutes)).slice(11, 16) : `${Math.round(minutes)} min`);
      out.write(`${at(start)} to ${at(end)}  ${job?.person.name ?? performer}, chair ${chair + 1}: ${name}`, { before: 0.25 });
    }
    out.write("The labels of the products and the advice of licensed professionals come before this sheet.", { before: 1 });
  });
  return { body: await out.save(), name: `call-${date}.pdf` };
}

interface Stretch { readonly performer: string; readonly chair: number; readonly layer: string; readonly start: number; end: number }

/** An artist's work without a break on one layer of one face is one line of the sheet. */
function stretches(plan: CallPlan, artist: number): Stretch[] {
  const lines: Stretch[] = [];
  for (const { performer, chair, task, start, end } of plan.placed.filter((entry) => entry.artist === artist)) {
    const [layer = task] = task.split("/");
    const last = lines.at(-1);
    if (last && last.performer === performer && last.layer === layer) last.end = end;
    else lines.push({ performer, chair, layer, start, end });
  }
  return lines;
}
