import type { ReactNode } from "react";

/** What a figure on the page comes from, for whoever asks. */
export const HowWorkedOut = ({ children }: { children: ReactNode }) => (
  <details className="muted mt-1 text-xs">
    <summary className="min-h-6 cursor-pointer">How is this worked out?</summary>
    <p className="mt-1 max-w-prose">{children}</p>
  </details>
);
