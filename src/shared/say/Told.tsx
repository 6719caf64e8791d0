"use client";

import { useSay } from "./useSay";

/** A sentence of the core, in the studio's units, clock and dates. */
export function Told({ children }: { children: string }) {
  return useSay().sentence(children);
}
