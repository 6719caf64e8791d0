import { createStore } from "zustand";
import { send, type Refusal } from "../request";
import { dropDraft, writeDraft } from "./drafts";

/** How saving stands. */
export type SaveState =
  | { readonly kind: "saved"; readonly at: string | null }
  | { readonly kind: "saving" }
  /** The line is dead, the studio failed, or one is signed out: tried again by itself. */
  | { readonly kind: "waiting"; readonly why: string }
  /** It can't be taken as it is: tried again when it has changed. */
  | { readonly kind: "refused"; readonly refusal: Refusal }
  /** Somebody saved a newer version: the user chooses. */
  | { readonly kind: "stale"; readonly current: number }
  /** It was archived or deleted elsewhere. */
  | { readonly kind: "gone"; readonly why: string };

export interface SaverOptions<T> {
  /** Under which the browser keeps a draft. */
  readonly key: string;
  readonly url: string;
  readonly body: (version: number, value: T) => unknown;
  readonly onSaved?: () => void;
}

const PAUSE_MS = 350;
const RETRY_MS = 4000;

const timeNow = () => new Date().toTimeString().slice(0, 8);

function stateOf(refusal: Refusal): SaveState {
  const why = refusal.detail ?? refusal.title;
  const isOutside = refusal.status === 401;
  if (refusal.status === 0 || refusal.status >= 500 || isOutside) return { kind: "waiting", why };
  if (refusal.status === 409) return { kind: "stale", current: refusal.currentVersion ?? 0 };
  if (refusal.status === 404 || refusal.status === 410) return { kind: "gone", why };
  return { kind: "refused", refusal };
}

export type Saver<T> = ReturnType<typeof createSaver<T>>;

/**
 * Saves a value as it changes: a draft in this browser at once, the studio after a short pause, one
 * save at a time, each with the version it started from. Whatever happens, nothing that was changed
 * is lost and nothing of somebody else's is overwritten unasked.
 */
export function createSaver<T>(
  first: { readonly version: number; readonly value: T },
  o: SaverOptions<T>,
) {
  const state = createStore<SaveState>(() => ({ kind: "saved", at: null }));
  const say = (next: SaveState) => state.setState(next, true);
  let { version, value: saved } = first;
  let value = first.value;
  let busy = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const isHeld = () => ["stale", "gone"].includes(state.getState().kind);

  function later(pause: number): void {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), pause);
  }

  async function save(leaving = false): Promise<void> {
    clearTimeout(timer);
    if (busy || isHeld()) return;
    if (value === saved) {
      // Changed and undone again: what was kept here is what the studio has. A draft nobody has looked at yet stays.
      if (state.getState().kind === "saved") return;
      dropDraft(o.key);
      say({ kind: "saved", at: timeNow() });
      return;
    }
    const sent = value;
    busy = true;
    say({ kind: "saving" });
    const answer = await send<{ version: number }>("PUT", o.url, o.body(version, sent), leaving);
    busy = false;
    if (!answer.ok) {
      const next = stateOf(answer.refusal);
      say(next);
      if (next.kind === "waiting") later(RETRY_MS);
      // What was refused may have been changed while the answer was on its way.
      if (next.kind === "refused" && value !== sent) return save();
      return;
    }
    version = answer.value.version;
    saved = sent;
    if (value !== sent) return save();
    dropDraft(o.key);
    say({ kind: "saved", at: timeNow() });
    o.onSaved?.();
  }

  return {
    state,
    isClean: () => value === saved,
    /** The value is another one now. */
    put(next: T): void {
      if (next === value) return;
      value = next;
      writeDraft(o.key, { version, value });
      if (isHeld()) return;
      if (state.getState().kind === "saved") say({ kind: "saving" });
      later(PAUSE_MS);
    },
    /** Sends what is open at once; `leaving` when the page is about to go. */
    flush: (leaving = false): Promise<void> => save(leaving),
    /** Goes on from a draft: from the version it was begun from, so that a newer one is noticed. */
    restore(draft: { readonly version: number; readonly value: T }): void {
      version = draft.version;
      value = draft.value;
      later(0);
    },
    /** The newer version is overwritten, as the user has chosen. */
    overwrite(): Promise<void> {
      const now = state.getState();
      if (now.kind !== "stale") return Promise.resolve();
      version = now.current;
      say({ kind: "saving" });
      return save();
    },
    /** What the studio has now. @returns whether it is taken up: only where nothing is open here */
    reseat(next: { readonly version: number; readonly value: T }): boolean {
      if (next.version <= version || busy || value !== saved) return false;
      ({ version, value: saved } = next);
      value = next.value;
      return true;
    },
    discard: (): void => dropDraft(o.key),
  };
}
