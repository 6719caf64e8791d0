"use client";

import { Alert } from "@/ui/Alert";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "sonner";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import { Field } from "@/ui/Field";
import { useMounted } from "@/ui/useMounted";
import { DraftFound } from "@/ui/saver/DraftFound";
import { FromPhoto } from "./FromPhoto";
import { HeldFigure, HeldTable } from "./HeldPanel";
import { MinutesTable, SittingLine } from "./MinutesPanel";
import { RecordAnswers, RecordWords } from "./RecordWords";
import { saveRecord } from "./saveRecord";
import { useHeld } from "./useHeld";
import { useRecordDraft, type Typed } from "./useRecordDraft";
import { useSitting } from "./useSitting";

/** What was seen of a look that was worn, beside what was forecast and planned. */
export function NewRecord() {
  const { given, look } = useWorking();
  const router = useRouter();
  const sitting = useSitting();
  const places = useHeld();
  const fresh = (): Typed => ({
    after: given.brief.hoursWorn,
    held: {},
    minutes: {},
    words: {
      on: sitting?.log.begunAt?.slice(0, 10) ?? given.today,
      reaction: "",
      reacted: false,
      verdict: "",
      changes: "",
    },
    answers: { fits: null, reads: null },
  });
  const { typed, type, draft, restore, discard, begin } = useRecordDraft(
    `record.${given.look.id}.${given.job?.id ?? "anyone"}`,
    fresh,
  );
  const isMounted = useMounted();
  const [pictures, setPictures] = useState<readonly File[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const form = useRef<HTMLElement>(null);
  const save = async () => {
    const wrong = form.current?.querySelector<HTMLElement>("[aria-invalid=true]");
    if (wrong) {
      wrong.focus();
      setProblem("Correct the marked box first.");
      return;
    }
    if (!given.job) {
      setProblem("A record belongs to a job: give this look a person and a brief first.");
      return;
    }
    const saved = await saveRecord(
      {
        job: { lookId: given.look.id, jobId: given.job.id },
        layerIds: look.layers.map(({ id }) => id),
        typed,
        sitting,
      },
      pictures,
    );
    if (!saved.ok) {
      setProblem(
        saved.refusal.errors?.map(({ message }) => message).join("; ") ?? saved.refusal.title,
      );
      return;
    }
    setProblem(
      saved.refused.length
        ? `Record saved, but not every picture: ${saved.refused.join("; ")}`
        : null,
    );
    begin();
    setPictures([]);
    toast("Record saved", {
      description: "Future forecasts and timings now take this into account.",
    });
    router.refresh();
  };
  if (!places.zones.length) return <p className="mt-3">Nothing is painted in this look yet.</p>;
  return (
    <section ref={form} aria-label="New record" className="card-plain mt-4 p-4 sm:p-5">
      {isMounted && draft && <DraftFound onRestore={restore} onDiscard={discard} />}
      <h3 className="text-lg">How did it go on {given.person.name}?</h3>
      {sitting && <SittingLine sitting={sitting} today={given.today} />}
      <div className="mt-2 flex flex-wrap gap-4">
        <Field label="Painted on">
          <input
            type="date"
            className="input"
            value={typed.words.on}
            onChange={(event) => type({ words: { ...typed.words, on: event.target.value } })}
          />
        </Field>
        <Field label="Checked after (hours)">
          <NumberInput
            className="!w-28"
            least={0.1}
            most={24}
            unit="h"
            value={typed.after}
            onChange={(after) => type({ after })}
          />
        </Field>
      </div>
      <FromPhoto typed={typed} type={type} places={places} />
      <div className="mt-3 grid gap-5 lg:grid-cols-[15rem_minmax(0,1fr)_minmax(0,1fr)]">
        <HeldFigure typed={typed} type={type} places={places} />
        <HeldTable typed={typed} type={type} places={places} />
        <MinutesTable minutes={typed.minutes} type={type} sitting={sitting} />
      </div>
      <RecordAnswers typed={typed} type={type} />
      <RecordWords typed={typed} type={type} />
      <Field
        label="Pictures"
        hint="JPEG, PNG or WebP; kept with the record, without what the camera writes in them."
        className="mt-3"
      >
        <input
          type="file"
          multiple
          accept="image/jpeg,image/png,image/webp"
          className="file-input w-full max-w-md"
          onChange={(event) => setPictures([...(event.target.files ?? [])])}
        />
      </Field>
      {problem && <Alert className="mt-3">{problem}</Alert>}
      <button type="button" className="btn btn-primary mt-4" onClick={() => void save()}>
        Save record
      </button>
    </section>
  );
}
