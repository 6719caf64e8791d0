"use client";

import { useEffect, useState } from "react";
import type { Look } from "@/core/look";
import type { Plan } from "@/core/plan";
import type { StoredSetting } from "@/core/record";
import { useWorker } from "@/parts/workers/useWorker";
import type { Workspace } from "@/server/workspace";
import type { PlanWorker } from "@/workers/plan";

/** What of a workspace a plan is made from: no more goes to the worker than it needs. */
export const settingOf = ({
  person,
  brief,
  products,
  archivedProducts,
  today,
  house,
  factors,
  speed,
}: Workspace): StoredSetting => ({
  person,
  brief,
  products,
  archivedProducts,
  today,
  house,
  factors,
  speed,
});

export const planWorker = () =>
  new Worker(new URL("../../workers/plan.ts", import.meta.url), { type: "module" });

/** The plan and the findings of a look as it stands, worked out off the page, so that editing never waits for them; an answer to an older question is dropped. */
export function usePlanOf(look: Look, given: Workspace): { plan: Plan | null; fresh: boolean } {
  const worker = useWorker<PlanWorker>(planWorker);
  const [answer, setAnswer] = useState<{ plan: Plan; look: Look; given: Workspace } | null>(null);
  useEffect(() => {
    let current = true;
    void worker()
      .plan({ look, setting: settingOf(given), stock: given.stock })
      .then((plan) => {
        if (current) setAnswer({ plan, look, given });
      });
    return () => {
      current = false;
    };
  }, [look, given, worker]);
  return { plan: answer?.plan ?? null, fresh: answer?.look === look && answer.given === given };
}
