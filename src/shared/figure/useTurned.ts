"use client";

import { useEffect, useMemo, useRef, useState, type PointerEvent, type RefObject } from "react";
import type { TurnChart, PaintedHead } from "@/core/anatomy/surface";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { TurnWorker } from "@/workers/turn";
import { showPicture, takePicture } from "./takePicture";

const turnWorker = () =>
  new Worker(new URL("../../workers/turn.ts", import.meta.url), { type: "module" });

/** Charts a turned head takes its colours from. */
export const CHARTS: readonly TurnChart[] = ["face", "leftProfile", "rightProfile", "backOfHead"];
/** Pixels across a chart that the head is painted from. */
const CHART_PX = 640;
/** Pixels up the picture while it is turned, and once it rests. */
const [MOVING_PX, RESTING_PX] = [360, 800];
const REST_MS = 140;
const SHAPE = 0.86;
/** Degrees a pixel of dragging turns it, and how far up and down one may look. */
const DEGREES_A_PIXEL = 0.5;
export const MOST_PITCH = 40;

interface Question {
  readonly what: unknown;
  readonly given: Omit<PaintedHead, "charts">;
  readonly yaw: number;
  readonly pitch: number;
  readonly height: number;
}

interface Turned {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

/** Asks for a picture of the head, whose charts are taken anew only when they have changed. */
function turning(drawings: () => HTMLElement | null): Ask<TurnWorker, Question, Turned> {
  let loaded: unknown = null;
  return async (api, { what, given, yaw, pitch, height }) => {
    if (loaded !== what) {
      const taken = await Promise.all(
        CHARTS.map(async (chart) => {
          const svg = drawings()?.querySelector<SVGSVGElement>(`[data-chart=${chart}] > svg`);
          if (!svg) throw new Error("The figure could not be drawn.");
          return [chart, await takePicture(svg, CHART_PX)] as const;
        }),
      );
      await api.load({
        ...given,
        charts: Object.fromEntries(taken) as Record<TurnChart, PaintedHead["charts"][TurnChart]>,
      });
      loaded = what;
    }
    const width = Math.round(height * SHAPE);
    return { width, height, data: await api.draw({ yaw, pitch, width, height }) };
  };
}

export const bytesOf = (hex: string): PaintedHead["skin"] => {
  const code = parseInt(hex.slice(1), 16);
  return [code >> 16, (code >> 8) & 255, code & 255];
};

const turnedRound = (yaw: number) => ((((yaw + 180) % 360) + 360) % 360) - 180;

/** How far a head is turned, and whether somebody is turning it. */
export function useTurn() {
  const [at, setAt] = useState({ yaw: 35, pitch: 0 });
  const [moving, setMoving] = useState(false);
  const from = useRef<{ x: number; y: number } | null>(null);
  useEffect(() => {
    if (!moving) return;
    const timer = setTimeout(() => setMoving(false), REST_MS);
    return () => clearTimeout(timer);
  }, [at, moving]);
  const turn = (yaw: number, pitch: number) => {
    setAt({
      yaw: turnedRound(yaw),
      pitch: Math.min(MOST_PITCH, Math.max(-MOST_PITCH, pitch)),
    });
    setMoving(true);
  };
  const drag = {
    onPointerDown: (event: PointerEvent) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = { x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent) => {
      if (!from.current) return;
      const { x, y } = from.current;
      from.current = { x: event.clientX, y: event.clientY };
      turn(
        at.yaw - (event.clientX - x) * DEGREES_A_PIXEL,
        at.pitch + (event.clientY - y) * DEGREES_A_PIXEL,
      );
    },
    onPointerUp: () => (from.current = null),
    onPointerCancel: () => (from.current = null),
  };
  return { ...at, moving, turn, drag };
}

interface Shown {
  readonly given: Omit<PaintedHead, "charts">;
  /** Anything that changes with the charts. */
  readonly what: unknown;
  readonly yaw: number;
  readonly pitch: number;
  readonly moving: boolean;
}

/** Draws the turned head into a canvas. */
export function useTurned(
  drawings: RefObject<HTMLElement | null>,
  canvas: RefObject<HTMLCanvasElement | null>,
  { given, what, yaw, pitch, moving }: Shown,
): Answer<Turned> {
  const question = useMemo(
    (): Question => ({ what, given, yaw, pitch, height: moving ? MOVING_PX : RESTING_PX }),
    [what, given, yaw, pitch, moving],
  );
  const [ask] = useState(() => turning(() => drawings.current));
  const answer = useAnswer(turnWorker, question, ask);
  const { value } = answer;
  useEffect(() => {
    if (value && canvas.current) showPicture(value, canvas.current);
  }, [value, canvas]);
  return answer;
}
