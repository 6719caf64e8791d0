import { minutesBetween } from "../days";
import { z } from "zod";
import { TodaySchema, type Brief } from "../brief";
import type { ChairStep } from "./steps";

/** What can be logged at the chair. "skip" leaves tasks out; "back" takes the last "done" or "skip" back; an interruption is a pause with a reason. */
export const CHAIR_KINDS = [
  "begin",
  "done",
  "skip",
  "back",
  "note",
  "pause",
  "resume",
  "finish",
] as const;

/** One thing logged, with an id of its own, so that it counts once however often it is sent. */
export const ChairEventSchema = z
  .object({
    id: z.uuid("an id of its own"),
    /** One painting of one look: events of a session belong together. */
    session: z.uuid("the id of a sitting"),
    at: z.iso.datetime({ offset: true, error: "a date and a time" }),
    /** Its place among all that was logged at this chair, whatever the clock said: one more than the last that was known. 0: written before there were places. */
    seq: z.number().int().min(0).max(1e9).default(0),
    kind: z.enum(CHAIR_KINDS),
    /** What it is about: tasks of the chair, which stay the same however the plan puts them in steps. */
    tasks: z.array(z.string().min(1).max(200)).max(200).default([]),
    text: z.string().max(500, "at most 500 letters").default(""),
    /** Said at the beginning: painted to be timed, not worn. */
    rehearsal: z.boolean().default(false),
    /** Said at the beginning: what they answered before the first step (SAFE-13). */
    answers: TodaySchema.nullable().default(null),
  })
  .strict();
export type ChairEvent = z.infer<typeof ChairEventSchema>;

/** Tasks as they were done together: minutes from the beginning, hands on without pauses and without waiting for what lay below. */
export interface StepDone {
  readonly tasks: readonly string[];
  readonly from: number;
  readonly to: number;
  readonly handsOn: number;
  /** Left out, not painted. */ readonly skipped?: true;
}

/** Where a sitting stands. Minutes from its beginning. */
export interface ChairState {
  readonly begunAt: string | null;
  readonly finishedAt: string | null;
  readonly rehearsal: boolean;
  readonly done: readonly StepDone[];
  readonly pausedSince: string | null;
  readonly interruptions: readonly { readonly minutes: number; readonly why: string }[];
  readonly notes: readonly { readonly tasks: readonly string[]; readonly text: string }[];
}

const NOT_BEGUN: ChairState = {
  begunAt: null,
  finishedAt: null,
  rehearsal: false,
  done: [],
  pausedSince: null,
  interruptions: [],
  notes: [],
};
const minutesFrom = (from: string, to: string) => Math.max(0, minutesBetween(from, to));

/** Events once each, in the order of their places, and of their moments where two devices took one place; equal ones keep the order they were logged in. */
export const inOrder = (events: readonly ChairEvent[]): ChairEvent[] =>
  [...new Map(events.map((event) => [event.id, event])).values()]
    .map((event, i) => ({ event, i }))
    .sort(
      (a, b) =>
        a.event.seq - b.event.seq || Date.parse(a.event.at) - Date.parse(b.event.at) || a.i - b.i,
    )
    .map(({ event }) => event);

/** The sitting begun last, of all that was logged at a chair. A clock set back, or one that ran ahead, hides none. */
export function lastSitting(events: readonly ChairEvent[]): ChairEvent[] {
  const all = inOrder(events);
  const last = all.findLast(({ kind }) => kind === "begin");
  return last ? all.filter(({ session }) => session === last.session) : [];
}

/** What was answered when a sitting was begun; null where nobody was asked. */
export const answersIn = (events: readonly ChairEvent[]): ChairEvent["answers"] =>
  inOrder(events).findLast(({ kind, answers }) => kind === "begin" && answers !== null)?.answers ??
  null;

/** A brief with what was answered at its chair. */
export const withAnswers = (brief: Brief, answers: ChairEvent["answers"]): Brief =>
  answers ? { ...brief, ...answers } : brief;

/** The place of the next event. */
export const nextSeq = (events: readonly ChairEvent[]): number =>
  1 + Math.max(0, ...events.map(({ seq }) => seq));

/**
 * Reads a log: what is done and how long it took. Time paused counts for no step; nor does time in which what a step lies on was still resting.
 * A step is done once, whatever is sent twice; events that make no sense where they stand are left out.
 */
export function readLog(steps: readonly ChairStep[], events: readonly ChairEvent[]): ChairState {
  const pauses: { from: number; to: number }[] = [];
  let state = NOT_BEGUN;
  // Time does not run back, whatever a clock says.
  let at = 0;
  for (const event of inOrder(events)) {
    if (event.kind === "begin") {
      if (!state.begunAt) state = { ...state, begunAt: event.at, rehearsal: event.rehearsal };
      continue;
    }
    const { begunAt, pausedSince } = state;
    if (!begunAt) continue;
    at = Math.max(at, minutesFrom(begunAt, event.at));
    switch (event.kind) {
      case "note":
        state = { ...state, notes: [...state.notes, { tasks: event.tasks, text: event.text }] };
        break;
      case "pause":
        if (!pausedSince && !state.finishedAt)
          state = {
            ...state,
            pausedSince: event.at,
            interruptions: [...state.interruptions, { minutes: 0, why: event.text }],
          };
        break;
      case "resume": {
        if (!pausedSince) break;
        const from = minutesFrom(begunAt, pausedSince);
        pauses.push({ from, to: at });
        state = {
          ...state,
          pausedSince: null,
          interruptions: state.interruptions.map((entry, i) =>
            i === state.interruptions.length - 1
              ? { ...entry, minutes: Math.max(0, at - from) }
              : entry,
          ),
        };
        break;
      }
      case "done":
      case "skip": {
        const already = doneTasksOf(state);
        const tasks = event.tasks.filter((id) => !already.has(id));
        if (!tasks.length) break;
        if (event.kind === "skip") {
          state = {
            ...state,
            done: [...state.done, { tasks, from: at, to: at, handsOn: 0, skipped: true }],
          };
          break;
        }
        const last = Math.max(0, ...state.done.map((entry) => entry.to));
        const rested = Math.max(
          0,
          ...steps
            .filter((step) => step.tasks.some((id) => tasks.includes(id)))
            .map((step) => readyFrom(step, steps, state)),
        );
        // Begun before what lies below had rested: then it had, and the clock was wrong.
        const from = rested < at ? Math.max(last, rested) : last;
        const paused = pauses.reduce(
          (sum, pause) => sum + Math.max(0, Math.min(at, pause.to) - Math.max(from, pause.from)),
          0,
        );
        state = {
          ...state,
          done: [...state.done, { tasks, from, to: at, handsOn: Math.max(0, at - from - paused) }],
        };
        break;
      }
      case "back":
        state = { ...state, done: state.done.slice(0, -1), finishedAt: null };
        break;
      case "finish":
        state = { ...state, finishedAt: event.at };
        break;
    }
  }
  return state;
}

/** Tasks that were left out. */
export const skippedTasks = ({ done }: Pick<ChairState, "done">): Set<string> =>
  new Set(done.flatMap(({ tasks, skipped }) => (skipped ? tasks : [])));

/** Tasks that are done or left out, with the minute they ended. */
export const doneTasksOf = ({ done }: Pick<ChairState, "done">): Map<string, number> =>
  new Map(done.flatMap(({ tasks, to }) => tasks.map((id) => [id, to] as const)));

/** Whether all of a step is done. */
export const isDone = (step: ChairStep, state: Pick<ChairState, "done">): boolean => {
  const done = doneTasksOf(state);
  return step.tasks.every((id) => done.has(id));
};

/** The next step: the first that is not done. Null when all are. */
export const nextStep = (
  steps: readonly ChairStep[],
  state: Pick<ChairState, "done">,
): ChairStep | null => steps.find((step) => !isDone(step, state)) ?? null;

/** Minutes from the beginning at which what a step lies on has rested; 0 where nothing does. */
export function readyFrom(
  step: ChairStep,
  steps: readonly ChairStep[],
  state: Pick<ChairState, "done">,
): number {
  const [done, skipped] = [doneTasksOf(state), skippedTasks(state)];
  return Math.max(
    0,
    ...(step.waitsFor?.tasks ?? []).flatMap((id) => {
      const ended = done.get(id);
      return ended === undefined || skipped.has(id)
        ? []
        : [ended + (steps.find(({ tasks }) => tasks.includes(id))?.rest ?? 0)];
    }),
  );
}

/** Whether a step would bring something oily, wet or dusty near adhesive that still lies open. */
const isSoiling = (
  { near }: ChairStep,
  steps: readonly ChairStep[],
  done: ReadonlyMap<string, number>,
  now: number,
): boolean =>
  near?.does === "soils" &&
  steps.some(
    ({ near: other, tasks, rest }) =>
      other?.does === "opens" &&
      other.head === near.head &&
      tasks.some((id) => (done.get(id) ?? -Infinity) + rest > now),
  );

/** While one step waits: the first of the others that could be painted now, nothing that belongs under it being left out. */
export function meanwhile(
  step: ChairStep,
  steps: readonly ChairStep[],
  state: Pick<ChairState, "done">,
  now: number,
): ChairStep | null {
  const done = doneTasksOf(state);
  const open = steps.filter((entry) => !isDone(entry, state));
  return (
    open.find(
      (entry, i) =>
        entry !== step &&
        readyFrom(entry, steps, state) <= now &&
        [...(entry.waitsFor?.tasks ?? []), ...entry.behind].every((id) => done.has(id)) &&
        !isSoiling(entry, steps, done, now) &&
        !open
          .slice(0, i)
          .some((before) => before.regions.some((region) => entry.regions.includes(region))),
    ) ?? null
  );
}
