import { useEffect, useState } from "react";
import { createStore, useStore } from "zustand";
import { LookSchema, type Look } from "@/core/look";
import { send, type Refusal } from "@/ui/request";
import type { DesignStore } from "./store";

/** How saving stands, in the words shown. */
export type SaveState =
  | { readonly kind: "saved"; readonly at: string | null }
  | { readonly kind: "saving" }
  | { readonly kind: "waiting"; readonly why: string }
  | { readonly kind: "stopped"; readonly why: string }
  | { readonly kind: "stale"; readonly current: number };

const PAUSE_MS = 350;
const RETRY_MS = 4000;

const draftKey = (lookId: string) => `dermagraph.draft.${lookId}`;

/** What this browser keeps of a look that the server has not taken yet. */
export function readDraft(lookId: string): { version: number; look: Look } | null {
  try {
    const draft = JSON.parse(localStorage.getItem(draftKey(lookId)) ?? "null") as {
      version: number;
      look: unknown;
    } | null;
    const look = draft && LookSchema.safeParse(draft.look);
    return draft && look?.success ? { version: draft.version, look: look.data } : null;
  } catch {
    return null;
  }
}

export const dropDraft = (lookId: string): void => localStorage.removeItem(draftKey(lookId));

/**
 * Sends the look after each change, one save at a time, with the version it started from. A stale version, a stop or a dead line
 * leaves the design here and in this browser's own store: nothing is lost.
 */
export function createSaver(store: DesignStore, lookId: string, firstVersion: number) {
  const state = createStore<SaveState>(() => ({ kind: "saved", at: null }));
  const say = (next: SaveState) => state.setState(next, true);
  let version = firstVersion;
  let saved = store.getState().look;
  let blocked: string | null = null;
  let busy = false;
  let halted = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  async function save(leaving = false): Promise<void> {
    const { look } = store.getState();
    if (busy || halted) return;
    if (look === saved) {
      // Changed and undone again: what was kept here is what the server has. A draft nobody has looked at yet stays.
      if (state.getState().kind === "saved") return;
      dropDraft(lookId);
      return say({ kind: "saved", at: timeNow() });
    }
    if (blocked) return say({ kind: "stopped", why: blocked });
    busy = true;
    say({ kind: "saving" });
    const answer = await send<{ version: number }>(
      "PUT",
      `/api/looks/${lookId}`,
      { version, design: look },
      leaving,
    );
    busy = false;
    if (!answer.ok) {
      halted = answer.refusal.status === 409;
      if (answer.refusal.status === 0 || answer.refusal.status >= 500) later(RETRY_MS);
      say(stateOf(answer.refusal));
      // What was refused may have been taken back while the answer was on its way.
      if (answer.refusal.status === 422 && store.getState().look !== look) return save();
      return;
    }
    version = answer.value.version;
    saved = look;
    if (store.getState().look !== look) return save();
    dropDraft(lookId);
    say({ kind: "saved", at: timeNow() });
  }

  function later(pause: number): void {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), pause);
  }

  return {
    state,
    /** Follows the design until the returned function is called; what is open then is sent at once. */
    follow(): () => void {
      const leaving = () => void save(true);
      // The browser's own copy is written at once; the server's after a short pause. Until then nothing claims to be saved.
      const changed = () => {
        localStorage.setItem(
          draftKey(lookId),
          JSON.stringify({ version, look: store.getState().look }),
        );
        if (halted) return;
        if (state.getState().kind === "saved") say({ kind: "saving" });
        later(PAUSE_MS);
      };
      const unsubscribe = store.subscribe(changed);
      window.addEventListener("pagehide", leaving);
      return () => {
        clearTimeout(timer);
        unsubscribe();
        window.removeEventListener("pagehide", leaving);
        leaving();
      };
    },
    /** A stop holds the saving back; once it is mended the design is sent. */
    block(why: string | null): void {
      const freed = blocked !== null && why === null;
      blocked = why;
      if (freed) later(0);
    },
  };
}

/** Saves the design as it changes, and says how that stands. */
export function useAutosave(
  store: DesignStore,
  lookId: string,
  firstVersion: number,
  blocked: string | null,
): SaveState {
  const [saver] = useState(() => createSaver(store, lookId, firstVersion));
  useEffect(() => saver.block(blocked), [saver, blocked]);
  useEffect(() => saver.follow(), [saver]);
  return useStore(saver.state);
}

const timeNow = () => new Date().toTimeString().slice(0, 8);

function stateOf(refusal: Refusal & { currentVersion?: number }): SaveState {
  if (refusal.status === 409) return { kind: "stale", current: refusal.currentVersion ?? 0 };
  if (refusal.status === 422) return { kind: "stopped", why: refusal.detail ?? refusal.title };
  return { kind: "waiting", why: refusal.detail ?? refusal.title };
}
