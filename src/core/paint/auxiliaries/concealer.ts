import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const concealer = {
  ...plain,
  inPan: true,
  behaves: "cream",
  use: "cover",
  label: "concealer",
  what: "dense skin-tone cream for small areas",
  setting: "powder",
  filmByTool: { finger: 30, flatBrush: 30 },
  veil: { hex: "#d8b79a", hiding: 0.85 },
  removal: { by: "oil", with: "cream remover, then soap", minutes: 10, care: "light pressure" },
} as const satisfies Auxiliary;
