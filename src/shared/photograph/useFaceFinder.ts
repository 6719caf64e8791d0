"use client";

import { proxy } from "comlink";
import type { FaceFound } from "@/core/photograph";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { LandmarksWorker } from "@/workers/landmarks";
import { pixelsOf, type KeptPhoto } from "./keptPhoto";

const landmarksWorker = () =>
  new Worker(new URL("../../workers/landmarks.ts", import.meta.url), { type: "module" });

/** How the search for a face stands. */
export type Found =
  | { readonly is: "looking"; readonly words: string }
  | { readonly is: "found"; readonly found: FaceFound }
  | { readonly is: "not"; readonly problem: string };

const wordsOf = (look: number | null, of: number): string => {
  if (look === null) return "Loading the face finder";
  return look === 0 ? "Looking for the face" : `Looking again, ${look + 1} of ${of}`;
};

/** What is told while it looks. */
export const lookingWords = (found: Found | null): string =>
  found?.is === "looking" ? found.words : "Loading the face finder";

const finding: Ask<LandmarksWorker, KeptPhoto, Found> = async (api, photo, asked) => {
  const told = (look: number | null, of: number) =>
    asked.partly({ is: "looking", words: wordsOf(look, of) });
  const answer = await api.find(await pixelsOf(photo), proxy(told));
  return "problem" in answer
    ? { is: "not", problem: answer.problem }
    : { is: "found", found: answer };
};

/**
 * Looks for the face on a photograph, in this browser.
 *
 * @param photo null looks for nothing
 */
export const useFaceFinder = (photo: KeptPhoto | null): Answer<Found> =>
  useAnswer(landmarksWorker, photo, finding);
