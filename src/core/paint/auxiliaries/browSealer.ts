import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const browSealer = {
  ...plain,
  minutesEach: 0.8,
  behaves: "film",
  use: "cover",
  label: "brow sealer",
  what: "plastic sealer over brow wax",
  solvent: "alcohol",
  wetVolatileFraction: 0.85,
  solids: 0.15,
  filmByTool: { flatBrush: 10 },
  keepout: ["lips"],
  flammable: true,
} as const satisfies Auxiliary;
