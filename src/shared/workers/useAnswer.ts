"use client";

import type { Remote } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import { useWorker } from "./useWorker";

/** How a question to a worker stands. */
export interface Answer<T> {
  /** The newest answer there is, which may be a first part of it; null before. */
  readonly value: T | null;
  /** Whether it is the whole answer to what is asked now. */
  readonly fresh: boolean;
  /** Why what is asked now has no answer; null while it has one, or is being worked out. */
  readonly error: string | null;
  readonly cancel: () => void;
  readonly retry: () => void;
}

/** What somebody who answers may do meanwhile. */
export interface Asked<T> {
  /** Tells what is known so far. */
  readonly partly: (value: T) => void;
  /** Whether anybody still waits for it. */
  readonly wanted: () => boolean;
}

/** Asks a worker something. */
export type Ask<Api, Question, T> = (
  api: Remote<Api>,
  question: Question,
  asked: Asked<T>,
) => Promise<T>;

/** Words for a person, whatever was thrown. */
export const whyOf = (reason: unknown): string =>
  reason instanceof Error && reason.message ? reason.message : "it broke off";

/**
 * Asks a worker, again whenever the question is another one. While one is worked out only the
 * newest waits, and an answer to an older question is dropped.
 *
 * @param question compared by identity (memoise it); null asks nothing
 * @param ask the same function at every render
 */
export function useAnswer<Api, Question, T>(
  create: () => Worker,
  question: Question | null,
  ask: Ask<Api, Question, T>,
): Answer<T> {
  const worker = useWorker<Api>(create);
  const [attempt, setAttempt] = useState(0);
  const [answered, setAnswered] = useState<{ of: Question; value: T; whole: boolean } | null>(null);
  const [failed, setFailed] = useState<{ of: Question; attempt: number; why: string } | null>(null);
  const before = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    if (question === null) return;
    const dropped = new AbortController();
    const wanted = () => !dropped.signal.aborted;
    const put = (value: T, whole: boolean) => {
      if (wanted()) setAnswered({ of: question, value, whole });
    };
    const asked = { partly: (value: T) => put(value, false), wanted };
    const work = async () => {
      if (!wanted()) return;
      try {
        put(await worker.ask((api) => ask(api, question, asked)), true);
      } catch (reason) {
        if (wanted()) setFailed({ of: question, attempt, why: whyOf(reason) });
      }
    };
    before.current = before.current.then(work);
    return () => dropped.abort();
  }, [question, ask, attempt, worker]);
  const isFailed = failed !== null && failed.of === question && failed.attempt === attempt;
  return {
    value: answered?.value ?? null,
    fresh: answered !== null && answered.of === question && answered.whole && !isFailed,
    error: isFailed ? failed.why : null,
    cancel: useCallback(() => worker.stop(), [worker]),
    retry: useCallback(() => setAttempt((tries) => tries + 1), []),
  };
}
