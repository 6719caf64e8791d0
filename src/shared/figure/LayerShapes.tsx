import { memo } from "react";
import { centroid, zoneInfo, type Point, type ZoneId } from "@/core/anatomy";
import type { LampKey, Spectrum } from "@/core/colour";
import { hexOf, zoneOfMark, type LookContext, type VisibleLayer } from "@/core/look";
import { FadedZone, fadeLine } from "./fade";
import { MarkDrawing } from "./MarkDrawing";

const BEHIND = new Set(["ears", "neck"]);
/** Areas that lie behind the face in the picture. */
export const isBehind = (zone: ZoneId) => BEHIND.has(zoneInfo(zone).group);

/** The shapes of one layer on one plane: zones of one colour together, so that no seam shows between them. */
interface ShapesProps {
  visible: VisibleLayer;
  context: LookContext;
  lamp: LampKey;
  carry: ((p: Point) => Point) | undefined;
}

/** The same layer in the same colours on the same figure in the same light is the same drawing. */
function unchanged(a: ShapesProps & { id: string }, b: ShapesProps & { id: string }): boolean {
  const [one, other] = [a.visible, b.visible];
  return (
    one.layer === other.layer &&
    a.context.figure === b.context.figure &&
    a.lamp === b.lamp &&
    a.carry === b.carry &&
    a.id === b.id &&
    one.colours.size === other.colours.size &&
    [...one.colours].every(([zone, colour]) => other.colours.get(zone) === colour)
  );
}

export const LayerShapes = memo(function LayerShapes({
  visible,
  behind,
  id,
  context,
  lamp,
  carry,
}: ShapesProps & { behind: boolean; id: string }) {
  const hexOfFilm = (colour: Spectrum) => hexOf(colour, lamp);
  const { layer, colours } = visible;
  if (layer.marks.length)
    return behind ? null : (
      <MarkShapes visible={visible} context={context} lamp={lamp} carry={carry} />
    );
  const byColour = new Map<string, ZoneId[]>();
  for (const [zone, colour] of colours) {
    const hex = hexOfFilm(colour);
    if (isBehind(zone) === behind) byColour.set(hex, [...(byColour.get(hex) ?? []), zone]);
  }
  const faded = layer.edge === "faded" && layer.fades === "round";
  const scale = layer.share < 1 ? Math.sqrt(layer.share) * (faded ? 1.08 : 1) : 1;
  return (
    <g filter={faded ? `url(#${id}-soft${layer.share < 1 ? 4 : 2})` : undefined}>
      {[...byColour].map(([hex, zones]) => (
        <g key={hex} fill={hex} stroke={hex} strokeWidth={scale === 1 ? 1 : 0}>
          {zones.map((zone) => {
            const centre = centroid(context.figure.zone(zone).polygon);
            const transform =
              scale === 1
                ? undefined
                : `translate(${centre.x * (1 - scale)} ${-centre.y * (1 - scale)}) scale(${scale})`;
            const line = fadeLine(layer, centre);
            return line ? (
              <FadedZone
                key={zone}
                id={`${id}-${layer.id}-${zone}`}
                href={`#${id}-${zone}`}
                hex={hex}
                line={line}
                transform={transform}
              />
            ) : (
              <use key={zone} href={`#${id}-${zone}`} transform={transform} />
            );
          })}
        </g>
      ))}
    </g>
  );
}, unchanged);

function MarkShapes({ visible: { layer, colours }, context, lamp, carry }: ShapesProps) {
  const fallback = [...colours.values()][0];
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      {layer.marks.map((mark, i) => {
        if (mark.frame !== "front") return null;
        const zone = zoneOfMark(mark, layer, context);
        const colour = (zone && colours.get(zone)) ?? fallback;
        const hex = colour ? hexOf(colour, lamp) : "#000000";
        return (
          <MarkDrawing key={i} mark={mark} hex={hex} faded={layer.edge === "faded"} carry={carry} />
        );
      })}
    </g>
  );
}
