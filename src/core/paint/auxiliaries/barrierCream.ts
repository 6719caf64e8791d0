import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const barrierCream = {
  ...plain,
  behaves: "prep",
  use: "prep",
  label: "barrier cream",
  what: "cream or foam for skin that breaks out under face paint",
  solvent: "water",
  wetVolatileFraction: 0.7,
  solids: 0.3,
  filmByTool: { finger: 4 },
  keepout: ["eye"],
  eases: { sebum: 0.8 },
} as const satisfies Auxiliary;
