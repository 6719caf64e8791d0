"use client";

import { useEffect, useMemo, useRef, useState, type PointerEvent, type RefObject } from "react";
import type { Figure } from "@/core/anatomy";
import type {
  BodyChart,
  ChartPicture,
  LightKey,
  PaintedFigure,
  TurnChart,
} from "@/core/anatomy/surface";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { TurnWorker } from "@/workers/turn";
import { bytesOf, showPicture, takePicture } from "./takePicture";

const turnWorker = () =>
  new Worker(new URL("../../workers/turn.ts", import.meta.url), { type: "module" });

/** Charts a turned head takes its colours from, and a turned body besides. */
export const HEAD_CHARTS = ["face", "leftProfile", "rightProfile", "backOfHead"] as const;
export const BODY_CHARTS = ["bodyFront", "bodyBack"] as const;
type AnyChart = TurnChart | BodyChart;
/** Pixels across a chart that the head is painted from. */
const CHART_PX = 640;
/** The same of how it shines, which is whole areas. */
const SHEEN_PX = 240;
/** Pixels up the picture while it is turned, and once it rests. */
const [MOVING_PX, RESTING_PX] = [360, 800];
const REST_MS = 140;
const SHAPE = 0.86;
/** Degrees a pixel of dragging turns it, and how far up and down one may look. */
const DEGREES_A_PIXEL = 0.5;
export const MOST_PITCH = 40;

/** Who is turned, without the charts. */
export interface Sitter {
  readonly figure: Figure;
  readonly light: LightKey;
  readonly skin: string;
  readonly withBody: boolean;
}

interface Question {
  readonly what: unknown;
  readonly sitter: Sitter;
  readonly yaw: number;
  readonly pitch: number;
  readonly height: number;
}

interface Turned {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

type Charts = Readonly<Record<AnyChart, ChartPicture>>;

/** Takes what is drawn of each chart, its colours or how it shines. */
async function take(
  drawings: HTMLElement | null,
  kind: "chart" | "sheen",
  charts: readonly AnyChart[],
): Promise<Charts> {
  const taken = await Promise.all(
    charts.map(async (chart) => {
      const svg = drawings?.querySelector<SVGSVGElement>(`[data-${kind}=${chart}] > svg`);
      if (!svg) throw new Error("The figure could not be drawn.");
      return [chart, await takePicture(svg, kind === "chart" ? CHART_PX : SHEEN_PX)] as const;
    }),
  );
  return Object.fromEntries(taken) as Charts;
}

async function paintedOf(
  { figure, light, skin, withBody }: Sitter,
  drawings: HTMLElement | null,
): Promise<PaintedFigure> {
  const wanted = withBody ? [...HEAD_CHARTS, ...BODY_CHARTS] : HEAD_CHARTS;
  const [charts, sheen] = await Promise.all([
    take(drawings, "chart", wanted),
    take(drawings, "sheen", wanted),
  ]);
  const { landmarks, physique } = figure;
  const common = { light, charts, sheen, skin: bytesOf(skin) };
  return {
    head: { ...common, face: landmarks, ageYears: physique.ageYears },
    body: withBody
      ? { ...common, physique, bridgeMm: physique.heightCm * 10 - landmarks.vertex.y }
      : null,
  };
}

/** Asks for a picture of the figure, whose charts are taken anew only when they have changed. */
function turning(drawings: () => HTMLElement | null): Ask<TurnWorker, Question, Turned> {
  let loaded: unknown = null;
  return async (api, { what, sitter, yaw, pitch, height }) => {
    if (loaded !== what) {
      await api.load(await paintedOf(sitter, drawings()));
      loaded = what;
    }
    const width = Math.round(height * SHAPE);
    return { width, height, data: await api.draw({ yaw, pitch, width, height }) };
  };
}

const turnedRound = (yaw: number) => ((((yaw + 180) % 360) + 360) % 360) - 180;

/** How far it is turned, and whether somebody is turning it. */
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
  readonly sitter: Sitter;
  /** Anything that changes with the charts. */
  readonly what: unknown;
  readonly yaw: number;
  readonly pitch: number;
  readonly moving: boolean;
}

/** Draws what is turned into a canvas. */
export function useTurned(
  drawings: RefObject<HTMLElement | null>,
  canvas: RefObject<HTMLCanvasElement | null>,
  { sitter, what, yaw, pitch, moving }: Shown,
): Answer<Turned> {
  const question = useMemo(
    (): Question => ({ what, sitter, yaw, pitch, height: moving ? MOVING_PX : RESTING_PX }),
    [what, sitter, yaw, pitch, moving],
  );
  const [ask] = useState(() => turning(() => drawings.current));
  const answer = useAnswer(turnWorker, question, ask);
  const { value } = answer;
  useEffect(() => {
    if (value && canvas.current) showPicture(value, canvas.current);
  }, [value, canvas]);
  return answer;
}
