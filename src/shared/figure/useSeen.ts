"use client";

import { useEffect, useMemo, useState, type RefObject } from "react";
import { showPicture, takePicture, type Taken } from "./takePicture";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { ViewWorker } from "@/workers/view";

const viewWorker = () =>
  new Worker(new URL("../../workers/view.ts", import.meta.url), { type: "module" });

/** Pixels the drawing is taken in: the view is worked out on these and shown as large as the figure. */
const WIDE = 480;

/** A picture in pixels, four bytes each. */
interface Seen {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

interface Question {
  readonly what: unknown;
  readonly distanceM: number;
  readonly surround: string;
}

/** Asks for a view of a drawing, which is taken anew only when it has changed. */
function seeing(drawing: () => SVGSVGElement | null): Ask<ViewWorker, Question, Seen> {
  let taken: { what: unknown; picture: Taken } | null = null;
  return async (api, { what, distanceM, surround }) => {
    const svg = drawing();
    const picture =
      taken && taken.what === what
        ? taken.picture
        : svg && (await takePicture(svg, WIDE, surround));
    if (!picture) throw new Error("The figure could not be drawn.");
    taken = { what, picture };
    const { width, height, data, box } = picture;
    const pixelsPerMm = width / box.width;
    return { width, height, data: await api.see({ width, height, data, pixelsPerMm, distanceM }) };
  };
}

/**
 * Draws into a canvas what an eye at a distance makes of an SVG drawing.
 *
 * @param what anything that changes with the drawing
 * @returns how it stands: fresh once the canvas shows what is asked for
 */
export function useSeen(
  source: RefObject<HTMLElement | null>,
  canvas: RefObject<HTMLCanvasElement | null>,
  o: { distanceM: number; what: unknown; on: boolean; surround: string },
): Answer<Seen> {
  const { distanceM, what, on, surround } = o;
  const question = useMemo(
    () => (on ? { what, distanceM, surround } : null),
    [on, what, distanceM, surround],
  );
  const [see] = useState(() => seeing(() => source.current?.querySelector("svg") ?? null));
  const answer = useAnswer(viewWorker, question, see);
  const { value } = answer;
  useEffect(() => {
    if (value && canvas.current) showPicture(value, canvas.current);
  }, [value, canvas, on]);
  return answer;
}
