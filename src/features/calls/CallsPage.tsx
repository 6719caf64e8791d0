"use client";

import Link from "next/link";
import { useEffect, useMemo, useState } from "react";
import type { CallPlan } from "@/core/plan";
import { houseOf } from "@/core/rules";
import { useWorker } from "@/parts/workers/useWorker";
import type { Calls, DatedJob } from "@/server/calls";
import { Empty } from "@/ui/Empty";
import { clock, dayWords, minutesWords } from "@/ui/format";
import { Page } from "@/ui/Page";
import type { CallRequest, CallWorker } from "@/workers/call";
import { Board } from "./Board";
import { Booth } from "./Booth";

const callWorker = () => new Worker(new URL("../../workers/call.ts", import.meta.url), { type: "module" });

/** A day's jobs on one board: artists, chairs, who starts when, and what happens when somebody is late. */
export function CallsPage({ calls }: { calls: Calls }) {
  const [date, setDate] = useState(calls.days[0]?.date ?? "");
  const day = calls.days.find((entry) => entry.date === date) ?? calls.days[0];
  return (
    <Page title="Calls" lead="Several performers, artists and chairs on one board, counted back from their curtains.">
      {!day ? <Empty title="No dated job ahead"><p>A look&apos;s brief with a curtain puts it on the board of that day.</p><Link href="/looks" className="btn btn-primary">To the looks</Link></Empty> : (
        <>
          {calls.days.length > 1 && <div role="group" aria-label="Day" className="join mb-4 flex-wrap">{calls.days.map((entry) => <button key={entry.date} type="button" className={`btn join-item ${entry.date === day.date ? "btn-primary" : ""}`} aria-pressed={entry.date === day.date} onClick={() => setDate(entry.date)}>{dayWords(entry.date)}</button>)}</div>}
          <DayCall key={day.date} date={day.date} jobs={day.jobs} calls={calls} />
        </>
      )}
      <Booth />
    </Page>
  );
}

function DayCall({ date, jobs, calls }: { date: string; jobs: readonly DatedJob[]; calls: Calls }) {
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const [artists, setArtists] = useState(1);
  const [chairs, setChairs] = useState(1);
  const [late, setLate] = useState(0);
  const worker = useWorker<CallWorker>(callWorker);
  const [answer, setAnswer] = useState<{ plan: CallPlan; request: CallRequest } | null>(null);
  const request = useMemo((): CallRequest => ({ jobs: jobs.filter(({ id }) => !out.has(id)), products: calls.products, today: calls.today, house: houseOf(calls.house.changes, calls.house.version), artists, chairs, from: late > 0 ? [late] : [] }), [jobs, out, calls, artists, chairs, late]);
  useEffect(() => {
    let current = true;
    void worker().plan(request).then((plan) => { if (current) setAnswer({ plan, request }); });
    return () => { current = false; };
  }, [request, worker]);
  const plan = answer?.plan ?? null;
  const nameOf = (id: string) => { const job = jobs.find((entry) => entry.id === id); return job ? `${job.look.name} on ${job.person.name}` : id; };
  const query = new URLSearchParams({ jobs: request.jobs.map(({ id }) => id).join(","), artists: String(artists), chairs: String(chairs), late: String(late) });
  const count = (value: string, most: number) => Math.max(1, Math.min(most, Math.round(Number(value)) || 1));
  return (
    <section aria-label={`Call of ${dayWords(date)}`} aria-busy={answer?.request !== request}>
      <div className="card-plain flex flex-wrap items-end gap-4 p-4">
        <label className="text-sm"><span className="label-line">Artists</span><input type="number" min={1} max={20} className="input !w-24" value={artists} onChange={(event) => setArtists(count(event.target.value, 20))} /></label>
        <label className="text-sm"><span className="label-line">Chairs</span><input type="number" min={1} max={20} className="input !w-24" value={chairs} onChange={(event) => setChairs(count(event.target.value, 20))} /></label>
        <label className="text-sm"><span className="label-line">First artist is late by, min</span><input type="number" min={0} max={600} className="input !w-28" value={late} onChange={(event) => setLate(Math.max(0, Math.min(600, Math.round(Number(event.target.value)) || 0)))} /></label>
        <fieldset className="text-sm"><legend className="label-line">Who is called</legend><div className="flex flex-wrap gap-x-4">{jobs.map((job) => <label key={job.id} className="flex min-h-10 items-center gap-2"><input type="checkbox" className="checkbox checkbox-sm" checked={!out.has(job.id)} onChange={() => setOut((now) => { const next = new Set(now); if (!next.delete(job.id)) next.add(job.id); return next; })} />{job.person.name}</label>)}</div></fieldset>
        {request.jobs.length > 0 && <a className="btn" href={`/api/calls/${date}/calendar?${query}`} download>Calendar with alarms (.ics)</a>}
        {request.jobs.length > 0 && <a className="btn" href={`/api/calls/${date}/sheet?${query}`} target="_blank" rel="noreferrer">Call sheets (PDF)</a>}
      </div>
      {!plan ? <p className="mt-4" role="status">Working out the call …</p> : plan.performers.length === 0 ? <p className="mt-4">Nobody is called, or their looks have no layer yet.</p> : (
        <>
          <p className="mt-4 text-lg" role="status">{plan.startAt && <>Begin at <strong>{clock(plan.startAt)}</strong>; </>}{minutesWords(plan.makespan)} of work for {artists === 1 ? "one artist" : `${artists} artists`}. <span className="muted text-sm">No call of these is shorter than {minutesWords(plan.lowerBound)}.</span></p>
          <Board plan={plan} chairs={chairs} nameOf={nameOf} />
          <div className="mt-4 overflow-x-auto">
            <table className="w-full text-sm">
              <caption className="sr-only">Who is painted when</caption>
              <thead><tr className="border-b-2 border-base-content text-left"><th scope="col" className="py-1.5">Performer</th><th scope="col">Chair</th><th scope="col">Artists</th><th scope="col">Sits down</th><th scope="col">Painted</th><th scope="col">Needed by</th><th scope="col">State</th></tr></thead>
              <tbody>{plan.performers.map((performer) => (
                <tr key={performer.jobId} className="border-b rule">
                  <th scope="row" className="py-1.5 text-left">{nameOf(performer.jobId)}</th>
                  <td>{performer.chair + 1}</td><td>{performer.artists.map((artist) => artist + 1).join(", ")}</td>
                  <td>{performer.sitsAt ? clock(performer.sitsAt) : "–"}</td><td>{performer.paintedAt ? clock(performer.paintedAt) : "–"}</td><td>{performer.neededBy ? clock(performer.neededBy) : "–"}</td>
                  <td>{performer.late > 0 ? <strong>{minutesWords(performer.late)} too late</strong> : "in time"}</td>
                </tr>
              ))}</tbody>
            </table>
          </div>
        </>
      )}
    </section>
  );
}
