import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const corrector = {
  ...plain,
  inPan: true,
  behaves: "cream",
  use: "cover",
  label: "corrector",
  what: "orange or apricot cream that cancels dark hair and shadow",
  setting: "powder",
  filmByTool: { finger: 30, flatBrush: 30 },
  veil: { hex: "#d98a5b", hiding: 0.75 },
  removal: { by: "oil", with: "cream remover, then soap", minutes: 10, care: "light pressure" },
} as const satisfies Auxiliary;
