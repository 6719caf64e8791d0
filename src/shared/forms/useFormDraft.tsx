"use client";

import { useEffect, useRef, useState, type ReactNode } from "react";
import type { FieldValues, UseFormReturn } from "react-hook-form";
import { DraftFound } from "@/ui/saver/DraftFound";
import { dropDraft, readDraft, writeDraft } from "@/ui/saver/drafts";
import { useMounted } from "@/ui/useMounted";

const PAUSE_MS = 250;

const anything = (value: unknown): FieldValues | null =>
  typeof value === "object" && value !== null ? value : null;

/**
 * Keeps what is typed into a form in this browser until it is saved: over a reload, another page, a
 * tab that is closed. What was kept is offered when the form is opened again.
 *
 * @param version of what the form was opened with; 0 of something new
 * @param onRestore told the version the draft was begun from
 */
export function useFormDraft<T extends FieldValues, Out>(
  form: UseFormReturn<T, unknown, Out>,
  key: string,
  version: number,
  onRestore?: (version: number) => void,
): { readonly bar: ReactNode; readonly drop: () => void } {
  const [draft, setDraft] = useState(() => {
    const kept = typeof window === "undefined" ? null : readDraft(key, anything);
    return kept && JSON.stringify(kept.value) !== JSON.stringify(form.getValues()) ? kept : null;
  });
  const isMounted = useMounted();
  /** Forgets a write that is still to come: what was saved is no draft. */
  const pending = useRef<() => void>(() => undefined);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const keep = () => {
      timer = undefined;
      writeDraft(key, { version, value: form.getValues() });
    };
    // A page that is left within the pause keeps what was typed all the same.
    const flush = () => {
      if (timer === undefined) return;
      clearTimeout(timer);
      keep();
    };
    window.addEventListener("pagehide", flush);
    const unsubscribe = form.subscribe({
      formState: { values: true, isDirty: true },
      callback: ({ isDirty }) => {
        clearTimeout(timer);
        timer = isDirty === false ? undefined : setTimeout(keep, PAUSE_MS);
      },
    });
    pending.current = () => {
      clearTimeout(timer);
      timer = undefined;
    };
    return () => {
      flush();
      window.removeEventListener("pagehide", flush);
      unsubscribe();
    };
  }, [form, key, version]);
  return {
    bar: isMounted && draft && (
      <DraftFound
        onRestore={() => {
          form.reset(draft.value as T, { keepDefaultValues: true });
          onRestore?.(draft.version);
          setDraft(null);
        }}
        onDiscard={() => {
          dropDraft(key);
          setDraft(null);
        }}
      />
    ),
    drop: () => {
      pending.current();
      dropDraft(key);
    },
  };
}
