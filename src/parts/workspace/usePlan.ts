"use client";

import { useEffect, useState } from "react";
import type { Look } from "@/core/look";
import type { Plan } from "@/core/plan";
import { meansOf } from "@/core/record";
import { houseOf } from "@/core/rules";
import { useWorker } from "@/parts/workers/useWorker";
import type { Workspace } from "@/server/workspace";
import type { PlanRequest, PlanWorker } from "@/workers/plan";

const planWorker = () => new Worker(new URL("../../workers/plan.ts", import.meta.url), { type: "module" });

/** The plan and the findings of a look as it stands, worked out off the page, so that editing never waits for them; an answer to an older question is dropped. */
export function usePlanOf(look: Look, given: Workspace): { plan: Plan | null; fresh: boolean } {
  const worker = useWorker<PlanWorker>(planWorker);
  const [answer, setAnswer] = useState<{ plan: Plan; look: Look; given: Workspace } | null>(null);
  useEffect(() => {
    let current = true;
    const { person, brief, products, archivedProducts, today, stock, house, factors } = given;
    const request: PlanRequest = { look, person, brief, products: [...products, ...archivedProducts], today, stock, house: houseOf(house.changes, house.version), factors: meansOf(factors) };
    void worker().plan(request).then((plan) => { if (current) setAnswer({ plan, look, given }); });
    return () => { current = false; };
  }, [look, given, worker]);
  return { plan: answer?.plan ?? null, fresh: answer?.look === look && answer.given === given };
}
