import { flushSync } from "react-dom";
import type { Refusal } from "@/ui/request";

/** Somebody saved a newer version of what this form shows: the user chooses, nothing is overwritten unasked. */
export function ConflictChoice({
  refusal,
  onMine,
  onTheirs,
}: {
  refusal: Refusal | null;
  /** Told the version that mine goes over. */
  onMine: (current: number) => void;
  onTheirs: () => void;
}) {
  if (refusal?.status !== 409) return null;
  return (
    <div role="alert" className="border-l-4 border-base-content bg-base-200 p-3">
      <p className="font-bold">{refusal.title}</p>
      <p className="mb-2 text-sm">What you typed is still here, and kept on this device.</p>
      <div className="flex flex-wrap gap-3">
        {/* The form is sent by this click, from the version it now goes over. */}
        <button
          type="submit"
          className="btn btn-primary"
          onClick={() => flushSync(() => onMine(refusal.currentVersion ?? 0))}
        >
          Use mine, discard theirs
        </button>
        <button type="button" className="btn" onClick={onTheirs}>
          Use theirs, discard mine
        </button>
      </div>
    </div>
  );
}
