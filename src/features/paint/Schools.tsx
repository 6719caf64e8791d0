"use client";

import { followSchools, SCHOOLS, type Schools as SchoolsOf } from "@/core/look";
import { useWorking } from "@/parts/workspace/WorkspaceContext";

const MATTERS = { map: "Map or base first", base: "How a base is laid" } as const;
/** Why the house starts from the one it does. */
const WHY = { map: "Base first suits one-colour bases; map first suits graphic designs (MAP-1).", base: "All over suits creatures; zone by zone keeps light colours clean (BASE-4)." } as const;

/** Where the trade disagrees: each way, and what the stack follows from now on. */
export function Schools() {
  const { look, context, apply } = useWorking();
  return (
    <section aria-label="Schools" className="mt-6">
      <h3 className="mb-2 text-lg">Where painters disagree</h3>
      {(Object.keys(SCHOOLS) as (keyof SchoolsOf)[]).map((matter) => (
        <label key={matter} className="mb-3 block text-sm"><span className="label-line">{MATTERS[matter]}</span>
          <select className="select w-full" value={look.schools[matter]} onChange={(event) => apply(followSchools(look, { ...look.schools, [matter]: event.target.value }, context))}>
            {Object.entries(SCHOOLS[matter]).map(([key, words]) => <option key={key} value={key}>{words}</option>)}
          </select>
          <span className="muted mt-1 block text-xs">{WHY[matter]}</span>
        </label>
      ))}
    </section>
  );
}
