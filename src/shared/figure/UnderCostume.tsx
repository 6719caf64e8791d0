import { zoneInfo, type ZoneId } from "@/core/anatomy";
import { exposedZones, type LookContext } from "@/core/look";

/** Hatches what the costume, hood or collar hides: nothing need be painted there but the 2 to 3 cm past the edge (BASE-5). */
export function UnderCostume({
  id,
  zones,
  brief,
  mm = 1,
}: {
  id: string;
  zones: readonly ZoneId[];
  brief: LookContext["brief"];
  mm?: number;
}) {
  const seen = new Set(exposedZones(brief));
  const hidden = zones.filter(
    (zone) =>
      !seen.has(zone) &&
      zoneInfo(zone).group !== "scalp" &&
      zoneInfo(zone).kind !== "brow" &&
      zoneInfo(zone).kind !== "backOfHead",
  );
  return (
    <g pointerEvents="none">
      <pattern
        id={`${id}-costume`}
        width={5 * mm}
        height={5 * mm}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width={5 * mm} height={5 * mm} fill="#fff" fillOpacity={0.35} />
        <path d={`M0 0V${5 * mm}`} stroke="#111" strokeWidth={1.4 * mm} />
      </pattern>
      {hidden.map((zone) => (
        <use key={zone} href={`#${id}-${zone}`} fill={`url(#${id}-costume)`} />
      ))}
    </g>
  );
}
