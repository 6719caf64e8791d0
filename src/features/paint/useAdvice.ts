"use client";

import { useMemo } from "react";
import type { AdviceBrief, GroupAdvice } from "@/core/advice";
import type { Look } from "@/core/look";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import type { AdviceWorker } from "@/workers/advice";

const adviceWorker = () =>
  new Worker(new URL("../../workers/advice.ts", import.meta.url), { type: "module" });

interface Question {
  readonly look: Look;
  readonly brief: AdviceBrief;
}

const advise: Ask<AdviceWorker, Question, readonly GroupAdvice[]> = (api, { look, brief }) =>
  api.advise(look, brief);

/** What is recommended for the look as it stands, worked out off the page. */
export function useAdvice(): Answer<readonly GroupAdvice[]> {
  const { look, given, context } = useWorking();
  const { person, brief, products } = given;
  const { house, studio, factors } = context;
  const question = useMemo(
    () => ({ look, brief: { person, brief, shelf: products, house, studio, factors } }),
    [look, person, brief, products, house, studio, factors],
  );
  return useAnswer(adviceWorker, question, advise);
}
