import type { ReactNode } from "react";

/** What went wrong or needs an eye now: read out at once, marked by its edge and weight, not by a colour. */
export function Alert({
  className = "",
  children,
}: {
  readonly className?: string;
  readonly children: ReactNode;
}) {
  return (
    <p
      role="alert"
      className={`border-l-4 border-current pl-2 text-sm font-semibold ${className}`.trim()}
    >
      {children}
    </p>
  );
}
