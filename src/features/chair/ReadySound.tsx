"use client";

import { Bell, BellOff } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { readyFrom, type ChairStep, type readLog } from "@/core/chair";
import { tone } from "./useDevice";

const SOUND = "dermagraph.sound";

/** A tone when what the step waits for is ready, for whoever wants it. */
export function ReadySound({
  step,
  steps,
  state,
  now,
}: {
  step: ChairStep | null;
  steps: readonly ChairStep[];
  state: ReturnType<typeof readLog>;
  now: number;
}) {
  const [on, setOn] = useState(() => localStorage.getItem(SOUND) === "on");
  const waited = useRef<string | null>(null);
  const from = step ? readyFrom(step, steps, state) : 0;
  useEffect(() => {
    if (!step) return;
    if (now < from) waited.current = step.id;
    else if (waited.current === step.id) {
      waited.current = null;
      if (on) tone();
    }
  }, [step, from, now, on]);
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm -mt-7 self-end"
      aria-pressed={on}
      onClick={() => {
        localStorage.setItem(SOUND, on ? "off" : "on");
        setOn(!on);
        if (!on) tone();
      }}
    >
      {on ? <Bell size={16} aria-hidden /> : <BellOff size={16} aria-hidden />}Sound{" "}
      {on ? "on" : "off"}
    </button>
  );
}
