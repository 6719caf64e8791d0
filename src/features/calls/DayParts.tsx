"use client";

import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import type { CallFields, CallPlan } from "@/core/plan";
import { shiftMinutes } from "@/core/schedule";
import type { Calls } from "@/server/calls";
import { NumberInput } from "@/ui/NumberInput";

type Jobs = Calls["days"][number]["jobs"];

/** Chairs, who is called, and whether the beginning stays where it is. */
export function WhoIsCalled({
  jobs,
  fields,
  change,
  startAt,
}: {
  jobs: Jobs;
  fields: CallFields;
  change: (fields: CallFields) => void;
  /** As it is planned now; null while there is no plan. */
  startAt: string | null;
}) {
  const say = useSay();
  return (
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
      {startAt && (
        <label className="flex min-h-10 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={fields.startAt !== null}
            onChange={(event) =>
              change({ ...fields, startAt: event.target.checked ? startAt : null })
            }
          />
          The beginning is fixed: {say.clock(startAt)}
        </label>
      )}
    </div>
  );
}

/** Who a safety rule keeps from being planned, and where it is mended. */
export function Withheld({
  withheld,
  jobs,
  nameOf,
}: {
  withheld: CallPlan["withheld"];
  jobs: Jobs;
  nameOf: (jobId: string) => string;
}) {
  return (
    <ul aria-label="Withheld" className="mt-4 border-4 border-base-content p-3">
      {withheld.map(({ jobId, stops }) => (
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
  );
}

/** Who is painted when, by whom, and whether that is in time. */
export function Performers({
  plan: { performers, hands },
  nameOf,
}: {
  plan: CallPlan;
  nameOf: (jobId: string) => string;
}) {
  const say = useSay();
  return (
    <div className="mt-4 overflow-x-auto">
      <table className="cards-when-narrow w-full text-sm">
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
          {performers.map((performer) => (
            <tr key={performer.jobId} className="border-b rule">
              <th scope="row" className="card-head basis-full! py-1.5 text-left">
                {nameOf(performer.jobId)}
              </th>
              <td data-label="Chair">{performer.chair < 0 ? "own mirror" : performer.chair + 1}</td>
              <td data-label="Artists">
                {performer.chair < 0
                  ? "themselves"
                  : performer.artists.map((artist) => hands[artist]).join(", ")}
                {performer.handovers.map(({ minute, from, to }) => (
                  <span key={minute} className="muted block text-xs">
                    {hands[from]} hands over to {hands[to]}
                    {performer.sitsAt &&
                      ` at ${say.clock(shiftMinutes(performer.sitsAt, Math.round(minute - performer.from)))}`}
                  </span>
                ))}
              </td>
              <td data-label="Sits down">{performer.sitsAt ? say.clock(performer.sitsAt) : "–"}</td>
              <td data-label="Painted">
                {performer.paintedAt ? say.clock(performer.paintedAt) : "–"}
              </td>
              <td data-label="Needed by">
                {performer.neededBy ? say.clock(performer.neededBy) : "–"}
              </td>
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
  );
}
