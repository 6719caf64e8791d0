import type { ReactNode } from "react";
import type { Figure, ZoneId } from "@/core/anatomy";
import { isBehind } from "./LayerShapes";
import { pathOf } from "./path";

interface BehindFaceProps {
  id: string;
  figure: Figure;
  lines: string;
  contours: boolean;
  bareHex: (zone: ZoneId) => string;
  /** Paint that lies there. */
  children: ReactNode;
}

/** Ears and neck, behind the face in the picture. */
export function BehindFace({ id, figure, lines, contours, bareHex, children }: BehindFaceProps) {
  const features = (names: readonly string[]) =>
    figure.features.filter(({ name }) => names.includes(name));
  return (
    <g>
      {figure.zones
        .filter((zone) => isBehind(zone.id))
        .map((zone) => (
          <use
            key={zone.id}
            href={`#${id}-${zone.id}`}
            fill={bareHex(zone.id)}
            stroke={bareHex(zone.id)}
            strokeWidth={0.4}
          />
        ))}
      {children}
      <g fill="none" stroke={lines} strokeWidth={0.6} opacity={0.6} strokeLinecap="round">
        {features(["earRim", "earInner"]).map((stroke) => (
          <path key={`${stroke.name}${stroke.side}`} d={pathOf(stroke.points, false)} />
        ))}
      </g>
      {contours && (
        <g fill="none" stroke={lines} strokeWidth={0.8} opacity={0.8}>
          {features(["ear"]).map((stroke) => (
            <path key={stroke.side} d={pathOf(stroke.points, true)} />
          ))}
          {(["left", "right"] as const).map((side) => (
            <path
              key={side}
              d={pathOf(
                [...figure.strand("neckSide", side), ...figure.strand("shoulder", side).slice(1)],
                false,
              )}
            />
          ))}
        </g>
      )}
    </g>
  );
}

interface BareFaceProps {
  id: string;
  bareHex: (zone: ZoneId) => string;
}

/** What a face has of its own before any paint: the scalp's shade, lips, brows. */
export function BareFace({ id, bareHex }: BareFaceProps) {
  return (
    <>
      <g filter={`url(#${id}-soft2)`}>
        <use href={`#${id}-scalp`} fill="#000" opacity={0.09} />
      </g>
      {(["upperLip", "lowerLip"] as const).map((zone) => (
        <use key={zone} href={`#${id}-${zone}`} fill={bareHex(zone)} />
      ))}
      <g filter={`url(#${id}-soft1)`} opacity={0.9}>
        {(["browLeft", "browRight"] as const).map((zone) => (
          <use key={zone} href={`#${id}-${zone}`} fill={bareHex(zone)} />
        ))}
      </g>
    </>
  );
}
