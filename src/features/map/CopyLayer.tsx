"use client";

import { ask } from "@/shared/ask";
import { Alert } from "@/ui/Alert";
import { useState } from "react";
import { toast } from "sonner";
import type { Layer } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Dialog } from "@/ui/Dialog";

/** Lays a copy of a layer on another look. */
export function CopyLayer({ layer }: { layer: Layer }) {
  const { given } = useWorking();
  const [looks, setLooks] = useState<readonly { id: string; name: string }[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const open = async () => {
    setProblem(null);
    const answer = await fetch("/api/looks").catch(() => null);
    if (!answer?.ok) return void toast("The studio doesn't answer: try again");
    setLooks(
      ((await answer.json()) as { id: string; name: string }[]).filter(
        ({ id }) => id !== given.look.id,
      ),
    );
  };
  const copy = async (id: string) => {
    const answer = await ask("POST /api/looks/[id]/layers", { id }, { layer });
    if (!answer.ok) {
      setProblem(answer.refusal.detail ?? answer.refusal.title);
      return;
    }
    setLooks(null);
    toast(`${layer.name} is on ${answer.value.name} too`);
  };
  return (
    <>
      <button type="button" className="btn btn-sm" onClick={() => void open()}>
        Copy to another look
      </button>
      <Dialog open={looks !== null} title={`Copy ${layer.name} to`} onClose={() => setLooks(null)}>
        {problem && <Alert className="mb-3">{problem}</Alert>}
        {looks?.length === 0 && (
          <p className="text-sm">
            There is no other look yet. Start one on the Looks page, or duplicate this one under
            Versions.
          </p>
        )}
        <ul className="flex flex-col gap-1">
          {looks?.map(({ id, name }, i) => (
            <li key={id}>
              <button
                type="button"
                {...(i === 0 && { "data-first": true })}
                className="flex min-h-11 w-full items-center rounded border rule px-3 text-left font-semibold hover:bg-base-200"
                onClick={() => void copy(id)}
              >
                {name}
              </button>
            </li>
          ))}
        </ul>
      </Dialog>
    </>
  );
}
