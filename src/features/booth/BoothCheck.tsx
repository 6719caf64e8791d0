"use client";

import { keysOf } from "@/core/keysOf";
import { Select } from "@/ui/Select";
import { boothCheck, type BoothAnswers } from "@/core/advice";
import { HEALTH, type Health } from "@/core/brief";
import { reactionPlan } from "@/core/look";
import { ALLERGENS, paintType } from "@/core/paint";
import type { StudioSettings } from "@/core/studio";

const AGES = [
  [2, "under 3"],
  [7, "3 to 11"],
  [13, "12 to 15"],
  [30, "16 and over"],
] as const;
export const USUAL_ANSWERS: BoothAnswers = {
  ageYears: 7,
  allergies: [],
  health: [],
  consent: false,
};
const HEADS = {
  paint: "Go on.",
  small: "A small design only.",
  wait: "Not yet.",
} as const;

const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one];

/** Four questions to whoever sits down at a booth, and what the answers mean. Nothing of it is kept. */
export function BoothCheck({
  settings,
  answers,
  onChange: setAnswers,
  onNext,
  onCard,
}: {
  settings: StudioSettings;
  answers: BoothAnswers;
  onChange: (answers: BoothAnswers) => void;
  onNext: () => void;
  onCard: () => void;
}) {
  const verdict = boothCheck(answers);
  const tap = (label: string, isOn: boolean, onTap: () => void) => (
    <button
      key={label}
      type="button"
      aria-pressed={isOn}
      className={`btn min-h-11 ${isOn ? "btn-primary" : ""}`}
      onClick={onTap}
    >
      {label}
    </button>
  );
  return (
    <section aria-label="Ask before the first stroke" className="card-plain mt-6 p-4">
      <h2 className="text-xl">Ask before the first stroke</h2>
      <p className="muted text-sm">Each who sits down at a booth. Nothing of it is kept.</p>
      <div className="mt-3 flex flex-col gap-3">
        <fieldset>
          <legend className="label-line mb-1">How old?</legend>
          <div className="flex flex-wrap gap-2">
            {AGES.map(([ageYears, label]) =>
              tap(label, answers.ageYears === ageYears, () => setAnswers({ ...answers, ageYears })),
            )}
          </div>
        </fieldset>
        <fieldset>
          <legend className="label-line mb-1">Skin and health today?</legend>
          <div className="flex flex-wrap gap-2">
            {(Object.keys(HEALTH) as Health[]).map((key) =>
              tap(HEALTH[key], answers.health.includes(key), () =>
                setAnswers({ ...answers, health: toggled(answers.health, key) }),
              ),
            )}
          </div>
        </fieldset>
        <label className="text-sm">
          <span className="label-line">Allergic to anything?</span>
          <Select
            className="w-full sm:w-72"
            value={null}
            none={
              answers.allergies.length
                ? answers.allergies.map((key) => ALLERGENS[key]).join(", ")
                : "nothing known"
            }
            options={keysOf(ALLERGENS)}
            labelOf={(key) =>
              answers.allergies.includes(key) ? `remove: ${ALLERGENS[key]}` : ALLERGENS[key]
            }
            onChange={(key) =>
              setAnswers({ ...answers, allergies: toggled(answers.allergies, key) })
            }
          />
        </label>
        {answers.ageYears < 16 && (
          <div>
            {tap("A parent or guardian is here and agrees", answers.consent, () =>
              setAnswers({ ...answers, consent: !answers.consent }),
            )}
          </div>
        )}
      </div>
      <div role="status" className="mt-3 border-2 border-base-content p-3">
        <p className="text-lg font-bold">{HEADS[verdict.may]}</p>
        {verdict.why.length > 0 && (
          <ul className="list-disc pl-5">
            {verdict.why.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
        {verdict.leaveOut.length > 0 && (
          <p className="mt-1">
            Leave in the case: {verdict.leaveOut.map((key) => paintType(key).label).join(", ")}.
          </p>
        )}
        <p className="muted mt-2 text-sm">{reactionPlan(settings)}</p>
      </div>
      <div className="mt-3 flex flex-wrap gap-3">
        {verdict.may !== "wait" && (
          <button type="button" className="btn min-h-12" onClick={onCard}>
            Card for the parent
          </button>
        )}
        <button type="button" className="btn min-h-12" onClick={onNext}>
          Next in the queue
        </button>
      </div>
    </section>
  );
}
