"use client";

import { minutesWords, oneOrMore } from "@/core/text/words";
import { useMemo } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { CallSchema, type CallFields, type CallPlan } from "@/core/plan";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { useAnswer, type Ask } from "@/shared/workers/useAnswer";
import { Waiting } from "@/shared/workers/Waiting";
import type { Calls } from "@/server/calls";
import { DraftFound } from "@/ui/saver/DraftFound";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { useSaved } from "@/ui/saver/useSaved";
import type { CallRequest, CallWorker } from "@/workers/call";
import { Artists } from "./Artists";
import { Board } from "./Board";
import { RepeatDay } from "./RepeatDay";
import { Performers, WhoIsCalled, Withheld } from "./DayParts";

const callWorker = () =>
  new Worker(new URL("../../workers/call.ts", import.meta.url), { type: "module" });

const readCall = (value: unknown): CallFields | null => {
  const read = CallSchema.safeParse(value);
  return read.success ? read.data : null;
};

const planned: Ask<CallWorker, CallRequest, CallPlan> = (api, request) => api.plan(request);

/** The call of a day: who is there, planned anew off the page at each change. */
export function DayCall({ day, calls }: { day: Calls["days"][number]; calls: Calls }) {
  const say = useSay();
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
    return { jobs, stored: { products, today, house, settings, factors }, call: fields };
  }, [jobs, calls, fields]);
  const answer = useAnswer(callWorker, request, planned);
  const { value: plan, fresh } = answer;
  const nameOf = (id: string) => {
    const job = jobs.find((entry) => entry.id === id);
    return job ? `${job.look.name} on ${job.person.name}` : id;
  };
  const called = jobs.filter(({ id }) => !fields.out.includes(id));
  return (
    <section aria-label={`Call of ${say.day(date)}`} aria-busy={!fresh}>
      {saved.draft && <DraftFound onRestore={saved.restore} onDiscard={saved.discard} />}
      <div className="card-plain grid gap-4 p-4 lg:grid-cols-[1fr_auto]">
        <Artists fields={fields} change={change} />
        <WhoIsCalled jobs={jobs} fields={fields} change={change} startAt={plan?.startAt ?? null} />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {called.length > 0 && (
          <a className="btn" href={`/api/calls/${date}/calendar`} download>
            Calendar with alarms (.ics)
          </a>
        )}
        {called.length > 0 && (
          <>
            <a className="btn" href={`/api/calls/${date}/sheet`} target="_blank" rel="noreferrer">
              Call sheets (PDF)
            </a>
            <a
              className="btn"
              href={`/api/calls/${date}/sheet?by=performer`}
              target="_blank"
              rel="noreferrer"
            >
              Who sits when (PDF)
            </a>
          </>
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
        <Withheld withheld={plan.withheld} jobs={jobs} nameOf={nameOf} />
      )}
      {!plan ? null : plan.performers.length === 0 ? (
        <p className="mt-4">Nobody is called, or nothing has been painted in their looks yet.</p>
      ) : (
        <>
          <p className="mt-4 text-lg" role="status">
            {plan.startAt && (
              <>
                Begin at <strong>{say.clock(plan.startAt)}</strong>;{" "}
              </>
            )}
            {minutesWords(plan.makespan)} of work for {oneOrMore(fields.artists.length, "artist")}.{" "}
            <span className="muted text-sm">
              No call of these is shorter than {minutesWords(plan.lowerBound)}.
            </span>
          </p>
          {plan.conflicts.length > 0 && (
            <ul aria-label="Conflicts" className="mt-2">
              {plan.conflicts.map((text) => (
                <li key={text} className="border-l-4 border-base-content pl-3 font-semibold">
                  <Told>{text}</Told>
                </li>
              ))}
            </ul>
          )}
          <Board plan={plan} chairs={fields.chairs} nameOf={nameOf} />
          <Performers plan={plan} nameOf={nameOf} />
        </>
      )}
      <RepeatDay date={date} jobs={jobs.length} />
    </section>
  );
}
