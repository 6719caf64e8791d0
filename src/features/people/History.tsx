"use client";

import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { zoneInfo } from "@/core/anatomy";
import { material } from "@/core/paint";
import { disagreements, type WornRecord } from "@/core/record";
import type { JobOf } from "@/server/people";

/** What is planned on a person, and what was painted on them before, how it held and how the skin took it. */
export function History({
  jobs,
  records,
}: {
  jobs: readonly JobOf[];
  records: readonly WornRecord[];
}) {
  const say = useSay();
  return (
    <div className="mt-6 grid gap-4 lg:grid-cols-2">
      <section className="card-plain p-4 sm:p-5" aria-label="Planned">
        <h2 className="text-lg">Planned</h2>
        {jobs.length === 0 ? (
          <p className="muted mt-1 text-sm">
            Nothing. A look&apos;s brief puts somebody in the chair.
          </p>
        ) : (
          <ul>
            {jobs.map((job) => (
              <li key={job.id} className="border-t rule py-2 text-sm first:border-0">
                <Link className="link font-semibold" href={`/looks/${job.lookId}/${job.id}/plan`}>
                  {job.lookName}
                </Link>{" "}
                <span className="muted">
                  {[job.curtainAt && say.day(job.curtainAt), job.place].filter(Boolean).join(" · ")}
                </span>
                {job.stops.map(({ rule, message }) => (
                  <p key={message} className="mt-1 border-l-4 border-base-content pl-3">
                    <strong>Stopped.</strong> <Told>{message}</Told>{" "}
                    <Link className="link" href={`/rules#${rule}`}>
                      {rule}
                    </Link>
                  </p>
                ))}
              </li>
            ))}
          </ul>
        )}
      </section>
      <section className="card-plain p-4 sm:p-5" aria-label="Before">
        <h2 className="text-lg">Before</h2>
        {records.length === 0 ? (
          <p className="muted mt-1 text-sm">No record yet of anything worn.</p>
        ) : (
          <ul>
            {records.map((record) => {
              const off = disagreements(record);
              return (
                <li key={record.id} className="border-t rule py-2 text-sm first:border-0">
                  <p>
                    <strong>{record.lookName}</strong>{" "}
                    <span className="muted">
                      {say.day(record.on)} · {record.brief.hoursWorn} h at{" "}
                      {say.degrees(record.brief.airDegC)}, {record.brief.rh} %
                    </span>
                  </p>
                  {record.verdict && <p>{record.verdict}</p>}
                  <p>
                    {record.reaction ? (
                      <>
                        <strong>Skin:</strong> {record.reaction}
                      </>
                    ) : (
                      "No reaction of the skin."
                    )}
                  </p>
                  {off.length > 0 && (
                    <ul className="mt-1 list-disc pl-5">
                      {off.map((seen) => (
                        <li key={`${seen.zone} ${seen.afterHours}`}>
                          {zoneInfo(seen.zone).label} after {seen.afterHours} h: {seen.wholePercent}{" "}
                          % whole, forecast {seen.forecastPercent} % ({material(seen.type).label})
                        </li>
                      ))}
                    </ul>
                  )}
                </li>
              );
            })}
          </ul>
        )}
      </section>
    </div>
  );
}
