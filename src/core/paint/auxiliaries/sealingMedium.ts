import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const sealingMedium = {
  ...plain,
  behaves: "film",
  use: "activate",
  label: "sealing medium",
  what: "used instead of water to activate a cake: dries to a tougher film",
  solvent: "water",
  wetVolatileFraction: 0.9,
  solids: 0.1,
  filmByTool: { dampSponge: 2, flatBrush: 2 },
  keepout: ["eye", "lips"],
  eases: { sweat: 0.6, rubbing: 0.65, water: 0.6 },
} as const satisfies Auxiliary;
