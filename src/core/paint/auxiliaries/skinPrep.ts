import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const skinPrep = {
  ...plain,
  behaves: "prep",
  use: "prep",
  label: "skin prep",
  what: "a thin dab against sweat, left to dry",
  solvent: "water",
  wetVolatileFraction: 0.85,
  solids: 0.15,
  filmByTool: { dampSponge: 2, finger: 2 },
  keepout: ["eye", "lips"],
  eases: { sweat: 0.6, sebum: 0.8 },
} as const satisfies Auxiliary;
