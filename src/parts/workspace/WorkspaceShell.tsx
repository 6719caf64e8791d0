"use client";

import { Redo2, Undo2 } from "lucide-react";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import type { Finding } from "@/core/look";
import { Dialog } from "@/ui/Dialog";
import { clock, dayWords, minutesWords } from "@/ui/format";
import { send } from "@/ui/request";
import { Waiting } from "@/parts/workers/Waiting";
import { dropDraft, type SaveState } from "./autosave";
import { TakeAway } from "./TakeAway";
import { Versions } from "./Versions";
import { useWorking } from "./WorkspaceContext";

/** Chapters of a look in working order. */
const CHAPTERS = [
  { key: "brief", label: "Brief" },
  { key: "paint", label: "Paint" },
  { key: "map", label: "Map" },
  { key: "colour", label: "Colour" },
  { key: "pieces", label: "Pieces" },
  { key: "time", label: "Time" },
  { key: "tray", label: "Tray" },
  { key: "plan", label: "Plan" },
  { key: "chair", label: "Chair" },
  { key: "record", label: "Record" },
] as const;

/** Rules that the colour chapter speaks of. */
const COLOUR_RULES = /^(COLOUR|DIST|LAYER-[568]|BROW-3)/;

const open = (findings: readonly Finding[]) =>
  findings.filter((finding) => finding.severity !== "tip").length;

function savingWords(saving: SaveState): string {
  switch (saving.kind) {
    case "saved":
      return saving.at ? `saved ${saving.at}` : "saved";
    case "saving":
      return "saving";
    case "waiting":
      return "not saved yet, kept here";
    case "stopped":
      return "not saved: a safety rule stops it";
    case "stale":
      return "not saved: a newer version exists";
  }
}

/** Short, so that the row of chapters stays as it is while they come on; said in full to a screen reader. */
const NOT_STARTED = "–";

/** While nobody has judged the design yet. */
const JUDGING = "…";

/** The head of a look: what it is, how saving stands, undo, and the chapters with what each still asks for. */
export function WorkspaceShell({ children }: { children: ReactNode }) {
  const working = useWorking();
  const {
    given,
    setting,
    look,
    findings,
    saving,
    undo,
    redo,
    canUndo,
    canRedo,
    draft,
    store,
    plan,
    judging,
  } = working;
  const router = useRouter();
  const path = usePathname();
  const here = path.split("/").at(-1);
  const [draftSeen, setDraftSeen] = useState(false);
  const base = `/looks/${given.look.id}/${setting}`;
  // The chair fills the screen: it is a place of its own.
  const hrefOf = (key: string) =>
    key === "chair" ? `/chair/${given.look.id}/${setting}` : `${base}/${key}`;
  useHotkeys("mod+z", () => undo(), { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", () => redo(), { preventDefault: true });
  useHotkeys("1,2,3,4,5,6,7,8,9,0", (event) => {
    const chapter = CHAPTERS[(Number(event.key) + 9) % 10];
    if (chapter) router.push(hrefOf(chapter.key));
  });
  const colours =
    findings.filter(({ rule, severity }) => severity !== "tip" && COLOUR_RULES.test(rule)).length +
    look.layers.filter((layer) => layer.target !== null && layer.paint.kind === "material").length;
  const noted: Readonly<Record<(typeof CHAPTERS)[number]["key"], string>> = {
    brief: given.job ? "✓" : NOT_STARTED,
    paint: look.system ? "✓" : NOT_STARTED,
    map:
      look.layers.length === 0
        ? NOT_STARTED
        : plan === null
          ? JUDGING
          : open(findings)
            ? String(open(findings))
            : "✓",
    colour:
      look.layers.length === 0
        ? NOT_STARTED
        : plan === null
          ? JUDGING
          : colours
            ? String(colours)
            : "✓",
    tray:
      look.layers.length === 0
        ? NOT_STARTED
        : plan === null
          ? JUDGING
          : plan.kit.some((need) => need.missing > 0.005)
            ? `short ${plan.kit.filter((need) => need.missing > 0.005).length}`
            : "✓",
    plan:
      look.layers.length === 0
        ? NOT_STARTED
        : plan === null
          ? JUDGING
          : plan.stopped
            ? "stopped"
            : "✓",
    pieces: look.pieces.length ? String(look.pieces.length) : "none",
    time:
      look.layers.length === 0
        ? NOT_STARTED
        : plan === null
          ? JUDGING
          : plan.times
            ? "✓"
            : "no date",
    chair: look.layers.length === 0 ? NOT_STARTED : plan?.stopped ? "stopped" : "",
    record: given.records.length ? String(given.records.length) : NOT_STARTED,
  };
  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh print:block print:h-auto">
      <header className="no-print border-b rule bg-base-200">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-3 pb-1.5">
          <h1 className="text-2xl">{look.name}</h1>
          <p className="muted min-w-0 flex-1 truncate text-sm">
            on {given.person.name}
            {given.brief.place && ` · ${given.brief.place}`}
            {given.brief.curtainAt &&
              ` · ${dayWords(given.brief.curtainAt)} ${clock(given.brief.curtainAt)}`}
          </p>
          <p
            role="status"
            aria-live="polite"
            className={`text-sm ${saving.kind === "saved" || saving.kind === "saving" ? "muted" : "border-l-4 border-current pl-2 font-bold"}`}
          >
            {savingWords(saving)}
          </p>
          <div className="flex flex-wrap gap-2">
            {look.layers.length > 0 && (
              <>
                <Versions />
                <TakeAway />
              </>
            )}
            <button type="button" className="btn btn-sm" onClick={undo} disabled={!canUndo}>
              <Undo2 size={16} aria-hidden />
              Undo
            </button>
            <button type="button" className="btn btn-sm" onClick={redo} disabled={!canRedo}>
              <Redo2 size={16} aria-hidden />
              Redo
            </button>
          </div>
        </div>
        <div className="flex flex-wrap items-end justify-between gap-x-4 px-3">
          <nav aria-label="Chapters" className="flex flex-wrap">
            {CHAPTERS.map(({ key, label }, i) => (
              <Link
                key={key}
                href={hrefOf(key)}
                aria-current={here === key ? "page" : undefined}
                aria-keyshortcuts={String((i + 1) % 10)}
                className={`flex min-h-11 items-center gap-1.5 rounded-t-lg px-3 ${here === key ? "bg-base-100 font-bold" : "hover:bg-base-300"}`}
              >
                {label}
                {noted[key] && (
                  <span
                    className={`text-xs ${noted[key] === "✓" || noted[key] === NOT_STARTED ? "" : "rounded-full border border-base-content/60 px-1.5"}`}
                  >
                    {noted[key] === NOT_STARTED ? (
                      <>
                        <span aria-hidden>{NOT_STARTED}</span>
                        <span className="sr-only">not started</span>
                      </>
                    ) : (
                      noted[key]
                    )}
                  </span>
                )}
              </Link>
            ))}
          </nav>
          {plan && look.layers.length > 0 && (
            <p className="py-2.5 pr-1 text-sm">
              <strong>{minutesWords(plan.chairMinutes)}</strong> at the chair
              {plan.times && (
                <>
                  {" "}
                  · start <strong>{clock(plan.times.startAt)}</strong>
                </>
              )}
            </p>
          )}
        </div>
      </header>
      {draft && !draftSeen && (
        <div className="no-print flex flex-wrap items-center gap-3 border-b-2 border-base-content bg-base-200 px-4 py-2">
          <p className="flex-1">
            <strong>This browser kept changes</strong> to this look that were never saved.
          </p>
          <button
            type="button"
            className="btn btn-sm btn-primary"
            onClick={() => {
              store.getState().replace(draft);
              setDraftSeen(true);
            }}
          >
            Bring them back
          </button>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => {
              dropDraft(given.look.id);
              setDraftSeen(true);
            }}
          >
            Let them go
          </button>
        </div>
      )}
      <StaleChoice />
      {judging.error !== null && (
        <div className="no-print px-4">
          <Waiting answer={judging} doing="Working out the plan" what="the plan and its findings" />
        </div>
      )}
      <div className="relative min-h-0 flex-1 lg:overflow-auto print:overflow-visible">
        {children}
      </div>
    </div>
  );
}

/** Two tabs on one look: the later save is told, and chooses; nothing is overwritten. */
function StaleChoice() {
  const { given, look, saving } = useWorking();
  const [failed, setFailed] = useState<string | null>(null);
  const keepBoth = async () => {
    const answer = await send<{ lookId: string }>("POST", `/api/looks/${given.look.id}/copy`, {
      name: `${look.name.slice(0, 66)}, my version`,
      design: look,
    });
    if (!answer.ok) return setFailed(answer.refusal.detail ?? answer.refusal.title);
    dropDraft(given.look.id);
    window.location.assign(`/looks/${answer.value.lookId}`);
  };
  const takeTheirs = () => {
    dropDraft(given.look.id);
    window.location.reload();
  };
  return (
    <Dialog
      open={saving.kind === "stale"}
      title="Somebody saved a newer version"
      onClose={() => undefined}
    >
      <p className="mb-4">
        Another tab or person changed {given.look.design.name} after you opened it. Your changes are
        still here.
      </p>
      {failed && (
        <p role="alert" className="mb-3 border-l-4 border-current pl-2 font-semibold">
          {failed}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary" onClick={() => void keepBoth()}>
          Keep both
        </button>
        <button type="button" className="btn" onClick={takeTheirs}>
          Take theirs, drop mine
        </button>
      </div>
    </Dialog>
  );
}
