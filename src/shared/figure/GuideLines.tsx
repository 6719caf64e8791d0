import type { LookContext } from "@/core/look";
import type { Guides } from "./FaceFigure";
import { pathOf } from "./path";

/** Lines a painter is guided by: hairline, midline, corners of the eyes, creases, the hat. */
export function GuideLines({
  figure,
  guides,
  hatLineMm,
  lines,
  isBald,
}: {
  figure: LookContext["figure"];
  guides: Guides;
  hatLineMm: number | null;
  lines: string;
  /** Whether the hairline is only a line, no hair shows it. */ isBald: boolean;
}) {
  const face = figure.landmarks;
  const dash = { fill: "none", stroke: lines, strokeWidth: 0.6, strokeDasharray: "3 2.4" } as const;
  return (
    <g pointerEvents="none">
      {isBald &&
        (["left", "right"] as const).map((side) => (
          <path
            key={side}
            d={pathOf(figure.strand("hairline", side), false)}
            {...dash}
            opacity={0.75}
          />
        ))}
      {guides.midline && <path d={`M0 ${-face.trichion.y - 8}V${-face.menton.y + 4}`} {...dash} />}
      {guides.eyeBand &&
        (["exocanthionLeft", "exocanthionRight"] as const).map((name) => (
          <path
            key={name}
            d={`M${face[name].x} ${-face.trichion.y}V${-face.menton.y}`}
            {...dash}
            strokeDasharray="0.8 2.4"
          />
        ))}
      {guides.creases &&
        figure.features
          .filter(
            ({ name }) =>
              name === "foldLine" ||
              name.startsWith("forehead") ||
              name.startsWith("crows") ||
              name === "frownLine",
          )
          .map((stroke) => (
            <path
              key={`${stroke.name}${stroke.side}`}
              d={pathOf(stroke.points, false)}
              {...dash}
              strokeDasharray="1.4 1.6"
            />
          ))}
      {guides.hat !== false && hatLineMm !== null && (
        <g>
          <path
            d={`M${-face.euryonLeft.x - 8} ${-hatLineMm + 5}Q0 ${-hatLineMm - 5} ${face.euryonLeft.x + 8} ${-hatLineMm + 5}`}
            fill="none"
            stroke="#fff"
            strokeWidth={2.6}
            opacity={0.7}
          />
          <path
            d={`M${-face.euryonLeft.x - 8} ${-hatLineMm + 5}Q0 ${-hatLineMm - 5} ${face.euryonLeft.x + 8} ${-hatLineMm + 5}`}
            fill="none"
            stroke="#111"
            strokeWidth={1.2}
          />
          <text x={face.euryonLeft.x + 10} y={-hatLineMm + 6} fontSize={5.6} fill="#111">
            hat line
          </text>
        </g>
      )}
    </g>
  );
}
