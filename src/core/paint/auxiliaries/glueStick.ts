import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const glueStick = {
  ...plain,
  minutesEach: 1.5,
  behaves: "browHold",
  use: "cover",
  label: "glue stick",
  what: "washable, non-toxic stick for brow hair",
  solvent: "water",
  wetVolatileFraction: 0.5,
  solids: 0.5,
  filmByTool: { stick: 20 },
  keepout: ["lips"],
  allergens: [],
} as const satisfies Auxiliary;
