import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const adhesiveRemover = {
  ...plain,
  behaves: "remover",
  use: "remove",
  label: "adhesive remover",
  what: "slow, oily remover for medical and thickened adhesive",
  filmByTool: { finger: 20 },
  takesOff: ["piece", "adhesive"],
} as const satisfies Auxiliary;
