"use client";

import { useCallback, useMemo, useSyncExternalStore } from "react";
import { z } from "zod";

const KEY = "dermagraph.booth";

/** The booth of a day as this device keeps it: nobody's name is in it. */
const DaySchema = z.object({
  /** Ids of the designs on the menu; null while nobody has chosen: whatever is quick. */
  menu: z.array(z.string()).nullable().default(null),
  artists: z.number().int().min(1).max(12).default(1),
  waiting: z.number().int().min(0).max(500).default(0),
  /** Clock time it closes at. */
  until: z
    .string()
    .regex(/^\d\d:\d\d$/)
    .default("16:00"),
  /** Turns that are over: which design, and the minutes it took with the turnover. */
  turns: z
    .array(z.object({ id: z.string(), minutes: z.number().nullable() }))
    .max(2000)
    .default([]),
  /** The turn that was begun. */
  begun: z.object({ id: z.string(), at: z.number() }).nullable().default(null),
});
export type BoothDay = z.output<typeof DaySchema>;
const FIRST: BoothDay = DaySchema.parse({});

const told = new Set<() => void>();
const listen = (heard: () => void) => {
  told.add(heard);
  window.addEventListener("storage", heard);
  return () => {
    told.delete(heard);
    window.removeEventListener("storage", heard);
  };
};
const read = (): string => {
  try {
    return localStorage.getItem(KEY) ?? "";
  } catch {
    return "";
  }
};

/** What this device knows of the booth, kept with every tap: it outlives a locked screen and a lost network. */
export function useBooth(): { day: BoothDay; change: (values: Partial<BoothDay>) => void } {
  const text = useSyncExternalStore(listen, read, () => "");
  const day = useMemo((): BoothDay => {
    try {
      const parsed = DaySchema.safeParse(JSON.parse(text || "{}"));
      return parsed.success ? parsed.data : FIRST;
    } catch {
      return FIRST;
    }
  }, [text]);
  const change = useCallback(
    (values: Partial<BoothDay>) => {
      try {
        localStorage.setItem(KEY, JSON.stringify({ ...day, ...values }));
      } catch {
        // A browser that keeps nothing still counts until it is closed: nothing more can be done here.
      }
      for (const heard of told) heard();
    },
    [day],
  );
  return { day, change };
}
