import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const spiritGum = {
  ...plain,
  behaves: "adhesive",
  use: "attach",
  label: "spirit gum",
  what: "rosin adhesive",
  solvent: "alcohol",
  wetVolatileFraction: 0.6,
  solids: 0.4,
  setting: "clears",
  filmByTool: { flatBrush: 20 },
  keepout: ["eye", "lips"],
  allergens: ["rosin"],
  flammable: true,
  removal: { by: "gum", with: "spirit-gum remover", minutes: 20, care: "let it dissolve" },
} as const satisfies Auxiliary;
