"use client";

import { createContext, useContext, useEffect, useState } from "react";
import type { Figure } from "@/core/anatomy";
import {
  reliefQuery,
  reliefRequest,
  type Chart,
  type LightKey,
  type ReliefRequest,
} from "@/core/anatomy/surface";
import { rememberBy } from "@/core/remember";
import { BUILD } from "@/ui/keptChairs";
import { HeldWorker } from "@/shared/workers/heldWorker";
import type { ReliefWorker } from "@/workers/relief";

/** One for every figure of a page: they are often of the same person. */
const worker = new HeldWorker<ReliefWorker>(
  () => new Worker(new URL("../../workers/relief.ts", import.meta.url), { type: "module" }),
);

/** A picture as an address that holds all of it, so that a copy of the drawing has it too. */
const held = (picture: Blob) =>
  new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(new Error("the picture could not be read"));
    reader.readAsDataURL(picture);
  });

/** The studio has it at hand, or makes it; where the studio can't be reached, the browser makes it itself. */
async function pictureAsked(request: ReliefRequest): Promise<string> {
  const answer = await fetch(`/api/relief?${reliefQuery(request)}&build=${BUILD}`).catch(
    () => null,
  );
  if (answer?.ok) return held(await answer.blob());
  return worker.ask((api) => api.picture(request));
}

/** Without its relief a figure is flat and as right as before: why there is none is nobody's trouble. */
const pictureOf = rememberBy(40, reliefQuery, (request: ReliefRequest) =>
  pictureAsked(request).catch(() => null),
);

/** Whoever drags a landmark gets the form when it rests. */
const REST_MS = 60;

/** Where light comes from, or none: the colours as they are, without form. */
export type FormLight = LightKey | "flat";

/** Pictures that are there from the start, by their queries: where a figure is drawn once, outside a browser. */
export const GivenReliefs = createContext<ReadonlyMap<string, string>>(new Map());

/** The form of a figure on one of its charts, as the address of a picture; null while there is none. */
export function useRelief(
  figure: Figure,
  chart: Chart | null,
  light: FormLight,
  what: ReliefRequest["what"] = "form",
): string | null {
  const given = useContext(GivenReliefs);
  const [shown, setShown] = useState<{ key: string; picture: string | null } | null>(null);
  const request =
    chart === null || light === "flat" ? null : reliefRequest(figure, chart, light, what);
  const key = request && JSON.stringify(request);
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
  if (request === null) return null;
  // The form of a moment ago stays until the new one is there.
  return shown?.picture ?? given.get(reliefQuery(request)) ?? null;
}
