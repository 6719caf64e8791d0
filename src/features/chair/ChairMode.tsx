"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useCallback } from "react";
import type { ChairEvent, ChairStep } from "@/core/chair";
import { predict, reactionPlan } from "@/core/look";
import type { ChairGiven } from "@/server/chair";
import { focusSoon } from "@/ui/focusSoon";
import { useMounted } from "@/ui/useMounted";
import { Begin } from "./Begin";
import { ChairButtons } from "./ChairButtons";
import { ChairHead } from "./ChairHead";
import { ChairScreen } from "./ChairScreen";
import { ChairStopped } from "./ChairStopped";
import { Late } from "./Late";
import { StepCard } from "./StepCard";
import { StepFigure } from "./StepFigure";
import { ReadySound } from "./ReadySound";
import { useChair } from "./useChair";

interface Given {
  readonly given: ChairGiven;
  readonly known: readonly ChairEvent[];
  readonly jobId: string;
  readonly rehearsal: boolean;
}

/** The look at its chair, one step at a time, for wet hands: large, dark, by four keys; works and keeps its log without the studio. */
export function ChairMode(chair: Given) {
  // Worked out in the browser alone: it has to do it without the studio anyway.
  return useMounted() ? (
    <Chair {...chair} />
  ) : (
    <ChairScreen>
      <p className="m-auto text-2xl" role="status">
        Opening the chair
      </p>
    </ChairScreen>
  );
}

function Chair({ given, known, jobId, rehearsal }: Given) {
  const say = useSay();
  const look = given.look.design;
  const chair = useChair(given, known);
  const { context, plan, sheet, steps, state, notes, now, step, usual, choose } = chair;
  const { progress, log, sending, stops, kept, paused } = chair;
  const { begunAt } = state;
  const done = useCallback(
    (which: ChairStep) => {
      choose(null);
      log({ kind: "done", tasks: [...which.tasks] });
    },
    [choose, log],
  );
  const home = `/looks/${given.look.id}/${jobId}`;
  if (sheet.stopped)
    return (
      <ChairStopped
        stops={sheet.findings.filter(({ severity }) => severity === "stop")}
        home={home}
      />
    );
  if (!steps.length)
    return (
      <ChairScreen>
        <div className="m-auto text-center">
          <h1 className="text-3xl">Nothing to paint yet</h1>
          <Link className="btn btn-primary mt-4" href={`${home}/map`}>
            To the map
          </Link>
        </div>
      </ChairScreen>
    );
  if (!begunAt || state.finishedAt)
    return (
      <ChairScreen>
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
      </ChairScreen>
    );
  return (
    <ChairScreen>
      <StepFigure
        look={look}
        context={context}
        prediction={predict(look, context)}
        step={step}
        state={state}
        person={given.person}
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
        <ChairHead
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
            onMeanwhile={(other) => choose(other.id)}
            isOther={step !== usual}
            onUsual={() => choose(null)}
            paused={paused}
          />
        ) : (
          <div className="my-auto py-8">
            <h1 className="text-5xl">All painted</h1>
            <p className="mt-3 text-xl">
              {progress?.paintedAt && `Dry by ${say.clock(progress.paintedAt)}. `}
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
        <p className="muted mt-3 text-sm">{reactionPlan(context.studio)}</p>
        <ChairButtons
          step={step}
          paused={paused}
          anyDone={state.done.length > 0}
          home={home}
          onDone={done}
          onBack={() => {
            choose(null);
            log({ kind: "back" });
          }}
          onNote={(text) => log({ kind: "note", tasks: [...(step?.tasks ?? [])], text })}
          onPause={(why) => log(paused ? { kind: "resume" } : { kind: "pause", text: why })}
          onFinish={() => log({ kind: "finish" })}
        />
        <ReadySound step={step} steps={steps} state={state} now={now} />
      </div>
    </ChairScreen>
  );
}
