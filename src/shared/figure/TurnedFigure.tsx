"use client";

import { useMemo, useRef, useState } from "react";
import { turnWords, type LightKey } from "@/core/anatomy/surface";
import { sheenOf } from "@/core/look";
import { Waiting } from "@/shared/workers/Waiting";
import type { FaceFigureProps } from "./FaceFigure";
import { SheenDrawing } from "./SheenDrawing";
import { BODY_CHARTS, HEAD_CHARTS, MOST_PITCH, useTurn, useTurned } from "./useTurned";
import { ViewFigure } from "./ViewFigure";

interface TurnedFigureProps extends Pick<
  FaceFigureProps,
  "look" | "context" | "prediction" | "upTo" | "whole" | "lamp" | "title" | "className"
> {
  formLight: LightKey;
  /** Whether the whole person is turned first, or the head by itself. */
  wholePerson: boolean;
}

/** From where one mostly looks: degrees to the person's left. */
const STANDPOINTS = [
  ["front", 0],
  ["¾ left", 45],
  ["left", 90],
  ["behind", 180],
  ["right", -90],
  ["¾ right", -45],
] as const;

/** The painted figure, turned by hand: drag it, use the two sliders, or go where one mostly looks from. */
export function TurnedFigure({
  title,
  className,
  formLight,
  wholePerson,
  ...drawn
}: TurnedFigureProps) {
  const [withBody, setWithBody] = useState(wholePerson);
  const { look, context, prediction, upTo, whole, lamp } = drawn;
  const drawings = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { yaw, pitch, moving, turn, drag } = useTurn();
  const what = useMemo(
    () => ({ look, context, prediction, upTo, whole, lamp, formLight, withBody }),
    [look, context, prediction, upTo, whole, lamp, formLight, withBody],
  );
  const sitter = useMemo(
    () => ({ figure: context.figure, light: formLight, skin: context.person.skin, withBody }),
    [context, formLight, withBody],
  );
  const sheen = useMemo(() => sheenOf(look, context, upTo), [look, context, upTo]);
  const answer = useTurned(drawings, canvas, { sitter, what, yaw, pitch, moving });
  const charts = withBody ? [...HEAD_CHARTS, ...BODY_CHARTS] : HEAD_CHARTS;
  const words = turnWords(yaw);
  return (
    <div className={`flex flex-col ${className ?? ""}`}>
      <div ref={drawings} aria-hidden className="invisible absolute size-0 overflow-hidden">
        {charts.map((chart) => (
          <div key={chart} data-sheen={chart}>
            <SheenDrawing view={chart} figure={context.figure} sheen={sheen} />
          </div>
        ))}
        {charts.map((chart) => (
          <div key={chart} data-chart={chart}>
            <ViewFigure
              id={`turn-${chart}`}
              view={chart}
              {...drawn}
              title=""
              formLight="flat"
              contours={false}
              guides={{ hat: false }}
            />
          </div>
        ))}
      </div>
      <div className="relative min-h-0 flex-1 touch-none" {...drag}>
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${title}, ${words}`}
          aria-busy={!answer.fresh}
          data-settled={answer.fresh && !moving}
          className="absolute inset-0 size-full cursor-grab object-contain active:cursor-grabbing"
        />
        {!answer.value && (
          <div className="absolute inset-x-4 bottom-4 rounded bg-base-100 px-3 text-base-content">
            <Waiting answer={answer} doing="Turning the figure" what="the figure" />
          </div>
        )}
      </div>
      <div
        className="flex flex-wrap justify-center gap-1 px-4 pt-2"
        role="group"
        aria-label="Look from"
      >
        {[false, true].map((body) => (
          <button
            key={String(body)}
            type="button"
            className="btn btn-sm px-2"
            aria-pressed={withBody === body}
            onClick={() => setWithBody(body)}
          >
            {body ? "Whole person" : "Head"}
          </button>
        ))}
        <span className="w-2" />
        {STANDPOINTS.map(([label, to]) => (
          <button
            key={label}
            type="button"
            className="btn btn-sm px-2 font-normal"
            aria-pressed={Math.round(yaw) === to}
            aria-label={`Look from: ${turnWords(to)}`}
            onClick={() => turn(to, 0)}
          >
            {label}
          </button>
        ))}
      </div>
      <div className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1 px-4 py-2 text-sm">
        <label htmlFor="turned" className="font-bold">
          Turn
        </label>
        <input
          id="turned"
          type="range"
          className="range range-sm w-full [--range-thumb:#f4f4f3]"
          min={-180}
          max={180}
          step={5}
          value={Math.round(yaw)}
          aria-valuetext={words}
          onChange={(event) => turn(Number(event.target.value), pitch)}
        />
        <span className="w-44 text-right">{words}</span>
        <label htmlFor="tilted" className="font-bold">
          Tilt
        </label>
        <input
          id="tilted"
          type="range"
          className="range range-sm w-full [--range-thumb:#f4f4f3]"
          min={-MOST_PITCH}
          max={MOST_PITCH}
          step={5}
          value={Math.round(pitch)}
          aria-valuetext={tiltWords(pitch)}
          onChange={(event) => turn(yaw, Number(event.target.value))}
        />
        <span className="w-44 text-right">{tiltWords(pitch)}</span>
      </div>
    </div>
  );
}

const tiltWords = (pitch: number) => {
  const degrees = Math.round(Math.abs(pitch));
  if (degrees < 3) return "level";
  return pitch > 0 ? `${degrees}° from above` : `${degrees}° from below`;
};
