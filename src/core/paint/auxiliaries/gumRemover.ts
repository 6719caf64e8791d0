import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const gumRemover = {
  ...plain,
  behaves: "remover",
  use: "remove",
  label: "spirit-gum remover",
  what: "dissolves rosin adhesive",
  filmByTool: { finger: 20 },
  flammable: true,
  takesOff: ["gum"],
} as const satisfies Auxiliary;
