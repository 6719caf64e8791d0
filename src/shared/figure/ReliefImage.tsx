import { RELIEF_BOXES, type ChartKey } from "@/core/anatomy/surface";

/** Light and shade over flat colours. */
export function ReliefImage({ chart, picture }: { chart: ChartKey; picture: string | null }) {
  const box = RELIEF_BOXES[chart];
  return (
    picture && (
      <image
        href={picture}
        x={box.left}
        y={box.top}
        width={box.width}
        height={box.height}
        preserveAspectRatio="none"
        pointerEvents="none"
        data-relief={chart}
      />
    )
  );
}
