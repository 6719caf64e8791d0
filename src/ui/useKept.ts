import { useCallback, useEffect, useRef, useState } from "react";
import type { Answer } from "./request";

const PAUSE_MS = 400;

interface Kept<T> {
  readonly value: T;
  readonly change: (value: T) => void;
  /** How saving stands, in words; empty while nothing was changed. */ readonly state: string;
}

/**
 * A value that is changed on screen at once and saved after a breath, one save at a time, each from the version it started from. What is still waiting when
 * the page goes is sent on its way out.
 */
export function useKept<T>(
  first: { readonly version: number; readonly value: T },
  put: (version: number, value: T, leaving: boolean) => Promise<Answer<{ version: number }>>,
  onSaved?: () => void,
): Kept<T> {
  const [value, setValue] = useState(first.value);
  const [state, setState] = useState("");
  const held = useRef({
    version: first.version,
    waiting: null as { value: T } | null,
    busy: false,
    timer: undefined as ReturnType<typeof setTimeout> | undefined,
  });
  const saving = useRef({ put, onSaved });
  useEffect(() => {
    saving.current = { put, onSaved };
    held.current.version = Math.max(held.current.version, first.version);
  });

  const save = useCallback(async function save(leaving = false): Promise<void> {
    const own = held.current;
    if (own.busy || !own.waiting) return;
    const { value: next } = own.waiting;
    own.waiting = null;
    own.busy = true;
    setState("saving");
    const answer = await saving.current.put(own.version, next, leaving);
    own.busy = false;
    if (answer.ok) own.version = answer.value.version;
    else setState(`not saved: ${answer.refusal.detail ?? answer.refusal.title}`);
    if (own.waiting) return save();
    if (answer.ok) {
      setState("saved");
      saving.current.onSaved?.();
    }
  }, []);

  useEffect(() => {
    const leave = () => void save(true);
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [save]);

  const change = useCallback(
    (next: T) => {
      const own = held.current;
      setValue(next);
      setState("not saved yet");
      own.waiting = { value: next };
      clearTimeout(own.timer);
      own.timer = setTimeout(() => void save(), PAUSE_MS);
    },
    [save],
  );
  return { value, change, state };
}
