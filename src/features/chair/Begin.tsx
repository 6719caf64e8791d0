"use client";

import { minutesWords } from "@/core/text/words";
import { Link } from "@/ui/Link";
import { useState } from "react";
import type { Today } from "@/core/brief";
import type { LookContext, SafetyNote } from "@/core/look";
import { SafetyStrip } from "@/shared/safety/SafetyStrip";
import type { ChairGiven } from "@/server/chair";
import { AskFirst } from "./AskFirst";

/** Before the first step: how long it takes, what one has to know, and what is asked. */
export function Begin({
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
        <p className="text-xl">This job is finished. Its minutes wait in the record.</p>
      ) : (
        <p className="text-xl">
          {steps} steps, about {minutesWords(minutes)}. Space is done, Backspace takes it back, N
          notes, P pauses.
        </p>
      )}
      <div className={`grid items-start gap-4 ${given.job ? "lg:grid-cols-2" : "max-w-2xl"}`}>
        <div className="flex flex-col gap-3">
          <SafetyStrip
            // What is asked stands beside it, to be answered.
            notes={given.job ? notes.filter(({ kind }) => kind !== "health") : notes}
            className="text-lg"
          />
          <label className="flex min-h-12 items-center gap-3 text-lg">
            <input
              type="checkbox"
              className="checkbox"
              checked={trial}
              onChange={(event) => setTrial(event.target.checked)}
            />
            A rehearsal, to be timed and not worn
          </label>
        </div>
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
