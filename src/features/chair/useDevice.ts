import { useEffect, useState } from "react";
import { CHAIR_WORKER } from "@/ui/keptChairs";
import { readJson } from "@/ui/request";

/** Keeps the screen awake while something is painted, where the device can. */
export function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !("wakeLock" in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let over = false;
    const ask = () => {
      if (document.visibilityState === "visible")
        navigator.wakeLock.request("screen").then(
          (lock) => {
            if (over) void lock.release();
            else held = lock;
          },
          () => undefined,
        );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", ask);
      void held?.release();
    };
  }, [on]);
}

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

/** A short tone, where sound is wanted. */
export function tone(): void {
  const audio = new AudioContext();
  const [source, volume] = [audio.createOscillator(), audio.createGain()];
  source.frequency.value = 660;
  volume.gain.setValueAtTime(0.2, audio.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.7);
  source.connect(volume).connect(audio.destination);
  source.start();
  source.stop(audio.currentTime + 0.7);
  source.onended = () => void audio.close();
}

/** The moment, each second. */
export function useSeconds(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
