import { useState } from "react";
import type { ZoneId } from "@/core/anatomy";
import type { RecordFields } from "@/core/record";
import { dropDraft, readDraft, writeDraft } from "@/ui/saver/drafts";

export type Answer = RecordFields["fits"];

/** What is typed into a record before it is saved. */
export interface Typed {
  /** Hours after painting at which it was looked at. */
  readonly after: number;
  /** Per cent still whole, as chosen; empty where nobody looked. */
  readonly held: Readonly<Partial<Record<ZoneId, string>>>;
  /** Hands-on minutes by layer; null where the box was emptied. */
  readonly minutes: Readonly<Record<string, number | null>>;
  readonly words: {
    readonly on: string;
    readonly reaction: string;
    readonly reacted: boolean;
    readonly verdict: string;
    readonly changes: string;
  };
  readonly answers: { readonly fits: Answer; readonly reads: Answer };
  /** What a photograph of it showed; missing in drafts of before. */
  readonly check?: RecordFields["check"];
}

/** A record's draft as this browser kept it; null where it is of another kind. */
const typedOf = (value: unknown): Typed | null => {
  const kept = value as Partial<Typed> | null;
  return kept?.words && kept.answers && kept.held && kept.minutes ? (kept as Typed) : null;
};

/** What is typed into a record, kept in this browser until it is saved. */
export function useRecordDraft(key: string, fresh: () => Typed) {
  const [typed, setTyped] = useState<Typed>(fresh);
  const [draft, setDraft] = useState(() => readDraft(key, typedOf));
  const discard = () => {
    dropDraft(key);
    setDraft(null);
  };
  return {
    typed,
    draft,
    type: (values: Partial<Typed>) => {
      const next = { ...typed, ...values };
      setTyped(next);
      writeDraft(key, { version: 0, value: next });
    },
    restore: () => {
      if (draft) setTyped(draft.value);
      setDraft(null);
    },
    discard,
    /** Saved: an empty one begins. */
    begin: () => {
      setTyped(fresh());
      dropDraft(key);
    },
  };
}
