import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const latexPiece = {
  ...plain,
  minutesEach: 6,
  use: "piece",
  behaves: "piece",
  label: "slip-latex piece",
  what: "a hollow cast of latex, glued at its edge",
  filmByTool: { finger: 500 },
  keepout: ["eye", "lips"],
  allergens: ["latex"],
  veil: { hex: "#dcc0a0", hiding: 0.98 },
  removal: {
    by: "piece",
    with: "adhesive remover along the edge",
    minutes: 12,
    care: "open the edge with a soaked brush, never pull",
  },
} as const satisfies Auxiliary;
