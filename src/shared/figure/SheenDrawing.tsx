import { useMemo } from "react";
import type { Figure, ZoneId } from "@/core/anatomy";
import { pathOf } from "./path";
import { sceneOf, type ViewKey } from "./views";

/** How each area of a view shines, as a picture for the worker: black where it is matte, red where it is a mirror. */
export function SheenDrawing({
  view,
  figure,
  sheen,
}: {
  view: ViewKey;
  figure: Figure;
  /** How each area shines, 0 to 1. */
  sheen: ReadonlyMap<ZoneId, number>;
}) {
  const { zones, box } = useMemo(() => sceneOf(figure, view), [figure, view]);
  return (
    <svg viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}>
      {zones.map(({ id, frame, polygon }) => (
        <path
          key={`${frame}${id}`}
          d={pathOf(polygon, true)}
          fill={`rgb(${Math.round(255 * (sheen.get(id) ?? 0))} 0 0)`}
        />
      ))}
    </svg>
  );
}
