import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const remover = {
  ...plain,
  behaves: "remover",
  use: "remove",
  label: "remover",
  what: "cream, oil or solvent for taking paint off",
  filmByTool: { finger: 20 },
} as const satisfies Auxiliary;
