import type { Figure } from "@/core/anatomy";
import { reliefBox, type Chart } from "@/core/anatomy/surface";
import { useRelief, type FormLight } from "./useRelief";

interface ReliefImageProps {
  figure: Figure;
  chart: Chart | null;
  light: FormLight;
  what?: "form" | "gloss";
}

/** Light and shade over flat colours, or what they mirror. */
export function ReliefImage({ figure, chart, light, what = "form" }: ReliefImageProps) {
  const picture = useRelief(figure, chart, light, what);
  if (!picture || !chart) return null;
  const box = reliefBox(figure, chart);
  return (
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
  );
}
