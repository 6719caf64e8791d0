"use client";

import { useEffect, useState } from "react";
import type { Remote } from "comlink";
import { useWorker } from "@/parts/workers/useWorker";
import type { TrayWorker } from "@/workers/tray";

const trayWorker = () =>
  new Worker(new URL("../../workers/tray.ts", import.meta.url), { type: "module" });

/** An answer of the tray's worker, asked again when `key` is another; null until it comes. What is asked late overtakes nothing. */
export function useTrayAnswer<T>(
  key: string,
  ask: (worker: Remote<TrayWorker>) => Promise<T>,
): T | null {
  const worker = useWorker<TrayWorker>(trayWorker);
  const [answer, setAnswer] = useState<{ key: string; value: T } | null>(null);
  useEffect(() => {
    let current = true;
    void ask(worker()).then((value) => {
      if (current) setAnswer({ key, value });
    });
    return () => {
      current = false;
    };
    // What is asked is told by the key alone: the question is made anew at every render.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, worker]);
  return answer?.key === key ? answer.value : null;
}
