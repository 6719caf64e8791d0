import { zoneInfo, type ZoneId } from "@/core/anatomy";
import type { LookContext, VisibleLayer } from "@/core/look";
import { wearsSuit } from "@/core/people";

interface GarmentProps {
  id: string;
  areas: readonly { readonly id: ZoneId }[];
  person: LookContext["person"];
  visible: readonly VisibleLayer[];
  /** Colour of its seams; none where it is drawn without lines. */
  lines: string | null;
  /** Whether the paint lies already on the figure: a child's suit lies over it, a grown person's garment under it. */
  over: boolean;
}

/** A light grey that is no paint's and no skin's. */
const CLOTH = "#c9c9c6";
/** What a grown person wears where nothing is planned: shoulders, thighs and the collar stay bare. */
const BARE_WHEN_GROWN: ReadonlySet<string> = new Set([
  "shoulderFront",
  "shoulderBack",
  "thighFront",
  "thighBack",
  "collar",
]);

/** The plain fitted suit of a child, or what a grown person wears where nothing is painted. */
export function Garment({ id, areas, person, visible, lines, over }: GarmentProps) {
  const isChild = wearsSuit(person);
  if (isChild !== over) return null;
  const painted = new Set(visible.flatMap(({ colours }) => [...colours.keys()]));
  const worn = areas.filter(
    (area) =>
      zoneInfo(area.id).flags.includes("suit") &&
      (isChild || (!painted.has(area.id) && !BARE_WHEN_GROWN.has(zoneInfo(area.id).kind))),
  );
  return (
    <g
      fill={CLOTH}
      stroke={lines ?? CLOTH}
      strokeWidth={0.6}
      strokeOpacity={lines ? 0.35 : 1}
      pointerEvents="none"
      data-garment={isChild ? "suit" : "plain"}
    >
      {worn.map((area) => (
        <use key={area.id} href={`#${id}-${area.id}`} />
      ))}
    </g>
  );
}
