"use client";

import { useState } from "react";
import { zoneInfo, type ZoneId } from "@/core/anatomy";
import { intactShares, photoCheck, type Inspection } from "@/core/inspect";
import { zoneWords } from "@/core/look";
import { isChild } from "@/core/people";
import { BUTTON } from "@/shared/photograph/FindFace";
import { CheckPainted } from "@/shared/photograph/CheckPainted";
import { paintedKey } from "@/shared/photograph/keptPhoto";
import { useKeptPhoto } from "@/shared/photograph/useKeptPhoto";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { HELD, type HeldZones } from "./useHeld";
import type { Typed } from "./useRecordDraft";

/** The answer that is nearest to a share that was measured. */
function nearestHeld(share: number): string {
  const known = HELD.map(([value]) => value).filter(Boolean);
  const off = (value: string) => Math.abs(Number(value) / 100 - share);
  return known.reduce((best, value) => (off(value) < off(best) ? value : best));
}

/** How each place of the list held, the worse of both sides. */
function heldByPhoto(inspection: Inspection, zones: readonly ZoneId[]): Typed["held"] {
  const shares = intactShares(inspection);
  return Object.fromEntries(
    zones.flatMap((zone) => {
      const own = [...shares]
        .filter(([other]) => zoneInfo(other).kind === zoneInfo(zone).kind)
        .map(([, share]) => share);
      return own.length ? [[zone, nearestHeld(Math.min(...own))]] : [];
    }),
  );
}

/** What came out thin is a coat more for the next version, beside what was typed. */
function withCoats(changes: string, { seen }: Inspection): string {
  const coats = seen
    .filter(({ kind }) => kind === "thin")
    .map(({ zones }) => `Another coat on ${zoneWords(zones)}`);
  const lines = changes.split("\n").filter((line) => line.trim() !== "");
  return [...lines, ...coats.filter((coat) => !lines.includes(coat))].join("\n");
}

interface FromPhotoProps {
  typed: Typed;
  type: (values: Partial<Typed>) => void;
  places: HeldZones;
}

/** What a photograph of the painted, or worn, face shows, offered as entries of the record: nothing is written by itself. */
export function FromPhoto({ typed, type, places }: FromPhotoProps) {
  const { look, context, prediction } = useWorking();
  const { person } = context;
  const [open, setOpen] = useState(false);
  const bare = useKeptPhoto(person.id);
  const painted = useKeptPhoto(paintedKey(person.id));
  if (isChild(person) && !person.guardianConsent) return null;
  const take = (inspection: Inspection) => {
    type({
      held: { ...typed.held, ...heldByPhoto(inspection, places.zones) },
      check: photoCheck(inspection),
      words: { ...typed.words, changes: withCoats(typed.words.changes, inspection) },
    });
    setOpen(false);
  };
  return (
    <section aria-label="From a photograph" className="mt-3">
      {typed.check ? (
        <p role="status" className="flex flex-wrap items-center gap-3 text-sm">
          By the photograph: {checkWords(typed.check)}
          <button type="button" className="btn btn-sm" onClick={() => type({ check: null })}>
            Leave it out
          </button>
        </p>
      ) : (
        <button type="button" className="btn btn-sm" onClick={() => setOpen(!open)}>
          {open ? "Close the photograph" : "Fill in from a photograph"}
        </button>
      )}
      {open && (
        <div className="mt-2 flex min-h-96 flex-col rounded-box bg-surround">
          <CheckPainted
            {...{ look, context, prediction }}
            kept={painted}
            bare={bare.photo}
            onDone={() => setOpen(false)}
            doneWords="Close"
            extra={(inspection) => (
              <button type="button" className={BUTTON} onClick={() => take(inspection)}>
                Use in the record
              </button>
            )}
          />
        </div>
      )}
    </section>
  );
}

/** "82 % of the paint is there, varying by 6 % from place to place; 2 findings." */
export function checkWords({
  coverPercent,
  unevenPercent,
  findings,
}: NonNullable<Typed["check"]>): string {
  const found =
    findings.length === 0
      ? "as planned"
      : `${findings.length} ${findings.length === 1 ? "finding" : "findings"}`;
  return `${coverPercent} % of the paint is there, varying by ${unevenPercent} % from place to place; ${found}.`;
}
