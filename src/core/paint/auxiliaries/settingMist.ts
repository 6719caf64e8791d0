import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const settingMist = {
  ...plain,
  behaves: "film",
  use: "seal",
  label: "setting mist",
  what: "a light water-based mist that settles powder",
  solvent: "water",
  wetVolatileFraction: 0.93,
  solids: 0.07,
  filmByTool: { spray: 1 },
  eases: { sweat: 0.9, rubbing: 0.9 },
} as const satisfies Auxiliary;
