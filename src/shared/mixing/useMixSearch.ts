"use client";

import { proxy } from "comlink";
import { useCallback, useState } from "react";
import type { MixRecipe } from "@/core/colour";
import { STOPPED } from "@/shared/workers/heldWorker";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { MixingWorker, MixReport, MixRequest } from "@/workers/mixing";

export const mixingWorker = () =>
  new Worker(new URL("../../workers/mixing.ts", import.meta.url), { type: "module" });

export interface MixSearch {
  /** "searching" shows the best so far; "stopped" keeps what was found. */
  readonly state: "idle" | "searching" | "done" | "stopped" | "failed";
  readonly share: number;
  readonly recipes: readonly MixRecipe[];
  readonly start: (request: MixRequest) => void;
  readonly stop: () => void;
  readonly answer: Answer<unknown>;
}

/** A report, and the request it is of: an older search's recipes are no answer to a new one. */
interface Told extends MixReport {
  readonly request: MixRequest;
}

const solve: Ask<MixingWorker, MixRequest, Told> = async (api, request, asked) => {
  let last: Told = { request, share: 0, best: [] };
  const recipes = await api.solve(
    request,
    proxy((report) => {
      last = { ...report, request };
      if (asked.wanted()) asked.partly(last);
      else void api.stop();
    }),
  );
  return recipes ? { request, share: 1, best: recipes } : last;
};

const stateOf = (asked: boolean, { fresh, error }: Answer<unknown>): MixSearch["state"] => {
  if (!asked) return "idle";
  if (error !== null) return error === STOPPED ? "stopped" : "failed";
  return fresh ? "done" : "searching";
};

/** A search for recipes off the page: first answers at once, better ones as they come, and it can be stopped. */
export function useMixSearch(): MixSearch {
  const [request, setRequest] = useState<MixRequest | null>(null);
  const answer = useAnswer(mixingWorker, request, solve);
  const told = answer.value?.request === request ? answer.value : null;
  return {
    state: stateOf(request !== null, answer),
    share: told?.share ?? 0,
    recipes: told?.best ?? [],
    start: useCallback((next: MixRequest) => setRequest({ ...next }), []),
    stop: answer.cancel,
    answer,
  };
}
