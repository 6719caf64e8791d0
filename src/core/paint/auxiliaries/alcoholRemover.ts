import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const alcoholRemover = {
  ...plain,
  behaves: "remover",
  use: "remove",
  label: "alcohol-paint remover",
  what: "oily remover for alcohol colour",
  filmByTool: { finger: 20 },
  takesOff: ["alcohol"],
} as const satisfies Auxiliary;
