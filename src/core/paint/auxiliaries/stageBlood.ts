import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const stageBlood = {
  ...plain,
  behaves: "film",
  use: "cover",
  label: "stage blood",
  what: "red syrup or gel, put on in drops at the very end; stains skin and cloth",
  solids: 0.7,
  filmByTool: { roundBrush: 60 },
  keepout: ["eye"],
  mayContain: ["fragrance"],
  veil: { hex: "#6e0f12", hiding: 0.75 },
  removal: { by: "soap", with: "soap and cool water", minutes: 6, care: "at once: it stains" },
} as const satisfies Auxiliary;
