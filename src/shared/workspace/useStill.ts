import { useEffect, useState } from "react";

/** A value that waits while a hand is on the screen: nothing moves under a drag. */
export function useStill<T>(value: T): T {
  const [shown, setShown] = useState(value);
  const [isHeld, setHeld] = useState(false);
  useEffect(() => {
    const down = () => setHeld(true);
    const up = () => setHeld(false);
    const ends = ["pointerup", "pointercancel", "blur"] as const;
    window.addEventListener("pointerdown", down, true);
    for (const end of ends) window.addEventListener(end, up, true);
    return () => {
      window.removeEventListener("pointerdown", down, true);
      for (const end of ends) window.removeEventListener(end, up, true);
    };
  }, []);
  if (!isHeld && shown !== value) setShown(value);
  return shown;
}
