"use client";

import { useState } from "react";
import {
  doneTasks,
  doneTasksOf,
  skippedTasks,
  type ChairState,
  type ChairStep,
  type Progress,
} from "@/core/chair";
import { formOf, type Look, type LookContext } from "@/core/look";
import { whatToDrop, type Cut, type Seat } from "@/core/plan";
import { minutesWords } from "@/core/text/words";
import { Told } from "@/shared/say/Told";

/** So many cuts are offered at once. */
const OFFERED = 3;

/** Tasks that a cut leaves out: the rest of a layer with what gives its shapes form, or its last coat. */
function tasksOf(
  { patch }: Cut,
  look: Look,
  plan: Seat,
  done: ReadonlyMap<string, number>,
): string[] {
  if (patch.op === "removeLayer") {
    const gone = new Set([patch.id, ...formOf(look, patch.id).map(({ id }) => id)]);
    return plan.tasks
      .filter(({ layerId, id }) => gone.has(layerId) && !done.has(id))
      .map(({ id }) => id);
  }
  if (patch.op !== "changeLayer" || typeof patch.change.coats !== "number") return [];
  const most = patch.change.coats;
  return plan.tasks
    .filter(({ layerId, coat, id }) => layerId === patch.id && coat > most && !done.has(id))
    .map(({ id }) => id);
}

/** When the curtain is missed or the buffer is going: what to leave out first, and what the look loses by it. */
export function Late({
  progress,
  look,
  context,
  plan,
  steps,
  state,
  now,
  onSkip,
}: {
  progress: Progress;
  look: Look;
  context: LookContext;
  plan: Seat;
  steps: readonly ChairStep[];
  state: ChairState;
  now: number;
  onSkip: (tasks: readonly string[], words: string) => void;
}) {
  const [asked, setAsked] = useState<{ cuts: readonly Cut[]; state: ChairState } | null>(null);
  // What is saved by leaving something out depends on what is done and what was left out before: asked again after each step.
  const cuts = asked?.state === state ? asked.cuts : null;
  if (progress.late === 0 && progress.bufferSpent === 0) return null;
  const done = doneTasksOf(state);
  const open = (cuts ?? [])
    .map((cut) => ({ cut, tasks: tasksOf(cut, look, plan, done) }))
    .filter(({ tasks }) => tasks.length > 0)
    .slice(0, OFFERED);
  return (
    <section aria-label="Running late" className="mt-4 border-l-4 border-base-content pl-4">
      <p className="text-lg">
        <strong>
          {progress.late > 0
            ? `${minutesWords(progress.late)} too late as it stands.`
            : `${progress.bufferSpent} min of the ${context.brief.bufferMinutes} kept in hand are gone.`}
        </strong>{" "}
        {cuts === null && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              setAsked({
                state,
                cuts: whatToDrop(look, context, {
                  done: doneTasks(steps, state, plan),
                  now,
                  tasks: plan.tasks,
                  without: skippedTasks(state),
                }),
              })
            }
          >
            What could be left out?
          </button>
        )}
      </p>
      {cuts !== null &&
        (open.length ? (
          <ul aria-label="What could be left out" className="mt-1 text-base">
            {open.map(({ cut, tasks }) => (
              <li
                key={cut.words}
                className="flex flex-wrap items-center gap-3 border-t rule py-1.5"
              >
                <span className="min-w-0 flex-1">
                  <strong className="first-letter:uppercase">
                    <Told>{cut.words}</Told>
                  </strong>
                  : saves {minutesWords(cut.saves)}. <span className="muted">{cut.lossWords}</span>
                </span>
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() => onSkip(tasks, `left out ${cut.words}`)}
                >
                  Leave it out
                </button>
              </li>
            ))}
          </ul>
        ) : (
          <p>Nothing that is left can go without harm to skin or hold.</p>
        ))}
    </section>
  );
}
