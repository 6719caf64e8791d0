"use client";

import { useMemo } from "react";
import type { Finding, Look } from "@/core/look";
import type { Plan } from "@/core/plan";
import { storedContextOf } from "@/core/record";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { Workspace } from "@/server/workspace";
import type { PlanRequest, PlanWorker } from "@/workers/plan";

export const planWorker = () =>
  new Worker(new URL("../../workers/plan.ts", import.meta.url), { type: "module" });

/** The plan at once; then its findings again, each with a button only where one press mends it for good. */
const plan: Ask<PlanWorker, PlanRequest, Plan> = async (api, request, { partly, wanted }) => {
  const made = await api.plan(request);
  if (!made.findings.some(({ fix }) => fix) || !wanted()) return made;
  partly(made);
  const findings: Finding[] = [];
  for (const finding of made.findings) {
    // An edit made meanwhile is planned at once.
    if (!wanted()) return made;
    findings.push(finding.fix ? await api.finish(finding) : finding);
  }
  return { ...made, findings };
};

/** The plan and the findings of a look as it stands, worked out off the page, so that editing never waits for them. */
export function usePlanOf(look: Look, given: Workspace): Answer<Plan> {
  const request = useMemo(
    () => ({ look, stored: storedContextOf(given), stock: given.stock }),
    [look, given],
  );
  return useAnswer(planWorker, request, plan);
}
