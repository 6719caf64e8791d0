import { isDone, type ChairStep, type progressOf, type readLog } from "@/core/chair";
import type { SafetyNote } from "@/core/look";
import { minutesWords } from "@/core/text/words";
import type { Sending } from "./chairLog";

/** Where one is: whose face, what to mind, how far, how late, and whether the log is with the studio. */
export function ChairHead({
  look,
  person,
  steps,
  state,
  at,
  progress,
  notes,
  sending,
  kept,
}: {
  look: string;
  person: string;
  steps: readonly ChairStep[];
  state: ReturnType<typeof readLog>;
  at: number;
  progress: ReturnType<typeof progressOf> | null;
  notes: readonly SafetyNote[];
  sending: Sending;
  kept: boolean;
}) {
  const behind = Math.round(progress?.behind ?? 0);
  const words =
    behind >= 1
      ? `${minutesWords(behind)} behind`
      : behind <= -1
        ? `${minutesWords(-behind)} ahead`
        : "on time";
  return (
    <header>
      <div className="flex flex-wrap justify-between gap-x-6 text-base">
        <p>
          {look} on {person}
          {state.rehearsal && ", rehearsal"}
          <strong>
            {" "}
            ·{" "}
            {notes
              .filter(({ kind }) => kind !== "reaction")
              .map(({ text }) => text)
              .join(" ")}
          </strong>
        </p>
        <p role="status">
          step {Math.min(at + 1, steps.length)} of {steps.length} · <strong>{words}</strong>
          {progress?.neededBy && progress.late > 0 ? (
            <strong>, {minutesWords(progress.late)} too late for the curtain</strong>
          ) : progress?.neededBy ? (
            `, curtain still met${progress.bufferSpent ? `, ${progress.bufferSpent} min of what was kept in hand gone` : ""}`
          ) : (
            ""
          )}
        </p>
      </div>
      <div className="mt-2 flex gap-[3px]" aria-hidden>
        {steps.map((entry, i) => (
          <span
            key={entry.id}
            className={`h-2.5 min-w-0 flex-1 rounded-[2px] border ${isDone(entry, state) ? "border-base-content bg-base-content" : i === at ? "border-2 border-base-content" : "border-base-content/50 bg-base-300"}`}
          />
        ))}
      </div>
      <p className="muted mt-1 text-sm" role="status" data-testid="log">
        {sending.kind === "sent"
          ? "saved"
          : sending.kind === "kept"
            ? `${sending.waiting} kept here, sent when the studio answers`
            : `kept here; the studio refused it: ${sending.why}`}
        {kept && " · works offline"}
      </p>
    </header>
  );
}
