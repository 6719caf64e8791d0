"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { z } from "zod";
import {
  canBeOff,
  HouseChangesSchema,
  NUMBER_IDS,
  NUMBERS,
  rule,
  RULE_IDS,
  RULES,
  type HouseChanges,
  type NumberId,
  type RuleId,
  type Severity,
} from "@/core/rules";
import { CHECKED_RULES } from "@/core/look";
import { NumberInput } from "@/ui/NumberInput";
import { ConflictChoice } from "@/parts/forms/ConflictChoice";
import { send, type Refusal } from "@/ui/request";
import { DraftFound } from "@/ui/saver/DraftFound";
import { dropDraft, readDraft, writeDraft } from "@/ui/saver/drafts";
import { useMounted } from "@/ui/useMounted";

const WORDS = { stop: "stops, can't be switched off", caution: "caution", tip: "tip" } as const;

/** What stands on the page: numbers as typed, NaN where it is none, and rules that are off. */
interface Typed {
  readonly numbers: Readonly<Partial<Record<NumberId, number>>>;
  readonly off: readonly RuleId[];
}

const DRAFT = "house";
/** A draft may hold numbers that are not in force because they can't be. */
const TypedSchema = z.object({
  numbers: z.partialRecord(z.enum(NUMBER_IDS as [NumberId, ...NumberId[]]), z.number()),
  off: z.array(z.enum(RULE_IDS as [RuleId, ...RuleId[]])),
});
const typedOf = (value: unknown): Typed | null => TypedSchema.safeParse(value).data ?? null;

/** What is typed and no number is kept as none, so that nothing is put in force meanwhile. */
const asShown = (value: number) => (Number.isNaN(value) ? null : value);

/** The registry as a page: numbers to change, rules to switch off, each change kept as a version. */
export function HouseRules({ version, changes: kept }: { version: number; changes: HouseChanges }) {
  const router = useRouter();
  const [typed, setTyped] = useState<Typed>({ numbers: kept.numbers, off: kept.off });
  const [from, setFrom] = useState(version);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [draft, setDraft] = useState(() => readDraft(DRAFT, typedOf));
  const isMounted = useMounted();
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
    const answer = await send<{ version: number }>("PUT", "/api/house", {
      version: from,
      changes: parsed.data,
    });
    if (!answer.ok) return setRefusal(answer.refusal);
    leave({ version: answer.value.version, changes: parsed.data });
    toast(`House rules, version ${answer.value.version}, are in force`);
    router.refresh();
  };
  const toggle = (id: RuleId) =>
    type({
      off: off.has(id) ? typed.off.filter((other) => other !== id) : [...typed.off, id],
    });
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {isMounted && draft && (
        <DraftFound
          onRestore={() => {
            setTyped(draft.value);
            setFrom(draft.version);
            setDraft(null);
          }}
          onDiscard={() => {
            dropDraft(DRAFT);
            setDraft(null);
          }}
        />
      )}
      <div className="sticky top-0 z-10 -mx-4 mb-4 flex flex-wrap items-center gap-3 border-b rule bg-base-100 px-4 py-2 sm:-mx-6 sm:px-6">
        <p className="muted flex-1 text-sm" role="status">
          {version === 0 ? "As the house ships." : `Version ${version} is in force.`}
          {!same && " Your changes are not in force yet."}
        </p>
        <button
          type="button"
          className="btn"
          disabled={!off.size && !Object.keys(changed).length}
          onClick={() => type({ numbers: {}, off: [] })}
        >
          Reset all
        </button>
        <button type="submit" className="btn btn-primary" disabled={same || !parsed.success}>
          Put in force
        </button>
      </div>
      <ConflictChoice
        refusal={refusal}
        onMine={setFrom}
        onTheirs={() => {
          dropDraft(DRAFT);
          window.location.reload();
        }}
      />
      {refusal && refusal.status !== 409 && (
        <p role="alert" className="mb-3 border-l-4 border-base-content pl-3 font-semibold">
          {refusal.title} {refusal.detail}
        </p>
      )}
      <section id="numbers" aria-label="Numbers" className="scroll-mt-16">
        <h2 className="mb-1 text-xl">Numbers</h2>
        <div className="relative overflow-x-auto">
          <table className="w-full text-sm">
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col" className="py-1">
                  What
                </th>
                <th scope="col">Today</th>
                <th scope="col">House</th>
                <th scope="col">Rule, source</th>
                <th scope="col">
                  <span className="sr-only">Reset</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {NUMBER_IDS.map((id) => {
                const { label, unit, value, least, most, rule, source } = NUMBERS[id];
                const error = wrong.get(id);
                return (
                  <tr key={id} className="border-b rule align-top">
                    <th scope="row" className="max-w-72 py-2 pr-3 text-left font-normal">
                      {label}
                    </th>
                    <td className="py-1 pr-3">
                      <span className="flex items-center gap-2">
                        <NumberInput
                          unit={unit}
                          least={least}
                          most={most}
                          label={label}
                          aria-invalid={Boolean(error) && !Number.isNaN(typed.numbers[id])}
                          aria-describedby={error ? `${id}-error` : undefined}
                          className={`!w-24 ${id in changed ? "border-2 !border-base-content font-bold" : ""}`}
                          value={asShown(typed.numbers[id] ?? value)}
                          onChange={(next) => setNumber(id, next)}
                          onWrong={() => setNumber(id, NaN)}
                        />
                        {unit}
                      </span>
                      {error && !Number.isNaN(typed.numbers[id]) && (
                        <span id={`${id}-error`} role="alert" className="mt-1 block font-semibold">
                          {error}
                        </span>
                      )}
                    </td>
                    <td className="py-2 pr-3 whitespace-nowrap">
                      {value} {unit}
                    </td>
                    <td className="muted py-2 pr-3">
                      <a className="link" href={`#${rule}`}>
                        {rule}
                      </a>{" "}
                      · {source}
                    </td>
                    <td className="py-1">
                      {id in changed && (
                        <button
                          type="button"
                          className="btn btn-sm"
                          aria-label={`Reset: ${label}`}
                          onClick={() => reset(id)}
                        >
                          Reset
                        </button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      </section>
      {[...new Set(RULE_IDS.map((id) => id.replace(/-\d+$/, "")))].map((group) => (
        <section key={group} className="mt-6">
          <h2 className="mb-1 text-xl">{group}</h2>
          <ul>
            {RULE_IDS.filter((id) => id.startsWith(`${group}-`)).map((id) => (
              <li
                key={id}
                id={id}
                className="flex scroll-mt-16 items-start gap-4 border-t rule py-2.5 target:bg-base-200 target:px-3"
              >
                <div className="flex-1">
                  <p className={off.has(id) ? "line-through" : ""}>
                    <strong>{id}</strong> · {RULES[id].title}{" "}
                    <span className="muted text-sm">
                      ({WORDS[RULES[id].severity]}
                      {CHECKED_RULES.has(id) ? "" : "; advice, nothing checks it"})
                    </span>
                  </p>
                  <p className="max-w-prose text-sm">
                    {RULES[id].reason}{" "}
                    {Object.entries(rule(id).also ?? {}).map(([severity, why]) => (
                      <span key={severity}>
                        A {WORDS[severity as Severity]} too: {why}.{" "}
                      </span>
                    ))}
                    {rule(id).always && <>Always on: {rule(id).always}. </>}
                    <span className="muted">Source: {RULES[id].source}.</span>
                  </p>
                </div>
                {canBeOff(id) ? (
                  <label className="flex min-h-9 items-center gap-2 text-sm whitespace-nowrap">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={!off.has(id)}
                      onChange={() => toggle(id)}
                      aria-label={`${id} is followed`}
                    />
                    {off.has(id) ? "off" : "on"}
                  </label>
                ) : (
                  <span className="muted min-h-9 text-sm whitespace-nowrap">always on</span>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </form>
  );
}
