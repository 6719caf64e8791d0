"use client";

import { minutesWords } from "@/core/text/words";
import { ask } from "@/shared/ask";
import { Redo2, Undo2 } from "lucide-react";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import type { Finding } from "@/core/look";
import { DraftFound } from "@/ui/saver/DraftFound";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { Waiting } from "@/shared/workers/Waiting";
import { CHAPTERS } from "./chapterNotes";
import { ChapterTabs } from "./ChapterTabs";
import { TakeAway } from "./TakeAway";
import { useStill } from "./useStill";
import { Versions } from "./Versions";
import { useWorking } from "./WorkspaceContext";

/** The head of a look: what it is, how saving stands, undo, and the chapters with what each still asks for. */
export function WorkspaceShell({ children }: { children: ReactNode }) {
  const say = useSay();
  const working = useWorking();
  const {
    given,
    jobId,
    look,
    findings,
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
  const [draftSeen, setDraftSeen] = useState(false);
  const base = `/looks/${given.look.id}/${jobId}`;
  // The chair fills the screen: it is a place of its own.
  const hrefOf = (key: string) =>
    key === "chair" ? `/chair/${given.look.id}/${jobId}` : `${base}/${key}`;
  useHotkeys("mod+z", () => undo(), { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", () => redo(), { preventDefault: true });
  useHotkeys("1,2,3,4,5,6,7,8,9,0", (event) => {
    const chapter = CHAPTERS[(Number(event.key) + 9) % 10];
    if (chapter) router.push(hrefOf(chapter.key));
  });
  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh print:block print:h-auto">
      <header className="no-print border-b rule bg-base-200">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-3 pb-1.5 max-md:flex-nowrap max-md:gap-x-2 max-md:px-2 max-md:pt-1">
          <h1 className="text-2xl max-md:min-w-0 max-md:flex-1 max-md:truncate max-md:text-lg">
            {look.name}
          </h1>
          <p className="muted min-w-0 flex-1 truncate text-sm max-md:sr-only">
            on {given.person.name}
            {given.brief.place && ` · ${given.brief.place}`}
            {given.brief.curtainAt &&
              ` · ${say.day(given.brief.curtainAt)} ${say.clock(given.brief.curtainAt)}`}
          </p>
          <LookSaving />
          <div className="flex flex-wrap gap-2 max-md:flex-nowrap max-md:gap-1">
            {look.layers.length > 0 && (
              <>
                <Versions />
                <TakeAway />
              </>
            )}
            <button
              type="button"
              className="btn btn-sm max-md:btn-square max-md:size-11"
              onClick={undo}
              disabled={!canUndo}
            >
              <Undo2 size={16} aria-hidden />
              <span className="max-md:sr-only">Undo</span>
            </button>
            <button
              type="button"
              className="btn btn-sm max-md:btn-square max-md:size-11"
              onClick={redo}
              disabled={!canRedo}
            >
              <Redo2 size={16} aria-hidden />
              <span className="max-md:sr-only">Redo</span>
            </button>
          </div>
        </div>
        <div className="flex flex-wrap items-end justify-between gap-x-4 px-3 max-md:flex-nowrap max-md:px-0">
          <ChapterTabs hrefOf={hrefOf} />
          {plan && look.layers.length > 0 && (
            <p className="py-2.5 pr-1 text-sm max-md:sr-only">
              <strong>{minutesWords(plan.chairMinutes)}</strong> at the chair
              {plan.times && (
                <>
                  {" "}
                  · start <strong>{say.clock(plan.times.startAt)}</strong>
                </>
              )}
            </p>
          )}
        </div>
      </header>
      {draft && !draftSeen && (
        <DraftFound
          onRestore={() => {
            working.saver.restore(draft);
            store.getState().replace(draft.value);
            setDraftSeen(true);
          }}
          onDiscard={() => {
            working.saver.discard();
            setDraftSeen(true);
          }}
        />
      )}
      <Stops findings={findings} map={`${base}/map`} />
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

/** What a safety rule stops, whatever chapter is open: the rule, the place, and the way to what mends it. */
function Stops({ findings, map }: { findings: readonly Finding[]; map: string }) {
  const stops = useStill(findings).filter(({ severity }) => severity === "stop");
  const [first] = stops;
  if (!first) return null;
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-base-content bg-base-200 px-4 py-2 text-sm"
    >
      <p className="min-w-0 flex-1">
        <strong>Safety stop: no plan, chair or print yet.</strong> <Told>{first.message}</Told>{" "}
        <Link className="link" href={`/rules#${first.rule}`}>
          {first.rule}
        </Link>
        {stops.length > 1 && ` And ${stops.length - 1} more.`}
      </p>
      <Link className="btn btn-sm btn-primary" href={`${map}#findings`}>
        {first.fixLabel ? `Mend it: ${first.fixLabel}` : "Mend it on the map"}
      </Link>
    </div>
  );
}

/** How saving the look stands; two tabs on one look overwrite nothing of each other's. */
function LookSaving() {
  const { given, look, saving, saver } = useWorking();
  const keepBoth = async () => {
    const answer = await ask(
      "POST /api/looks/[id]/copy",
      { id: given.look.id },
      {
        name: `${look.name.slice(0, 66)}, my version`,
        design: look,
      },
    );
    if (!answer.ok) return answer.refusal.detail ?? answer.refusal.title;
    saver.discard();
    window.location.assign(`/looks/${answer.value.lookId}`);
    return null;
  };
  const takeTheirs = () => {
    saver.discard();
    if (saving.kind === "gone") window.location.assign("/looks");
    else window.location.reload();
  };
  return (
    <SaveStatus
      state={saving}
      name={given.look.design.name}
      onTheirs={takeTheirs}
      onMine={() => void saver.overwrite()}
      onBoth={keepBoth}
    />
  );
}
