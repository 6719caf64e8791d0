import { centroid, type Figure, type Point } from "@/core/anatomy";
import type { SeenEdge } from "@/core/look";
import { pathOf } from "./path";

/** A place on the longest line, a little further along for each number, so that those of neighbours do not lie on each other. */
function placeOf(lines: readonly (readonly Point[])[], i: number): Point | undefined {
  const longest = [...lines].sort((a, b) => b.length - a.length)[0];
  return longest?.[Math.floor((longest.length - 1) * (0.25 + 0.17 * (i % 4)))];
}

/** Edges that are lost from a seat, marked by shape: a broken line with a number that stands in the list too. */
export function LostMarks({ edges, figure }: { edges: readonly SeenEdge[]; figure: Figure }) {
  return (
    <g pointerEvents="none">
      {edges.map((edge, i) => {
        const at =
          placeOf(edge.lines, i) ?? (edge.zones[0] && centroid(figure.zone(edge.zones[0]).polygon));
        return (
          <g key={edge.key} fill="none" strokeLinecap="butt">
            {edge.lines
              .filter((line) => line.length > 1)
              .slice(0, 40)
              .map((line, k) => [
                <path
                  key={`${k}w`}
                  d={pathOf(line, false)}
                  stroke="#fff"
                  strokeWidth={1.8}
                  opacity={0.9}
                />,
                <path
                  key={`${k}b`}
                  d={pathOf(line, false)}
                  stroke="#111"
                  strokeWidth={1.1}
                  strokeDasharray="1.2 2.6"
                />,
              ])}
            {at && (
              <g transform={`translate(${at.x} ${-at.y})`}>
                <rect
                  x={-4.6}
                  y={-4.6}
                  width={9.2}
                  height={9.2}
                  fill="#fff"
                  stroke="#111"
                  strokeWidth={0.9}
                  transform="rotate(45)"
                />
                <text textAnchor="middle" dy={2.3} fontSize={6.4} fontWeight={700} fill="#111">
                  {i + 1}
                </text>
              </g>
            )}
          </g>
        );
      })}
    </g>
  );
}
