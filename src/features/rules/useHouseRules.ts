import { ask } from "@/shared/ask";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { z } from "zod";
import {
  HouseChangesSchema,
  NUMBER_IDS,
  NUMBERS,
  RULE_IDS,
  type HouseChanges,
  type NumberId,
  type RuleId,
} from "@/core/rules";
import { type Refusal } from "@/ui/request";
import { dropDraft, readDraft, writeDraft } from "@/ui/saver/drafts";

/** What stands on the page: numbers as typed, NaN where it is none, and rules that are off. */
interface Typed {
  readonly numbers: Readonly<Partial<Record<NumberId, number>>>;
  readonly off: readonly RuleId[];
}

const DRAFT = "house";
/** A draft may hold numbers that are not in force because they can't be. */
const TypedSchema = z.object({
  numbers: z.partialRecord(z.enum(NUMBER_IDS), z.number()),
  off: z.array(z.enum(RULE_IDS)),
});
const typedOf = (value: unknown): Typed | null => TypedSchema.safeParse(value).data ?? null;

/** What is typed on the page of the rules: kept in this browser until it is in force, and put in force as a version. */
export function useHouseRules(version: number, kept: HouseChanges) {
  const router = useRouter();
  const [typed, setTyped] = useState<Typed>({ numbers: kept.numbers, off: kept.off });
  const [from, setFrom] = useState(version);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [draft, setDraft] = useState(() => readDraft(DRAFT, typedOf));
  const off = useMemo(() => new Set(typed.off), [typed.off]);
  /** What is typed is kept in this browser until it is in force. */
  const type = (next: Partial<Typed>) => {
    const whole = { ...typed, ...next };
    setTyped(whole);
    writeDraft(DRAFT, { version: from, value: whole });
  };
  const setNumber = (id: NumberId, value: number) =>
    type({ numbers: { ...typed.numbers, [id]: value } });
  const reset = (id: NumberId) => {
    const { [id]: _, ...others } = typed.numbers;
    type({ numbers: others });
  };
  /** Back to what is in force. */
  const leave = (at: { version: number; changes: HouseChanges }) => {
    dropDraft(DRAFT);
    setTyped({ numbers: at.changes.numbers, off: at.changes.off });
    setFrom(at.version);
    setRefusal(null);
  };
  const changed = Object.fromEntries(
    Object.entries(typed.numbers).filter(([id, value]) => value !== NUMBERS[id as NumberId].value),
  );
  const parsed = HouseChangesSchema.safeParse({ numbers: changed, off: [...off] });
  const wrong = parsed.success
    ? new Map<string, string>()
    : new Map(
        parsed.error.issues.map((issue) => [String(issue.path[1] ?? issue.path[0]), issue.message]),
      );
  const same =
    parsed.success &&
    JSON.stringify([Object.entries(parsed.data.numbers).sort(), [...parsed.data.off].sort()]) ===
      JSON.stringify([Object.entries(kept.numbers).sort(), [...kept.off].sort()]);
  const save = async () => {
    if (!parsed.success) return;
    const answer = await ask(
      "PUT /api/house",
      {},
      {
        version: from,
        changes: parsed.data,
      },
    );
    if (!answer.ok) {
      setRefusal(answer.refusal);
      return;
    }
    leave({ version: answer.value.version, changes: parsed.data });
    toast(`Rules and numbers, version ${answer.value.version}, are in force`);
    router.refresh();
  };
  const toggle = (id: RuleId) =>
    type({
      off: off.has(id) ? typed.off.filter((other) => other !== id) : [...typed.off, id],
    });
  return {
    typed,
    off,
    changed,
    wrong,
    same,
    isValid: parsed.success,
    refusal,
    draft,
    setNumber,
    reset,
    resetAll: () => type({ numbers: {}, off: [] }),
    toggle,
    save,
    mine: setFrom,
    theirs: () => {
      dropDraft(DRAFT);
      window.location.reload();
    },
    restore: () => {
      if (!draft) return;
      setTyped(draft.value);
      setFrom(draft.version);
      setDraft(null);
    },
    discard: () => {
      dropDraft(DRAFT);
      setDraft(null);
    },
  };
}
export type HouseRulesState = ReturnType<typeof useHouseRules>;
