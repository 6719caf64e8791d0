"use client";

import { useEffect, useState } from "react";
import type { ShelfItem, ShelfStart } from "@/server/shelf";

let fetched: { stamp: string; items: Promise<readonly ShelfItem[]> } | null = null;

/** The whole shelf, fetched once for each state of it, however many ask. */
function wholeShelf(stamp: string): Promise<readonly ShelfItem[]> {
  if (fetched?.stamp !== stamp)
    fetched = {
      stamp,
      items: fetch("/api/products").then(
        async (answer) => ((await answer.json()) as { items: readonly ShelfItem[] }).items,
      ),
    };
  return fetched.items;
}

/** The shelf a page works with: what came with the page, and of a large one the rest as soon as it is there. */
export function useShelf({ items, total, stamp }: ShelfStart): {
  items: readonly ShelfItem[];
  whole: boolean;
} {
  const [rest, setRest] = useState<{ stamp: string; items: readonly ShelfItem[] } | null>(null);
  const whole = items.length >= total;
  useEffect(() => {
    if (whole) return;
    let current = true;
    wholeShelf(stamp).then(
      (all) => {
        if (current) setRest({ stamp, items: all });
      },
      () => {
        fetched = null;
      },
    );
    return () => {
      current = false;
    };
  }, [whole, stamp]);
  // While a newer state is on its way the last one is better than a part.
  return whole
    ? { items, whole }
    : rest
      ? { items: rest.items, whole: true }
      : { items, whole: false };
}
