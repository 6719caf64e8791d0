"use client";

import { useState } from "react";
import type { JobHead } from "@/server/kit";
import { useSay } from "@/shared/say/useSay";

/** Jobs chosen at first, and listed at a time. */
export const A_PAGE = 24;

/** The jobs ahead: which of them are planned together, and each written down as used. */
export function JobsToPlan({
  heads,
  ids,
  costOf,
  onChoose,
  onUse,
}: {
  heads: readonly JobHead[];
  /** Those that are chosen. */
  ids: ReadonlySet<string>;
  costOf: ReadonlyMap<string, number>;
  onChoose: (jobIds: readonly string[], isIn: boolean) => void;
  onUse: (job: JobHead) => void;
}) {
  const say = useSay();
  const [shown, setShown] = useState(A_PAGE);
  return (
    <fieldset className="min-w-60 flex-1 text-sm">
      <legend className="label-line">Jobs, in the order of their days</legend>
      {heads.slice(0, shown).map((job) => {
        const cost = costOf.get(job.jobId);
        return (
          <div key={job.jobId} className="flex flex-wrap items-center gap-3 py-1">
            <label className="flex min-h-10 flex-1 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={ids.has(job.jobId)}
                onChange={(event) => onChoose([job.jobId], event.target.checked)}
              />
              <span>
                {job.name}{" "}
                <span className="muted">
                  {job.on ? say.day(job.on) : "no day yet"}
                  {cost !== undefined && ` · ${say.money(cost)}`}
                </span>
              </span>
            </label>
            <button type="button" className="btn btn-sm" onClick={() => onUse(job)}>
              {job.used ? "Used again, by the plan of now" : "Deduct from stock"}
            </button>
          </div>
        );
      })}
      {heads.length > A_PAGE && (
        <p className="mt-2 flex flex-wrap items-center gap-2">
          {heads.length > shown && (
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => setShown((now) => now + A_PAGE)}
            >
              Show {Math.min(A_PAGE, heads.length - shown)} more
            </button>
          )}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              onChoose(
                heads.map(({ jobId }) => jobId),
                true,
              )
            }
          >
            Choose all {heads.length}
          </button>
          <span className="muted">
            {heads.filter(({ jobId }) => ids.has(jobId)).length} of {heads.length} jobs chosen
          </span>
        </p>
      )}
    </fieldset>
  );
}
