import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const foamPiece = {
  ...plain,
  minutesEach: 15,
  use: "piece",
  behaves: "foam",
  label: "foam piece",
  what: "a foam-latex piece glued to the skin: its raw surface drinks paint",
  filmByTool: { finger: 900 },
  keepout: ["eye", "lips"],
  allergens: ["latex"],
  veil: { hex: "#e3cdb4", hiding: 0.995 },
  removal: {
    by: "piece",
    with: "adhesive remover along the edge",
    minutes: 25,
    care: "open the edge with a soaked brush, never pull",
  },
} as const satisfies Auxiliary;
