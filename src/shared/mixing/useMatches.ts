"use client";

import { proxy, type Remote } from "comlink";
import { useMemo, useState } from "react";
import { hexToLab, type MixRecipe } from "@/core/colour";
import type { Product } from "@/core/paint";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { MixingWorker } from "@/workers/mixing";
import { mixingWorker } from "./useMixSearch";

/** A colour to match from some products. `key` says what makes the answer another one. */
export interface Wish {
  readonly key: string;
  readonly hex: string;
  readonly products: readonly Product[];
}

/** What was found for a wish: the best by itself, and the best of two or three. */
export interface Match {
  readonly single: MixRecipe | null;
  readonly mix: MixRecipe | null;
  readonly done: boolean;
}

export const wishKey = (hex: string, products: readonly Product[]): string =>
  `${hex} ${products.map(({ id, version }) => `${id}${version}`).join()}`;

const split = (recipes: readonly MixRecipe[], done: boolean): Match => ({
  single: recipes.find(({ parts }) => parts.length === 1) ?? null,
  mix: recipes.find(({ parts }) => parts.length > 1) ?? null,
  done,
});

export type Matches = ReadonlyMap<string, Match>;

interface Question {
  readonly wishes: readonly Wish[];
  /** What was found so far, over all questions: nothing is asked for twice. */
  readonly found: Map<string, Match>;
}

async function matchOne(
  api: Remote<MixingWorker>,
  { hex, products }: Wish,
  put: (match: Match) => boolean,
): Promise<void> {
  const target = hexToLab(hex);
  const alone = { target, products, maxPaints: 1, maxParts: 1, top: 1 };
  const single =
    (
      await api.solve(
        alone,
        proxy(() => undefined),
      )
    )?.[0] ?? null;
  if (!put({ single, mix: null, done: false })) return;
  const recipes = await api.solve(
    { target, products, maxPaints: 3, maxParts: 8, top: 6 },
    proxy(({ best }) => {
      if (!put({ ...split(best, false), single })) void api.stop();
    }),
  );
  if (recipes) put({ ...split(recipes, true), single });
}

const matchAll: Ask<MixingWorker, Question, Matches> = async (api, { wishes, found }, asked) => {
  for (const wish of wishes) {
    if (!asked.wanted()) break;
    if (!wish.products.length || found.get(wish.key)?.done) continue;
    await matchOne(api, wish, (match) => {
      if (!asked.wanted()) return false;
      found.set(wish.key, match);
      asked.partly(new Map(found));
      return true;
    });
  }
  return new Map(found);
};

/** Matches many colours one after the other, off the page; each shows as soon as there is something, and is asked for once. */
export function useMatches(wishes: readonly Wish[]): Answer<Matches> {
  const [found] = useState(() => new Map<string, Match>());
  const keys = wishes.map(({ key }) => key).join("\n");
  // The list is made anew on every render: another question is one with other keys.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const question = useMemo(() => ({ wishes, found }), [keys, found]);
  return useAnswer(mixingWorker, question, matchAll);
}
