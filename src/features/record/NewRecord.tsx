"use client";

import { useRouter } from "next/navigation";
import { useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { zoneInfo, type ZoneId } from "@/core/anatomy";
import { chairSteps, houseMinutes, readLog, stepsSeen } from "@/core/chair";
import { wearForecast } from "@/core/look";
import { ANSWERS, type RecordFields } from "@/core/record";
import { survival } from "@/core/wear";
import { FaceFigure } from "@/parts/figure/FaceFigure";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import { Field } from "@/ui/Field";
import { dayWords, minutesWords } from "@/ui/format";
import { send, sendFile } from "@/ui/request";
import { useMounted } from "@/ui/useMounted";
import { DraftFound } from "@/ui/saver/DraftFound";
import { dropDraft, readDraft, writeDraft } from "@/ui/saver/drafts";

/** What one says of a place at a glance, and the share that stands for it. */
const HELD = [
  ["", "not looked at"],
  ["100", "all of it"],
  ["90", "nearly all"],
  ["75", "three quarters"],
  ["50", "half"],
  ["25", "a quarter"],
  ["5", "next to nothing"],
] as const;
type Answer = RecordFields["fits"];

/** What is typed into a record before it is saved. */
interface Typed {
  readonly after: number;
  readonly held: Readonly<Partial<Record<ZoneId, string>>>;
  readonly minutes: Readonly<Record<string, number | null>>;
  readonly words: {
    readonly on: string;
    readonly reaction: string;
    readonly reacted: boolean;
    readonly verdict: string;
    readonly changes: string;
  };
  readonly answers: { readonly fits: Answer; readonly reads: Answer };
}

/** A record's draft as this browser kept it; null where it is of another kind. */
const typedOf = (value: unknown): Typed | null => {
  const kept = value as Partial<Typed> | null;
  return kept?.words && kept.answers && kept.held && kept.minutes ? (kept as Typed) : null;
};

/** Zones that were painted as a base, one of each pair: what one looks at in the mirror. */
function lookedAt(zones: readonly ZoneId[]): ZoneId[] {
  const kinds = new Set<string>();
  return zones.filter((zone) => {
    const { kind } = zoneInfo(zone);
    return !kinds.has(kind) && kinds.add(kind);
  });
}

export function NewRecord() {
  const { given, look, context, prediction } = useWorking();
  const router = useRouter();
  // The log of the chair, where there is one that no record was made of yet.
  const sitting = useMemo(() => {
    const log = readLog(chairSteps(look, context), given.sitting);
    const session = given.sitting[0]?.session ?? null;
    const taken = given.records.some(
      (record) => record.session !== null && record.session === session,
    );
    return log.done.length && !taken
      ? { log, session, steps: stepsSeen(look, context, log) }
      : null;
  }, [look, context, given]);
  const draftKey = `record.${given.look.id}.${given.job?.id ?? "anyone"}`;
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
  const [typed, setTyped] = useState<Typed>(fresh);
  const { after, held, minutes, words, answers } = typed;
  const [draft, setDraft] = useState(() => readDraft(draftKey, typedOf));
  const isMounted = useMounted();
  /** What is typed is kept in this browser until it is saved. */
  const type = (values: Partial<Typed>) => {
    const next = { ...typed, ...values };
    setTyped(next);
    writeDraft(draftKey, { version: 0, value: next });
  };
  const setAfter = (hours: number) => type({ after: hours });
  const setWords = (next: Typed["words"]) => type({ words: next });
  const setAnswers = (next: Typed["answers"]) => type({ answers: next });
  const [pictures, setPictures] = useState<readonly File[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const form = useRef<HTMLElement>(null);
  // The house's own forecast: what is taken down is compared with one thing, whatever was learned in between.
  const forecast = useMemo(() => wearForecast(look, { ...context, factors: {} }), [look, context]);
  const zones = useMemo(() => lookedAt([...new Set(forecast.map(({ zone }) => zone))]), [forecast]);
  const house = useMemo(() => houseMinutes(look, context), [look, context]);
  const expected = (zone: ZoneId) => {
    const own = forecast.filter((wear) => wear.zone === zone);
    const first = own.find(({ layer }) => layer.role === "base") ?? own[0];
    return first && after > 0 ? `${Math.round(survival(first, after) * 100)} %` : "–";
  };
  // Touching a zone goes down the list, one answer each time.
  const touch = (zone: ZoneId) => {
    const own = zones.find((entry) => zoneInfo(entry).kind === zoneInfo(zone).kind);
    if (own)
      type({
        held: {
          ...held,
          [own]:
            HELD[
              (HELD.findIndex(([value]) => value === (held[own] ?? "")) + 1) % HELD.length
            ]?.[0] ?? "",
        },
      });
  };
  const looked = Object.entries(held)
    .filter(([, percent]) => percent)
    .map(([zone]) => zone as ZoneId);
  const alike = (zone: ZoneId) =>
    [...new Set(forecast.map((wear) => wear.zone))].filter(
      (other) => zoneInfo(other).kind === zoneInfo(zone).kind,
    );
  const planned = (id: string) => sitting?.steps.find(({ layerId }) => layerId === id);
  /** What was typed, else what the log of the chair says, to a tenth of a minute. */
  const tookMinutes = (id: string) => {
    const logged = planned(id)?.actualMinutes;
    const own = logged === undefined ? null : Math.round(logged * 10) / 10;
    return minutes[id] === undefined ? own : minutes[id];
  };
  const save = async () => {
    const wrong = form.current?.querySelector<HTMLElement>("[aria-invalid=true]");
    if (wrong) {
      wrong.focus();
      return setProblem("Correct the marked box first.");
    }
    const seen = looked.map((zone) => ({
      zone,
      afterHours: after,
      wholePercent: Number(held[zone]),
    }));
    const steps = look.layers.flatMap(({ id }) => {
      const actualMinutes = tookMinutes(id);
      return actualMinutes ? [{ layerId: id, actualMinutes }] : [];
    });
    const { changes, ...said } = words;
    const answer = await send<{ id: string }>("POST", "/api/records", {
      lookId: given.look.id,
      jobId: given.job?.id,
      seen,
      steps,
      ...said,
      ...answers,
      rehearsal: sitting?.log.rehearsal ?? false,
      session: sitting?.session ?? null,
      interruptions: (sitting?.log.interruptions ?? []).map(({ minutes: length, why }) => ({
        minutes: Math.round(length * 10) / 10,
        why: why.slice(0, 200),
      })),
      changes: changes
        .split("\n")
        .map((line) => line.trim().slice(0, 200))
        .filter(Boolean)
        .slice(0, 20),
    });
    if (!answer.ok)
      return setProblem(
        answer.refusal.errors?.map(({ message }) => message).join("; ") ?? answer.refusal.title,
      );
    const refused: string[] = [];
    for (const file of pictures) {
      const sent = await sendFile(`/api/records/${answer.value.id}/picture`, file);
      if (!sent.ok) refused.push(`${file.name}: ${sent.refusal.detail ?? sent.refusal.title}`);
    }
    setProblem(
      refused.length
        ? `The record is taken down, but not every picture: ${refused.join("; ")}`
        : null,
    );
    setTyped(fresh());
    dropDraft(draftKey);
    setPictures([]);
    toast("Taken down", {
      description: "The forecasts and minutes of the next one have moved by it.",
    });
    router.refresh();
  };
  if (!zones.length) return <p className="mt-3">Nothing is painted in this look yet.</p>;
  return (
    <section ref={form} aria-label="New record" className="card-plain mt-4 p-4 sm:p-5">
      {isMounted && draft && (
        <DraftFound
          onRestore={() => {
            setTyped(draft.value);
            setDraft(null);
          }}
          onDiscard={() => {
            dropDraft(draftKey);
            setDraft(null);
          }}
        />
      )}
      <h3 className="text-lg">How did it go on {given.person.name}?</h3>
      {sitting && (
        <p className="mt-1 text-sm">
          From the chair&apos;s log of {dayWords(sitting.log.begunAt ?? given.today)}
          {sitting.log.rehearsal && ", a rehearsal"}:{" "}
          {minutesWords(sitting.steps.reduce((sum, step) => sum + step.actualMinutes, 0))} hands on
          for {minutesWords(sitting.steps.reduce((sum, step) => sum + step.plannedMinutes, 0))} by
          the house
          {sitting.log.interruptions.length > 0 &&
            `, ${minutesWords(sitting.log.interruptions.reduce((sum, entry) => sum + entry.minutes, 0))} of interruptions apart`}
          .
          {sitting.log.notes.length > 0 &&
            ` Notes: ${sitting.log.notes.map(({ text }) => text).join("; ")}.`}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-4">
        <Field label="Painted on">
          <input
            type="date"
            className="input"
            value={words.on}
            onChange={(event) => setWords({ ...words, on: event.target.value })}
          />
        </Field>
        <Field label="Looked at after, h">
          <NumberInput
            className="!w-28"
            least={0.1}
            most={24}
            unit="h"
            value={after}
            onChange={setAfter}
          />
        </Field>
      </div>
      <div className="mt-3 grid gap-5 lg:grid-cols-[15rem_minmax(0,1fr)_minmax(0,1fr)]">
        <div>
          <p className="muted mb-1 text-sm">Touch a place to say how much of it held.</p>
          <div className="overflow-hidden rounded-box bg-surround">
            <FaceFigure
              id="held"
              look={look}
              context={context}
              prediction={prediction}
              selected={looked.flatMap(alike)}
              onZone={touch}
              whole={(_, zone) => {
                const own = looked.find((entry) => zoneInfo(entry).kind === zoneInfo(zone).kind);
                return own ? Number(held[own]) / 100 : 1;
              }}
              guides={{ hat: false }}
              title={`${look.name} as it held: ${looked.length ? looked.map((zone) => `${zoneInfo(zone).label} ${held[zone]} %`).join(", ") : "nothing said yet"}`}
              className="h-auto w-full"
            />
          </div>
        </div>
        <div className="relative overflow-x-auto">
          <table className="w-full text-sm">
            <caption className="muted mb-1 text-left">
              Only what you looked at; the forecast beside it is for that hour.
            </caption>
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col" className="py-1">
                  Place
                </th>
                <th scope="col">Forecast</th>
                <th scope="col">Still whole</th>
              </tr>
            </thead>
            <tbody>
              {zones.map((zone) => {
                const label = zoneInfo(zone).label.replace(/^(left|right) /, "");
                return (
                  <tr key={zone} className="border-b rule">
                    <th scope="row" className="py-1 text-left font-normal first-letter:uppercase">
                      {label}
                    </th>
                    <td>{expected(zone)}</td>
                    <td className="py-1">
                      <select
                        aria-label={`Still whole: ${label}`}
                        className="select select-sm !w-36"
                        value={held[zone] ?? ""}
                        onChange={(event) =>
                          type({ held: { ...held, [zone]: event.target.value } })
                        }
                      >
                        {HELD.map(([value, text]) => (
                          <option key={value} value={value}>
                            {text}
                          </option>
                        ))}
                      </select>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
        <div className="relative overflow-x-auto">
          <table className="w-full text-sm">
            <caption className="muted mb-1 text-left">
              Hands-on minutes,{" "}
              {sitting ? "from the log; mend what is wrong" : "where you timed them"}.
            </caption>
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col" className="py-1">
                  Step
                </th>
                <th scope="col">House</th>
                <th scope="col">Took, min</th>
              </tr>
            </thead>
            <tbody>
              {look.layers.map(({ id, name }) => (
                <tr key={id} className="border-b rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {name}
                  </th>
                  <td>{minutesWords(planned(id)?.plannedMinutes ?? house.get(id) ?? 0)}</td>
                  <td className="py-1">
                    <NumberInput
                      least={0}
                      most={1440}
                      unit="min"
                      label={`Minutes of ${name}`}
                      className="input-sm !w-20"
                      value={tookMinutes(id)}
                      onChange={(took) => type({ minutes: { ...minutes, [id]: took } })}
                      onEmpty={() => type({ minutes: { ...minutes, [id]: null } })}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </div>
      <div className="mt-3 flex flex-wrap gap-6">
        <Question
          label="Fits the character?"
          value={answers.fits}
          onAnswer={(fits) => setAnswers({ ...answers, fits })}
        />
        <Question
          label="Read as it was meant to?"
          value={answers.reads}
          onAnswer={(reads) => setAnswers({ ...answers, reads })}
        />
      </div>
      <Field
        label="Verdict"
        hint="What worked, what didn't, from the back row too."
        className="mt-3"
      >
        <textarea
          rows={2}
          maxLength={1000}
          className="textarea w-full"
          value={words.verdict}
          onChange={(event) => setWords({ ...words, verdict: event.target.value })}
        />
      </Field>
      <Field
        label="What to change"
        hint="A line each; they become the list of the next version."
        className="mt-3"
      >
        <textarea
          rows={2}
          maxLength={4000}
          className="textarea w-full"
          value={words.changes}
          onChange={(event) => setWords({ ...words, changes: event.target.value })}
        />
      </Field>
      <Field
        label="How the skin took it"
        hint="Any sting, redness or rash; empty when there was none."
        className="mt-3"
      >
        <textarea
          rows={1}
          maxLength={500}
          className="textarea w-full"
          value={words.reaction}
          onChange={(event) => setWords({ ...words, reaction: event.target.value })}
        />
      </Field>
      {words.reaction.trim() !== "" && (
        <label className="mt-1 flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={words.reacted === true}
            onChange={(event) => setWords({ ...words, reacted: event.target.checked })}
          />
          The skin reacted: patch tests from before count no longer
        </label>
      )}
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
      {problem && (
        <p role="alert" className="mt-3 border-l-4 border-base-content pl-3 font-semibold">
          {problem}
        </p>
      )}
      <button type="button" className="btn btn-primary mt-4" onClick={() => void save()}>
        Take it down
      </button>
    </section>
  );
}

function Question({
  label,
  value,
  onAnswer,
}: {
  label: string;
  value: Answer;
  onAnswer: (answer: Answer) => void;
}) {
  return (
    <fieldset className="text-sm">
      <legend className="label-line">{label}</legend>
      <div className="join">
        {Object.entries(ANSWERS).map(([key, text]) => (
          <button
            key={key}
            type="button"
            aria-pressed={value === key}
            className={`btn join-item ${value === key ? "btn-primary" : ""}`}
            onClick={() => onAnswer(value === key ? null : (key as Answer))}
          >
            {text}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
