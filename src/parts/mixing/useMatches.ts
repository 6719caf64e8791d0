"use client";

import { proxy } from "comlink";
import { useEffect, useState } from "react";
import { hexToLab, type MixRecipe } from "@/core/colour";
import type { Product } from "@/core/paint";
import { useWorker } from "@/parts/workers/useWorker";
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

/** Matches many colours one after the other, off the page; each shows as soon as there is something, and is asked for once. */
export function useMatches(wishes: readonly Wish[]): ReadonlyMap<string, Match> {
  const worker = useWorker<MixingWorker>(mixingWorker);
  const [found, setFound] = useState<ReadonlyMap<string, Match>>(new Map());
  const next = wishes.find(({ key, products }) => products.length > 0 && !found.get(key)?.done);
  const nextKey = next?.key ?? null;
  useEffect(() => {
    if (!next) return;
    let current = true;
    const put = (match: Match) => {
      if (current) setFound((before) => new Map(before).set(next.key, match));
    };
    const target = hexToLab(next.hex);
    void (async () => {
      const single =
        (
          await worker().solve(
            { target, products: next.products, maxPaints: 1, maxParts: 1, top: 1 },
            proxy(() => undefined),
          )
        )?.[0] ?? null;
      if (!current) return;
      put({ single, mix: null, done: false });
      const recipes = await worker().solve(
        { target, products: next.products, maxPaints: 3, maxParts: 8, top: 6 },
        proxy(({ best }) => put({ ...split(best, false), single })),
      );
      if (recipes) put({ ...split(recipes, true), single });
    })();
    return () => {
      current = false;
    };
    // Asked again only when the first open wish is another one: the list itself is made anew on every render.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [nextKey, worker]);
  return found;
}
