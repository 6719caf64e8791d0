import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const browWax = {
  ...plain,
  minutesEach: 2.5,
  behaves: "wax",
  use: "cover",
  label: "brow wax",
  what: "stiff wax pressed into brow hair, then sealed",
  setting: "powder",
  filmByTool: { spatula: 90 },
  keepout: ["lips"],
  removal: { by: "oil", with: "cream remover, then soap", minutes: 10, care: "light pressure" },
} as const satisfies Auxiliary;
