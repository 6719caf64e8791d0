"use client";

import { Select } from "@/ui/Select";
import { keysOf } from "@/core/keysOf";
import { followSchools, SCHOOLS, type Schools } from "@/core/look";
import { useWorking } from "./WorkspaceContext";

/** What the trade disagrees about, with the rule and why the house starts from the one it does. */
const MATTERS = {
  map: {
    label: "Map",
    rule: "MAP-1",
    why: "Base first suits one-colour bases; map first suits graphic designs.",
  },
  base: {
    label: "Base",
    rule: "BASE-4",
    why: "All over suits creatures; area by area keeps light colours clean.",
  },
} as const satisfies Record<keyof Schools, { label: string; rule: string; why: string }>;

const words = (matter: keyof Schools): Readonly<Record<string, string>> => SCHOOLS[matter];

/** Where the trade disagrees about the order of work: the choice reorders the stack, and the plan with it. */
export function SchoolsOfWork() {
  const { look, context, apply } = useWorking();
  return (
    <>
      {(Object.keys(SCHOOLS) as (keyof Schools)[]).map((matter) => (
        <label key={matter} className="mt-2 block text-sm">
          <span className="label-line">
            {MATTERS[matter].label}{" "}
            <span className="muted font-normal">{MATTERS[matter].rule}</span>
          </span>
          <Select
            className="select-sm w-full"
            value={look.schools[matter]}
            options={keysOf(SCHOOLS[matter])}
            labelOf={(key) => words(matter)[key] ?? key}
            onChange={(chosen) =>
              apply(followSchools(look, { ...look.schools, [matter]: chosen }, context))
            }
          />
          <span className="muted mt-1 block text-xs">{MATTERS[matter].why}</span>
        </label>
      ))}
    </>
  );
}
