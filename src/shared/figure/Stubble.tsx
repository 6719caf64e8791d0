import type { ZoneId } from "@/core/anatomy";

/** Hair of a beard as short strokes; those of a full one are paler than its mass, or they would not be seen on it. */
export function Stubble({ id, colour, full }: { id: string; colour: string; full: boolean }) {
  return (
    <pattern
      id={`${id}-stubble`}
      width={1.7}
      height={2.1}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(12)"
    >
      <path
        d="M0.4 0.3l0.25 0.9M1.2 1.2l0.2 0.7"
        stroke={full ? "#fff" : colour}
        strokeOpacity={full ? 0.22 : 1}
        strokeWidth={full ? 0.4 : 0.28}
      />
    </pattern>
  );
}

const HAIRY: ReadonlySet<ZoneId> = new Set([
  "chin",
  "jawlineLeft",
  "jawlineRight",
  "lipSideLeft",
  "lipSideRight",
  "philtrum",
]);

interface BeardProps {
  id: string;
  /** A full beard is a mass in its colour, its edge soft; stubble is strokes alone. */
  full: boolean;
  colour: string;
  /** Areas that are in the picture. */
  areas: readonly { readonly id: ZoneId }[];
  /** Areas that are painted: the beard comes through the paint. */
  through?: ReadonlySet<ZoneId>;
}

/** The beard; drawn again over paint it comes through where the paint lies. */
export function Beard({ id, full, colour, areas, through }: BeardProps) {
  const shown = areas.filter((area) => HAIRY.has(area.id) && (!through || through.has(area.id)));
  const filled = (fill: string) =>
    shown.map((area) => <use key={area.id} href={`#${id}-${area.id}`} fill={fill} />);
  return (
    <g pointerEvents="none" data-beard={through ? "through" : "under"}>
      {full && (
        <g filter={`url(#${id}-soft1)`} opacity={through ? 0.3 : 0.9}>
          {filled(colour)}
        </g>
      )}
      <g opacity={through ? 0.7 : 1}>{filled(`url(#${id}-stubble)`)}</g>
    </g>
  );
}
