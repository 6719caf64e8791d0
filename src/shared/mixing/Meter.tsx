"use client";

import type { Routes } from "@/server/routes";
import { ask } from "@/shared/ask";
import { useState } from "react";
import { labToHex, meanReading, type Lab } from "@/core/colour";
import { useSay } from "@/shared/say/useSay";
import { Swatch } from "@/ui/Swatch";

/** What the stand-in is held on; a real meter is simply held there. */
export interface Held {
  readonly label: string;
  readonly hex: string;
  readonly place?: "forehead" | "cheek" | "neck";
}

interface MeterProps {
  held: readonly Held[];
  onRead: (hex: string, words: string) => void;
  /** Says what reading all of them in turn is for. */ averageLabel?: string;
}

/** The colour meter: its white tile first, then readings; several are averaged. */
export function Meter({ held, onRead, averageLabel }: MeterProps) {
  const say = useSay();
  const [words, setWords] = useState("The simulated meter reads its white tile first.");
  const [readings, setReadings] = useState<readonly { label: string; lab: Lab }[]>([]);
  const [busy, setBusy] = useState(false);
  const askMeter = async (body: Routes["POST /api/devices/colour-meter"]["takes"]) => {
    setBusy(true);
    const answer = await ask("POST /api/devices/colour-meter", {}, body);
    setBusy(false);
    if (answer.ok) return answer.value;
    setWords(answer.refusal.title);
    return null;
  };
  const tile = async () => {
    const answer = await askMeter({ ask: "tile" });
    if (answer) {
      setReadings([]);
      setWords("White tile read: ready.");
    }
  };
  const readOne = (on: Held) =>
    askMeter({ ask: "read", under: { hex: on.hex, ...(on.place && { place: on.place }) } });
  const read = async (on: Held) => {
    const answer = await readOne(on);
    if (!answer?.reading) return;
    setWords(`${on.label}: ${answer.reading.hex}`);
    onRead(answer.reading.hex, `read on ${on.label}`);
  };
  const average = async () => {
    const taken: { label: string; lab: Lab }[] = [];
    for (const on of held) {
      const answer = await readOne(on);
      if (!answer?.reading) return;
      taken.push({ label: on.label, lab: answer.reading.lab });
      setReadings([...taken]);
    }
    const mean = meanReading(taken.map(({ lab }) => lab));
    setWords(
      mean.oneColour
        ? `Mean of ${taken.length} places: ${mean.hex}, within a colour difference of ${say.number(mean.spread, 1)}.`
        : `These places differ by a colour difference of ${say.number(mean.spread, 1)}: choose one, or read again.`,
    );
    onRead(mean.hex, `mean of ${taken.length} readings`);
  };
  return (
    <div
      className="flex flex-col gap-2 rounded border rule p-3"
      role="group"
      aria-label="Colour meter"
    >
      <p className="text-sm font-semibold">
        Colour meter <span className="muted font-normal">(simulated)</span>
      </p>
      <p role="status" className="text-sm">
        {words}
      </p>
      {readings.length > 0 && (
        <ul className="flex flex-wrap gap-3 text-xs">
          {readings.map(({ label, lab }) => (
            <li key={label} className="flex items-center gap-1.5">
              <Swatch hex={labToHex(lab)} size={22} />
              {label}
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" disabled={busy} onClick={() => void tile()}>
          Read the white tile
        </button>
        {averageLabel ? (
          <button
            type="button"
            className="btn btn-sm"
            disabled={busy}
            onClick={() => void average()}
          >
            {averageLabel}
          </button>
        ) : (
          held.map((on) => (
            <button
              key={on.label}
              type="button"
              className="btn btn-sm"
              disabled={busy}
              onClick={() => void read(on)}
            >
              Read {on.label}
            </button>
          ))
        )}
      </div>
    </div>
  );
}
