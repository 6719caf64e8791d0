"use client";

import { keysOf } from "@/core/keysOf";
import { PACES, PAINTED_IN, type Brief, type Pace } from "@/core/brief";
import { paintingAir, type StudioSettings } from "@/core/studio";
import { minutesWords } from "@/core/text/words";
import { unitOf } from "@/core/text/measures";
import { MeasureInput } from "@/shared/forms/MeasureInput";
import { useSay } from "@/shared/say/useSay";
import { Waiting } from "@/shared/workers/Waiting";
import type { Answer } from "@/shared/workers/useAnswer";
import { LabelledNumber } from "@/ui/LabelledNumber";
import { Select } from "@/ui/Select";

/** Who paints: so many artists at once, or the person themselves. */
const HANDS = [1, 2, 3, 4, "self"] as const;

/** What the time depends on: pace, hands, dryer, air, what is kept in hand. */
export function TimeSettings({
  brief,
  studio,
  change,
  paces: answer,
  isOpen,
}: {
  brief: Brief;
  studio: StudioSettings;
  change: (values: Partial<Brief>) => void;
  paces: Answer<Readonly<Record<Pace, number>>>;
  /** Only a job has a brief that can be changed. */
  isOpen: boolean;
}) {
  const paces = answer.value;
  const air = paintingAir(brief, studio);
  const { units } = useSay().manner;
  return (
    <fieldset
      className="card-plain mt-4 flex flex-wrap items-end gap-x-5 gap-y-3 p-4"
      disabled={!isOpen}
    >
      <legend className="sr-only">What the time depends on</legend>
      <label className="text-sm">
        <span className="label-line">Pace</span>
        <Select
          className="!w-64"
          value={brief.pace}
          options={keysOf(PACES)}
          labelOf={(pace) => `${PACES[pace].label}${paces ? `: ${minutesWords(paces[pace])}` : ""}`}
          onChange={(pace) => change({ pace })}
        />
        {answer.error !== null && (
          <Waiting answer={answer} doing="Working out the paces" what="the paces" />
        )}
      </label>
      <label className="text-sm">
        <span className="label-line">Painted by</span>
        <Select
          className="!w-44"
          value={brief.self ? "self" : brief.artists}
          options={HANDS}
          labelOf={(hands) =>
            hands === "self"
              ? "themselves"
              : hands === 1
                ? "one artist"
                : `${hands} artists at once`
          }
          onChange={(hands) =>
            change(
              hands === "self"
                ? { self: true, artists: 1 }
                : { self: false, helper: false, artists: hands },
            )
          }
        />
      </label>
      {brief.self && (
        <label className="flex min-h-10 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox"
            checked={brief.helper}
            onChange={(event) => change({ helper: event.target.checked })}
          />
          Somebody helps with the back
        </label>
      )}
      <label className="flex min-h-10 items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="checkbox"
          checked={brief.dryer}
          onChange={(event) => change({ dryer: event.target.checked })}
        />
        Cool dryer
      </label>
      <label className="text-sm">
        <span className="label-line">Painted</span>
        <Select
          className="!w-48"
          value={brief.paintedIn}
          options={keysOf(PAINTED_IN)}
          labelOf={(where) => PAINTED_IN[where].label}
          onChange={(paintedIn) => change({ paintedIn })}
        />
      </label>
      <label className="block text-sm">
        <span className="label-line">
          {brief.paintedIn === "room" ? "Air in there" : "Air temperature"} (
          {unitOf("temperature", units).sign})
        </span>
        <MeasureInput
          measure="temperature"
          className="!w-28"
          value={air.airDegC}
          least={brief.paintedIn === "room" ? 5 : -20}
          most={brief.paintedIn === "room" ? 45 : 50}
          onChange={(airDegC) =>
            change(brief.paintedIn === "room" ? { roomDegC: airDegC } : { airDegC })
          }
        />
      </label>
      <LabelledNumber
        label="Humidity (%)"
        value={air.rh}
        least={1}
        most={100}
        onChange={(rh) => change(brief.paintedIn === "room" ? { roomRh: rh } : { rh })}
      />
      <LabelledNumber
        label="Buffer (min)"
        value={brief.bufferMinutes}
        least={0}
        most={480}
        onChange={(minutes) => change({ bufferMinutes: Math.round(minutes) })}
      />
      {!isOpen && (
        <p className="w-full text-sm">These belong to a job: give the look a brief first.</p>
      )}
    </fieldset>
  );
}
