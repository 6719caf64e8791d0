"use client";

import { buildList, coatCount, type Piece } from "@/core/piece";
import { minutesWords } from "@/core/text/words";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** The days before: coats with their waits, repairs, the dry fit. Ticked off in order. */
export function BuildListCard({
  piece,
  onPut,
}: {
  piece: Piece;
  onPut: (piece: Piece) => boolean;
}) {
  const say = useSay();
  const { given } = useWorking();
  const { curtainAt } = given.brief;
  if (!curtainAt)
    return (
      <section aria-label="Build list" className="card-plain p-4 text-sm">
        <h3 className="text-lg">Build list</h3>
        <p>Set the curtain in the brief, and the days of building are counted back from it.</p>
      </section>
    );
  const { steps, startOn } = buildList(piece, curtainAt);
  const late = startOn !== null && startOn < given.today;
  let coat = 0;
  return (
    <section aria-label="Build list" className="card-plain p-4 text-sm">
      <h3 className="text-lg">Build list</h3>
      <p>
        {startOn === null ? (
          "Everything is done but the dry fit."
        ) : late ? (
          <strong>
            This should have begun on {say.day(startOn)}: build faster, simpler, or without the day
            for repairs.
          </strong>
        ) : startOn === given.today ? (
          <strong>To begin today.</strong>
        ) : (
          <>
            To begin by <strong>{say.day(startOn)}</strong>.
          </>
        )}{" "}
        Worn on {say.day(curtainAt)}.
      </p>
      <ol className="mt-2">
        {steps.map((step, i) => {
          const own = step.kind === "fit" ? -1 : coat++;
          return (
            <li key={i} className="flex flex-wrap items-center gap-3 border-t rule py-1.5">
              {own >= 0 ? (
                <label className="flex min-h-8 flex-1 items-center gap-3">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={step.done}
                    onChange={(event) =>
                      onPut({
                        ...piece,
                        done: Math.min(coatCount(piece), event.target.checked ? own + 1 : own),
                      })
                    }
                  />
                  <Words step={step} />
                </label>
              ) : (
                <span className="flex-1 pl-9">
                  <Words step={step} />
                </span>
              )}
            </li>
          );
        })}
      </ol>
      <p className="muted mt-1 text-xs">
        A wait of a night ends the day; a day is kept for repairs, and the day before is for the dry
        fit (PIECE-1). In the calendar of the call too.
      </p>
    </section>
  );
}

function Words({ step }: { step: ReturnType<typeof buildList>["steps"][number] }) {
  const say = useSay();
  return (
    <span>
      <strong className="inline-block min-w-24">{say.day(step.on)}</strong>{" "}
      <Told>{step.words}</Told>{" "}
      <span className="muted">
        · {minutesWords(step.minutes)}
        {step.ready && `, until ${step.ready}`}
        {step.aired && "; outdoors or well aired"}
      </span>
    </span>
  );
}
