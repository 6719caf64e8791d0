import { useEffect, useState } from "react";

/** The moment, told anew every ten seconds. */
export function useMinute(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 10_000);
    return () => clearInterval(timer);
  }, []);
  return now;
}

/** Minutes from a moment to a clock time of the same day here; 0 when that is past. */
export function minutesUntil(clock: string, now: number): number {
  const [hours = 0, minutes = 0] = clock.split(":").map(Number);
  const end = new Date(now);
  end.setHours(hours, minutes, 0, 0);
  return Math.max(0, (end.getTime() - now) / 60_000);
}

/** Clock time so many minutes after a moment. */
export function clockAfter(now: number, minutes: number): string {
  const at = new Date(now + minutes * 60_000);
  return `${String(at.getHours()).padStart(2, "0")}:${String(at.getMinutes()).padStart(2, "0")}`;
}
