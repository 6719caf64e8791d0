import type { ReactNode } from "react";

interface ToolbarProps<T> {
  label: string;
  options: readonly T[];
  value: T | null;
  keyOf: (option: T) => string;
  labelOf: (option: T) => ReactNode;
  onChange: (option: T) => void;
  className?: string;
}

/** One of several, as buttons in a row; the chosen one is told by more than its colour. */
export function Toolbar<T>(props: ToolbarProps<T>) {
  const { label, options, value, keyOf, labelOf, onChange, className = "" } = props;
  const chosen = value === null ? null : keyOf(value);
  return (
    <div role="group" aria-label={label} className={`join flex-wrap ${className}`}>
      {options.map((option) => (
        <button
          key={keyOf(option)}
          type="button"
          aria-pressed={keyOf(option) === chosen}
          className={`btn join-item first-letter:uppercase ${keyOf(option) === chosen ? "btn-primary" : ""}`}
          onClick={() => onChange(option)}
        >
          {labelOf(option)}
        </button>
      ))}
    </div>
  );
}
