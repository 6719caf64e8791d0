"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { addDays } from "@/core/days";
import { planSeries, USUAL_RUN } from "@/core/plan";
import { listed, minutesWords, oneOrMore, plural } from "@/core/text/words";
import { ask } from "@/shared/ask";
import { useSay } from "@/shared/say/useSay";
import { Alert } from "@/ui/Alert";
import { LabelledNumber } from "@/ui/LabelledNumber";
import { Link } from "@/ui/Link";
import { withOffset } from "@/ui/moment";

interface InSeries {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  /** What in it is worth a day of practice first. */
  readonly hard: string | null;
}

interface SeriesCardProps {
  tag: string;
  /** How many looks the tag has; those on this page are planned. */
  count: number;
  looks: readonly InSeries[];
  people: readonly { readonly id: string; readonly name: string }[];
  today: string;
}

/** Looks of one tag as a series: one a day, quickest first, with rest days for the skin (TIME-5). */
export function SeriesCard({ tag, count, looks, people, today }: SeriesCardProps) {
  const say = useSay();
  const router = useRouter();
  const [personId, setPersonId] = useState("");
  const [from, setFrom] = useState(addDays(today, 1));
  const [at, setAt] = useState("19:30");
  const [until, setUntil] = useState("");
  const [running, setRunning] = useState<number>(USUAL_RUN);
  const [isPractised, setPractised] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  // Hands get quicker over a series: what takes long comes once they have.
  const quickest = useMemo(() => looks.toSorted((a, b) => a.minutes - b.minutes), [looks]);
  const hard = looks.filter((look) => look.hard !== null);
  const planned = useMemo(() => {
    const hardOnes = quickest.filter((look) => isPractised && look.hard !== null);
    return planSeries({
      looks: quickest.map(({ id }) => id),
      ...{ from, running },
      until: until || null,
      practise: new Set(hardOnes.map(({ id }) => id)),
    });
  }, [quickest, from, until, running, isPractised]);
  const nameOf = (id: string) => looks.find((look) => look.id === id)?.name ?? "";
  const minutes = looks.reduce((sum, look) => sum + look.minutes, 0);
  const last = planned.days.at(-1);
  const add = async () => {
    // Each by the clock of its own day: a curtain stays at its hour when summer time begins or ends.
    const days = planned.days.flatMap(({ lookId, on }) => {
      const curtainAt = withOffset(`${on}T${at}`);
      return curtainAt ? [{ lookId, curtainAt }] : [];
    });
    const answer = await ask("POST /api/series", {}, { personId, days });
    if (!answer.ok) {
      setProblem(answer.refusal.errors?.[0]?.message ?? answer.refusal.title);
      return;
    }
    setProblem(null);
    toast(`Added ${oneOrMore(answer.value.added, "job")}`);
    router.refresh();
  };
  return (
    <details className="card-plain mb-4 p-4">
      <summary className="cursor-pointer font-semibold">
        {tag} as a series: {oneOrMore(looks.length, "look")}
        {count > looks.length && ` of its ${count}, those on this page`}, {minutesWords(minutes)} at
        the chair in all
      </summary>
      <div className="mt-3 flex flex-wrap items-end gap-3 text-sm">
        <label>
          <span className="label-line">On</span>
          <select
            className="select !w-48"
            value={personId}
            onChange={(event) => setPersonId(event.target.value)}
          >
            <option value="">choose a person</option>
            {people.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="label-line">First day</span>
          <input
            type="date"
            className="input !w-44"
            min={today}
            value={from}
            onChange={(event) => setFrom(event.target.value || addDays(today, 1))}
          />
        </label>
        <label>
          <span className="label-line">Curtain</span>
          <input
            type="time"
            className="input !w-36"
            value={at}
            onChange={(event) => setAt(event.target.value)}
          />
        </label>
        <LabelledNumber
          label="Days before a rest day"
          least={1}
          most={14}
          whole
          value={running}
          onChange={setRunning}
        />
        <label>
          <span className="label-line">Over by (may be empty)</span>
          <input
            type="date"
            className="input !w-44"
            value={until}
            onChange={(event) => setUntil(event.target.value)}
          />
        </label>
      </div>
      {hard.length > 0 && (
        <label className="mt-3 flex min-h-10 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={isPractised}
            onChange={(event) => setPractised(event.target.checked)}
          />
          <span>
            A day to practise before{" "}
            {listed(hard.map(({ name, hard: what }) => `${name} (${what})`))}, on paper: the drills
            are under{" "}
            <Link className="link" href="/records/practice">
              Practice
            </Link>
          </span>
        </label>
      )}
      <p className="mt-3" role="status">
        {last ? (
          <>
            <strong>
              {planned.days.length === quickest.length
                ? `${oneOrMore(planned.days.length, "look")}, done by ${say.day(last.on)}`
                : `${planned.days.length} of ${quickest.length} looks fit by ${say.day(until)}`}
            </strong>
            {planned.rests.length > 0 &&
              `, with ${planned.rests.length} rest ${plural(planned.rests.length, "day")} for the skin (${listed(planned.rests.map(say.day))})`}
            . {planned.left.length > 0 && `No day for ${listed(planned.left.map(nameOf))}.`}
          </>
        ) : (
          "No day left for any of them: choose a later last day."
        )}
      </p>
      <ol className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {planned.days.map(({ on, lookId }) => (
          <li key={lookId}>
            {planned.practice.some((day) => day.lookId === lookId) && (
              <>{say.day(addDays(on, -1))}: practise it · </>
            )}
            {say.day(on)}: <strong>{nameOf(lookId)}</strong>
          </li>
        ))}
      </ol>
      {problem && <Alert className="mt-3">{problem}.</Alert>}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={!personId || !at || planned.days.length === 0}
          onClick={() => void add()}
        >
          Add {oneOrMore(planned.days.length, "job")}
        </button>
        <span className="muted text-sm">
          Each is checked for allergies and patch tests as soon as it is their job. What runs out on
          the way, and by when to order it:{" "}
          <Link className="link" href="/shelf/planning">
            Planning
          </Link>
          .
        </span>
      </div>
    </details>
  );
}
