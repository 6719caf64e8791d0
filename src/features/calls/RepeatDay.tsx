"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { addDays } from "@/core/days";
import { oneOrMore } from "@/core/text/words";
import { ask } from "@/shared/ask";
import { Alert } from "@/ui/Alert";

/** Another show with all of a day's jobs: the evening after the matinee, or the next night. */
export function RepeatDay({ date, jobs }: { date: string; jobs: number }) {
  const router = useRouter();
  const [on, setOn] = useState(date);
  const [at, setAt] = useState("19:30");
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const add = async () => {
    setBusy(true);
    const answer = await ask("POST /api/calls/[date]/repeat", { date }, { on, at });
    setBusy(false);
    if (!answer.ok) {
      setProblem(answer.refusal.errors?.[0]?.message ?? answer.refusal.title);
      return;
    }
    setProblem(null);
    const { added } = answer.value;
    toast(
      added
        ? `Added ${oneOrMore(added, "job")}. Everyone is asked about their health again.`
        : "They all have that show already.",
    );
    router.refresh();
  };
  return (
    <details className="card-plain mt-3 p-4">
      <summary className="cursor-pointer font-semibold">
        The same again: another show, or another day
      </summary>
      <div className="mt-3 flex flex-wrap items-end gap-3 text-sm">
        <label>
          <span className="label-line">On</span>
          <input
            type="date"
            className="input !w-44"
            value={on}
            onChange={(event) => setOn(event.target.value)}
          />
        </label>
        <label>
          <span className="label-line">First curtain</span>
          <input
            type="time"
            className="input !w-40"
            value={at}
            onChange={(event) => setAt(event.target.value)}
          />
        </label>
        <button type="button" className="btn" onClick={() => setOn(addDays(date, 1))}>
          The next day
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy || !on || !at}
          onClick={() => void add()}
        >
          Add {oneOrMore(jobs, "job")}
        </button>
      </div>
      {problem && <Alert className="mt-3">{problem}.</Alert>}
      <p className="muted mt-2 text-sm">
        Same looks, people and places; anyone who goes on later than the first still does.
      </p>
    </details>
  );
}
