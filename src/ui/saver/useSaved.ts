"use client";

import { useEffect, useMemo, useState } from "react";
import { temporal } from "zundo";
import { createStore, useStore } from "zustand";
import { useMounted } from "../useMounted";
import { createSaver, type SaverOptions, type SaveState, type Saver } from "./createSaver";
import { readDraft, type Draft } from "./drafts";

/** Undo and redo of one value. */
export interface History {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

export interface Saved<T> {
  readonly value: T;
  readonly change: (value: T) => void;
  readonly state: SaveState;
  readonly history: History;
  readonly saver: Saver<T>;
  /** What this browser kept and the studio never took, until it is answered. */
  readonly draft: Draft<T> | null;
  readonly restore: () => void;
  readonly discard: () => void;
}

/** Sends on leaving the page, and when what it belongs to goes from the screen. */
export function useFlush(saver: Pick<Saver<unknown>, "flush">): void {
  useEffect(() => {
    const leave = () => void saver.flush(true);
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [saver]);
}

interface Held<T> {
  readonly value: T;
}

/**
 * A value that is changed on screen at once, can be undone, and is saved by itself.
 *
 * @param first as the studio has it; a newer one is taken up where nothing is open here
 */
export function useSaved<T>(
  first: { readonly version: number; readonly value: T },
  options: SaverOptions<T>,
  parse: (value: unknown) => T | null,
): Saved<T> {
  const [saver] = useState(() => createSaver(first, options));
  const [store] = useState(() =>
    createStore<Held<T>>()(
      temporal(() => ({ value: first.value }), {
        equality: (a, b) => a.value === b.value,
        limit: 300,
      }),
    ),
  );
  const [draft, setDraft] = useState<Draft<T> | null>(() => {
    const kept = typeof window === "undefined" ? null : readDraft(options.key, parse);
    return kept && JSON.stringify(kept.value) !== JSON.stringify(first.value) ? kept : null;
  });
  useEffect(() => store.subscribe(({ value }) => saver.put(value)), [store, saver]);
  useEffect(() => {
    if (saver.reseat(first)) store.setState({ value: first.value });
  }, [saver, store, first]);
  useFlush(saver);
  const isMounted = useMounted();
  const past = useStore(store.temporal, ({ pastStates }) => pastStates.length > 0);
  const future = useStore(store.temporal, ({ futureStates }) => futureStates.length > 0);
  const history = useMemo(
    (): History => ({
      undo: () => store.temporal.getState().undo(),
      redo: () => store.temporal.getState().redo(),
      canUndo: past,
      canRedo: future,
    }),
    [store, past, future],
  );
  return {
    value: useStore(store, ({ value }) => value),
    change: (value) => store.setState({ value }),
    state: useStore(saver.state),
    history,
    saver,
    draft: isMounted ? draft : null,
    restore: () => {
      if (!draft) return;
      saver.restore(draft);
      store.setState({ value: draft.value });
      setDraft(null);
    },
    discard: () => {
      saver.discard();
      setDraft(null);
    },
  };
}
