"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { DRILL_KEYS, drill, practiceCurve, type DrillKey, type Practice } from "@/core/practice";
import { minutesWords } from "@/core/text/words";
import { ask } from "@/shared/ask";
import { Chart, PLAIN } from "@/shared/charts/Chart";
import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { LabelledNumber } from "@/ui/LabelledNumber";
import { Link } from "@/ui/Link";
import { Page } from "@/ui/Page";

interface PracticePageProps {
  log: readonly Practice[];
  today: string;
}

/** Drills by skill: a sheet to print, a log, and the curve it makes. */
export function PracticePage({ log, today }: PracticePageProps) {
  return (
    <Page
      title="Practice"
      lead="Ten minutes on a sheet before a hard look. Print it at 100 %, paint it, and note how it went."
      action={
        <Link href="/records" className="btn">
          Records
        </Link>
      }
    >
      <div className="grid items-start gap-4 lg:grid-cols-2">
        {DRILL_KEYS.map((key) => (
          <DrillCard key={key} name={key} log={log} today={today} />
        ))}
      </div>
    </Page>
  );
}

interface DrillCardProps extends PracticePageProps {
  name: DrillKey;
}

function DrillCard({ name, log, today }: DrillCardProps) {
  const { label, skill, how, of, right } = drill(name);
  const own = log.filter((entry) => entry.drill === name);
  return (
    <section id={name} aria-label={label} className="card-plain flex flex-col p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-xl">{label}</h2>
        <span className="muted text-sm">{skill}</span>
      </div>
      <p className="mt-1 text-sm">{how}</p>
      <p className="muted mt-1 text-sm">
        {of} on the sheet. One counts when it {right}.
      </p>
      <a
        className="btn mt-3 self-start"
        href={`/api/practice/sheet?drill=${name}`}
        target="_blank"
        rel="noreferrer"
      >
        Print the sheet
      </a>
      <NoteGo name={name} of={of} today={today} />
      <Curve name={name} log={log} />
      <Goes own={own} of={of} />
    </section>
  );
}

function NoteGo({ name, of, today }: { name: DrillKey; of: number; today: string }) {
  const router = useRouter();
  const [minutes, setMinutes] = useState<number | null>(null);
  const [right, setRight] = useState<number | null>(null);
  const note = async () => {
    if (minutes === null || right === null) return;
    const answer = await ask("POST /api/practice", {}, { drill: name, on: today, minutes, right });
    if (!answer.ok) {
      toast(answer.refusal.detail ?? answer.refusal.title);
      return;
    }
    setMinutes(null);
    setRight(null);
    toast("Noted");
    router.refresh();
  };
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3 text-sm"
      onSubmit={(event) => {
        event.preventDefault();
        void note();
      }}
    >
      <LabelledNumber
        label="Minutes"
        least={0.5}
        most={240}
        value={minutes}
        onChange={setMinutes}
        onEmpty={() => setMinutes(null)}
      />
      <LabelledNumber
        label={`Right, of ${of}`}
        least={0}
        most={of}
        whole
        value={right}
        onChange={setRight}
        onEmpty={() => setRight(null)}
      />
      <button
        type="submit"
        className="btn btn-primary"
        disabled={minutes === null || right === null}
      >
        Note it
      </button>
    </form>
  );
}

const AXIS = { min: 0, decimalsInFloat: 0, tickAmount: 4 } as const;
const percent = (share: number) => Math.round(share * 100);

function Curve({ name, log }: { name: DrillKey; log: readonly Practice[] }) {
  const say = useSay();
  const curve = practiceCurve(log, name);
  if (!curve) return null;
  const next = curve.fitted.at(-1) ?? 0;
  const points = (values: readonly number[]) => values.map((y, i) => ({ x: i + 1, y }));
  const most = Math.ceil(Math.max(...curve.minutes, ...curve.fitted) / 5) * 5;
  const tenths = (value: number) => Math.round(value * 10) / 10;
  return (
    <div className="mt-3">
      <p className="text-sm" role="status">
        {curve.minutes.length === 1 ? "One go" : `${curve.minutes.length} goes`}: last{" "}
        {minutesWords(curve.minutes.at(-1) ?? 0)} with {percent(curve.right.at(-1) ?? 0)} % right;
        the next should take about {minutesWords(next)}.
        {curve.better !== null &&
          (curve.better >= 0.05
            ? ` ${percent(curve.better)} points more right than at first.`
            : curve.better <= -0.05
              ? " Fewer are right than at first: go slower."
              : " As many are right as at first.")}
      </p>
      {curve.minutes.length > 1 && (
        <div aria-hidden>
          <Chart
            type="line"
            height={180}
            series={[
              { name: "● minutes", type: "line", data: points(curve.minutes.map(tenths)) },
              { name: "- - fitted", type: "line", data: points(curve.fitted.map(tenths)) },
              { name: "■ % right", type: "line", data: points(curve.right.map(percent)) },
            ]}
            options={{
              ...PLAIN,
              stroke: { width: [0, 2, 2], dashArray: [0, 4, 0] },
              markers: {
                size: [5, 0, 4],
                shape: ["circle", "circle", "square"],
                strokeWidth: 0,
                colors: ["currentColor"],
              },
              xaxis: {
                type: "numeric",
                tickAmount: Math.min(8, curve.minutes.length),
                decimalsInFloat: 0,
              },
              yaxis: [
                { ...AXIS, seriesName: "● minutes", max: most },
                { ...AXIS, seriesName: "● minutes", max: most, show: false },
                { ...AXIS, seriesName: "■ % right", max: 100, opposite: true },
              ],
            }}
          />
        </div>
      )}
      <HowWorkedOut>
        A learning curve fitted to your minutes (Wright 1936): each doubling of practice multiplies
        them by {say.number(curve.rate, 2)}.
      </HowWorkedOut>
    </div>
  );
}

function Goes({ own, of }: { own: readonly Practice[]; of: number }) {
  const say = useSay();
  const router = useRouter();
  if (!own.length) return null;
  const remove = async (id: string) => {
    const answer = await ask("DELETE /api/practice/[id]", { id }, {});
    if (!answer.ok) toast(answer.refusal.title);
    router.refresh();
  };
  return (
    <details className="mt-2 text-sm">
      <summary className="cursor-pointer">Every go</summary>
      <ul>
        {own.toReversed().map(({ id, on, minutes, right }) => (
          <li key={id} className="flex items-center justify-between gap-3 border-t rule py-1">
            <span>
              {say.day(on)}: {minutesWords(minutes)}, {right} of {of} right
            </span>
            <button
              type="button"
              className="btn btn-sm"
              aria-label={`Remove the go of ${say.day(on)}`}
              onClick={() => void remove(id)}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
