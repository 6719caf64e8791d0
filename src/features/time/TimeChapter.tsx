"use client";

import { minutesWords, oneOrMore, plural } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { BriefSchema, type Brief, type Pace } from "@/core/brief";
import { makePlan, type Bar, type Plan } from "@/core/plan";
import { contextOf, storedContextOf } from "@/core/record";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import { planWorker } from "@/shared/workspace/usePlan";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { DraftFound } from "@/ui/saver/DraftFound";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { useSaved, type Saved } from "@/ui/saver/useSaved";
import type { PlanWorker } from "@/workers/plan";
import { ChairTimeline } from "./ChairTimeline";
import { DayAxis } from "./DayAxis";
import { TimeSettings } from "./TimeSettings";
import { HeldBack } from "./HeldBack";
import { useNow } from "./useNow";

/** The chair's timeline and the whole day on one axis: change what time depends on, or move a step, and see the finish move. */
export function TimeChapter() {
  const { look, given, jobId } = useWorking();
  if (!look.layers.length)
    return (
      <div className="p-6">
        <Empty title="Nothing to time yet">
          <p>Minutes follow from the layers: put a base and what goes over it on the map.</p>
          <Link className="btn btn-primary" href={`/looks/${given.look.id}/${jobId}/map`}>
            To the map
          </Link>
        </Empty>
      </div>
    );
  return <Timing key={given.job?.id ?? "none"} />;
}

const readBrief = (value: unknown): Brief | null => {
  const read = BriefSchema.safeParse(value);
  return read.success ? read.data : null;
};

/** The brief as it is changed here: at once on screen, saved after a breath, undone like the design. */
function useBrief(): Saved<Brief> & { put: (values: Partial<Brief>) => void } {
  const { given, lendHistory } = useWorking();
  const { job } = given;
  const router = useRouter();
  const first = useMemo(
    () => ({ version: job?.version ?? 0, value: given.brief }),
    [job?.version, given.brief],
  );
  const saved = useSaved(
    first,
    {
      key: `job.${job?.id ?? ""}`,
      url: `/api/jobs/${job?.id ?? ""}`,
      body: (version, brief) => ({ version, personId: job?.personId, brief }),
      onSaved: () => router.refresh(),
    },
    readBrief,
  );
  const { value, change, history } = saved;
  useEffect(() => {
    lendHistory(history);
    return () => lendHistory(null);
  }, [lendHistory, history]);
  return {
    ...saved,
    put: (values) => {
      if (job) change({ ...value, ...values });
    },
  };
}

/** What the order of the chair costs, beside the stack's own. */
function orderWords({ handsOnMinutes, lowerBoundMinutes, chairMinutes, order }: Plan): string {
  const { changes, idle, torn, stack } = order;
  const saved = stack.minutes - chairMinutes;
  return [
    `${minutesWords(handsOnMinutes)} of hands-on work, ${oneOrMore(changes, "change")} of tool or colour`,
    idle >= 1 ? `, ${minutesWords(idle)} in which nothing may be painted` : "",
    saved >= 0.5
      ? `. Painted in the order of the layers it takes ${minutesWords(stack.minutes)} and ${oneOrMore(stack.changes, "change")}`
      : ", in the order of the layers",
    torn > 0 ? `; ${torn} ${plural(torn, "pass", "passes")} broken off to fill a wait` : "",
    `. No order of these steps is shorter than ${minutesWords(lowerBoundMinutes)}.`,
  ].join("");
}

function Timing() {
  const say = useSay();
  const { look, given } = useWorking();
  const saved = useBrief();
  const { value: brief, put: change, saver } = saved;
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = useDeferredValue(brief);
  const context = useMemo(
    () => contextOf({ ...storedContextOf(given), brief: shown }),
    [given, shown],
  );
  const plan = useMemo(() => makePlan(look, context), [look, context]);
  // What it was when this page was opened: changes are told against that.
  const [opened] = useState(plan.chairMinutes);
  const atPaces = usePaces(shown);
  const now = useNow();
  const { times } = plan;
  const moved = Math.round(plan.chairMinutes - opened);
  const pin = (bar: Bar, minute: number | null) =>
    change({
      pins: [
        ...brief.pins.filter(({ task }) => task !== bar.id),
        ...(minute === null
          ? []
          : [{ task: bar.id, minute: Math.max(0, Math.round(minute * 2) / 2) }]),
      ],
    });
  const known = new Set(plan.bars.map(({ id }) => id));
  const pins = brief.pins.filter(({ task }) => known.has(task));
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6">
      {saved.draft && <DraftFound onRestore={saved.restore} onDiscard={saved.discard} />}
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h2 className="text-2xl">Time</h2>
          <p className="text-lg" role="status">
            {times ? (
              <>
                Start <strong>{say.clock(times.startAt)}</strong>
                {times.byCall && " by the call of that day"}, painted by{" "}
                <strong>{say.clock(times.paintedBy)}</strong>, leave by{" "}
                <strong>{say.clock(times.leaveBy)}</strong>, curtain{" "}
                <strong>{say.clock(times.curtainAt)}</strong>.{" "}
              </>
            ) : (
              <>No curtain yet: minutes count from the start. </>
            )}
            <strong>{minutesWords(plan.chairMinutes)}</strong> at the chair
            {moved !== 0 && (
              <>
                , {minutesWords(Math.abs(moved))} {moved < 0 ? "less" : "more"} than before
              </>
            )}
            .
          </p>
          <p className="muted text-sm">{orderWords(plan)}</p>
        </div>
        {given.job && (
          <SaveStatus
            state={saved.state}
            name="the brief"
            onMine={() => void saver.overwrite()}
            onTheirs={() => {
              saver.discard();
              window.location.reload();
            }}
          />
        )}
      </div>
      <TimeSettings
        brief={brief}
        studio={context.studio}
        change={change}
        paces={atPaces}
        isOpen={given.job !== null}
      />
      <DayAxis plan={plan} look={look} context={context} now={now} />
      <ChairTimeline
        plan={plan}
        look={look}
        startAt={times?.startAt ?? null}
        now={now}
        chosen={chosen}
        pins={new Map(brief.pins.map(({ task, minute }) => [task, minute]))}
        onChoose={setChosen}
        onPin={given.job ? pin : null}
      />
      <HeldBack
        plan={plan}
        look={look}
        pins={pins}
        chosen={chosen}
        onPin={given.job ? pin : null}
        onClear={() => change({ pins: [] })}
      />
      <Rehearsal />
    </div>
  );
}

type PacesRequest = Parameters<PlanWorker["paces"]>[0];

const atEveryPace: Ask<PlanWorker, PacesRequest, Record<Pace, number>> = (api, request) =>
  api.paces(request);

/** The chair at every pace, off the page. */
function usePaces(brief: Brief): Answer<Record<Pace, number>> {
  const { look, given } = useWorking();
  const request = useMemo(
    () => ({ look, stored: { ...storedContextOf(given), brief } }),
    [look, given, brief],
  );
  return useAnswer(planWorker, request, atEveryPace);
}

/** What the minutes go by: the house, or what this painter measured; and the offer to rehearse. */
function Rehearsal() {
  const say = useSay();
  const { given, jobId } = useWorking();
  const { from, factor, curve } = given.speed;
  const times = `${say.number(factor, 2)} times the default minutes`;
  return (
    <section
      aria-label="Rehearsal"
      className="card-plain mt-4 flex flex-wrap items-center justify-between gap-4 p-4"
    >
      <div className="max-w-prose text-sm">
        <h3 className="text-lg">Whose minutes these are</h3>
        <p>
          {from.same > 0 ? (
            <>
              Yours:{" "}
              {from.same === 1
                ? "this look was timed once"
                : `${from.same} sittings of this look were timed`}
              , and{" "}
              {curve ? (
                <>
                  the curve fitted to them puts the next at {times} (each doubling of practice
                  multiplies by {say.number(curve.rate, 2)}; Wright 1936)
                </>
              ) : (
                <>the last took {times}</>
              )}
              .
            </>
          ) : from.others > 0 ? (
            <>
              Your mean on other looks, {times}, by {oneOrMore(from.others, "job")}. This look was
              never timed.
            </>
          ) : (
            <>
              The house&apos;s: nothing was timed yet. Area over the tool&apos;s rate, stroke length
              over its speed, common practice.
            </>
          )}{" "}
          A rehearsal the day before gives the measured time (TIME-2).
        </p>
      </div>
      <Link className="btn" href={`/chair/${given.look.id}/${jobId}?rehearsal=1`}>
        Rehearse it at the chair
      </Link>
    </section>
  );
}
