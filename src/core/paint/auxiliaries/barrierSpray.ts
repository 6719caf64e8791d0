import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const barrierSpray = {
  ...plain,
  behaves: "film",
  use: "seal",
  label: "barrier spray",
  what: "a film over the finished work",
  solvent: "alcohol",
  wetVolatileFraction: 0.86,
  solids: 0.14,
  filmByTool: { spray: 2 },
  keepout: ["eye", "lips"],
  flammable: true,
  eases: { sweat: 0.6, rubbing: 0.6, water: 0.5 },
} as const satisfies Auxiliary;
