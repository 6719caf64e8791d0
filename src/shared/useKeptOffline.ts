"use client";

import { useEffect, useState } from "react";
import { CHAIR_WORKER } from "@/ui/keptChairs";
import { readJson } from "@/ui/request";

/** Keeps this page and all it is made of in the browser, so that it opens without the studio. @returns whether it has */
export function useKeptOffline(): boolean {
  const [kept, setKept] = useState(false);
  useEffect(() => {
    if (!("serviceWorker" in navigator)) return;
    const { serviceWorker } = navigator;
    const heard = (event: MessageEvent<{ kept?: boolean }>) => {
      if (event.data.kept) setKept(true);
    };
    serviceWorker.addEventListener("message", heard);
    const keep = async () => {
      await serviceWorker.register(CHAIR_WORKER);
      const { active } = await serviceWorker.ready;
      const parts = await readJson<string[]>("/api/chair/parts");
      if (parts.ok) active?.postMessage({ keep: [location.pathname, ...parts.value] });
    };
    // What the page itself still loads goes first.
    const later = setTimeout(() => void keep().catch(() => undefined), 1200);
    return () => {
      clearTimeout(later);
      serviceWorker.removeEventListener("message", heard);
    };
  }, []);
  return kept;
}
