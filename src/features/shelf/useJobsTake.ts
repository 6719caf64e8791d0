"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { JobHead, PlannedJob } from "@/server/kit";
import { sendWatched } from "@/ui/request";

/** What the chosen jobs take, as far as it is worked out. */
export interface JobsTake {
  readonly jobs: readonly PlannedJob[];
  /** Chosen and not worked out yet. */
  readonly waiting: number;
  readonly error: string | null;
  readonly stop: () => void;
  readonly retry: () => void;
}

/** Asks the studio what chosen jobs take; each answer stands as soon as it is there, and is kept while nothing it was made from changes. `onStop` hears which are given up. */
export function useJobsTake(
  chosen: readonly JobHead[],
  onStop: (given: readonly string[]) => void,
): JobsTake {
  const [known, setKnown] = useState<ReadonlyMap<string, PlannedJob>>(new Map());
  const [error, setError] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const running = useRef<AbortController | null>(null);
  const asked = useRef<ReadonlySet<string>>(new Set());
  const jobs = useMemo(
    () =>
      chosen.flatMap(({ jobId, stamp }) => {
        const job = known.get(jobId);
        return job?.stamp === stamp ? [job] : [];
      }),
    [chosen, known],
  );
  const missing = useMemo(() => {
    const there = new Set(jobs.map(({ jobId }) => jobId));
    return chosen.filter(({ jobId }) => !there.has(jobId)).map(({ jobId }) => jobId);
  }, [chosen, jobs]);
  const wanted = missing.join(" ");
  useEffect(() => {
    const own = wanted ? wanted.split(" ") : [];
    // Those that are on their way already are waited for.
    if (own.every((id) => asked.current.has(id))) return;
    running.current?.abort();
    const asking = new AbortController();
    running.current = asking;
    asked.current = new Set(own);
    let heard: PlannedJob[] = [];
    const take = () => {
      const fresh = heard;
      heard = [];
      if (fresh.length)
        setKnown((now) => new Map([...now, ...fresh.map((job) => [job.jobId, job] as const)]));
    };
    // Drawn some times a second, however fast they come.
    const clock = setInterval(take, 250);
    void sendWatched(
      "/api/planning",
      { jobIds: own },
      { signal: asking.signal, onProgress: (_, part) => heard.push(part as PlannedJob) },
    ).then((answer) => {
      clearInterval(clock);
      take();
      if (asking.signal.aborted) return;
      asked.current = new Set();
      setError(answer.ok ? null : (answer.refusal.detail ?? answer.refusal.title));
    });
  }, [wanted, round]);
  useEffect(() => () => running.current?.abort(), []);
  return {
    jobs,
    waiting: missing.length,
    error,
    stop: () => {
      running.current?.abort();
      asked.current = new Set();
      onStop(missing);
    },
    retry: () => {
      setError(null);
      setRound((now) => now + 1);
    },
  };
}
