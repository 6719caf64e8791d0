"use client";

import { ask } from "@/shared/ask";
import { useState } from "react";
import type { Leftover } from "@/server/exchange";
import { dropPhotos } from "@/shared/photograph/keptPhoto";
import { Dialog } from "@/ui/Dialog";
import { Field } from "@/ui/Field";
import { dropKeptChairs } from "@/ui/keptChairs";
import { Card } from "./Card";

const WORDS = "delete everything";

/** The studio deleted for good, after saying what goes and which copies remain. */
export function DeleteEverything({ copies }: { copies: readonly Leftover[] }) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState("");
  const [withCopies, setWithCopies] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const remove = async () => {
    const answer = await ask(
      "DELETE /api/exchange/everything",
      {},
      {
        words: typed.trim(),
        copies: withCopies,
      },
    );
    if (!answer.ok) {
      setProblem(answer.refusal.errors?.[0]?.message ?? answer.refusal.title);
      return;
    }
    await Promise.allSettled([dropKeptChairs(), dropPhotos()]);
    localStorage.clear();
    window.location.assign("/");
  };
  return (
    <Card title="Delete everything">
      <p className="mt-1 text-sm">
        Begins an empty studio. Back up first if there is anything in this one you may want again.
      </p>
      <button
        type="button"
        className="btn mt-3"
        onClick={() => {
          setTyped("");
          setWithCopies(false);
          setProblem(null);
          setOpen(true);
        }}
      >
        Delete everything
      </button>
      <Dialog open={open} title="Delete the whole studio?" onClose={() => setOpen(false)}>
        <p>
          <strong>Gone, and nothing brings it back:</strong> people, looks and their versions, jobs,
          records, pictures, products, stock, palettes, mixes, house rules, and what this browser
          keeps of them.
        </p>
        <p className="mt-2">
          <strong>Copies that remain:</strong> files you downloaded or printed, backups your
          computer makes by itself
          {copies.length > 0 && !withCopies
            ? `, and ${copies.length === 1 ? "one copy" : `${copies.length} copies`} in the folder backups`
            : ""}
          . Other browsers forget the chairs they keep the next time they open the studio.
        </p>
        {copies.length > 0 && (
          <label className="mt-2 flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={withCopies}
              onChange={(event) => setWithCopies(event.target.checked)}
            />
            Delete the {copies.length === 1 ? "copy" : `${copies.length} copies`} in the folder
            backups too
          </label>
        )}
        <Field label={`Type ${WORDS}`} error={problem ?? undefined} className="mt-3">
          <input
            type="text"
            className="input w-full"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            data-first
            autoComplete="off"
          />
        </Field>
        <div className="mt-4 flex gap-2">
          <button
            type="button"
            className="btn btn-primary"
            disabled={typed.trim() !== WORDS}
            onClick={() => void remove()}
          >
            Delete everything
          </button>
          <button type="button" className="btn" onClick={() => setOpen(false)}>
            Keep it
          </button>
        </div>
      </Dialog>
    </Card>
  );
}
