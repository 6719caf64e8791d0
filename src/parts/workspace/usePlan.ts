"use client";

import { useEffect, useState } from "react";
import type { Plan } from "@/core/plan";
import { useWorker } from "@/parts/workers/useWorker";
import type { PlanRequest, PlanWorker } from "@/workers/plan";
import { useWorking } from "./WorkspaceContext";

const planWorker = () => new Worker(new URL("../../workers/plan.ts", import.meta.url), { type: "module" });

/** The plan of the look as it stands, worked out off the page; an answer to an older question is dropped. */
export function usePlan(): { plan: Plan | null; fresh: boolean } {
  const { look, given } = useWorking();
  const worker = useWorker<PlanWorker>(planWorker);
  const [answer, setAnswer] = useState<{ plan: Plan; look: typeof look; given: typeof given } | null>(null);
  useEffect(() => {
    let current = true;
    const { person, brief, products, archivedProducts, today, stock } = given;
    const request: PlanRequest = { look, person, brief, products: [...products, ...archivedProducts], today, stock };
    void worker().plan(request).then((plan) => { if (current) setAnswer({ plan, look, given }); });
    return () => { current = false; };
  }, [look, given, worker]);
  return { plan: answer?.plan ?? null, fresh: answer?.look === look && answer.given === given };
}
