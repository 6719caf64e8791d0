import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const soap = {
  ...plain,
  behaves: "remover",
  use: "remove",
  label: "mild soap",
  what: "washes off water colour, wax and powder",
  filmByTool: { finger: 40 },
  takesOff: ["soap"],
} as const satisfies Auxiliary;
