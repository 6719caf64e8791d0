import { ANSWERS } from "@/core/record";
import { Field } from "@/ui/Field";
import type { Answer, Typed } from "./useRecordDraft";

interface WordsProps {
  readonly typed: Typed;
  readonly type: (values: Partial<Typed>) => void;
}

/** Two questions that are answered with a press, or left open. */
export function RecordAnswers({ typed: { answers }, type }: WordsProps) {
  return (
    <div className="mt-3 flex flex-wrap gap-6">
      <Question
        label="Fits the character?"
        value={answers.fits}
        onAnswer={(fits) => type({ answers: { ...answers, fits } })}
      />
      <Question
        label="Read as it was meant to?"
        value={answers.reads}
        onAnswer={(reads) => type({ answers: { ...answers, reads } })}
      />
    </div>
  );
}

/** What one says of it in words: verdict, changes, how the skin took it. */
export function RecordWords({ typed: { words }, type }: WordsProps) {
  const set = (values: Partial<Typed["words"]>) => type({ words: { ...words, ...values } });
  const text = (key: "verdict" | "changes" | "reaction", rows: number, maxLength: number) => (
    <textarea
      rows={rows}
      maxLength={maxLength}
      className="textarea w-full"
      value={words[key]}
      onChange={(event) => set({ [key]: event.target.value })}
    />
  );
  return (
    <>
      <Field
        label="Verdict"
        hint="What worked, what didn't, from the back row too."
        className="mt-3"
      >
        {text("verdict", 2, 1000)}
      </Field>
      <Field
        label="What to change"
        hint="A line each; they become the list of the next version."
        className="mt-3"
      >
        {text("changes", 2, 4000)}
      </Field>
      <Field
        label="Skin reaction"
        hint="Any sting, redness or rash; empty when there was none."
        className="mt-3"
      >
        {text("reaction", 1, 500)}
      </Field>
      {words.reaction.trim() !== "" && (
        <label className="mt-1 flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={words.reacted}
            onChange={(event) => set({ reacted: event.target.checked })}
          />
          The skin reacted: patch tests from before count no longer
        </label>
      )}
    </>
  );
}

function Question({
  label,
  value,
  onAnswer,
}: {
  label: string;
  value: Answer;
  onAnswer: (answer: Answer) => void;
}) {
  return (
    <fieldset className="text-sm">
      <legend className="label-line">{label}</legend>
      <div className="join">
        {Object.entries(ANSWERS).map(([key, text]) => (
          <button
            key={key}
            type="button"
            aria-pressed={value === key}
            className={`btn join-item ${value === key ? "btn-primary" : ""}`}
            onClick={() => onAnswer(value === key ? null : (key as Answer))}
          >
            {text}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
