import { cloneElement, useId, type ReactElement } from "react";

interface ControlProps {
  id?: string;
  "aria-invalid"?: boolean;
  "aria-describedby"?: string | undefined;
}

/** A label, its control, and what is wrong with it beside it. The control gets its id and its descriptions from here. */
export function Field({
  label,
  hint,
  error,
  children,
  className = "",
}: {
  label: string;
  hint?: string | undefined;
  error?: string | undefined;
  children: ReactElement<ControlProps>;
  className?: string;
}) {
  const id = useId();
  const described =
    [hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(" ") || undefined;
  return (
    <div className={`flex flex-col gap-1 ${className}`}>
      <label className="label-line" htmlFor={id}>
        {label}
      </label>
      {cloneElement(children, {
        id,
        "aria-invalid": Boolean(error),
        "aria-describedby": described,
      })}
      {hint && (
        <p id={`${id}-hint`} className="muted text-sm">
          {hint}
        </p>
      )}
      {error && (
        <p
          id={`${id}-error`}
          role="alert"
          className="border-l-4 border-current pl-2 text-sm font-semibold"
        >
          {error}
        </p>
      )}
    </div>
  );
}
