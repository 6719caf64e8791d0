import {
  centroid,
  inStrip,
  type Figure,
  type Point,
  type Polygon,
  type ZoneId,
} from "@/core/anatomy";
import { liesInStrips, middleOf, stripsOf, type Layer } from "@/core/look";
import { acrossArea, fadeLine, softness } from "./fade";
import { pathOf } from "./path";

/** An area as the picture has it. */
export interface Area {
  readonly id: ZoneId;
  readonly polygon: Polygon;
}

export interface AreaPaintProps {
  id: string;
  layer: Layer;
  /** The areas it lies on, each with its colour. */
  painted: readonly { readonly area: Area; readonly hex: string }[];
  figure: Figure;
  /** From mm on the person to mm in the picture, for an area; null where that side is not in it. */
  carry: (zone: ZoneId) => ((p: Point) => Point) | null;
  /** Whether the picture keeps lengths; from the side it does not. */
  flat: boolean;
}

/** Half the width of the line that hides seams between areas of one colour, mm. */
const SEAM_MM = 1;

/** A layer on its areas: whole ones, the middle of each, or what lies between two lines. */
export function AreaPaint({ painted, ...given }: AreaPaintProps) {
  const { id, layer } = given;
  const byColour = new Map<string, Area[]>();
  for (const { area, hex } of painted) byColour.set(hex, [...(byColour.get(hex) ?? []), area]);
  const isMiddle = layer.part.kind === "middle";
  const isStrips = liesInStrips(layer.part);
  const soft = (isMiddle ? 2 : 1) * softness(layer);
  // A strip keeps the outlines of its areas and thins across alone; anything else is soft all round.
  const isBlurred = soft > 0 && (layer.part.kind !== "strip" || !given.flat);
  const seam = layer.part.kind === "whole" ? SEAM_MM : 0;
  return (
    <>
      {isBlurred && <Soft id={`${id}-soft-${layer.id}`} deviation={soft} />}
      <g filter={isBlurred ? `url(#${id}-soft-${layer.id})` : undefined}>
        {[...byColour].map(([hex, areas]) => (
          <g key={hex} fill={hex} stroke={hex} strokeWidth={seam}>
            {areas.map((area) =>
              isStrips ? (
                <PartOfArea key={area.id} {...given} {...{ area, hex, isBlurred }} />
              ) : (
                <WholeArea key={area.id} {...{ id, layer, area, hex }} />
              ),
            )}
          </g>
        ))}
      </g>
    </>
  );
}

export function Soft({ id, deviation }: { id: string; deviation: number }) {
  return (
    <filter id={id} x="-40%" y="-40%" width="180%" height="180%">
      <feGaussianBlur stdDeviation={deviation} />
    </filter>
  );
}

interface OneArea {
  id: string;
  layer: Layer;
  area: Area;
  hex: string;
}

/** Where the colour begins to thin that fades to one side, as a share of the area. */
const THINS_FROM = 0.3;

function WholeArea({ id, layer, area, hex }: OneArea) {
  const centre = centroid(area.polygon);
  const isMiddle = layer.part.kind === "middle";
  const isRound = layer.edge === "faded" && layer.fades === "round";
  const scale = isMiddle ? Math.sqrt(middleOf(layer.part)) * (isRound ? 1.08 : 1) : 1;
  const transform =
    scale === 1
      ? undefined
      : `translate(${centre.x * (1 - scale)} ${-centre.y * (1 - scale)}) scale(${scale})`;
  const line = fadeLine(layer, centre);
  if (!line) return <use href={`#${id}-${area.id}`} transform={transform} />;
  const own = `${id}-${layer.id}-${area.id}`;
  return (
    <>
      <linearGradient id={own} {...line}>
        <stop offset={THINS_FROM} stopColor={hex} />
        <stop offset="1" stopColor={hex} stopOpacity={0} />
      </linearGradient>
      <use href={`#${id}-${area.id}`} fill={`url(#${own})`} stroke="none" transform={transform} />
    </>
  );
}

interface PartProps extends OneArea, Pick<AreaPaintProps, "figure" | "carry" | "flat"> {
  isBlurred: boolean;
}

function PartOfArea({ id, layer, area, hex, figure, carry, flat, isBlurred }: PartProps) {
  const { polygon } = figure.zone(area.id);
  const carried = carry(area.id);
  if (!carried) return null;
  const centre = centroid(polygon);
  return stripsOf(layer.part, polygon)?.map((strip, i) => {
    if (!flat || isBlurred)
      return <path key={i} d={pathOf(inStrip(polygon, strip).map(carried), true)} stroke="none" />;
    const own = `${id}-${layer.id}-${area.id}-${i}`;
    const { line, stops } = acrossArea(layer, strip, polygon, centre, carried);
    return (
      <g key={i}>
        <linearGradient id={own} gradientUnits="userSpaceOnUse" {...line}>
          {stops.map(({ offset, opacity }, k) => (
            <stop key={k} offset={offset} stopColor={hex} stopOpacity={opacity} />
          ))}
        </linearGradient>
        <use
          href={`#${id}-${area.id}`}
          fill={`url(#${own})`}
          stroke={`url(#${own})`}
          strokeWidth={SEAM_MM}
        />
      </g>
    );
  });
}
