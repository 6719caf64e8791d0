"use client";

import { proxy } from "comlink";
import { useCallback, useRef, useState } from "react";
import type { MixRecipe } from "@/core/colour";
import { useWorker } from "@/parts/workers/useWorker";
import type { MixingWorker, MixRequest } from "@/workers/mixing";

export const mixingWorker = () =>
  new Worker(new URL("../../workers/mixing.ts", import.meta.url), { type: "module" });

export interface MixSearch {
  /** "searching" shows the best so far; "stopped" keeps what was found. */
  readonly state: "idle" | "searching" | "done" | "stopped";
  readonly share: number;
  readonly recipes: readonly MixRecipe[];
  readonly start: (request: MixRequest) => void;
  readonly stop: () => void;
}

/** A search for recipes off the page: first answers at once, better ones as they come, and it can be stopped. */
export function useMixSearch(): MixSearch {
  const worker = useWorker<MixingWorker>(mixingWorker);
  const [found, setFound] = useState<Pick<MixSearch, "state" | "share" | "recipes">>({
    state: "idle",
    share: 0,
    recipes: [],
  });
  const asked = useRef(0);
  const start = useCallback(
    (request: MixRequest) => {
      const mine = ++asked.current;
      const current = () => mine === asked.current;
      setFound({ state: "searching", share: 0, recipes: [] });
      void worker()
        .solve(
          request,
          proxy(({ share, best }) => {
            if (current()) setFound({ state: "searching", share, recipes: best });
          }),
        )
        .then((recipes) => {
          if (recipes && current()) setFound({ state: "done", share: 1, recipes });
        });
    },
    [worker],
  );
  const stop = useCallback(() => {
    asked.current++;
    void worker().stop();
    setFound((before) => ({ ...before, state: "stopped" }));
  }, [worker]);
  return { ...found, start, stop };
}
