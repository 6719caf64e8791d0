import { useFormContext } from "react-hook-form";
import type { Refusal } from "@/ui/request";
import { ConflictChoice } from "./ConflictChoice";
import { FormProblems } from "./controls";

/** What stood in the way of saving a form: fields to correct, a refusal, or somebody's newer version to choose against. */
export function SaveProblems({
  refusal,
  onMine,
  drop,
}: {
  refusal: Refusal | null;
  /** Told the version that mine goes over. */
  onMine: (current: number) => void;
  /** Forgets what this device kept, before theirs is loaded. */
  drop: () => void;
}) {
  const { isSubmitted, errors } = useFormContext().formState;
  const isRefused = refusal !== null && refusal.status !== 409;
  const wrong =
    isSubmitted && Object.keys(errors).length ? "Please correct the marked fields." : null;
  return (
    <>
      <FormProblems
        title={isRefused ? `${refusal.title} ${refusal.detail ?? ""}`.trim() : wrong}
        items={refusal?.errors}
      />
      <ConflictChoice
        refusal={refusal}
        onMine={onMine}
        onTheirs={() => {
          drop();
          window.location.reload();
        }}
      />
    </>
  );
}
