"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { Person } from "@/core/people";
import { Dialog } from "@/ui/Dialog";
import { Field } from "@/ui/Field";
import { dropKeptChairs } from "@/ui/keptChairs";
import { send } from "@/ui/request";

/** Deletes a person for good, after saying what goes and what stays. */
export function ForgetPerson({ person }: { person: Person }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const forget = async () => {
    const answer = await send<{ records: number; jobs: number }>(
      "DELETE",
      `/api/people/${person.id}`,
      { name },
    );
    if (!answer.ok) return setProblem(answer.refusal.errors?.[0]?.message ?? answer.refusal.title);
    // What can't be cleared here is overwritten at the next opening of a chair.
    await dropKeptChairs().catch(() => undefined);
    setOpen(false);
    const { records, jobs } = answer.value;
    toast(`${person.name} is deleted`, {
      description: `${jobs} ${jobs === 1 ? "job" : "jobs"} put away; ${records} ${records === 1 ? "record stays" : "records stay"}, of nobody.`,
    });
    router.push("/people");
    router.refresh();
  };
  return (
    <div className="mt-6">
      <button
        type="button"
        className="btn"
        onClick={() => {
          setName("");
          setProblem(null);
          setOpen(true);
        }}
      >
        Delete {person.name} for good
      </button>
      <Dialog open={open} title={`Delete ${person.name} for good?`} onClose={() => setOpen(false)}>
        <p>
          <strong>Gone, and nothing brings it back:</strong> name, age, skin and brow colour,
          allergies, patch tests, measures and landmarks of the face, height and weight, consent,
          notes, what records and briefs say in words of them, pictures of what they wore, and what
          this browser keeps of the chair. The photograph their landmarks came from was never kept.
        </p>
        <p className="mt-2">
          <strong>Stays, of nobody:</strong> that a look was worn on a day, in what weather, and how
          the paint held. Their jobs are put away. Copies you exported or backed up before keep what
          they hold until you delete them too.
        </p>
        <Field
          label={`Type ${person.name} to delete`}
          error={problem ?? undefined}
          className="mt-3"
        >
          <input
            type="text"
            className="input w-full"
            value={name}
            onChange={(event) => setName(event.target.value)}
            data-first
            autoComplete="off"
          />
        </Field>
        <div className="mt-4 flex gap-2">
          <button
            type="button"
            className="btn btn-primary"
            disabled={name.trim() !== person.name}
            onClick={() => void forget()}
          >
            Delete for good
          </button>
          <button type="button" className="btn" onClick={() => setOpen(false)}>
            Keep
          </button>
        </div>
      </Dialog>
    </div>
  );
}
