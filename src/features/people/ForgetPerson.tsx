"use client";

import { ask } from "@/shared/ask";
import { plural } from "@/core/text/words";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { Person } from "@/core/people";
import { dropPhoto, paintedKey } from "@/shared/photograph/keptPhoto";
import { useSay } from "@/shared/say/useSay";
import { Dialog } from "@/ui/Dialog";
import { Field } from "@/ui/Field";
import { dropKeptChairs } from "@/ui/keptChairs";
import type { Traces } from "@/server/people";
import { readJson, type Answer } from "@/ui/request";

/** Deletes a person for good, after saying what goes and what stays. */
export function ForgetPerson({ person }: { person: Person }) {
  const say = useSay();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [traces, setTraces] = useState<Answer<Traces> | null>(null);
  const [copies, setCopies] = useState<ReadonlySet<string>>(new Set());
  const [pictures, setPictures] = useState<ReadonlySet<string>>(new Set());
  const forget = async () => {
    const answer = await ask(
      "DELETE /api/people/[id]",
      { id: person.id },
      { name, copies: [...copies], pictures: [...pictures] },
    );
    if (!answer.ok) {
      setProblem(answer.refusal.errors?.[0]?.message ?? answer.refusal.title);
      return;
    }
    // What can't be cleared here is overwritten at the next opening of a chair.
    await Promise.allSettled([
      dropKeptChairs(),
      dropPhoto(person.id),
      dropPhoto(paintedKey(person.id)),
    ]);
    setOpen(false);
    const { records, jobs } = answer.value;
    toast(`${person.name} is deleted`, {
      description: `${jobs} ${plural(jobs, "job")} archived; ${records} ${records === 1 ? "record stays" : "records stay"}, of nobody.`,
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
          setTraces(null);
          setCopies(new Set());
          setPictures(new Set());
          setOpen(true);
          void readJson<Traces>(`/api/people/${person.id}/traces`).then(setTraces);
        }}
      >
        Delete {person.name} for good
      </button>
      <Dialog open={open} title={`Delete ${person.name} for good?`} onClose={() => setOpen(false)}>
        <p>
          <strong>Gone, and nothing brings it back:</strong> name, age, skin and brow colour,
          allergies, patch tests, measures and landmarks of the face, height and weight, consent,
          notes, what records and briefs say in words of them, pictures of what they wore, and what
          this browser keeps of the chair and of photographs.
        </p>
        <p className="mt-2">
          <strong>Kept without a name:</strong> that a look was worn on a day, in what weather, and
          how the paint held. Their jobs are put away.
        </p>
        <section aria-label="Copies that remain" className="mt-3">
          <p>
            <strong>Copies that remain:</strong>
          </p>
          {traces === null && <p role="status">Looking for them …</p>}
          {traces && !traces.ok && (
            <p role="alert">{traces.refusal.title} Close this, and try again.</p>
          )}
          {traces?.ok && (
            <>
              <Choices
                title="Copies of the studio in the folder backups"
                choices={traces.value.copies.map(({ name: file, words, at }) => ({
                  id: file,
                  label: `${words}, ${say.day(at.slice(0, 10))}`,
                }))}
                chosen={copies}
                onChange={setCopies}
              />
              <Choices
                title="Reference pictures of looks they were to wear, perhaps of them"
                choices={traces.value.pictures.map(({ lookId, lookName }) => ({
                  id: lookId,
                  label: lookName,
                }))}
                chosen={pictures}
                onChange={setPictures}
              />
              {traces.value.named.length > 0 && (
                <p className="mt-1 text-sm">
                  Looks that carry their name, for you to rename:{" "}
                  {traces.value.named.map(({ lookId, lookName }, i) => (
                    <span key={lookId}>
                      {i > 0 && ", "}
                      <a className="link" href={`/looks/${lookId}`}>
                        {lookName}
                      </a>
                    </span>
                  ))}
                </p>
              )}
              <p className="mt-1 text-sm">
                Files you downloaded are out of reach here. Other browsers forget what they keep of
                this person the next time they open the studio.
              </p>
            </>
          )}
        </section>
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

/** What may be deleted with somebody: nothing is ticked beforehand. */
function Choices({
  title,
  choices,
  chosen,
  onChange,
}: {
  title: string;
  choices: readonly { readonly id: string; readonly label: string }[];
  chosen: ReadonlySet<string>;
  onChange: (chosen: ReadonlySet<string>) => void;
}) {
  if (!choices.length) return null;
  return (
    <fieldset className="mt-1 text-sm">
      <legend>{title}. Delete too:</legend>
      {choices.map(({ id, label }) => (
        <label key={id} className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={chosen.has(id)}
            onChange={(event) =>
              onChange(
                new Set(
                  event.target.checked
                    ? [...chosen, id]
                    : [...chosen].filter((other) => other !== id),
                ),
              )
            }
          />
          {label}
        </label>
      ))}
    </fieldset>
  );
}
