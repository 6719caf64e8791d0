import type { Point } from "@/core/anatomy";
import { hexOf, zoneOfMark, type LookContext, type Mark, type VisibleLayer } from "@/core/look";
import type { LampKey } from "@/core/colour";
import { Soft } from "./AreaPaint";
import { softness } from "./fade";
import { MarkDrawing } from "./MarkDrawing";

interface MarkPaintProps {
  id: string;
  visible: VisibleLayer;
  context: LookContext;
  lamp: LampKey;
  /** Where the picture has what lies on a mark's side of the person; null where it is not seen. */
  carry: (mark: Mark) => ((p: Point) => Point) | null | undefined;
}

/** The shapes of a layer, each in the colour of the area it has its middle on. */
export function MarkPaint({ id, visible, context, lamp, carry }: MarkPaintProps) {
  const { layer, colours } = visible;
  const fallback = [...colours.values()][0];
  const soft = softness(layer);
  if (layer.marks.every((mark) => carry(mark) === null)) return null;
  return (
    <>
      {soft > 0 && <Soft id={`${id}-soft-${layer.id}`} deviation={soft} />}
      <g
        fill="none"
        strokeLinecap="round"
        strokeLinejoin="round"
        filter={soft > 0 ? `url(#${id}-soft-${layer.id})` : undefined}
      >
        {layer.marks.map((mark, i) => {
          const carried = carry(mark);
          if (carried === null) return null;
          const zone = zoneOfMark(mark, layer, context);
          const colour = (zone && colours.get(zone)) ?? fallback;
          const hex = colour ? hexOf(colour, lamp) : "#000000";
          return <MarkDrawing key={i} mark={mark} hex={hex} layer={layer} carry={carried} />;
        })}
      </g>
    </>
  );
}
