"use client";

import { useSay } from "@/shared/say/useSay";
import { Alert } from "@/ui/Alert";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { toast } from "sonner";
import { DIALECTS } from "@/core/formats";
import type { KitPreview, Leftover, ColourFileRead } from "@/server/exchange";
import type { StudioArrival } from "@/server/studioFile";
import { Page } from "@/ui/Page";
import { sendFileWatched, type Answer, type Progress, type Refusal } from "@/ui/request";
import { Card } from "./Card";
import { Swatch } from "@/ui/Swatch";
import { Copies } from "./Copies";
import { DeleteEverything } from "./DeleteEverything";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";

/** Everything in and out, in open formats; nothing is written before it was shown. */
export function ExchangePage({ copies }: { copies: readonly Leftover[] }) {
  return (
    <Page
      title="Shelf"
      lead="In and out in open formats. Nothing is written before you have seen what it is."
    >
      <ShelfTabs />
      <Group title="For a spreadsheet or a drawing program">
        <Kit />
        <ColourFileCard />
      </Group>
      <Group title="The whole studio">
        <Studio />
        <Backup />
      </Group>
      <Group title="On this machine">
        <Copies copies={copies} />
        <DeleteEverything copies={copies} />
      </Group>
    </Page>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mb-6">
      <h2 className="mb-2 text-xl">{title}</h2>
      <div className="grid items-stretch gap-x-5 gap-y-3 lg:grid-cols-2">{children}</div>
    </div>
  );
}

interface Asked<T> {
  readonly file: File | null;
  readonly answer: T | null;
  readonly problem: string | null;
  /** How far it is while something runs; null while nothing does. */
  readonly busy: Progress | null;
  readonly choose: (file: File | undefined) => Promise<void>;
  /** Sends the chosen file on, to be taken; its answer, or null where it was refused or stopped. */
  readonly take: <Taken>(url: string, method?: "POST" | "PUT") => Promise<Taken | null>;
  readonly stop: () => void;
  readonly clear: () => void;
}

const wordsOf = (refusal: Refusal) =>
  refusal.errors?.map(({ message }) => message).join("; ") ?? refusal.detail ?? refusal.title;

/** A file that was chosen, and what the studio says of it; what takes long tells how far it is, and can be stopped. */
function useAsked<T>(url: string, type: string): Asked<T> {
  const [state, setState] = useState<{
    file: File | null;
    answer: T | null;
    problem: string | null;
    busy: Progress | null;
  }>({ file: null, answer: null, problem: null, busy: null });
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const run = async <Value,>(
    to: string,
    file: File,
    words: string,
    method: "POST" | "PUT",
  ): Promise<Answer<Value>> => {
    running.current?.abort();
    const own = new AbortController();
    running.current = own;
    setState((now) => ({ ...now, problem: null, busy: { share: 0, words } }));
    const answer = await sendFileWatched<Value>(to, file, {
      method,
      type,
      signal: own.signal,
      onProgress: (busy) => setState((now) => ({ ...now, busy })),
    });
    setState((now) => ({
      ...now,
      busy: null,
      problem: answer.ok ? null : wordsOf(answer.refusal),
    }));
    return answer;
  };
  return {
    ...state,
    choose: async (file) => {
      if (!file) return;
      setState({ file, answer: null, problem: null, busy: null });
      const answer = await run<T>(url, file, "reading it", "POST");
      if (answer.ok) setState((now) => ({ ...now, answer: answer.value }));
    },
    take: async <Taken,>(to: string, method: "POST" | "PUT" = "POST") => {
      if (!state.file) return null;
      const answer = await run<Taken>(to, state.file, "bringing it in", method);
      return answer.ok ? answer.value : null;
    },
    stop: () => running.current?.abort(),
    clear: () => setState({ file: null, answer: null, problem: null, busy: null }),
  };
}

function Chooser({
  label,
  accept,
  asked,
}: {
  label: string;
  accept: string;
  asked: Pick<Asked<unknown>, "busy" | "problem" | "choose"> & {
    /** Null where it can't be stopped once it runs. */ readonly stop: (() => void) | null;
  };
}) {
  return (
    <>
      <label className="mt-3 block text-sm">
        <span className="label-line">{label}</span>
        <input
          type="file"
          accept={accept}
          className="file-input w-full max-w-md"
          onChange={(event) => {
            void asked.choose(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      {asked.busy && (
        <p role="status" className="mt-2 flex flex-wrap items-center gap-3 text-sm">
          <progress
            className="progress w-40"
            value={asked.busy.share}
            max={1}
            aria-label="How far it is"
          />
          {asked.busy.words} …
          {asked.stop && (
            <button type="button" className="btn btn-sm" onClick={asked.stop}>
              Stop
            </button>
          )}
        </p>
      )}
      {asked.problem && <Alert className="mt-2">{asked.problem}</Alert>}
    </>
  );
}

const SHOWN = 12;

function Kit() {
  const say = useSay();
  const router = useRouter();
  const asked = useAsked<KitPreview>("/api/exchange/kit/preview", "text/csv");
  const { answer } = asked;
  const bringIn = async () => {
    const done = await asked.take<{ added: number; known: number; rejected: number }>(
      "/api/exchange/kit",
    );
    if (!done) return;
    toast(`${done.added} brought in`, {
      description: `${done.known} were there already, ${done.rejected} could not be taken.`,
    });
    asked.clear();
    router.refresh();
  };
  return (
    <Card title="The kit as a table">
      <p className="mt-1 flex flex-wrap gap-3 text-sm">
        {Object.entries(DIALECTS).map(([key, { label }]) => (
          <a key={key} className="btn btn-sm" href={`/api/exchange/kit?dialect=${key}`} download>
            CSV, {label}
          </a>
        ))}
      </p>
      <Chooser label="Bring in a kit table (CSV)" accept=".csv,.tsv,text/csv" asked={asked} />
      {answer && !asked.busy && (
        <div className="mt-3 text-sm" role="status">
          <p>
            <strong>{answer.fresh.length} new</strong>, {answer.known.length} there already and left
            alone, <strong>{answer.rejected.length} that can&apos;t be taken</strong>.
            {answer.unknownColumns.length > 0 && ` Not known: ${answer.unknownColumns.join(", ")}.`}
          </p>
          {answer.fresh.length > 0 && (
            <ul className="mt-1">
              {answer.fresh.slice(0, SHOWN).map((row) => (
                <li key={row.line}>
                  line {row.line}: {row.name}, {say.mass(row.left)}
                </li>
              ))}
              {answer.fresh.length > SHOWN && <li>and {answer.fresh.length - SHOWN} more</li>}
            </ul>
          )}
          {answer.rejected.length > 0 && (
            <ul aria-label="Can't be taken" className="mt-2">
              {answer.rejected.slice(0, 50).map((row) => (
                <li key={row.line} className="border-l-4 border-base-content pl-2">
                  <strong>
                    line {row.line}
                    {row.name && `, ${row.name}`}
                  </strong>
                  : {row.why.join("; ")}
                </li>
              ))}
              {answer.rejected.length > 50 && <li>and {answer.rejected.length - 50} more</li>}
            </ul>
          )}
          <div className="mt-3 flex gap-3">
            <button
              type="button"
              className="btn btn-primary"
              disabled={!answer.fresh.length}
              onClick={() => void bringIn()}
            >
              Bring in {answer.fresh.length}
            </button>
            <button type="button" className="btn" onClick={asked.clear}>
              Cancel
            </button>
          </div>
        </div>
      )}
    </Card>
  );
}

function ColourFileCard() {
  const say = useSay();
  const asked = useAsked<ColourFileRead>("/api/exchange/colours", "text/plain");
  const { answer } = asked;
  return (
    <Card title="Colour file (.gpl)">
      <p className="mt-1 text-sm">
        <a className="btn btn-sm" href="/api/exchange/colours" download>
          Colours of the shelf (.gpl)
        </a>
      </p>
      <Chooser
        label="Compare a colour file with the shelf (.gpl)"
        accept=".gpl,text/plain"
        asked={asked}
      />
      {answer && (
        <div className="mt-3 text-sm" role="status">
          <p>
            <strong>{answer.file.name}</strong>: {answer.matches.length} colours
            {answer.rejected.length > 0 &&
              `; left out: ${answer.rejected.map(({ line, why }) => `line ${line} ${why}`).join(", ")}`}
            .
          </p>
          <ul className="mt-1">
            {answer.matches.map((match, i) => (
              <li key={i} className="flex items-center gap-2 border-t rule py-1">
                <Swatch hex={match.hex} size={26} />
                {match.name}
                {match.nearest && (
                  <>
                    <span className="muted">nearest</span>
                    <Swatch hex={match.nearest.hex} size={26} />
                    {match.nearest.name},{" "}
                    {match.nearest.dE < 0.05
                      ? "the same colour"
                      : `colour difference ${say.number(match.nearest.dE, 1)}`}
                  </>
                )}
                {match.nearest && match.nearest.dE > 3 && (
                  <a className="link" href={`/mixing?target=${encodeURIComponent(match.hex)}`}>
                    mix it
                  </a>
                )}
              </li>
            ))}
          </ul>
        </div>
      )}
    </Card>
  );
}

const PARTS: Readonly<Record<keyof StudioArrival["parts"], string>> = {
  people: "people",
  products: "products",
  mixes: "mixes",
  looks: "looks",
  versions: "kept versions",
  jobs: "jobs",
  trays: "trays",
  ledger: "lines of stock history",
  practice: "goes at practice drills",
  house: "versions of rules and numbers",
  settings: "settings of the studio",
  records: "records",
  calls: "calls",
  chair: "lines of the chair's log",
  references: "reference pictures",
  pictures: "pictures of records",
};

function Studio() {
  const router = useRouter();
  const asked = useAsked<StudioArrival>("/api/exchange/studio/preview", "application/zip");
  const { answer } = asked;
  const rows = answer
    ? (Object.keys(PARTS) as (keyof typeof PARTS)[]).filter(
        (part) => answer.parts[part].fresh + answer.parts[part].known + answer.parts[part].kept > 0,
      )
    : [];
  const fresh = rows.reduce((sum, part) => sum + (answer?.parts[part].fresh ?? 0), 0);
  const bringIn = async () => {
    const done = await asked.take<StudioArrival>("/api/exchange/studio");
    if (!done) return;
    toast(
      `${Object.values(done.parts).reduce((sum, part) => sum + part.fresh, 0)} rows brought in`,
      {
        description: done.refused.length
          ? `${done.refused.length} could not be taken.`
          : "Nothing here was written over.",
      },
    );
    asked.clear();
    router.refresh();
  };
  return (
    <Card title="The studio in open formats">
      <p className="mt-1 text-sm">
        A ZIP of JSON, looks, photographs, and the shelf as a table and a palette. Importing adds
        what is missing and overwrites nothing.
      </p>
      <a className="btn btn-sm mt-2" href="/api/exchange/studio" download>
        The studio (.zip)
      </a>
      <Chooser label="Bring in a studio (.zip)" accept=".zip,application/zip" asked={asked} />
      {answer && !asked.busy && (
        <div className="mt-3 text-sm">
          <table className="w-full max-w-md">
            <caption className="mb-1 text-left">What it would bring:</caption>
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col">What</th>
                <th scope="col" className="text-right">
                  New
                </th>
                <th scope="col" className="text-right">
                  Here already
                </th>
                <th scope="col" className="text-right">
                  Yours is kept
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((part) => (
                <tr key={part} className="border-b rule">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {PARTS[part]}
                  </th>
                  <td className={`text-right ${answer.parts[part].fresh ? "font-bold" : ""}`}>
                    {answer.parts[part].fresh}
                  </td>
                  <td className="text-right">{answer.parts[part].known}</td>
                  <td className="text-right">{answer.parts[part].kept}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {answer.refused.length > 0 && (
            <ul aria-label="Can't be taken" className="mt-2">
              {answer.refused.slice(0, 30).map(({ file, row, why }) => (
                <li key={`${file} ${row}`} className="border-l-4 border-base-content pl-2">
                  <strong>
                    {file}, row {row}
                  </strong>
                  : {why}
                </li>
              ))}
              {answer.refused.length > 30 && <li>and {answer.refused.length - 30} more</li>}
            </ul>
          )}
          <div className="mt-3 flex gap-3">
            <button
              type="button"
              className="btn btn-primary"
              disabled={!fresh}
              onClick={() => void bringIn()}
            >
              Bring in {fresh}
            </button>
            <button type="button" className="btn" onClick={asked.clear}>
              Cancel
            </button>
          </div>
        </div>
      )}
    </Card>
  );
}

const WORDS: Readonly<Record<string, string>> = {
  person: "people",
  product: "products",
  movement: "lines of stock history",
  look: "looks",
  look_version: "kept versions",
  job: "jobs",
  record: "records",
  mix: "mixes",
  reference: "reference pictures",
  record_picture: "pictures of records",
  house_change: "versions of rules and numbers",
  call: "calls",
  chair_event: "lines of the chair's log",
  tray: "trays",
};

function Backup() {
  const asked = useAsked<{ backup: Record<string, number>; now: Record<string, number> }>(
    "/api/exchange/backup/inspect",
    "application/vnd.sqlite3",
  );
  const { answer } = asked;
  const [done, setDone] = useState<string | null>(null);
  const restore = async () => {
    const restored = await asked.take<{ counts: Record<string, number>; kept: string }>(
      "/api/exchange/backup",
      "PUT",
    );
    if (!restored) return;
    asked.clear();
    setDone(restored.kept);
  };
  return (
    <Card title="Back up and restore">
      <p className="mt-1 text-sm">
        One file with everything: people, products, looks, records and pictures. It is copied while
        the studio is used.
      </p>
      <a className="btn btn-sm mt-2" href="/api/exchange/backup" download>
        Back up
      </a>
      <Chooser
        label="Restore from a backup (.db)"
        accept=".db,application/vnd.sqlite3"
        asked={{ ...asked, stop: null }}
      />
      {done && (
        <p role="status" className="mt-2 border-l-4 border-current pl-2">
          Restored. The studio as it was is kept as <strong>{done}</strong> in the folder backups.{" "}
          <button type="button" className="link" onClick={() => window.location.assign("/")}>
            To Today
          </button>
        </p>
      )}
      {answer && (
        <div className="mt-3 text-sm">
          <table className="w-full max-w-md">
            <caption className="mb-1 text-left">
              The file is whole. What it holds beside what is here now:
            </caption>
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col">What</th>
                <th scope="col" className="text-right">
                  In the file
                </th>
                <th scope="col" className="text-right">
                  Now
                </th>
              </tr>
            </thead>
            <tbody>
              {Object.entries(answer.backup).map(([table, count]) => (
                <tr key={table} className="border-b rule">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {WORDS[table] ?? table}
                  </th>
                  <td className={`text-right ${count !== answer.now[table] ? "font-bold" : ""}`}>
                    {count}
                  </td>
                  <td className="text-right">{answer.now[table] ?? 0}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-3 flex gap-3">
            <button type="button" className="btn btn-primary" onClick={() => void restore()}>
              Replace this studio with the backup
            </button>
            <button type="button" className="btn" onClick={asked.clear}>
              Cancel
            </button>
          </div>
          <p className="muted mt-1 text-xs">
            What is here now is kept in the folder backups first.
          </p>
        </div>
      )}
    </Card>
  );
}
