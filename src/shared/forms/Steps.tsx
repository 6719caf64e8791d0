"use client";

import { createContext, use, useState, type ReactNode } from "react";

/** Titles of the sections on screen; null where all are. */
const Shown = createContext<ReadonlySet<string> | null>(null);

/** Whether a section of a form has its turn on a narrow screen; on a wide one all are seen. */
export const useHasTurn = (title: string): boolean => use(Shown)?.has(title) ?? true;

interface StepsProps {
  /** Section titles by step, in their order. */
  steps: readonly (readonly [string, ...string[]])[];
  /** A field somewhere can't be taken: nothing is hidden then. */
  isWrong: boolean;
  /** What ends the form, under it: strong once there is no next step to go to. */
  end: (isStrong: boolean) => ReactNode;
  children: ReactNode;
}

/** A long form in steps on a narrow screen, whole on a wide one. */
export function Steps({ steps, isWrong, end, children }: StepsProps) {
  const [at, setAt] = useState(0);
  const here = steps[at] ?? [];
  const go = (to: number) => {
    setAt(to);
    window.scrollTo({ top: 0 });
  };
  if (isWrong)
    return (
      <Shown value={null}>
        {children}
        {end(true)}
      </Shown>
    );
  return (
    <Shown value={new Set(here)}>
      <p className="font-semibold md:hidden" role="status">
        Step {at + 1} of {steps.length}: {here[0]}
      </p>
      {children}
      <div className="flex gap-3 md:hidden">
        {at > 0 && (
          <button type="button" className="btn btn-lg" onClick={() => go(at - 1)}>
            Back
          </button>
        )}
        {at < steps.length - 1 && (
          <button
            type="button"
            className="btn btn-primary btn-lg flex-1"
            onClick={() => go(at + 1)}
          >
            Next: {steps[at + 1]?.[0]}
          </button>
        )}
      </div>
      {end(at === steps.length - 1)}
    </Shown>
  );
}
