import { material, type MaterialKey } from "./materials";
import type { Technique, ToolKey } from "./tools";

/**
 * Sizes that brushes and sponges are sold in, mm across what touches the skin, smallest first. Makers' numbers
 * differ from one to the next, so Dermagraph speaks in mm. Common practice, no published source.
 */
export const TOOL_SIZES = {
  linerBrush: [1, 2, 3],
  roundBrush: [3, 5, 8, 12],
  flatBrush: [6, 12, 20, 30],
  foundationBrush: [20, 30],
  powderBrush: [25, 45],
  splatterBrush: [12, 25],
  dampSponge: [25, 60],
  stippleSponge: [20, 45],
} as const satisfies Partial<Record<ToolKey, readonly number[]>>;
export type SizedTool = keyof typeof TOOL_SIZES;

export const isSized = (tool: ToolKey): tool is SizedTool => tool in TOOL_SIZES;

const isSponge = (tool: SizedTool) => tool === "dampSponge" || tool === "stippleSponge";

/** What a tool is made of where it is to carry some material; null for sponges, and where it is the material's own brush. Common practice, no published source. */
export function fibreOf(tool: SizedTool, key: MaterialKey): string | null {
  const { behaves } = material(key);
  if (isSponge(tool) || behaves === "adhesive") return null;
  if (behaves === "powder") return "soft hair or synthetic";
  return tool === "linerBrush" || tool === "roundBrush" ? "fine synthetic" : "firm synthetic";
}

/** How wet it is and how much is on it, as one tells a beginner; empty where that goes without saying. Common practice, no published source. */
export function loadOf(tool: SizedTool, technique: Technique, key: MaterialKey): string {
  if (tool === "splatterBrush") return "paint thin as milk; half loaded, flicked off the thumb";
  const { behaves } = material(key);
  switch (behaves) {
    case "powder":
      return "dry; tap it off";
    case "adhesive":
      return "a thin even coat; a brush kept for glue";
    case "latex":
      return "thin; throw the sponge away, or soap the brush first";
    case "alcohol":
      return "a drop of activator, nearly dry";
    case "cream":
    case "wax":
      return isSponge(tool) ? "dry; a little, pressed in" : "dry; a thin load";
    case "water":
      if (tool === "stippleSponge") return "a little paint; dab it on the palette first";
      if (isSponge(tool)) return "damp, well wrung out; dab it on the palette first";
      return technique === "draw"
        ? "wet as ink; load the belly, roll the tip to a point"
        : "damp, paint like cream; wipe it on the rim";
    default:
      return "";
  }
}
