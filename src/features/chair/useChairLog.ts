import { useEffect, useState } from "react";
import { useStore } from "zustand";
import type { ChairEvent } from "@/core/chair";
import { createChairLog, type ChairLog, type Logged } from "./chairLog";

/** The log of a chair as the page follows it. Asked for in the browser alone, whose own log it has to see first. */
export function useChairLog(
  lookId: string,
  jobId: string | null,
  known: readonly ChairEvent[],
): ChairLog & { log: (values: Logged) => void } {
  const [chair] = useState(() => createChairLog(lookId, jobId, known));
  useEffect(() => chair.watch(), [chair]);
  return { ...useStore(chair.state), log: chair.log };
}
