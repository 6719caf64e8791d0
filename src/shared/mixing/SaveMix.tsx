"use client";

import { ask } from "@/shared/ask";
import { Alert } from "@/ui/Alert";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { BenchPart } from "./Bench";
import { Dialog } from "@/ui/Dialog";

/** Keeps what lies in the pan by a name. */
export function SaveMix({ parts, target }: { parts: readonly BenchPart[]; target: string | null }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const save = async () => {
    const answer = await ask(
      "POST /api/mixes",
      {},
      {
        name,
        parts: [...parts],
        target,
        notes: "",
      },
    );
    if (!answer.ok) {
      setProblem(
        answer.refusal.errors?.map(({ message }) => message).join("; ") ?? answer.refusal.title,
      );
      return;
    }
    setOpen(false);
    setProblem(null);
    toast(`${name} is saved`, {
      action: { label: "Its card", onClick: () => router.push(`/mixing/${answer.value.id}`) },
    });
    setName("");
    router.refresh();
  };
  return (
    <>
      <button
        type="button"
        className="btn btn-primary"
        disabled={parts.length < 2}
        title={parts.length < 2 ? "a mix has two paints or more" : undefined}
        onClick={() => setOpen(true)}
      >
        Save as a mix
      </button>
      <Dialog open={open} title="Save this mix" onClose={() => setOpen(false)}>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
          className="flex flex-col gap-3"
        >
          <label>
            <span className="label-line">Name of the mix</span>
            <input
              data-first
              type="text"
              className="input"
              maxLength={80}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          {problem && <Alert>{problem}</Alert>}
          <button type="submit" className="btn btn-primary self-start">
            Save
          </button>
        </form>
      </Dialog>
    </>
  );
}
