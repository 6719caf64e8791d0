"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { ask } from "@/shared/ask";
import { NameForm } from "@/shared/forms/NameForm";
import { Dialog } from "@/ui/Dialog";
import type { BenchPart } from "./Bench";

/** Keeps what lies in the pan by a name. */
export function SaveMix({ parts, target }: { parts: readonly BenchPart[]; target: string | null }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
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
        <NameForm
          label="Name of the mix"
          action="Save"
          onSave={(name) =>
            ask("POST /api/mixes", {}, { name, parts: [...parts], target, notes: "" })
          }
          onSaved={(name, { id }) => {
            setOpen(false);
            toast(`${name} is saved`, {
              action: { label: "Its card", onClick: () => router.push(`/mixing/${id}`) },
            });
            router.refresh();
          }}
        />
      </Dialog>
    </>
  );
}
