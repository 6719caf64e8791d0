import { hexToLab } from "@/core/colour";
import type { PlacedPan } from "@/core/kit";

interface PanPictureProps {
  placed: PlacedPan;
  hex: string | null;
  round: boolean;
  /** Pixels a millimetre. */ scale: number;
  name: string;
  chosen?: boolean;
}

/** A pan from above, in its colour and in its size, with its name where there is room. */
export function PanPicture({ placed, hex, round, scale, name, chosen = false }: PanPictureProps) {
  const [width, height] = [placed.width * scale, placed.height * scale];
  const ink = hex && hexToLab(hex)[0] < 55 ? "#ffffff" : "#000000";
  return (
    <span
      className={`flex items-center justify-center forced-color-adjust-none overflow-hidden border text-center text-[11px] leading-tight ${round ? "rounded-full" : "rounded-sm"} ${hex ? "border-black/30" : "border-dashed border-base-content/60 bg-base-100 text-base-content"} ${chosen ? "outline-3 outline-offset-1 outline-base-content" : ""}`}
      style={{ width, height, ...(hex && { background: hex, color: ink }) }}
    >
      {width >= 52 && <span className="px-1 [overflow-wrap:anywhere]">{name}</span>}
    </span>
  );
}
