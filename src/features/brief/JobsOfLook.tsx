"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { doneAgain } from "@/core/brief";
import { ask } from "@/shared/ask";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";
import { Link } from "@/ui/Link";
import { withOffset } from "@/ui/moment";

/** All jobs of this look, and one more: another day, another show, or another person. */
export function JobsOfLook() {
  const say = useSay();
  const { given } = useWorking();
  const router = useRouter();
  // Nobody is chosen for the painter: an allergy would go unnoticed with the wrong name.
  const [personId, setPersonId] = useState("");
  const [curtain, setCurtain] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const when = (curtainAt: string | null) =>
    curtainAt ? `${say.day(curtainAt)}, ${say.clock(curtainAt)}` : "no date yet";
  const add = async () => {
    const curtainAt = withOffset(curtain);
    const brief = doneAgain(given.brief, curtainAt);
    const answer = await ask("POST /api/jobs", {}, { lookId: given.look.id, personId, brief });
    if (answer.ok) router.push(`/looks/${given.look.id}/${answer.value.jobId}/brief`);
    else setProblem(answer.refusal.detail ?? answer.refusal.title);
  };
  return (
    <section aria-label="Jobs of this look" className="card-plain p-4 sm:p-5">
      <h3 className="text-lg">Jobs of this look</h3>
      <ul className="mt-1 text-sm">
        {given.jobs.map(({ id, personName, curtainAt, place }) => (
          <li key={id} className="border-t rule py-1.5 first:border-0">
            {id === given.job?.id ? (
              <strong aria-current="true">
                {when(curtainAt)}, on {personName}
              </strong>
            ) : (
              <Link className="link" href={`/looks/${given.look.id}/${id}/brief`}>
                {when(curtainAt)}, on {personName}
              </Link>
            )}
            {place && <span className="muted"> · {place}</span>}
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-3 text-sm">
        <label>
          <span className="label-line">Another job on</span>
          <select
            className="select !w-52"
            value={personId}
            onChange={(event) => setPersonId(event.target.value)}
          >
            <option value="">Choose a person</option>
            {given.people.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="label-line">Its curtain</span>
          <input
            type="datetime-local"
            className="input w-56"
            value={curtain}
            onChange={(event) => setCurtain(event.target.value)}
          />
        </label>
        <button type="button" className="btn" disabled={!personId} onClick={() => void add()}>
          Add a job like this
        </button>
      </div>
      {problem && <Alert className="mt-3">{problem}</Alert>}
      <p className="muted mt-2 text-sm">
        Place, weather, hours and costume carry over; health is asked again on the day.
      </p>
    </section>
  );
}
