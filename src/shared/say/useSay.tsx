"use client";

import { createContext, useContext, useMemo, type ReactNode } from "react";
import { mannerOf, type Manner } from "@/core/text/manner";
import { sayer, type Say } from "@/core/text/say";
import { USUAL_STUDIO } from "@/core/studio";
import { DecimalMark } from "@/ui/DecimalMark";

const Saying = createContext<Say>(sayer(mannerOf(USUAL_STUDIO)));

/** Puts the studio's units, currency, clock and dates into every figure below it. */
export function SayProvider({ manner, children }: { manner: Manner; children: ReactNode }) {
  const say = useMemo(() => sayer(manner), [manner]);
  return (
    <Saying value={say}>
      <DecimalMark value={manner.decimal}>{children}</DecimalMark>
    </Saying>
  );
}

/** Figures as this studio reads them. */
export const useSay = (): Say => useContext(Saying);
