import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const medicalAdhesive = {
  ...plain,
  behaves: "adhesive",
  use: "attach",
  label: "medical adhesive",
  what: "water-based adhesive that grips when clear",
  solvent: "water",
  wetVolatileFraction: 0.5,
  solids: 0.5,
  setting: "clears",
  filmByTool: { flatBrush: 20 },
  keepout: ["eye", "lips", "hair"],
  allergens: ["acrylates"],
  removal: { by: "adhesive", with: "adhesive remover", minutes: 30, care: "never pull" },
} as const satisfies Auxiliary;
