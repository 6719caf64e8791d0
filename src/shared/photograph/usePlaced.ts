"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { point, type Point } from "@/core/anatomy";

/** Handles lying on a picture, in its pixels: dragged, or moved by arrow keys by a pixel, with Shift by ten. `frame` goes on the SVG that shows it. */
export function usePlaced<Handle extends string>(
  { width, height }: { readonly width: number; readonly height: number },
  places: Readonly<Record<Handle, Point>>,
  onMove: (handle: Handle, to: Point) => void,
) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<Handle | null>(null);
  const within = (p: Point) =>
    point(Math.min(width, Math.max(0, p.x)), Math.min(height, Math.max(0, p.y)));
  const follow = (event: PointerEvent) => {
    const matrix = svg.current?.getScreenCTM();
    if (!held || !matrix) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onMove(held, within(point(at.x, at.y)));
  };
  const onKey = (event: KeyboardEvent, handle: Handle) => {
    const step = event.shiftKey ? 10 : 1;
    const by = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }[event.key];
    if (!by) return;
    event.preventDefault();
    onMove(handle, within(point(places[handle].x + (by[0] ?? 0), places[handle].y + (by[1] ?? 0))));
  };
  const hold = (event: PointerEvent, handle: Handle) => {
    event.preventDefault();
    svg.current?.setPointerCapture(event.pointerId);
    setHeld(handle);
  };
  const letGo = () => setHeld(null);
  return {
    frame: {
      ref: svg,
      viewBox: `0 0 ${width} ${height}`,
      onPointerMove: follow,
      onPointerUp: letGo,
      onPointerCancel: letGo,
    },
    held,
    hold,
    onKey,
  };
}
