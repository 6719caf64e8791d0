"use client";

import { Rotate3d } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { predict } from "@/core/look";
import { contextOf } from "@/core/record";
import type { LookToTurn } from "@/server/lookToTurn";
import { FigureOrPhoto } from "@/shared/photograph/FigureOrPhoto";
import { TurnedFigure } from "@/shared/figure/TurnedFigure";
import { Alert } from "@/ui/Alert";
import { Dialog } from "@/ui/Dialog";
import { readJson } from "@/ui/request";

/** A look turned by hand where looks are chosen. */
export function TurnLook(props: { lookId: string; jobId: string | null; name: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="btn btn-sm btn-square absolute top-2 right-2 border-[#111] bg-[#f4f4f3] text-[#111]"
        aria-label={`Turn ${props.name} by hand`}
        title="Turn by hand"
        onClick={() => setOpen(true)}
      >
        <Rotate3d size={18} aria-hidden />
      </button>
      <Dialog open={open} title={props.name} onClose={() => setOpen(false)} wide>
        <Turned {...props} />
      </Dialog>
    </>
  );
}

function Turned({ lookId, jobId, name }: { lookId: string; jobId: string | null; name: string }) {
  const [given, setGiven] = useState<LookToTurn | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let left = false;
    const query = jobId ? `?${new URLSearchParams({ job: jobId }).toString()}` : "";
    void readJson<LookToTurn>(`/api/looks/${lookId}/turned${query}`).then((answer) => {
      if (left) return;
      if (answer.ok) setGiven(answer.value);
      else setFailed(true);
    });
    return () => {
      left = true;
    };
  }, [lookId, jobId]);
  const drawn = useMemo(() => {
    if (!given) return null;
    const context = contextOf(given.stored);
    return { look: given.design, context, prediction: predict(given.design, context) };
  }, [given]);
  return (
    <div className="relative flex h-[min(70vh,40rem)] flex-col bg-surround text-[#111]">
      {failed && <Alert>The studio doesn’t answer. Close this and try again.</Alert>}
      {!drawn && !failed && (
        <p role="status" className="m-auto">
          Fetching {name} …
        </p>
      )}
      {drawn && (
        <FigureOrPhoto {...drawn} fills>
          <TurnedFigure
            {...drawn}
            className="min-h-0 flex-1"
            title={`${name}, predicted colours`}
            formLight="above"
            wholePerson={false}
          />
        </FigureOrPhoto>
      )}
    </div>
  );
}
