import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const primer = {
  ...plain,
  behaves: "prep",
  use: "prep",
  label: "primer",
  what: "a grip for colour, often on lids",
  solvent: "water",
  wetVolatileFraction: 0.6,
  solids: 0.4,
  filmByTool: { finger: 4, flatBrush: 4 },
  eases: { sebum: 0.75, flexing: 0.5 },
} as const satisfies Auxiliary;
