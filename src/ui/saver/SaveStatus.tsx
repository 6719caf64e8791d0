"use client";

import { useState } from "react";
import { Dialog } from "../Dialog";
import type { SaveState } from "./createSaver";
import { isQuiet, savingWords } from "./words";

interface SaveStatusProps {
  readonly state: SaveState;
  /** What is saved, by name. */
  readonly name: string;
  readonly onTheirs: () => void;
  /** Overwrites the newer version. */
  readonly onMine?: () => void;
  /** Keeps mine as another one. @returns why it could not be done */
  readonly onBoth?: () => Promise<string | null>;
}

/** How saving stands, and the choice where somebody else saved first: it is asked once, and stays at hand until it is made. */
export function SaveStatus({ state, name, onTheirs, onMine, onBoth }: SaveStatusProps) {
  const [closed, setClosed] = useState<SaveState | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const asks = state.kind === "stale" || state.kind === "gone";
  const both = async () => setFailed((await onBoth?.()) ?? null);
  return (
    <>
      <p
        role="status"
        aria-live="polite"
        className={`flex flex-wrap items-center gap-2 text-sm ${isQuiet(state) ? "muted" : "border-l-4 border-current pl-2 font-bold"}`}
      >
        {savingWords(state)}
        {asks && (
          <button type="button" className="btn btn-sm" onClick={() => setClosed(null)}>
            What now?
          </button>
        )}
      </p>
      <Dialog
        open={asks && closed !== state}
        title={state.kind === "gone" ? `${name} is gone` : "Somebody saved a newer version"}
        onClose={() => setClosed(state)}
      >
        <p className="mb-4">
          {state.kind === "gone"
            ? `It was archived or deleted in another tab or by somebody else. Your changes are kept on this device.`
            : `Another tab or person changed ${name} after you opened it. Your changes are still here.`}
        </p>
        {failed && (
          <p role="alert" className="mb-3 border-l-4 border-current pl-2 font-semibold">
            {failed}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          {onBoth && (
            <button type="button" className="btn btn-primary" onClick={() => void both()}>
              {state.kind === "gone" ? "Save mine as a new one" : "Keep both"}
            </button>
          )}
          {onMine && state.kind === "stale" && (
            <button type="button" className="btn" onClick={onMine}>
              Use mine, discard theirs
            </button>
          )}
          <button type="button" className="btn" onClick={onTheirs}>
            {state.kind === "gone" ? "Discard mine" : "Use theirs, discard mine"}
          </button>
        </div>
      </Dialog>
    </>
  );
}
