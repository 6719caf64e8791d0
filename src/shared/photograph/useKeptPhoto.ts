"use client";

import { useEffect, useRef, useState } from "react";
import { dropPhoto, keepPhoto, keptPhoto, type KeptPhoto } from "./keptPhoto";

/** Somebody's photograph as this browser keeps it; `ready` once it is known whether there is one. */
export function useKeptPhoto(personId: string) {
  const [photo, setPhoto] = useState<KeptPhoto | null>(null);
  const [ready, setReady] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    let left = false;
    keptPhoto(personId)
      .then((found) => {
        if (!left) setPhoto(found);
      })
      .catch(() => {
        if (!left)
          setProblem("This browser keeps no pictures: it is gone when you leave the page.");
      })
      .finally(() => {
        if (!left) setReady(true);
      });
    return () => {
      left = true;
    };
  }, [personId]);
  /** Written one after another: while one is, only the newest waits, or a dragged point would be written sixty times a second. */
  const writing = useRef<{ next: KeptPhoto | null } | null>(null);
  const write = async (first: KeptPhoto) => {
    const turn: { next: KeptPhoto | null } = { next: first };
    writing.current = turn;
    while (turn.next) {
      const now = turn.next;
      turn.next = null;
      await keepPhoto(personId, now).catch(() =>
        setProblem("This browser keeps no pictures: it is gone when you leave the page."),
      );
    }
    writing.current = null;
  };
  const keep = (next: KeptPhoto) => {
    setPhoto(next);
    if (writing.current) writing.current.next = next;
    else void write(next);
  };
  const drop = () => {
    setPhoto(null);
    if (writing.current) writing.current.next = null;
    dropPhoto(personId).catch(() => setProblem("It could not be deleted. Clear this site’s data."));
  };
  return { photo, ready, problem, setProblem, keep, drop };
}

/** An address of a kept picture, as long as it is shown. */
export function usePictureUrl(picture: Blob | null): string | null {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!picture) return;
    const made = URL.createObjectURL(picture);
    // The address belongs to the blob: both come from outside of React.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setUrl(made);
    return () => {
      URL.revokeObjectURL(made);
      setUrl(null);
    };
  }, [picture]);
  return url;
}
