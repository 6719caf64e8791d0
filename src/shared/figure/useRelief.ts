"use client";

import { useEffect, useState } from "react";
import type { Figure } from "@/core/anatomy";
import type { ChartKey, LightKey, ReliefRequest } from "@/core/anatomy/surface";
import { rememberBy } from "@/core/remember";
import { HeldWorker } from "@/shared/workers/heldWorker";
import type { ReliefWorker } from "@/workers/relief";

/** One for every figure of a page: they are often of the same person. */
const worker = new HeldWorker<ReliefWorker>(
  () => new Worker(new URL("../../workers/relief.ts", import.meta.url), { type: "module" }),
);

const keyOf = (request: ReliefRequest) => JSON.stringify(request);

/** Without its relief a figure is flat and as right as before: why there is none is nobody's trouble. */
const pictureOf = rememberBy(40, keyOf, (request: ReliefRequest) =>
  worker.ask((api) => api.picture(request)).catch(() => null),
);

/** Whoever drags a landmark gets the form when it rests. */
const REST_MS = 60;

/** Where light comes from, or none: the colours as they are, without form. */
export type FormLight = LightKey | "flat";

/** The form of a head on one of its charts, as the address of a picture; null while there is none. */
export function useRelief(
  figure: Figure,
  chart: ChartKey | null,
  light: FormLight,
  what: ReliefRequest["what"] = "form",
): string | null {
  const [shown, setShown] = useState<{ key: string; picture: string | null } | null>(null);
  const request =
    chart === null || light === "flat"
      ? null
      : { face: figure.landmarks, ageYears: figure.physique.ageYears, chart, light, what };
  const key = request && keyOf(request);
  useEffect(() => {
    if (key === null) return;
    let wanted = true;
    const timer = setTimeout(() => {
      void pictureOf(JSON.parse(key) as ReliefRequest).then((picture) => {
        if (wanted) setShown({ key, picture });
      });
    }, REST_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [key]);
  if (key === null) return null;
  // The form of a moment ago stays until the new one is there.
  return shown?.picture ?? null;
}
