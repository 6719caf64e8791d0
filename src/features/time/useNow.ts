import { useEffect, useState } from "react";

const EVERY_MS = 5000;

/** The moment, moving; null until the page runs in a browser. */
export function useNow(): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    tick();
    const timer = setInterval(tick, EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
