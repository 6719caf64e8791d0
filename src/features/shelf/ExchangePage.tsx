"use client";

import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { toast } from "sonner";
import { DIALECTS } from "@/core/formats";
import type { KitPreview, PaletteMatch } from "@/server/exchange";
import { gramsWords } from "@/ui/format";
import { Page } from "@/ui/Page";
import { sendFile, type Answer, type Refusal } from "@/ui/request";
import { Swatch } from "@/ui/Swatch";
import { ShelfTabs } from "@/parts/shelf/ShelfTabs";

/** Everything in and out, in open formats; nothing is written before it was shown. */
export function ExchangePage() {
  return (
    <Page title="Shelf" lead="In and out in open formats. Nothing is written before you have seen what it is.">
      <ShelfTabs />
      <div className="grid gap-5 lg:grid-cols-2">
        <Kit />
        <PaletteCard />
        <Backup />
      </div>
    </Page>
  );
}

/** A file that was chosen, and what the studio says of it. */
function useAsked<T>(url: string): { file: File | null; answer: T | null; problem: string | null; busy: boolean; choose: (file: File | undefined) => Promise<void>; clear: () => void; fail: (refusal: Refusal) => void } {
  const [state, setState] = useState<{ file: File | null; answer: T | null; problem: string | null; busy: boolean }>({ file: null, answer: null, problem: null, busy: false });
  const words = (refusal: Refusal) => refusal.errors?.map(({ message }) => message).join("; ") ?? refusal.detail ?? refusal.title;
  return {
    ...state,
    choose: async (file) => {
      if (!file) return;
      setState({ file, answer: null, problem: null, busy: true });
      const answer: Answer<T> = await sendFile<T>(url, file);
      setState({ file, answer: answer.ok ? answer.value : null, problem: answer.ok ? null : words(answer.refusal), busy: false });
    },
    clear: () => setState({ file: null, answer: null, problem: null, busy: false }),
    fail: (refusal) => setState((now) => ({ ...now, problem: words(refusal) })),
  };
}

function Card({ title, children }: { title: string; children: ReactNode }) {
  return <section aria-label={title} className="card-plain p-4"><h2 className="text-xl">{title}</h2>{children}</section>;
}

function Chooser({ label, accept, asked }: { label: string; accept: string; asked: { busy: boolean; problem: string | null; choose: (file: File | undefined) => Promise<void> } }) {
  return (
    <>
      <label className="mt-3 block text-sm"><span className="label-line">{label}</span><input type="file" accept={accept} className="file-input w-full max-w-md" onChange={(event) => { void asked.choose(event.target.files?.[0]); event.target.value = ""; }} /></label>
      {asked.busy && <p role="status" className="mt-2">Reading it …</p>}
      {asked.problem && <p role="alert" className="mt-2 border-l-4 border-current pl-2 font-semibold">{asked.problem}</p>}
    </>
  );
}

const SHOWN = 12;

function Kit() {
  const router = useRouter();
  const asked = useAsked<KitPreview>("/api/exchange/kit/preview");
  const { answer, file } = asked;
  const bringIn = async () => {
    if (!file) return;
    const done = await sendFile<{ added: number; known: number; rejected: number }>("/api/exchange/kit", file);
    if (!done.ok) return asked.fail(done.refusal);
    toast(`${done.value.added} brought in`, { description: `${done.value.known} were there already, ${done.value.rejected} could not be taken.` });
    asked.clear();
    router.refresh();
  };
  return (
    <Card title="The kit as a table">
      <p className="mt-1 flex flex-wrap gap-3 text-sm">{Object.entries(DIALECTS).map(([key, { label }]) => <a key={key} className="btn btn-sm" href={`/api/exchange/kit?dialect=${key}`} download>CSV, {label}</a>)}</p>
      <Chooser label="Bring in a kit table (CSV)" accept=".csv,.tsv,text/csv" asked={asked} />
      {answer && (
        <div className="mt-3 text-sm" role="status">
          <p><strong>{answer.fresh.length} new</strong>, {answer.known.length} there already and left alone, <strong>{answer.rejected.length} that can&apos;t be taken</strong>.{answer.unknownColumns.length > 0 && ` Not known: ${answer.unknownColumns.join(", ")}.`}</p>
          {answer.fresh.length > 0 && <ul className="mt-1">{answer.fresh.slice(0, SHOWN).map((row) => <li key={row.line}>line {row.line}: {row.name}, {gramsWords(row.left)}</li>)}{answer.fresh.length > SHOWN && <li>and {answer.fresh.length - SHOWN} more</li>}</ul>}
          {answer.rejected.length > 0 && <ul aria-label="Can't be taken" className="mt-2">{answer.rejected.slice(0, 50).map((row) => <li key={row.line} className="border-l-4 border-base-content pl-2"><strong>line {row.line}{row.name && `, ${row.name}`}</strong>: {row.why.join("; ")}</li>)}{answer.rejected.length > 50 && <li>and {answer.rejected.length - 50} more</li>}</ul>}
          <div className="mt-3 flex gap-3"><button type="button" className="btn btn-primary" disabled={!answer.fresh.length} onClick={() => void bringIn()}>Bring in {answer.fresh.length}</button><button type="button" className="btn" onClick={asked.clear}>Leave it</button></div>
        </div>
      )}
    </Card>
  );
}

function PaletteCard() {
  const asked = useAsked<{ palette: { name: string }; matches: PaletteMatch[]; rejected: { line: number; why: string }[] }>("/api/exchange/palette");
  const { answer } = asked;
  return (
    <Card title="Palettes">
      <p className="mt-1 text-sm"><a className="btn btn-sm" href="/api/exchange/palette" download>Colours of the shelf (.gpl)</a></p>
      <Chooser label="Compare a palette with the shelf (.gpl)" accept=".gpl,text/plain" asked={asked} />
      {answer && (
        <div className="mt-3 text-sm" role="status">
          <p><strong>{answer.palette.name}</strong>: {answer.matches.length} colours{answer.rejected.length > 0 && `; left out: ${answer.rejected.map(({ line, why }) => `line ${line} ${why}`).join(", ")}`}.</p>
          <ul className="mt-1">{answer.matches.map((match, i) => <li key={i} className="flex items-center gap-2 border-t rule py-1"><Swatch hex={match.hex} size={26} />{match.name}{match.nearest && <><span className="muted">nearest</span><Swatch hex={match.nearest.hex} size={26} />{match.nearest.name}, ΔE {match.nearest.dE.toFixed(1)}</>}{match.nearest && match.nearest.dE > 3 && <a className="link" href={`/mixing?target=${encodeURIComponent(match.hex)}`}>mix it</a>}</li>)}</ul>
        </div>
      )}
    </Card>
  );
}

const WORDS: Readonly<Record<string, string>> = { person: "people", product: "products", movement: "ledger lines", look: "looks", look_version: "kept versions", job: "jobs", record: "records", mix: "mixes", reference: "reference pictures", record_picture: "pictures of records", house_change: "versions of the house rules", call: "calls", chair_event: "lines of the chair's log", tray: "trays" };

function Backup() {
  const asked = useAsked<{ backup: Record<string, number>; now: Record<string, number> }>("/api/exchange/backup/inspect");
  const { answer, file } = asked;
  const [done, setDone] = useState<string | null>(null);
  const restore = async () => {
    if (!file) return;
    const answered = await sendFile<{ counts: Record<string, number>; kept: string }>("/api/exchange/backup", file, "PUT");
    if (!answered.ok) return asked.fail(answered.refusal);
    asked.clear();
    setDone(answered.value.kept);
  };
  return (
    <Card title="The whole studio">
      <p className="mt-1 text-sm">One file with everything: people, products, looks, records and pictures. It is copied while the studio is used. <a className="btn btn-sm ml-2" href="/api/exchange/backup" download>Back up</a></p>
      <Chooser label="Restore from a backup (.db)" accept=".db,application/vnd.sqlite3" asked={asked} />
      {done && <p role="status" className="mt-2 border-l-4 border-current pl-2">Restored. The studio as it was is kept as <strong>{done}</strong> in the folder backups. <button type="button" className="link" onClick={() => window.location.assign("/")}>To Today</button></p>}
      {answer && (
        <div className="mt-3 text-sm">
          <table className="w-full max-w-md"><caption className="mb-1 text-left">The file is whole. What it holds beside what is here now:</caption><thead><tr className="border-b-2 border-base-content text-left"><th scope="col">What</th><th scope="col" className="text-right">In the file</th><th scope="col" className="text-right">Now</th></tr></thead>
            <tbody>{Object.entries(answer.backup).map(([table, count]) => <tr key={table} className="border-b rule"><th scope="row" className="py-0.5 text-left font-normal">{WORDS[table] ?? table}</th><td className={`text-right ${count !== answer.now[table] ? "font-bold" : ""}`}>{count}</td><td className="text-right">{answer.now[table] ?? 0}</td></tr>)}</tbody></table>
          <div className="mt-3 flex gap-3"><button type="button" className="btn btn-primary" onClick={() => void restore()}>Put it in the place of the studio</button><button type="button" className="btn" onClick={asked.clear}>Leave it</button></div>
          <p className="muted mt-1 text-xs">What is here now is kept in the folder backups first.</p>
        </div>
      )}
    </Card>
  );
}
