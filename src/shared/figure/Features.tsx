import { memo } from "react";
import type { Figure, Side } from "@/core/anatomy";
import { remember } from "@/core/remember";
import { pathOf } from "./path";

const SIDES: readonly Side[] = ["left", "right"];

/** The edge of the head from where the hair ends, down and round. */
const belowHair = remember((figure: Figure) => {
  const covered = new Set(
    figure.zone("scalp").polygon.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`),
  );
  return figure.outline.filter(({ x, y }) => !covered.has(`${x.toFixed(1)} ${y.toFixed(1)}`));
});

/** What paint never covers: eyes, lashes, nostrils, the line of the lips, creases and the outline. */
export const Features = memo(function Features({
  figure,
  id,
  lines,
  white,
  outline = "whole",
}: {
  figure: Figure;
  id: string;
  lines: string;
  /** White of the eye in this light. */ white: string;
  /** Which of the head's edge is drawn. */ outline?: "whole" | "belowHair" | "none";
}) {
  const stroke = {
    fill: "none",
    stroke: lines,
    strokeLinecap: "round",
    strokeLinejoin: "round",
  } as const;
  const feature = (name: string) => figure.features.filter((entry) => entry.name === name);
  return (
    <g pointerEvents="none">
      {SIDES.map((side) => {
        const { opening, iris, irisRadius } = figure.eyes[side];
        const lash = figure.strand("upperLid", side);
        return (
          <g key={side}>
            <clipPath id={`${id}-eye-${side}`}>
              <path d={pathOf(opening, true)} />
            </clipPath>
            <g clipPath={`url(#${id}-eye-${side})`}>
              <path d={pathOf(opening, true)} fill={white} />
              <circle cx={iris.x} cy={-iris.y - 0.4} r={irisRadius} fill={`url(#${id}-iris)`} />
              <circle
                cx={iris.x}
                cy={-iris.y - 0.4}
                r={irisRadius}
                fill="none"
                stroke="#241a12"
                strokeWidth={0.7}
                opacity={0.8}
              />
              <circle cx={iris.x} cy={-iris.y - 0.4} r={2.4} fill="#0d0b0a" />
              <circle cx={iris.x - 1.8} cy={-iris.y - 2.4} r={1.1} fill="#fff" opacity={0.9} />
              <path
                d={pathOf(lash, false)}
                stroke="#000"
                strokeWidth={4.5}
                opacity={0.28}
                fill="none"
                filter={`url(#${id}-soft1)`}
              />
            </g>
            <path d={pathOf(lash, false)} {...stroke} stroke="#1d1512" strokeWidth={1.5} />
            <path
              d={pathOf(figure.strand("lowerLid", side), false)}
              {...stroke}
              strokeWidth={0.5}
              opacity={0.75}
            />
            <path
              d={pathOf(figure.strand("crease", side), false)}
              {...stroke}
              strokeWidth={0.6}
              opacity={0.6}
            />
            <path
              d={pathOf(figure.strand("wing", side), false)}
              {...stroke}
              strokeWidth={0.7}
              opacity={0.7}
            />
            <path
              d={pathOf(figure.strand("philtrumEdge", side), false)}
              {...stroke}
              strokeWidth={0.4}
              opacity={0.35}
            />
            <path
              d={pathOf(figure.strand("lipLine", side), false)}
              {...stroke}
              stroke="#2c1210"
              strokeWidth={0.9}
              opacity={0.85}
            />
          </g>
        );
      })}
      {feature("nostril").map((entry) => (
        <path key={entry.side} d={pathOf(entry.points, true)} fill="#2a1611" opacity={0.85} />
      ))}
      {feature("foldLine").map((entry) => (
        <path
          key={entry.side}
          d={pathOf(entry.points, false)}
          {...stroke}
          strokeWidth={0.6}
          opacity={0.35}
        />
      ))}
      {feature("chinCrease").map((entry) => (
        <path
          key={entry.side}
          d={pathOf(entry.points, false)}
          {...stroke}
          strokeWidth={0.5}
          opacity={0.25}
        />
      ))}
      {outline !== "none" && (
        <path
          d={outline === "whole" ? pathOf(figure.outline, true) : pathOf(belowHair(figure), false)}
          {...stroke}
          strokeWidth={0.8}
          opacity={0.85}
        />
      )}
    </g>
  );
});
