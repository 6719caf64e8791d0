import { memo } from "react";
import type { Point } from "@/core/anatomy";
import { placedStrokes, type Mark } from "@/core/look";
import { pathOf } from "./path";

/** One mark in its colour: lines, dots and filled shapes. Drawn again only when the mark itself is another one. */
export const MarkDrawing = memo(function MarkDrawing({
  mark,
  hex,
  faded = false,
  carry,
}: {
  mark: Mark;
  hex: string;
  faded?: boolean;
  /** Where an expression takes what is drawn. */ carry?: ((p: Point) => Point) | undefined;
}) {
  return (
    <g
      fill="none"
      stroke={hex}
      strokeLinecap="round"
      strokeLinejoin="round"
      opacity={faded ? 0.8 : undefined}
    >
      {placedStrokes(mark).map(({ points: still, widthMm, fill, strength }, i) => {
        const points = carry ? still.map(carry) : still;
        const [only] = points;
        if (points.length === 1 && only)
          return (
            <circle key={i} cx={only.x} cy={-only.y} r={widthMm / 2} fill={hex} stroke="none" />
          );
        return (
          <path
            key={i}
            d={pathOf(points, Boolean(fill))}
            strokeWidth={widthMm}
            fill={fill ? hex : undefined}
            opacity={strength}
          />
        );
      })}
    </g>
  );
});
