"use client";

import type { ReactNode } from "react";
import {
  isDone,
  meanwhile,
  nextStep,
  READY,
  readyFrom,
  type ChairState,
  type ChairStep,
} from "@/core/chair";
import { markLabel, shapesOf, workName, zoneWords, type Look, type LookContext } from "@/core/look";
import { BY } from "@/core/piece";
import { regionOf, type Plan } from "@/core/plan";
import { paintingAir } from "@/core/studio";
import { minutesWords } from "@/core/text/words";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { Swatch } from "@/ui/Swatch";

const ORDINALS = [
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
] as const;

/** "second coat", "both coats", "coats 1 to 3 of 4". */
function coatWords({ coat, lastCoat, coats }: ChairStep): string {
  if (coat === lastCoat) return `${ORDINALS[coat - 1] ?? coat} coat`;
  if (lastCoat - coat + 1 < coats) return `coats ${coat} to ${lastCoat} of ${coats}`;
  return coats === 2 ? "both coats" : `all ${coats} coats`;
}

/** "1:40" until a moment. */
const countdown = (minutes: number): string => {
  const seconds = Math.max(0, Math.ceil(minutes * 60));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
};

interface Props {
  readonly step: ChairStep;
  readonly steps: readonly ChairStep[];
  readonly state: ChairState;
  readonly now: number;
  readonly look: Look;
  readonly context: LookContext;
  readonly sheet: Plan;
  readonly onMeanwhile: (step: ChairStep) => void;
  readonly isOther: boolean;
  readonly onUsual: () => void;
  readonly paused: boolean;
}

/** One step, large: what, with what, where, what to mind; and what to do while it waits. */
export function StepCard({
  step,
  steps,
  state,
  now,
  look,
  context,
  sheet,
  onMeanwhile,
  isOther,
  onUsual,
  paused,
}: Props) {
  const say = useSay();
  const layer = look.layers.find(({ id }) => id === step.layerId);
  const planned = sheet.steps.find(({ layerId }) => layerId === step.layerId);
  if (!planned) return null;
  // What is put on is no layer: its line of the plan says all there is to say.
  const { zones: painted, notes } = layer ?? { zones: [], notes: planned.notes };
  const marks = layer ? shapesOf(layer) : [];
  const here = painted.filter((zone) => step.regions.includes(regionOf(zone)));
  const from = readyFrom(step, steps, state);
  const waits = from > now;
  const other = waits ? meanwhile(step, steps, state, now) : null;
  const after = nextStep(steps, {
    done: [...state.done, { tasks: step.tasks, from: now, to: now, handsOn: 0 }],
  });
  const nameOf = (entry: ChairStep) =>
    `${workName(look, entry.layerId)}${entry.coats > 1 ? `, ${coatWords(entry)}` : ""}`;
  const where = step.waitsFor?.isBeside ? "beside it" : "below";
  const kinds = [
    ...new Map(marks.map(({ kind }) => [kind, marks.filter((mark) => mark.kind === kind).length])),
  ];
  return (
    <div className="flex flex-1 flex-col">
      <p className="mt-5 text-lg">
        {layer
          ? `${layer.role} · ${step.regions.slice(0, 3).join(", ")}${step.regions.length > 3 ? ` and ${step.regions.length - 3} more` : ""}`
          : planned.by === "painter"
            ? "put on"
            : BY[planned.by]}
      </p>
      <h1 data-step tabIndex={-1} className="text-4xl leading-tight focus:outline-none sm:text-6xl">
        {planned.title}
        {step.coats > 1 && <>, {coatWords(step)}</>}
      </h1>
      {paused && (
        <p className="mt-2 border-l-4 border-base-content pl-3 text-xl font-bold" role="status">
          Paused: the clock of this step stands.
        </p>
      )}
      <dl className="mt-4 grid grid-cols-[5.5rem_1fr] gap-x-4 gap-y-2 text-xl sm:grid-cols-[7rem_1fr]">
        {planned.paint && (
          <Row label={layer ? "Paint" : "Glue"}>
            <span className="flex items-center gap-3">
              {planned.hex && <Swatch hex={planned.hex} size={34} />}
              {planned.paint}
            </span>
            {planned.amounts.length > 0 && (
              <span className="muted block text-base">
                {planned.amounts
                  .map(
                    ({ name, grams, counted }) =>
                      `${say.amount(grams, counted)}${planned.amounts.length > 1 ? ` ${name}` : ""}`,
                  )
                  .join(", ")}
                {planned.amounts.every(({ counted }) => counted === "grams") && " for all of it"}
              </span>
            )}
          </Row>
        )}
        <Row label="With">
          {[planned.tool, planned.technique].filter(Boolean).join(", ")}
          {planned.load && <span className="muted block text-base">{planned.load}</span>}
          {step.between >= 0.25 && (
            <span className="muted block text-base">
              {step.between < 1 ? "under a minute" : `about ${minutesWords(step.between)}`} to dry
              between coats
            </span>
          )}
        </Row>
        {(painted.length > 0 || planned.where) && (
          <Row label="Where">
            {painted.length ? zoneWords(here.length ? here : painted, 5) : planned.where}
            {kinds.length > 0 && (
              <span className="muted block text-base">
                {kinds.map(([kind, count]) => `${count} × ${markLabel(kind)}`).join(", ")}
              </span>
            )}
          </Row>
        )}
        <Row label="Timing">
          {step.waitsFor
            ? `what lies ${where}: ${READY[step.waitsFor.ready]}`
            : `${step.handsOn < 1 ? "under a minute" : `about ${minutesWords(step.handsOn)}`}${planned.rest === "no wait" ? "" : `, then ${planned.rest}`}`}
        </Row>
        {notes && (
          <Row label="How">
            <Told>{notes}</Told>
          </Row>
        )}
      </dl>
      {step.waitsFor && (
        <div className="mt-5 flex flex-wrap items-center gap-x-8 gap-y-3 border-t rule pt-4">
          <div>
            {step.waitsFor.ready === "timer" ? (
              <>
                <p className="text-base">
                  what lies {where} is ready{waits && " in"}
                </p>
                <p className="font-display text-5xl font-bold" role="timer">
                  {waits ? countdown(from - now) : "now"}
                </p>
              </>
            ) : (
              <>
                <p className="text-base">look, don&apos;t count</p>
                <p className="font-display text-3xl font-bold">{READY[step.waitsFor.ready]}</p>
                {waits && <p className="muted">about {minutesWords(from - now)} yet</p>}
              </>
            )}
          </div>
          <div className="max-w-md text-lg">
            {!other && waits && step.meanwhile && (
              <p>
                <strong>Meanwhile:</strong> {step.meanwhile}.
              </p>
            )}
            {other && (
              <p>
                <strong>Meanwhile:</strong> {nameOf(other)}, {other.regions.slice(0, 2).join(", ")}.{" "}
                <button type="button" className="btn ml-1" onClick={() => onMeanwhile(other)}>
                  Do that first
                </button>
              </p>
            )}
            <p className="muted text-base">
              <Told>{paintingAir(context.brief, context.studio).words}</Told>
            </p>
          </div>
        </div>
      )}
      <p className="mt-5 text-lg">
        {isOther && (
          <>
            <button type="button" className="link" onClick={onUsual}>
              Back to the order of the plan
            </button>{" "}
            ·{" "}
          </>
        )}
        {after && !isDone(after, state) ? (
          <>
            Next: {nameOf(after)}, {after.regions.slice(0, 2).join(", ")}
          </>
        ) : (
          "This is the last step."
        )}
      </p>
    </div>
  );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <>
      <dt className="muted pt-0.5 text-lg">{label}</dt>
      <dd className="m-0">{children}</dd>
    </>
  );
}
