import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const activator = {
  ...plain,
  behaves: "film",
  use: "activate",
  label: "alcohol activator",
  what: "99 % alcohol or a face-grade activator",
  solvent: "alcohol",
  wetVolatileFraction: 1,
  solids: 0.01,
  filmByTool: { flatBrush: 0.1 },
  keepout: ["eye", "mouth", "lips"],
  flammable: true,
} as const satisfies Auxiliary;
