"use client";

import { useMemo, useRef } from "react";
import { turnWords, type LightKey } from "@/core/anatomy/surface";
import { Waiting } from "@/shared/workers/Waiting";
import type { FaceFigureProps } from "./FaceFigure";
import { bytesOf, CHARTS, MOST_PITCH, useTurn, useTurned } from "./useTurned";
import { ViewFigure } from "./ViewFigure";

interface TurnedHeadProps extends Pick<
  FaceFigureProps,
  "look" | "context" | "prediction" | "upTo" | "whole" | "lamp" | "title" | "className"
> {
  formLight: LightKey;
}

/** The painted head, turned by hand: drag it, or use the two sliders. */
export function TurnedHead({ title, className, formLight, ...drawn }: TurnedHeadProps) {
  const { look, context, prediction, upTo, whole, lamp } = drawn;
  const drawings = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { yaw, pitch, moving, turn, drag } = useTurn();
  const what = useMemo(
    () => ({ look, context, prediction, upTo, whole, lamp, formLight }),
    [look, context, prediction, upTo, whole, lamp, formLight],
  );
  const given = useMemo(
    () => ({
      face: context.figure.landmarks,
      ageYears: context.figure.physique.ageYears,
      light: formLight,
      skin: bytesOf(context.person.skin),
    }),
    [context, formLight],
  );
  const answer = useTurned(drawings, canvas, { given, what, yaw, pitch, moving });
  const words = turnWords(yaw);
  return (
    <div className={`flex flex-col ${className ?? ""}`}>
      <div ref={drawings} aria-hidden className="invisible absolute size-0 overflow-hidden">
        {CHARTS.map((chart) => (
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
            <Waiting answer={answer} doing="Turning the head" what="the head" />
          </div>
        )}
      </div>
      <div className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1 px-4 py-2 text-sm">
        <label htmlFor="turned" className="font-bold">
          Turn
        </label>
        <input
          id="turned"
          type="range"
          className="range range-sm w-full"
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
          className="range range-sm w-full"
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
