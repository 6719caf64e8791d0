import type { ComponentProps } from "react";

type Native = Omit<ComponentProps<"select">, "value" | "onChange" | "children">;

interface SelectProps<T extends string | number> extends Native {
  /** What is chosen; null while nothing is, which `none` then says. */
  readonly value: T | null;
  readonly options: readonly T[];
  readonly labelOf: (option: T) => string;
  readonly onChange: (option: T) => void;
  /** Stands first and chooses nothing: what the list is for. */
  readonly none?: string;
  /** Told when `none` is chosen; without it that can't be. */
  readonly onNone?: () => void;
}

/** A choice of one from a list whose type it knows: what comes out is one of the options. */
export function Select<T extends string | number>({
  value,
  options,
  labelOf,
  onChange,
  none,
  onNone,
  className = "",
  ...native
}: SelectProps<T>) {
  return (
    <select
      {...native}
      className={`select ${className}`.trim()}
      value={value ?? ""}
      onChange={({ target }) => {
        const chosen = options.find((option) => String(option) === target.value);
        if (chosen !== undefined) onChange(chosen);
        else onNone?.();
      }}
    >
      {none !== undefined && (
        <option value="" disabled={!onNone && value !== null}>
          {none}
        </option>
      )}
      {options.map((option) => (
        <option key={option} value={option}>
          {labelOf(option)}
        </option>
      ))}
    </select>
  );
}
