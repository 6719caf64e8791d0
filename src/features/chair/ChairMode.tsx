"use client";

import { Bell, BellOff } from "lucide-react";
import Link from "next/link";
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import {
  answersIn,
  chairSteps,
  isDone,
  nextStep,
  progressOf,
  readLog,
  readyFrom,
  withAnswers,
  type ChairEvent,
  type ChairStep,
} from "@/core/chair";
import type { Today } from "@/core/brief";
import { predict, safetyNotes, type LookContext, type SafetyNote } from "@/core/look";
import { makePlan, seat } from "@/core/plan";
import { contextOf } from "@/core/record";
import { SafetyStrip } from "@/parts/safety/SafetyStrip";
import type { ChairGiven } from "@/server/chair";
import { Dialog } from "@/ui/Dialog";
import { focusSoon } from "@/ui/focusSoon";
import { clock, minutesWords } from "@/ui/format";
import { useMounted } from "@/ui/useMounted";
import { AskFirst } from "./AskFirst";
import { ChairStopped } from "./ChairStopped";
import { Late } from "./Late";
import { StepCard } from "./StepCard";
import { StepFigure } from "./StepFigure";
import { tone, useKeptOffline, useSeconds, useWakeLock } from "./useDevice";
import type { Sending } from "./chairLog";
import { useChairLog } from "./useChairLog";

interface Given {
  readonly given: ChairGiven;
  readonly known: readonly ChairEvent[];
  readonly setting: string;
  readonly rehearsal: boolean;
}

/** The look at its chair, one step at a time, for wet hands: large, dark, by four keys; works and keeps its log without the studio. */
export function ChairMode(chair: Given) {
  // Worked out in the browser alone: it has to do it without the studio anyway.
  return useMounted() ? (
    <Chair {...chair} />
  ) : (
    <Screen>
      <p className="m-auto text-2xl" role="status">
        Opening the chair
      </p>
    </Screen>
  );
}

function Chair({ given, known, setting, rehearsal }: Given) {
  const look = given.look.design;
  const { events, log, sending, stops } = useChairLog(given.look.id, given.job?.id ?? null, known);
  const context = useMemo(() => {
    // What was answered at this chair and the studio has not heard of yet counts here already.
    const sent = new Set(known.map(({ id }) => id));
    const answers = answersIn(events.filter(({ id }) => !sent.has(id)));
    return contextOf({ ...given, brief: withAnswers(given.brief, answers) });
  }, [given, known, events]);
  const plan = useMemo(() => seat(look, context), [look, context]);
  const sheet = useMemo(() => makePlan(look, context), [look, context]);
  const steps = useMemo(() => chairSteps(look, context, plan), [look, context, plan]);
  const kept = useKeptOffline();
  const state = useMemo(() => readLog(steps, events), [steps, events]);
  const seconds = useSeconds();
  const notes = useMemo(() => safetyNotes(look, context), [look, context]);
  const { begunAt } = state;
  const now = begunAt ? (seconds - Date.parse(begunAt)) / 60_000 : 0;
  const [chosen, setChosen] = useState<string | null>(null);
  const usual = nextStep(steps, state);
  const step = steps.find((entry) => entry.id === chosen && !isDone(entry, state)) ?? usual;
  const running = begunAt !== null && state.finishedAt === null;
  useWakeLock(running);
  // The rest is planned anew every ten seconds, and at each event.
  const tenth = Math.floor(now * 6);
  const progress = useMemo(
    () => (running ? progressOf(look, context, { steps, state, now: tenth / 6, plan }) : null),
    [running, look, context, steps, state, tenth, plan],
  );
  const paused = state.pausedSince !== null;
  const done = useCallback(
    (which: ChairStep) => {
      setChosen(null);
      log({ kind: "done", tasks: [...which.tasks] });
    },
    [log],
  );
  const home = `/looks/${given.look.id}/${setting}`;
  if (sheet.stopped)
    return (
      <ChairStopped
        stops={sheet.findings.filter(({ severity }) => severity === "stop")}
        home={home}
      />
    );
  if (!steps.length)
    return (
      <Screen>
        <div className="m-auto text-center">
          <h1 className="text-3xl">Nothing to paint yet</h1>
          <Link className="btn btn-primary mt-4" href={`${home}/map`}>
            To the map
          </Link>
        </div>
      </Screen>
    );
  if (!begunAt || state.finishedAt)
    return (
      <Screen>
        <Begin
          given={given}
          steps={steps.length}
          minutes={plan.until}
          finished={state.finishedAt}
          rehearsal={rehearsal}
          home={home}
          kept={kept}
          context={context}
          notes={notes}
          onBegin={(trial, answers) => {
            log({ kind: "begin", rehearsal: trial, answers });
            focusSoon("[data-step]");
          }}
        />
      </Screen>
    );
  return (
    <Screen>
      <StepFigure
        look={look}
        context={context}
        prediction={predict(look, context)}
        step={step}
        state={state}
        name={given.person.name}
      />
      <div className="flex min-h-0 flex-1 flex-col overflow-auto p-4 sm:p-9 sm:pt-6">
        {stops.length > 0 && (
          <div role="alert" className="mb-4 border-4 border-base-content p-4">
            <p className="text-2xl font-bold">Stop. Take off what is on.</p>
            {stops.map((words) => (
              <p key={words}>{words}</p>
            ))}
            <Link className="btn mt-3" href={`${home}/map`}>
              Mend it on the map
            </Link>
          </div>
        )}
        <Head
          look={look.name}
          person={given.person.name}
          steps={steps}
          state={state}
          at={step ? steps.indexOf(step) : steps.length}
          progress={progress}
          notes={notes}
          sending={sending}
          kept={kept}
        />
        {step ? (
          <StepCard
            step={step}
            steps={steps}
            state={state}
            now={now}
            look={look}
            context={context}
            sheet={sheet}
            onMeanwhile={(other) => setChosen(other.id)}
            isOther={step !== usual}
            onUsual={() => setChosen(null)}
            paused={paused}
          />
        ) : (
          <div className="my-auto py-8">
            <h1 className="text-5xl">All painted</h1>
            <p className="mt-3 text-xl">
              {progress?.paintedAt && `Dry by ${clock(progress.paintedAt)}. `}
              {sheet.day.after[0]?.text}
            </p>
          </div>
        )}
        {progress && (
          <Late
            progress={progress}
            look={look}
            context={context}
            plan={plan}
            steps={steps}
            state={state}
            now={now}
            onSkip={(tasks, words) =>
              log({ kind: "skip", tasks: [...tasks], text: words.slice(0, 500) })
            }
          />
        )}
        <Buttons
          step={step}
          paused={paused}
          anyDone={state.done.length > 0}
          home={home}
          onDone={done}
          onBack={() => {
            setChosen(null);
            log({ kind: "back" });
          }}
          onNote={(text) => log({ kind: "note", tasks: [...(step?.tasks ?? [])], text })}
          onPause={(why) => log(paused ? { kind: "resume" } : { kind: "pause", text: why })}
          onFinish={() => log({ kind: "finish" })}
        />
        <Sound step={step} steps={steps} state={state} now={now} />
      </div>
    </Screen>
  );
}

function Screen({ children }: { children: ReactNode }) {
  return (
    <div
      data-theme="wings"
      className="fixed inset-0 z-40 flex flex-col overflow-auto bg-base-100 text-base-content md:flex-row md:overflow-hidden"
    >
      {children}
    </div>
  );
}

function Begin({
  given,
  steps,
  minutes,
  finished,
  rehearsal,
  home,
  kept,
  context,
  notes,
  onBegin,
}: {
  context: LookContext;
  notes: readonly SafetyNote[];
  given: ChairGiven;
  steps: number;
  minutes: number;
  finished: string | null;
  rehearsal: boolean;
  home: string;
  kept: boolean;
  onBegin: (rehearsal: boolean, answers: Today | null) => void;
}) {
  const [trial, setTrial] = useState(rehearsal);
  const begins = finished ? "Begin again" : "Begin";
  return (
    <div className="m-auto flex w-full max-w-6xl flex-col gap-4 p-4 sm:p-6">
      <h1 className="text-4xl sm:text-5xl">
        {given.look.design.name}{" "}
        <span className="font-sans text-2xl font-normal">on {given.person.name}</span>
      </h1>
      {finished ? (
        <p className="text-xl">This sitting is finished. Its minutes wait in the record.</p>
      ) : (
        <p className="text-xl">
          {steps} steps, about {minutesWords(minutes)}. Space is done, Backspace takes it back, N
          notes, P pauses.
        </p>
      )}
      <div className={`grid items-start gap-4 ${given.job ? "lg:grid-cols-2" : "max-w-2xl"}`}>
        <SafetyStrip
          // What is asked stands beside it, to be answered.
          notes={given.job ? notes.filter(({ kind }) => kind !== "health") : notes}
          className="text-lg"
        />
        {given.job && (
          <AskFirst
            given={given}
            context={context}
            home={home}
            label={begins}
            onBegin={(answers) => onBegin(trial, answers)}
          />
        )}
      </div>
      <label className="flex min-h-12 items-center gap-3 text-lg">
        <input
          type="checkbox"
          className="checkbox"
          checked={trial}
          onChange={(event) => setTrial(event.target.checked)}
        />
        A rehearsal, to be timed and not worn
      </label>
      <div className="flex flex-wrap gap-3">
        {finished && (
          <Link className="btn btn-primary btn-lg" href={`${home}/record`}>
            To the record
          </Link>
        )}
        {!given.job && (
          <button
            type="button"
            className={`btn btn-lg ${finished ? "" : "btn-primary"}`}
            onClick={() => onBegin(trial, null)}
          >
            {begins}
          </button>
        )}
        <Link className="btn btn-lg" href={`${home}/time`}>
          Back to the look
        </Link>
      </div>
      <p className="muted" role="status">
        {kept
          ? "Kept in this browser: it works on without the studio."
          : "Being kept for use without the studio."}
      </p>
    </div>
  );
}

function Head({
  look,
  person,
  steps,
  state,
  at,
  progress,
  notes,
  sending,
  kept,
}: {
  look: string;
  person: string;
  steps: readonly ChairStep[];
  state: ReturnType<typeof readLog>;
  at: number;
  progress: ReturnType<typeof progressOf> | null;
  notes: readonly SafetyNote[];
  sending: Sending;
  kept: boolean;
}) {
  const behind = Math.round(progress?.behind ?? 0);
  const words =
    behind >= 1
      ? `${minutesWords(behind)} behind`
      : behind <= -1
        ? `${minutesWords(-behind)} ahead`
        : "on time";
  return (
    <header>
      <div className="flex flex-wrap justify-between gap-x-6 text-base">
        <p>
          {look} on {person}
          {state.rehearsal && ", rehearsal"}
          <strong>
            {" "}
            ·{" "}
            {notes
              .filter(({ kind }) => kind !== "reaction")
              .map(({ text }) => text)
              .join(" ")}
          </strong>
        </p>
        <p role="status">
          step {Math.min(at + 1, steps.length)} of {steps.length} · <strong>{words}</strong>
          {progress?.neededBy && progress.late > 0 ? (
            <strong>, {minutesWords(progress.late)} too late for the curtain</strong>
          ) : progress?.neededBy ? (
            `, curtain still met${progress.bufferSpent ? `, ${progress.bufferSpent} min of what was kept in hand gone` : ""}`
          ) : (
            ""
          )}
        </p>
      </div>
      <div className="mt-2 flex gap-[3px]" aria-hidden>
        {steps.map((entry, i) => (
          <span
            key={entry.id}
            className={`h-2.5 min-w-0 flex-1 rounded-[2px] border ${isDone(entry, state) ? "border-base-content bg-base-content" : i === at ? "border-2 border-base-content" : "border-base-content/50 bg-base-300"}`}
          />
        ))}
      </div>
      <p className="muted mt-1 text-sm" role="status" data-testid="log">
        {sending.kind === "sent"
          ? "log with the studio"
          : sending.kind === "kept"
            ? `${sending.waiting} kept here, sent when the studio answers`
            : `kept here; the studio refused it: ${sending.why}`}
        {kept && " · works without the studio"}
      </p>
    </header>
  );
}

function Buttons({
  step,
  paused,
  anyDone,
  home,
  onDone,
  onBack,
  onNote,
  onPause,
  onFinish,
}: {
  step: ChairStep | null;
  paused: boolean;
  anyDone: boolean;
  home: string;
  onDone: (step: ChairStep) => void;
  onBack: () => void;
  onNote: (text: string) => void;
  onPause: (why: string) => void;
  onFinish: () => void;
}) {
  const [asking, setAsking] = useState<"note" | "pause" | null>(null);
  const [text, setText] = useState("");
  const act = () => {
    if (step && !paused) onDone(step);
    else if (!step) onFinish();
  };
  const options = { preventDefault: true, enabled: asking === null };
  useHotkeys("space", act, options, [step, paused, onDone, asking]);
  useHotkeys(
    "backspace",
    () => {
      if (anyDone) onBack();
    },
    options,
    [anyDone, onBack, asking],
  );
  useHotkeys("n", () => setAsking("note"), options, [asking]);
  useHotkeys("p", () => onPause(""), options, [onPause, asking]);
  useHotkeys(
    "i",
    () => {
      if (!paused) setAsking("pause");
    },
    options,
    [paused, asking],
  );
  const key = (name: string) => <kbd className="kbd kbd-sm ml-2 hidden sm:inline-flex">{name}</kbd>;
  const send = () => {
    if (asking === "note" && text.trim()) onNote(text.trim());
    if (asking === "pause") onPause(text.trim() || "interrupted");
    setAsking(null);
    setText("");
  };
  return (
    <div className="mt-auto pt-4">
      <div className="grid grid-cols-2 gap-2.5 sm:grid-cols-[1.6fr_1fr_1fr_1fr_1.35fr]">
        <button
          type="button"
          className="btn btn-primary h-16 px-2 text-xl"
          disabled={paused}
          onClick={act}
        >
          {step ? "Done" : "Finish"}
          {key("Space")}
        </button>
        <button
          type="button"
          className="btn h-16 px-2 text-lg"
          disabled={!anyDone}
          onClick={onBack}
        >
          Back{key("⌫")}
        </button>
        <button type="button" className="btn h-16 px-2 text-lg" onClick={() => setAsking("note")}>
          Note{key("N")}
        </button>
        <button
          type="button"
          className={`btn h-16 px-2 text-lg ${paused ? "btn-primary" : ""}`}
          onClick={() => onPause("")}
        >
          {paused ? "Go on" : "Pause"}
          {key("P")}
        </button>
        {!paused && (
          <button
            type="button"
            className="btn h-16 px-2 text-lg"
            onClick={() => setAsking("pause")}
          >
            Interrupted{key("I")}
          </button>
        )}
      </div>
      <p className="mt-2 text-sm">
        <Link className="link" href={`${home}/time`}>
          Leave the chair; it goes on from here
        </Link>
      </p>
      <Dialog
        open={asking !== null}
        title={asking === "note" ? "Note to this step" : "What interrupts?"}
        onClose={() => setAsking(null)}
      >
        <form
          onSubmit={(event) => {
            event.preventDefault();
            send();
          }}
        >
          <input
            type="text"
            className="input w-full text-lg"
            maxLength={500}
            aria-label={asking === "note" ? "Note" : "What interrupts"}
            value={text}
            onChange={(event) => setText(event.target.value)}
            data-first
          />
          <p className="muted mt-1 text-sm">
            {asking === "pause"
              ? "Interruptions are counted apart from working minutes (TIME-4)."
              : "Kept with the log."}
          </p>
          <button type="submit" className="btn btn-primary mt-3">
            {asking === "note" ? "Keep the note" : "Stop the clock"}
          </button>
        </form>
      </Dialog>
    </div>
  );
}

const SOUND = "dermagraph.sound";

/** A tone when what the step waits for is ready, for whoever wants it. */
function Sound({
  step,
  steps,
  state,
  now,
}: {
  step: ChairStep | null;
  steps: readonly ChairStep[];
  state: ReturnType<typeof readLog>;
  now: number;
}) {
  const [on, setOn] = useState(() => localStorage.getItem(SOUND) === "on");
  const waited = useRef<string | null>(null);
  const from = step ? readyFrom(step, steps, state) : 0;
  useEffect(() => {
    if (!step) return;
    if (now < from) waited.current = step.id;
    else if (waited.current === step.id) {
      waited.current = null;
      if (on) tone();
    }
  }, [step, from, now, on]);
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm -mt-7 self-end"
      aria-pressed={on}
      onClick={() => {
        localStorage.setItem(SOUND, on ? "off" : "on");
        setOn(!on);
        if (!on) tone();
      }}
    >
      {on ? <Bell size={16} aria-hidden /> : <BellOff size={16} aria-hidden />}Sound{" "}
      {on ? "on" : "off"}
    </button>
  );
}
