"use client";

import { useEffect, useRef, useState, type RefObject } from "react";
import { useWorker } from "@/parts/workers/useWorker";
import type { ViewWorker } from "@/workers/view";

const viewWorker = () =>
  new Worker(new URL("../../workers/view.ts", import.meta.url), { type: "module" });

/** Pixels the drawing is taken in: the view is worked out on these and shown as large as the figure. */
const WIDE = 480;

interface Taken {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
  readonly pixelsPerMm: number;
}

/** A drawing in millimetres as pixels, on the grey that surrounds it. */
async function take(svg: SVGSVGElement, surround: string): Promise<Taken | null> {
  const { width: w, height: h } = svg.viewBox.baseVal;
  const [width, height] = [WIDE, Math.round((WIDE * h) / w)];
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
  await image.decode();
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) return null;
  context.fillStyle = surround;
  context.fillRect(0, 0, width, height);
  context.drawImage(image, 0, 0, width, height);
  return {
    width,
    height,
    data: context.getImageData(0, 0, width, height).data,
    pixelsPerMm: width / w,
  };
}

/**
 * Draws into a canvas what an eye at a distance makes of an SVG drawing. While one view is worked out only the newest wish waits, so a slider can
 * be dragged freely.
 * @param what anything that changes with the drawing
 * @returns whether the canvas shows what is asked for
 */
export function useSeen(
  source: RefObject<HTMLElement | null>,
  canvas: RefObject<HTMLCanvasElement | null>,
  o: { distanceM: number; what: unknown; on: boolean; surround: string },
): boolean {
  const worker = useWorker<ViewWorker>(viewWorker);
  const [shown, setShown] = useState<{ what: unknown; distanceM: number } | null>(null);
  const state = useRef<{
    busy: boolean;
    next: (() => void) | null;
    taken: { what: unknown; picture: Taken } | null;
  }>({ busy: false, next: null, taken: null });
  const { distanceM, what, on, surround } = o;
  useEffect(() => {
    if (!on) return;
    const held = state.current;
    const run = async () => {
      const svg = source.current?.querySelector("svg");
      if (!svg) return;
      const picture =
        held.taken && held.taken.what === what ? held.taken.picture : await take(svg, surround);
      if (!picture) return;
      held.taken = { what, picture };
      const data = await worker().see({ ...picture, distanceM });
      const target = canvas.current;
      const context = target?.getContext("2d");
      if (!target || !context) return;
      target.width = picture.width;
      target.height = picture.height;
      context.putImageData(
        new ImageData(Uint8ClampedArray.from(data), picture.width, picture.height),
        0,
        0,
      );
      setShown({ what, distanceM });
    };
    const start = () => {
      held.busy = true;
      void run().finally(() => {
        held.busy = false;
        const { next } = held;
        held.next = null;
        next?.();
      });
    };
    if (held.busy) held.next = start;
    else start();
  }, [source, canvas, distanceM, what, on, surround, worker]);
  return shown !== null && shown.what === what && shown.distanceM === distanceM;
}
