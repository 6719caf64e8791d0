import type { ZoneId } from "@/core/anatomy";
import type { LookContext } from "@/core/look";

/** Hair of the brow as short strokes over its colour; gone once something covers it. */
export function BrowHair({
  context,
  painted,
  colour,
}: {
  context: LookContext;
  painted: ReadonlySet<ZoneId>;
  colour: string;
}) {
  return (["left", "right"] as const).map((side) => {
    if (painted.has(side === "left" ? "browLeft" : "browRight")) return null;
    const bottom = context.figure.strand("browBottom", side);
    const top = [...context.figure.strand("browTop", side)].reverse();
    const d = bottom
      .filter((_, i) => i % 2 === 0)
      .map((p, i, all) => {
        const q =
          top[Math.min(top.length - 1, Math.round(((i + 1.6) / all.length) * (top.length - 1)))];
        return q
          ? `M${p.x.toFixed(1)} ${(-p.y).toFixed(1)}L${q.x.toFixed(1)} ${(-q.y).toFixed(1)}`
          : "";
      })
      .join("");
    return (
      <path
        key={side}
        d={d}
        stroke={colour}
        strokeWidth={0.55}
        opacity={0.75}
        fill="none"
        strokeLinecap="round"
      />
    );
  });
}
