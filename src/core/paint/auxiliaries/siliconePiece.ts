import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const siliconePiece = {
  ...plain,
  minutesEach: 18,
  use: "piece",
  behaves: "silicone",
  label: "silicone piece",
  what: "an encapsulated silicone piece with a dissolving edge: coloured in itself, painted with alcohol colour",
  filmByTool: { finger: 1200 },
  keepout: ["eye", "lips"],
  veil: { hex: "#d9b39a", hiding: 0.9 },
  removal: {
    by: "piece",
    with: "adhesive remover along the edge",
    minutes: 20,
    care: "open the edge with a soaked brush, never pull",
  },
} as const satisfies Auxiliary;
