import { useEffect, useState } from "react";

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
