import type { Auxiliary } from "../material";
import { plain } from "./plain";

/** Film, drying and contents: common practice, no published source. */
export const lashGlue = {
  ...plain,
  behaves: "adhesive",
  use: "attach",
  label: "lash glue",
  what: "latex or acrylate glue for strip lashes, tacky before it is set on",
  solvent: "water",
  wetVolatileFraction: 0.5,
  solids: 0.5,
  setting: "clears",
  filmByTool: { linerBrush: 20 },
  keepout: ["lips", "hair"],
  mayContain: ["latex", "acrylates"],
  monthsAfterOpening: 6,
  removal: {
    by: "oil",
    with: "oil on a pad, lid closed",
    minutes: 3,
    care: "let the strip slide off, never pull",
  },
} as const satisfies Auxiliary;
