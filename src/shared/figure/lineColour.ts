import { hexToLab, labToHex } from "@/core/colour";

/** Lines of the drawing: darker than the skin they lie on, whatever the skin. */
export function lineColour(skin: string): string {
  const [L, a, b] = hexToLab(skin);
  return labToHex([Math.max(4, L * 0.3), a * 0.6, b * 0.5]);
}
