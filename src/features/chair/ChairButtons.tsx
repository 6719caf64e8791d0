"use client";

import { Link } from "@/ui/Link";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import type { ChairStep } from "@/core/chair";
import { Dialog } from "@/ui/Dialog";

/** Five large buttons and their keys: done, back, a note, a pause, an interruption. */
export function ChairButtons({
  step,
  paused,
  anyDone,
  home,
  onDone,
  onBack,
  onNote,
  onPause,
  onFinish,
}: {
  step: ChairStep | null;
  paused: boolean;
  anyDone: boolean;
  home: string;
  onDone: (step: ChairStep) => void;
  onBack: () => void;
  onNote: (text: string) => void;
  onPause: (why: string) => void;
  onFinish: () => void;
}) {
  const [asking, setAsking] = useState<"note" | "pause" | null>(null);
  const [text, setText] = useState("");
  const act = () => {
    if (step && !paused) onDone(step);
    else if (!step) onFinish();
  };
  const options = { preventDefault: true, enabled: asking === null };
  useHotkeys("space", act, options, [step, paused, onDone, asking]);
  useHotkeys(
    "backspace",
    () => {
      if (anyDone) onBack();
    },
    options,
    [anyDone, onBack, asking],
  );
  useHotkeys("n", () => setAsking("note"), options, [asking]);
  useHotkeys("p", () => onPause(""), options, [onPause, asking]);
  useHotkeys(
    "i",
    () => {
      if (!paused) setAsking("pause");
    },
    options,
    [paused, asking],
  );
  const key = (name: string) => <kbd className="kbd kbd-sm ml-2 hidden sm:inline-flex">{name}</kbd>;
  const send = () => {
    if (asking === "note" && text.trim()) onNote(text.trim());
    if (asking === "pause") onPause(text.trim() || "interrupted");
    setAsking(null);
    setText("");
  };
  return (
    <div className="mt-auto pt-4">
      <div className="grid grid-cols-2 gap-2.5 sm:grid-cols-[1.6fr_1fr_1fr_1fr_1.35fr]">
        <button
          type="button"
          className="btn btn-primary h-16 px-2 text-xl"
          disabled={paused}
          onClick={act}
        >
          {step ? "Done" : "Finish"}
          {key("Space")}
        </button>
        <button
          type="button"
          className="btn h-16 px-2 text-lg"
          disabled={!anyDone}
          onClick={onBack}
        >
          Back{key("⌫")}
        </button>
        <button type="button" className="btn h-16 px-2 text-lg" onClick={() => setAsking("note")}>
          Note{key("N")}
        </button>
        <button
          type="button"
          className={`btn h-16 px-2 text-lg ${paused ? "btn-primary" : ""}`}
          onClick={() => onPause("")}
        >
          {paused ? "Go on" : "Pause"}
          {key("P")}
        </button>
        {!paused && (
          <button
            type="button"
            className="btn h-16 px-2 text-lg"
            onClick={() => setAsking("pause")}
          >
            Interrupted{key("I")}
          </button>
        )}
      </div>
      <p className="mt-2 text-sm">
        <Link className="link" href={`${home}/time`}>
          Exit (you can resume here)
        </Link>
      </p>
      <Dialog
        open={asking !== null}
        title={asking === "note" ? "Note to this step" : "What interrupts?"}
        onClose={() => setAsking(null)}
      >
        <form
          onSubmit={(event) => {
            event.preventDefault();
            send();
          }}
        >
          <input
            type="text"
            className="input w-full text-lg"
            maxLength={500}
            aria-label={asking === "note" ? "Note" : "What interrupts"}
            value={text}
            onChange={(event) => setText(event.target.value)}
            data-first
          />
          <p className="muted mt-1 text-sm">
            {asking === "pause"
              ? "Interruptions are counted apart from working minutes (TIME-4)."
              : "Kept with the log."}
          </p>
          <button type="submit" className="btn btn-primary mt-3">
            {asking === "note" ? "Keep the note" : "Stop the clock"}
          </button>
        </form>
      </Dialog>
    </div>
  );
}
