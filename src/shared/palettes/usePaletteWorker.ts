"use client";

import type { PaletteChoice, WantedColour } from "@/core/kit";
import type { Product } from "@/core/paint";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { Reach, PaletteWorker } from "@/workers/palette";

const paletteWorker = () =>
  new Worker(new URL("../../workers/palette.ts", import.meta.url), { type: "module" });

interface Suggestion {
  readonly wanted: readonly WantedColour[];
  readonly products: readonly Product[];
  readonly within: number;
}

const suggest: Ask<PaletteWorker, Suggestion, PaletteChoice> = (
  api,
  { wanted, products, within },
) => api.suggest(wanted, products, within);

const reach: Ask<PaletteWorker, readonly Product[], Reach> = (api, products) => api.reach(products);

/** The fewest pans that make some colours. @param question memoised */
export const useFewestPans = (question: Suggestion): Answer<PaletteChoice> =>
  useAnswer(paletteWorker, question, suggest);

/** What some products make with each other. @param products memoised */
export const useReach = (products: readonly Product[]): Answer<Reach> =>
  useAnswer(paletteWorker, products, reach);
