import { memo } from "react";
import { zoneInfo, type Point, type ZoneId } from "@/core/anatomy";
import type { LampKey } from "@/core/colour";
import { hexOf, isArea, type LookContext, type VisibleLayer } from "@/core/look";
import { AreaPaint } from "./AreaPaint";
import { MarkPaint } from "./MarkPaint";

const BEHIND = new Set(["ears", "neck"]);
/** Areas that lie behind the face in the picture. */
export const isBehind = (zone: ZoneId) => BEHIND.has(zoneInfo(zone).group);

interface ShapesProps {
  id: string;
  visible: VisibleLayer;
  context: LookContext;
  lamp: LampKey;
  /** Where an expression takes shapes; areas go with their landmarks. */
  carry: ((p: Point) => Point) | undefined;
}

/** The same layer in the same colours on the same figure in the same light is the same drawing. */
function unchanged(a: ShapesProps, b: ShapesProps): boolean {
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

const asItIs = (p: Point): Point => p;

/** The shapes of one layer on the face on one plane, or its areas. */
export const LayerShapes = memo(function LayerShapes({
  visible,
  behind,
  ...given
}: ShapesProps & { behind: boolean }) {
  const { layer, colours } = visible;
  const { id, context, lamp, carry } = given;
  if (layer.marks.length)
    return (
      <MarkPaint
        {...given}
        visible={visible}
        carry={(mark) => {
          const isBack = isArea(mark) && isBehind(mark.zone);
          if (mark.frame !== "front" || isBack !== behind) return null;
          // What is left of an area is cut from it as it lies on this face.
          return isArea(mark) ? undefined : carry;
        }}
      />
    );
  const painted = [...colours].flatMap(([zone, colour]) =>
    isBehind(zone) === behind
      ? [{ area: context.figure.zone(zone), hex: hexOf(colour, lamp) }]
      : [],
  );
  return (
    <AreaPaint
      {...{ id, layer, painted, figure: context.figure }}
      carry={(zone) => (zoneInfo(zone).frame === "front" ? asItIs : null)}
      flat
    />
  );
}, unchanged);
