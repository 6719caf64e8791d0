import type { ZoneId } from "@/core/anatomy";

/** Hair of a beard as short strokes. */
export function Stubble({ id, colour, full }: { id: string; colour: string; full: boolean }) {
  return (
    <pattern
      id={`${id}-stubble`}
      width={1.7}
      height={2.1}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(12)"
    >
      <path d="M0.4 0.3l0.25 0.9M1.2 1.2l0.2 0.7" stroke={colour} strokeWidth={full ? 0.5 : 0.28} />
    </pattern>
  );
}

const HAIRY: readonly ZoneId[] = [
  "chin",
  "jawlineLeft",
  "jawlineRight",
  "lipSideLeft",
  "lipSideRight",
  "philtrum",
];

/** The beard on the face; over paint it comes through where the paint lies. */
export function Beard({ id, through }: { id: string; through?: ReadonlySet<ZoneId> }) {
  const shown = through ? HAIRY.filter((zone) => through.has(zone)) : HAIRY;
  return shown.map((zone) => (
    <use
      key={zone}
      href={`#${id}-${zone}`}
      fill={`url(#${id}-stubble)`}
      opacity={through ? 0.7 : 1}
    />
  ));
}
