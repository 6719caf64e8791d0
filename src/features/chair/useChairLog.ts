import { useEffect, useState, useSyncExternalStore } from "react";
import { useStore } from "zustand";
import type { ChairEvent } from "@/core/chair";
import { createChairLog, type ChairLog, type Logged } from "./chairLog";

const never = () => () => undefined;

/** The log of a chair as the page follows it; not `ready` before the page runs in its browser, whose own log it has to see first. */
export function useChairLog(lookId: string, jobId: string | null, known: readonly ChairEvent[]): ChairLog & { log: (values: Logged) => void; ready: boolean } {
  const [chair] = useState(() => createChairLog(lookId, jobId, known));
  useEffect(() => chair.watch(), [chair]);
  const ready = useSyncExternalStore(never, () => true, () => false);
  return { ...useStore(chair.state), log: chair.log, ready };
}
