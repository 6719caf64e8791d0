import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const settingPowder = {
  ...plain,
  behaves: "powder",
  use: "set",
  label: "setting powder",
  what: "translucent, white or coloured powder that sets what does not dry",
  filmByTool: { puff: 3, powderBrush: 3 },
  mayContain: ["talc"],
  eases: { sweat: 0.85, rubbing: 0.7, sebum: 0.8 },
  easesGrease: { sweat: 0.35, rubbing: 0.4, flexing: 0.5, heat: 0.22, sebum: 0.5 },
  veil: { hex: "#ece2d2", hiding: 0.06 },
} as const satisfies Auxiliary;
