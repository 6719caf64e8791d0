"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import {
  CallSchema,
  REST_AFTER_DAYS,
  withoutRest,
  type CallFields,
  type CallPlan,
} from "@/core/plan";
import { useAnswer, type Ask } from "@/parts/workers/useAnswer";
import { Waiting } from "@/parts/workers/Waiting";
import type { Calls } from "@/server/calls";
import { NumberInput } from "@/ui/NumberInput";
import { Empty } from "@/ui/Empty";
import { clock, dayWords, minutesWords } from "@/ui/format";
import { Page } from "@/ui/Page";
import { DraftFound } from "@/ui/saver/DraftFound";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { useSaved } from "@/ui/saver/useSaved";
import type { CallRequest, CallWorker } from "@/workers/call";
import { Artists } from "./Artists";
import { Board } from "./Board";
import { Booth } from "./Booth";
import { BoothCheck } from "./BoothCheck";

const callWorker = () =>
  new Worker(new URL("../../workers/call.ts", import.meta.url), { type: "module" });

const readCall = (value: unknown): CallFields | null => {
  const read = CallSchema.safeParse(value);
  return read.success ? read.data : null;
};

const planned: Ask<CallWorker, CallRequest, CallPlan> = (api, request) => api.plan(request);

/** A day's jobs on one board: artists, chairs, who starts when, and what happens when somebody is late. */
export function CallsPage({ calls }: { calls: Calls }) {
  const [date, setDate] = useState(calls.days[0]?.date ?? "");
  const day = calls.days.find((entry) => entry.date === date) ?? calls.days[0];
  return (
    <Page
      title="Calls"
      lead="Several performers, artists and chairs on one board, counted back from their curtains."
    >
      {!day ? (
        <Empty title="No dated job ahead">
          <p>A look&apos;s brief with a curtain puts it on the board of that day.</p>
          <Link href="/looks" className="btn btn-primary">
            To the looks
          </Link>
        </Empty>
      ) : (
        <>
          {calls.days.length > 1 && (
            <div role="group" aria-label="Day" className="join mb-4 flex-wrap">
              {calls.days.map((entry) => (
                <button
                  key={entry.date}
                  type="button"
                  className={`btn join-item ${entry.date === day.date ? "btn-primary" : ""}`}
                  aria-pressed={entry.date === day.date}
                  onClick={() => setDate(entry.date)}
                >
                  {dayWords(entry.date)}
                </button>
              ))}
            </div>
          )}
          <DayCall key={day.date} day={day} calls={calls} />
          <Rest calls={calls} />
        </>
      )}
      <Booth />
      <BoothCheck settings={calls.settings.fields} />
    </Page>
  );
}

/** Skin that is painted day after day wants a day without (TIME-5). */
function Rest({ calls }: { calls: Calls }) {
  const series = withoutRest(
    calls.days.flatMap(({ date, jobs }) =>
      jobs.map(({ person }) => ({ personId: person.id, name: person.name, on: date })),
    ),
  );
  if (!series.length) return null;
  return (
    <ul aria-label="Rest days" className="mt-4 text-sm">
      {series.map(({ name, from, days }) => (
        <li key={name} className="border-l-4 border-base-content pl-3">
          <strong>
            {name} is painted {days} days running from {dayWords(from)}.
          </strong>{" "}
          After {REST_AFTER_DAYS} days skin wants one without paint: plan it, and ask a professional
          about skin that stays red.{" "}
          <Link className="link" href="/rules#TIME-5">
            TIME-5
          </Link>
        </li>
      ))}
    </ul>
  );
}

function DayCall({ day, calls }: { day: Calls["days"][number]; calls: Calls }) {
  const { date, jobs } = day;
  const first = useMemo(
    () => ({ version: day.call.version, value: day.call.fields }),
    [day.call.version, day.call.fields],
  );
  const saved = useSaved(
    first,
    {
      key: `call.${date}`,
      url: `/api/calls/${date}`,
      body: (version, next) => ({ version, fields: next }),
    },
    readCall,
  );
  const { value: fields, change, saver, history } = saved;
  useHotkeys("mod+z", history.undo, { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", history.redo, { preventDefault: true });
  const request = useMemo((): CallRequest => {
    const { products, today, house, settings, factors } = calls;
    return { jobs, setting: { products, today, house, settings, factors }, call: fields };
  }, [jobs, calls, fields]);
  const answer = useAnswer(callWorker, request, planned);
  const { value: plan, fresh } = answer;
  const nameOf = (id: string) => {
    const job = jobs.find((entry) => entry.id === id);
    return job ? `${job.look.name} on ${job.person.name}` : id;
  };
  const called = jobs.filter(({ id }) => !fields.out.includes(id));
  return (
    <section aria-label={`Call of ${dayWords(date)}`} aria-busy={!fresh}>
      {saved.draft && <DraftFound onRestore={saved.restore} onDiscard={saved.discard} />}
      <div className="card-plain grid gap-4 p-4 lg:grid-cols-[1fr_auto]">
        <Artists fields={fields} change={change} />
        <div className="flex flex-col gap-3 lg:w-64">
          <label className="text-sm">
            <span className="label-line">Chairs</span>
            <NumberInput
              least={1}
              most={12}
              whole
              className="!w-24"
              value={fields.chairs}
              onChange={(chairs) => change({ ...fields, chairs })}
            />
          </label>
          <fieldset className="text-sm">
            <legend className="label-line">Who is called</legend>
            {jobs.map((job) => (
              <label key={job.id} className="flex min-h-10 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={!fields.out.includes(job.id)}
                  onChange={(event) =>
                    change({
                      ...fields,
                      out: event.target.checked
                        ? fields.out.filter((id) => id !== job.id)
                        : [...fields.out, job.id],
                    })
                  }
                />
                {job.person.name}
              </label>
            ))}
          </fieldset>
          {plan?.startAt && (
            <label className="flex min-h-10 items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={fields.startAt !== null}
                onChange={(event) =>
                  change({ ...fields, startAt: event.target.checked ? plan.startAt : null })
                }
              />
              The beginning is fixed: {clock(plan.startAt)}
            </label>
          )}
        </div>
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {called.length > 0 && (
          <a className="btn" href={`/api/calls/${date}/calendar`} download>
            Calendar with alarms (.ics)
          </a>
        )}
        {called.length > 0 && (
          <a className="btn" href={`/api/calls/${date}/sheet`} target="_blank" rel="noreferrer">
            Call sheets (PDF)
          </a>
        )}
        <SaveStatus
          state={saved.state}
          name="the call"
          onMine={() => void saver.overwrite()}
          onTheirs={() => {
            saver.discard();
            window.location.reload();
          }}
        />
      </div>
      {(answer.error !== null || !plan) && (
        <Waiting answer={answer} doing="Working out the call" what="the call" />
      )}
      {plan && plan.withheld.length > 0 && (
        <ul aria-label="Withheld" className="mt-4 border-4 border-base-content p-3">
          {plan.withheld.map(({ jobId, stops }) => (
            <li key={jobId}>
              <strong>Stop: {nameOf(jobId)} is not planned.</strong>{" "}
              {stops.map(({ message }) => message).join(" ")}{" "}
              <Link
                className="link"
                href={`/looks/${jobs.find(({ id }) => id === jobId)?.lookId ?? ""}/${jobId}/map`}
              >
                Mend it on the map
              </Link>
            </li>
          ))}
        </ul>
      )}
      {!plan ? null : plan.performers.length === 0 ? (
        <p className="mt-4">Nobody is called, or their looks have no layer yet.</p>
      ) : (
        <>
          <p className="mt-4 text-lg" role="status">
            {plan.startAt && (
              <>
                Begin at <strong>{clock(plan.startAt)}</strong>;{" "}
              </>
            )}
            {minutesWords(plan.makespan)} of work for{" "}
            {fields.artists.length === 1 ? "one artist" : `${fields.artists.length} artists`}.{" "}
            <span className="muted text-sm">
              No call of these is shorter than {minutesWords(plan.lowerBound)}.
            </span>
          </p>
          {plan.conflicts.length > 0 && (
            <ul aria-label="Conflicts" className="mt-2">
              {plan.conflicts.map((text) => (
                <li key={text} className="border-l-4 border-base-content pl-3 font-semibold">
                  {text}
                </li>
              ))}
            </ul>
          )}
          <Board plan={plan} chairs={fields.chairs} nameOf={nameOf} />
          <div className="mt-4 overflow-x-auto">
            <table className="w-full text-sm">
              <caption className="sr-only">Who is painted when</caption>
              <thead>
                <tr className="border-b-2 border-base-content text-left">
                  <th scope="col" className="py-1.5">
                    Performer
                  </th>
                  <th scope="col">Chair</th>
                  <th scope="col">Artists</th>
                  <th scope="col">Sits down</th>
                  <th scope="col">Painted</th>
                  <th scope="col">Needed by</th>
                  <th scope="col">State</th>
                </tr>
              </thead>
              <tbody>
                {plan.performers.map((performer) => (
                  <tr key={performer.jobId} className="border-b rule">
                    <th scope="row" className="py-1.5 text-left">
                      {nameOf(performer.jobId)}
                    </th>
                    <td>{performer.chair + 1}</td>
                    <td>
                      {performer.artists
                        .map((artist) => fields.artists[artist]?.name ?? artist + 1)
                        .join(", ")}
                    </td>
                    <td>{performer.sitsAt ? clock(performer.sitsAt) : "–"}</td>
                    <td>{performer.paintedAt ? clock(performer.paintedAt) : "–"}</td>
                    <td>{performer.neededBy ? clock(performer.neededBy) : "–"}</td>
                    <td>
                      {performer.late > 0 ? (
                        <strong>{minutesWords(performer.late)} too late</strong>
                      ) : (
                        "in time"
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
    </section>
  );
}
