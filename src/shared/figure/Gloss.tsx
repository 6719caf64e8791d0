import { useMemo } from "react";
import type { Figure, ZoneId } from "@/core/anatomy";
import type { Chart } from "@/core/anatomy/surface";
import { ReliefImage } from "./ReliefImage";
import type { FormLight } from "./useRelief";

interface GlossProps {
  id: string;
  figure: Figure;
  chart: Chart | null;
  light: FormLight;
  /** How each area shines, 0 to 1. */
  sheen: ReadonlyMap<ZoneId, number>;
  areas: readonly { readonly id: ZoneId }[];
}

/** The lamp mirrored in what is satin, pearl, metal or gloss. */
export function Gloss({ id, figure, chart, light, sheen, areas }: GlossProps) {
  const byShine = useMemo(() => {
    const groups = new Map<number, ZoneId[]>();
    for (const area of areas) {
      const shine = sheen.get(area.id);
      if (shine) groups.set(shine, [...(groups.get(shine) ?? []), area.id]);
    }
    return [...groups];
  }, [sheen, areas]);
  return byShine.map(([shine, zones], i) => (
    <g key={shine} opacity={shine} pointerEvents="none" data-gloss={shine}>
      <clipPath id={`${id}-${chart}${i}`}>
        {zones.map((zone) => (
          <use key={zone} href={`#${id}-${zone}`} />
        ))}
      </clipPath>
      <g clipPath={`url(#${id}-${chart}${i})`}>
        <ReliefImage {...{ figure, chart, light }} what="gloss" />
      </g>
    </g>
  ));
}
