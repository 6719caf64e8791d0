"use client";

import { Alert } from "@/ui/Alert";
import type { HouseChanges } from "@/core/rules";
import { ConflictChoice } from "@/shared/forms/ConflictChoice";
import { DraftFound } from "@/ui/saver/DraftFound";
import { useMounted } from "@/ui/useMounted";
import { NumbersTable } from "./NumbersTable";
import { RulesList } from "./RulesList";
import { useHouseRules } from "./useHouseRules";

/** The registry as a page: numbers to change, rules to switch off, each change kept as a version. */
export function HouseRules({ version, changes }: { version: number; changes: HouseChanges }) {
  const state = useHouseRules(version, changes);
  const { off, changed, same, refusal } = state;
  const isMounted = useMounted();
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void state.save();
      }}
    >
      {isMounted && state.draft && (
        <DraftFound onRestore={state.restore} onDiscard={state.discard} />
      )}
      <div className="sticky top-0 z-10 -mx-4 mb-4 flex flex-wrap items-center gap-3 border-b rule bg-base-100 px-4 py-2 sm:-mx-6 sm:px-6">
        <p className="muted flex-1 text-sm" role="status">
          {version === 0 ? "Default rules." : `Version ${version} is in force.`}
          {!same && " Your changes are not in force yet."}
        </p>
        <button
          type="button"
          className="btn"
          disabled={!off.size && !Object.keys(changed).length}
          onClick={state.resetAll}
        >
          Reset all
        </button>
        <button type="submit" className="btn btn-primary" disabled={same || !state.isValid}>
          Apply
        </button>
      </div>
      <ConflictChoice refusal={refusal} onMine={state.mine} onTheirs={state.theirs} />
      {refusal && refusal.status !== 409 && (
        <Alert className="mb-3">
          {refusal.title} {refusal.detail}
        </Alert>
      )}
      <NumbersTable {...state} />
      <RulesList {...state} />
    </form>
  );
}
