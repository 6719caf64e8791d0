"use client";

import { useEffect, useState } from "react";
import type { GroupAdvice } from "@/core/advice";
import { useWorker } from "@/parts/workers/useWorker";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import type { AdviceWorker } from "@/workers/advice";

const adviceWorker = () =>
  new Worker(new URL("../../workers/advice.ts", import.meta.url), { type: "module" });

/** What is recommended for the look as it stands, worked out off the page; an answer to an older question is dropped. */
export function useAdvice(): readonly GroupAdvice[] | null {
  const { look, given, context } = useWorking();
  const worker = useWorker<AdviceWorker>(adviceWorker);
  const [advice, setAdvice] = useState<readonly GroupAdvice[] | null>(null);
  const { person, brief, products } = given;
  useEffect(() => {
    let current = true;
    void worker()
      .advise(look, { person, brief, shelf: products, house: context.house })
      .then((answer) => {
        if (current) setAdvice(answer);
      });
    return () => {
      current = false;
    };
  }, [look, person, brief, products, context.house, worker]);
  return advice;
}
