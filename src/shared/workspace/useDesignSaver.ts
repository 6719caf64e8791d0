"use client";

import { useEffect, useState } from "react";
import { useStore } from "zustand";
import { LookSchema, type Look } from "@/core/look";
import { createSaver, type Saver, type SaveState } from "@/ui/saver/createSaver";
import { readDraft, type Draft } from "@/ui/saver/drafts";
import { useFlush } from "@/ui/saver/useSaved";
import type { DesignStore } from "./store";

/** A design out of a draft; null where it is of another kind. */
export const readDesign = (value: unknown): Look | null => {
  const read = LookSchema.safeParse(value);
  return read.success ? read.data : null;
};

export const designSaver = (
  lookId: string,
  first: { readonly version: number; readonly value: Look },
): Saver<Look> =>
  createSaver(first, {
    key: lookId,
    url: `/api/looks/${lookId}`,
    body: (version, design) => ({ version, design }),
  });

/** A design this browser kept and the studio never took, where it is another one. */
export function designDraft(lookId: string, design: Look): Draft<Look> | null {
  const kept = readDraft(lookId, readDesign);
  return kept && JSON.stringify(kept.value) !== JSON.stringify(design) ? kept : null;
}

/** Saves the design as it changes. */
export function useDesignSaver(
  store: DesignStore,
  lookId: string,
  version: number,
): { saver: Saver<Look>; saving: SaveState } {
  const [saver] = useState(() => designSaver(lookId, { version, value: store.getState().look }));
  useEffect(() => store.subscribe(({ look }) => saver.put(look)), [saver, store]);
  useFlush(saver);
  return { saver, saving: useStore(saver.state) };
}
