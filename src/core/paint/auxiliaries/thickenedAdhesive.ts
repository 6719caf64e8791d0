import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const thickenedAdhesive = {
  ...plain,
  behaves: "adhesive",
  use: "attach",
  label: "thickened adhesive",
  what: "adhesive with filler for edges",
  solvent: "water",
  wetVolatileFraction: 0.4,
  solids: 0.6,
  setting: "clears",
  filmByTool: { spatula: 25 },
  keepout: ["eye", "lips", "hair"],
  allergens: ["acrylates"],
  removal: { by: "adhesive", with: "adhesive remover", minutes: 30, care: "never pull" },
} as const satisfies Auxiliary;
