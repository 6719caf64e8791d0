import type { Layer } from "../look";
import { isPiece, material, toolOf, type MaterialKey } from "../paint";

/** What not every artist at a call can do. A new one is a line here and its case below. */
export const ARTIST_SKILLS = {
  airbrush: "airbrush",
  pieces: "gluing pieces and caps",
  lines: "fine lines and lettering",
  teeth: "teeth",
} as const;
export type ArtistSkill = keyof typeof ARTIST_SKILLS;
export const ARTIST_SKILL_KEYS = Object.keys(ARTIST_SKILLS) as ArtistSkill[];

/** So many marks of a layer, or more, want a steady hand. Common practice, no published source. */
const MANY_MARKS = 3;

/** What a layer asks of who paints it; nothing for what anybody does. */
export function skillOf(layer: Layer, key: MaterialKey): ArtistSkill | undefined {
  if (toolOf(layer.tool).setUpMinutes) return "airbrush";
  if (isPiece(key) || ["adhesive", "foam"].includes(material(key).behaves)) return "pieces";
  if (key === "toothLacquer") return "teeth";
  return layer.marks.some(({ kind }) => kind === "lettering") ||
    (layer.tool === "linerBrush" && layer.marks.length >= MANY_MARKS)
    ? "lines"
    : undefined;
}
