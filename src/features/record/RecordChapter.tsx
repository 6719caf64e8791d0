"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { zoneInfo, type ZoneId } from "@/core/anatomy";
import { wearForecast } from "@/core/look";
import { material, type PaintTypeKey } from "@/core/paint";
import { disagreements, type WornRecord } from "@/core/record";
import { factorOf, survival, type WearFactor } from "@/core/wear";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { Field } from "@/ui/Field";
import { dayWords } from "@/ui/format";
import { send } from "@/ui/request";

/** What one says of a place at a glance, and the share that stands for it. */
const HELD = [["", "not looked at"], ["100", "all of it"], ["90", "nearly all"], ["75", "three quarters"], ["50", "half"], ["25", "a quarter"], ["5", "next to nothing"]] as const;

/** What happened when the look was worn: how it held zone by zone beside the forecast, how the skin took it, what to change. */
export function RecordChapter() {
  const { given } = useWorking();
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6">
      <h2 className="text-2xl">Record</h2>
      {given.job ? <NewRecord /> : <Empty title="Nobody has worn it yet"><p>A record belongs to a job: a person, a day, a place. Give the look a brief first.</p></Empty>}
      <Factors factors={given.factors} />
      <Earlier records={given.records} />
    </div>
  );
}

/** Zones that were painted as a base, one of each pair: what one looks at in the mirror. */
function lookedAt(zones: readonly ZoneId[]): ZoneId[] {
  const kinds = new Set<string>();
  return zones.filter((zone) => { const { kind } = zoneInfo(zone); return !kinds.has(kind) && kinds.add(kind); });
}

function NewRecord() {
  const { given, look, context } = useWorking();
  const router = useRouter();
  const [hours, setHours] = useState(String(given.brief.hoursWorn));
  const [held, setHeld] = useState<Readonly<Partial<Record<ZoneId, string>>>>({});
  const [words, setWords] = useState({ on: given.today, reaction: "", verdict: "" });
  const [problem, setProblem] = useState<string | null>(null);
  // The house's own forecast: what is taken down is compared with one thing, whatever was learned in between.
  const forecast = useMemo(() => wearForecast(look, { ...context, factors: {} }), [look, context]);
  const zones = useMemo(() => lookedAt([...new Set(forecast.map(({ zone }) => zone))]), [forecast]);
  const after = Number(hours);
  const expected = (zone: ZoneId) => { const own = forecast.filter((wear) => wear.zone === zone); const first = own.find(({ layer }) => layer.role === "base") ?? own[0]; return first && after > 0 ? `${Math.round(survival(first, after) * 100)} %` : "–"; };
  const save = async () => {
    const seen = Object.entries(held).flatMap(([zone, percent]) => (percent ? [{ zone, afterHours: after, wholePercent: Number(percent) }] : []));
    const answer = await send<{ id: string }>("POST", "/api/records", { lookId: given.look.id, jobId: given.job?.id, seen, ...words });
    if (!answer.ok) return setProblem(answer.refusal.errors?.map(({ message }) => message).join("; ") ?? answer.refusal.title);
    setProblem(null);
    setHeld({});
    setWords((now) => ({ ...now, reaction: "", verdict: "" }));
    toast("Taken down", { description: "The forecasts of these paints have moved by it." });
    router.refresh();
  };
  if (!zones.length) return <p className="mt-3">Nothing is painted in this look yet.</p>;
  return (
    <section aria-label="New record" className="card-plain mt-4 p-4 sm:p-5">
      <h3 className="text-lg">How did it hold on {given.person.name}?</h3>
      <div className="mt-2 flex flex-wrap gap-4">
        <Field label="Worn on"><input type="date" className="input" value={words.on} onChange={(event) => setWords({ ...words, on: event.target.value })} /></Field>
        <Field label="Looked at after, h"><input type="number" min={0.1} max={24} step="any" inputMode="decimal" className="input !w-28" value={hours} onChange={(event) => setHours(event.target.value)} /></Field>
      </div>
      <div className="relative mt-3 overflow-x-auto">
        <table className="w-full text-sm">
          <caption className="muted mb-1 text-left">Only what you looked at; the forecast beside it is for that hour.</caption>
          <thead><tr className="border-b-2 border-base-content text-left"><th scope="col" className="py-1">Place</th><th scope="col">Forecast</th><th scope="col">Still whole</th></tr></thead>
          <tbody>{zones.map((zone) => { const label = zoneInfo(zone).label.replace(/^(left|right) /, ""); return (
            <tr key={zone} className="border-b rule"><th scope="row" className="py-1 text-left font-normal first-letter:uppercase">{label}</th><td>{expected(zone)}</td>
              <td className="py-1"><select aria-label={`Still whole: ${label}`} className="select select-sm !w-44" value={held[zone] ?? ""} onChange={(event) => setHeld((now) => ({ ...now, [zone]: event.target.value }))}>{HELD.map(([value, text]) => <option key={value} value={value}>{text}</option>)}</select></td></tr>
          ); })}</tbody>
        </table>
      </div>
      <Field label="How the skin took it" hint="Any sting, redness or rash; empty when there was none." className="mt-3"><textarea rows={2} maxLength={500} className="textarea w-full" value={words.reaction} onChange={(event) => setWords({ ...words, reaction: event.target.value })} /></Field>
      <Field label="Verdict" hint="Did it fit the character, read as meant, and what to change?" className="mt-3"><textarea rows={2} maxLength={1000} className="textarea w-full" value={words.verdict} onChange={(event) => setWords({ ...words, verdict: event.target.value })} /></Field>
      {problem && <p role="alert" className="mt-3 border-l-4 border-base-content pl-3 font-semibold">{problem}</p>}
      <button type="button" className="btn btn-primary mt-4" onClick={() => void save()}>Take it down</button>
    </section>
  );
}

/** The house's forecast beside the painter's own, type by type, with how many records stand behind it. */
function Factors({ factors }: { factors: Partial<Record<PaintTypeKey, WearFactor>> }) {
  const known = Object.entries(factors) as [PaintTypeKey, WearFactor][];
  return (
    <section aria-label="What the records say" className="card-plain mt-4 p-4 sm:p-5">
      <h3 className="text-lg">What your records say</h3>
      {known.length === 0 ? <p className="muted mt-1">Nothing yet: forecasts are the house&apos;s.</p> : (
        <ul className="mt-1 text-sm">{known.map(([type, factor]) => { const { mean, deviation } = factorOf(factor); return (
          <li key={type} className="border-t rule py-1.5 first:border-0"><strong className="inline-block first-letter:uppercase">{material(type).label}</strong> wears {Math.abs(mean - 1) < 0.05 ? "as the house forecasts" : `${mean > 1 ? `${mean.toFixed(1)} times as fast as` : `${Math.round((1 - mean) * 100)} % slower than`} the house forecasts`} <span className="muted">give or take {Math.round((deviation / mean) * 100)} %, by {factor.from} {factor.from === 1 ? "look" : "looks"} at it</span></li>
        ); })}</ul>
      )}
      <p className="muted mt-1 text-xs">Gamma prior of the house, moved by what was seen (conjugate update). Forecasts on the map and in the plan count it; the paint chapter compares by the house.</p>
    </section>
  );
}

function Earlier({ records }: { records: readonly WornRecord[] }) {
  if (!records.length) return null;
  return (
    <section aria-label="Earlier" className="mt-6">
      <h3 className="text-lg">Earlier</h3>
      <ul>{records.map((record) => (
        <li key={record.id} className="border-t rule py-2 text-sm">
          <p><strong>{dayWords(record.on)}</strong> <span className="muted">{[record.brief.place, `${record.brief.airDegC} °C, ${record.brief.rh} %`].filter(Boolean).join(" · ")}</span></p>
          {record.verdict && <p>{record.verdict}</p>}
          {record.reaction && <p><strong>Skin:</strong> {record.reaction}</p>}
          <p>{record.wear.map((seen) => `${zoneInfo(seen.zone).label} ${seen.wholePercent} % after ${seen.afterHours} h (forecast ${seen.forecastPercent} %)`).join("; ")}{disagreements(record).length > 0 && <strong>: {disagreements(record).length === 1 ? "one place" : `${disagreements(record).length} places`} went otherwise</strong>}</p>
        </li>
      ))}</ul>
    </section>
  );
}
