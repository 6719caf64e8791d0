import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const cleansingOil = {
  ...plain,
  behaves: "remover",
  use: "remove",
  label: "cleansing oil or cream remover",
  what: "lifts cream, pencil, gel and lip colour",
  filmByTool: { finger: 60 },
  takesOff: ["oil", "tape"],
} as const satisfies Auxiliary;
