import { RELIEF_BOXES, type ChartKey } from "@/core/anatomy/surface";

interface ReliefImageProps {
  chart: ChartKey;
  picture: string | null;
  what?: "form" | "gloss";
}

/** Light and shade over flat colours, or what they mirror. */
export function ReliefImage({ chart, picture, what = "form" }: ReliefImageProps) {
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
        data-relief={what === "form" ? chart : undefined}
      />
    )
  );
}
