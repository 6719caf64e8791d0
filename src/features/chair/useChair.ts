import { useMemo, useState } from "react";
import {
  answersIn,
  chairSteps,
  isDone,
  nextStep,
  progressOf,
  readLog,
  withAnswers,
  type ChairEvent,
} from "@/core/chair";
import { safetyNotes } from "@/core/look";
import { makePlan, seat } from "@/core/plan";
import { contextOf } from "@/core/record";
import type { ChairGiven } from "@/server/chair";
import { useChairLog } from "./useChairLog";
import { useKeptOffline } from "@/shared/useKeptOffline";
import { useSeconds, useWakeLock } from "./useDevice";

/** Everything a chair shows: the plan, where the sitting stands in it, and what is left of the time. */
export function useChair(given: ChairGiven, known: readonly ChairEvent[]) {
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
  return {
    look,
    context,
    plan,
    sheet,
    steps,
    state,
    notes,
    now,
    step,
    usual,
    choose: setChosen,
    progress,
    log,
    sending,
    stops,
    kept,
    paused,
  };
}
