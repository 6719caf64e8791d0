import type { Point } from "@/core/anatomy";
import type { Layer } from "@/core/look";

/** Where the colour begins to thin, as a share of the zone. */
const FROM = 0.3;

/** The way a faded edge goes in the picture, as ends of a gradient over a zone; null where it fades all round. */
export function fadeLine(
  { edge, fades }: Pick<Layer, "edge" | "fades">,
  centre: Point,
): { x1: number; y1: number; x2: number; y2: number } | null {
  if (edge !== "faded" || fades === "round") return null;
  const out = centre.x >= 0 ? 1 : 0;
  if (fades === "up") return { x1: 0, y1: 1, x2: 0, y2: 0 };
  // A zone on the midline has no outer side: it fades downwards.
  if (fades === "down" || Math.abs(centre.x) < 1) return { x1: 0, y1: 0, x2: 0, y2: 1 };
  const to = fades === "out" ? out : 1 - out;
  return { x1: 1 - to, y1: 0, x2: to, y2: 0 };
}

/** A zone whose colour thins to one side and keeps its other edges. */
export function FadedZone({
  id,
  href,
  hex,
  line,
  transform,
}: {
  id: string;
  href: string;
  hex: string;
  line: NonNullable<ReturnType<typeof fadeLine>>;
  transform?: string | undefined;
}) {
  return (
    <>
      <linearGradient id={id} {...line}>
        <stop offset={FROM} stopColor={hex} />
        <stop offset="1" stopColor={hex} stopOpacity={0} />
      </linearGradient>
      <use href={href} fill={`url(#${id})`} stroke="none" transform={transform} />
    </>
  );
}
