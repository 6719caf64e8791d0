"use client";

import { useState, type ReactNode } from "react";
import type { Point } from "@/core/anatomy";
import { usePlaced } from "./usePlaced";

interface PhotoPointsProps<Handle extends string> {
  url: string;
  width: number;
  height: number;
  handles: readonly Handle[];
  places: Readonly<Record<Handle, Point>>;
  wordsOf: (handle: Handle) => string;
  /** Handles that are no points of the face: drawn the other way round. */
  isAside?: (handle: Handle) => boolean;
  onMove: (handle: Handle, to: Point) => void;
  hint: string;
  className?: string;
  /** Drawn between the picture and its points. */
  children?: ReactNode;
}

/** A photograph with points on it: dragged, or moved by arrow keys by a pixel, with Shift by ten. */
export function PhotoPoints<Handle extends string>(props: PhotoPointsProps<Handle>) {
  const { url, width, height, handles, places, wordsOf, isAside = () => false, onMove } = props;
  const { frame, held, hold, onKey } = usePlaced<Handle>({ width, height }, places, onMove);
  const [near, setNear] = useState<Handle | null>(null);
  const size = Math.max(width, height) / 100;
  const shown = held ?? near;
  return (
    <figure className={props.className}>
      <svg
        {...frame}
        className="max-h-[60dvh] w-full touch-none bg-[#8a8a89]"
        role="group"
        aria-label="Photograph with the points of the face"
      >
        <image href={url} width={width} height={height} />
        {props.children}
        {handles.map((handle) => (
          <g
            key={handle}
            role="button"
            tabIndex={0}
            aria-label={`${wordsOf(handle)}, ${Math.round(places[handle].x)} across, ${Math.round(places[handle].y)} down`}
            data-landmark={handle}
            className="cursor-move"
            onKeyDown={(event) => onKey(event, handle)}
            onFocus={() => setNear(handle)}
            onPointerEnter={() => setNear(handle)}
            onPointerDown={(event) => hold(event, handle)}
          >
            <circle cx={places[handle].x} cy={places[handle].y} r={size * 2.2} fill="transparent" />
            <circle
              cx={places[handle].x}
              cy={places[handle].y}
              r={size * (shown === handle ? 1 : 0.7)}
              fill={isAside(handle) ? "#111" : "#fff"}
              stroke={isAside(handle) ? "#fff" : "#111"}
              strokeWidth={size * 0.25}
            />
          </g>
        ))}
      </svg>
      <figcaption className="min-h-6 text-sm">{shown ? wordsOf(shown) : props.hint}</figcaption>
    </figure>
  );
}
