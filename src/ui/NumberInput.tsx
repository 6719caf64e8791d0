"use client";

import { use, useId, useState, type KeyboardEvent } from "react";
import { DecimalMark } from "./DecimalMark";
import { isWithin, limitsWords, numberText, readNumber, type NumberLimits } from "./number";

interface NumberInputProps extends NumberLimits {
  readonly value: number | null;
  /** Told of every valid number as it is typed, and of nothing else. */
  readonly onChange: (value: number) => void;
  /** Told when the box is emptied; without it a number is needed. */
  readonly onEmpty?: () => void;
  /** Told of what is no number within the limits, for a form that judges the whole. */
  readonly onWrong?: (text: string) => void;
  readonly onLeave?: () => void;
  readonly step?: number | undefined;
  readonly unit?: string;
  readonly id?: string;
  readonly label?: string;
  readonly className?: string;
  readonly placeholder?: string;
  readonly disabled?: boolean;
  /** What else is wrong with it, said by the form it stands in. */
  readonly "aria-invalid"?: boolean;
  readonly "aria-describedby"?: string | undefined;
}

interface Typed {
  readonly text: string;
  /** The value when it was typed, and the one that was typed: any other comes from elsewhere. */
  readonly before: number | null;
  readonly after: number | null;
}

/**
 * A box for a number. What is typed stays as it was typed; it is applied as soon as it is valid,
 * and while it is not, what would be valid stands under it. Tidied when the box is left; Escape
 * brings back the value.
 */
export function NumberInput({
  value,
  onChange,
  onEmpty,
  onWrong,
  onLeave,
  step = 1,
  unit,
  id,
  label,
  className = "",
  placeholder,
  disabled,
  ...rest
}: NumberInputProps) {
  const { least, most, whole = false } = rest;
  const limits = { least, most, whole };
  const own = useId();
  const mark = use(DecimalMark);
  const written = (number: number | null) => numberText(number).replace(".", mark);
  const [typed, setTyped] = useState<Typed | null>(null);
  const isOwn = typed !== null && (value === typed.before || value === typed.after);
  const text = isOwn ? typed.text : written(value);
  const number = readNumber(text);
  const isEmpty = text.trim() === "";
  const isWrong = isOwn && !(isEmpty ? onEmpty : number !== null && isWithin(number, limits));

  const type = (next: string) => {
    const read = readNumber(next);
    const valid = read !== null && isWithin(read, limits);
    const empties = next.trim() === "" && onEmpty !== undefined;
    const isJudged = empties || onWrong !== undefined;
    setTyped({ text: next, before: value, after: valid ? read : isJudged ? null : value });
    if (valid) onChange(read);
    else if (empties) onEmpty();
    else onWrong?.(next);
  };

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape") {
      setTyped(null);
      return;
    }
    if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
    event.preventDefault();
    const by = (event.key === "ArrowUp" ? step : -step) * (event.shiftKey ? 10 : 1);
    const next = (number ?? value ?? least ?? 0) + by;
    type(written(Math.max(least ?? -Infinity, Math.min(most ?? Infinity, next))));
  };

  const describedBy = [rest["aria-describedby"], isWrong && `${own}-limits`]
    .filter(Boolean)
    .join(" ");
  return (
    <>
      <input
        type="text"
        role="spinbutton"
        // A telephone's decimal keys have no minus.
        inputMode={least !== undefined && least >= 0 ? "decimal" : "text"}
        autoComplete="off"
        spellCheck={false}
        id={id}
        aria-label={label}
        aria-valuenow={number ?? undefined}
        aria-valuemin={least}
        aria-valuemax={most}
        aria-invalid={isWrong || rest["aria-invalid"] || undefined}
        aria-describedby={describedBy || undefined}
        className={`input ${className}`}
        placeholder={placeholder}
        disabled={disabled}
        value={text}
        onChange={(event) => type(event.target.value)}
        onKeyDown={onKeyDown}
        onBlur={() => {
          if (!isWrong) setTyped(null);
          onLeave?.();
        }}
      />
      {isWrong && !rest["aria-invalid"] && (
        <span
          id={`${own}-limits`}
          role="alert"
          className="mt-1 block border-l-4 border-current pl-2 text-sm font-semibold"
        >
          {limitsWords(limits, unit)}
        </span>
      )}
    </>
  );
}
