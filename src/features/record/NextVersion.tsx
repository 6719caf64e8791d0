"use client";

import { ask } from "@/shared/ask";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** From the last record's verdict to the next version: what was worn is kept by name, and what to change stands over the map until it is done. */
export function NextVersion() {
  const say = useSay();
  const { given, jobId, look, apply } = useWorking();
  const router = useRouter();
  const [failed, setFailed] = useState<string | null>(null);
  const last = given.records.find(({ changes }) => changes.length > 0);
  const name = last && `worn ${say.day(last.on)}`;
  if (
    !last ||
    !name ||
    given.versions.some((version) => version.name === name) ||
    look.toDo.length > 0
  )
    return null;
  const begin = async () => {
    const answer = await ask(
      "POST /api/looks/[id]/versions",
      { id: given.look.id },
      {
        name,
        design: look,
      },
    );
    if (!answer.ok) {
      setFailed(answer.refusal.detail ?? answer.refusal.title);
      return;
    }
    apply({ op: "toDo", items: last.changes });
    toast(`Kept as "${name}"`, { description: "What to change is listed on the map." });
    router.refresh();
    router.push(`/looks/${given.look.id}/${jobId}/map`);
  };
  return (
    <section
      aria-label="Next version"
      className="card-plain mt-4 flex flex-wrap items-center justify-between gap-4 border-l-4 border-l-base-content p-4"
    >
      <div>
        <h3 className="text-lg">
          The record of {say.day(last.on)} asks for{" "}
          {last.changes.length === 1 ? "a change" : `${last.changes.length} changes`}
        </h3>
        <ul className="list-disc pl-5 text-sm">
          {last.changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
        {failed && (
          <p role="alert" className="mt-1 font-semibold">
            {failed}
          </p>
        )}
      </div>
      <button type="button" className="btn btn-primary" onClick={() => void begin()}>
        Begin the next version
      </button>
    </section>
  );
}
