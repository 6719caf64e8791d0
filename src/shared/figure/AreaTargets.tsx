import type { ZoneId } from "@/core/anatomy";

interface AreaTargetsProps {
  id: string;
  areas: readonly { readonly id: ZoneId; readonly label: string }[];
  onZone: ((zone: ZoneId) => void) | undefined;
}

/** Every area as something to press, over the whole figure. */
export function AreaTargets({ id, areas, onZone }: AreaTargetsProps) {
  if (!onZone) return null;
  return (
    <g fill="transparent">
      {areas.map((area) => (
        <use
          key={area.id}
          href={`#${id}-${area.id}`}
          onClick={() => onZone(area.id)}
          className="cursor-pointer hover:fill-black/10"
          data-zone={area.id}
        >
          <title>{area.label}</title>
        </use>
      ))}
    </g>
  );
}
