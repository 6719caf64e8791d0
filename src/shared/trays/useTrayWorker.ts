"use client";

import type { TrayChoice, WantedColour } from "@/core/kit";
import type { Product } from "@/core/paint";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { Reach, TrayWorker } from "@/workers/tray";

const trayWorker = () =>
  new Worker(new URL("../../workers/tray.ts", import.meta.url), { type: "module" });

interface Suggestion {
  readonly wanted: readonly WantedColour[];
  readonly products: readonly Product[];
  readonly within: number;
}

const suggest: Ask<TrayWorker, Suggestion, TrayChoice> = (api, { wanted, products, within }) =>
  api.suggest(wanted, products, within);

const reach: Ask<TrayWorker, readonly Product[], Reach> = (api, products) => api.reach(products);

/** The fewest pans that make some colours. @param question memoised */
export const useFewestPans = (question: Suggestion): Answer<TrayChoice> =>
  useAnswer(trayWorker, question, suggest);

/** What some products make with each other. @param products memoised */
export const useReach = (products: readonly Product[]): Answer<Reach> =>
  useAnswer(trayWorker, products, reach);
