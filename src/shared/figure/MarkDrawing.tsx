import { memo, useId } from "react";
import { centroid, type Point } from "@/core/anatomy";
import { placedStrokes, type Layer, type Mark } from "@/core/look";
import { fadeLine } from "./fade";
import { pathOf } from "./path";

interface MarkDrawingProps {
  mark: Mark;
  hex: string;
  /** What it belongs to: where that fades to one side, what is filled thins. */
  layer?: Layer;
  /** Where an expression takes what is drawn. */
  carry?: ((p: Point) => Point) | undefined;
}

/** One mark in its colour: lines, dots and filled shapes. Drawn again only when the mark itself is another one. */
export const MarkDrawing = memo(function MarkDrawing({
  mark,
  hex,
  layer,
  carry,
}: MarkDrawingProps) {
  const own = useId();
  return (
    <g fill="none" stroke={hex} strokeLinecap="round" strokeLinejoin="round">
      {placedStrokes(mark).map(({ points: still, widthMm, fill, strength }, i) => {
        const points = carry ? still.map(carry) : still;
        const [only] = points;
        if (points.length === 1 && only)
          return (
            <circle key={i} cx={only.x} cy={-only.y} r={widthMm / 2} fill={hex} stroke="none" />
          );
        const line = fill && layer ? fadeLine(layer, centroid(still)) : null;
        const d = pathOf(points, Boolean(fill));
        if (line)
          return (
            <g key={i} opacity={strength}>
              <linearGradient id={`${own}${i}`} {...line}>
                <stop offset="0.15" stopColor={hex} />
                <stop offset="1" stopColor={hex} stopOpacity={0} />
              </linearGradient>
              <path d={d} fill={`url(#${own}${i})`} stroke="none" />
            </g>
          );
        return (
          <path
            key={i}
            d={d}
            strokeWidth={widthMm}
            fill={fill ? hex : undefined}
            opacity={strength}
          />
        );
      })}
    </g>
  );
});
