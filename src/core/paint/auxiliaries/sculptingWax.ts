import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const sculptingWax = {
  ...plain,
  minutesEach: 9,
  behaves: "wax",
  use: "attach",
  label: "sculpting wax",
  what: "wax modelled on the skin",
  setting: "powder",
  filmByTool: { spatula: 1500 },
  keepout: ["eye", "lips", "hair"],
  removal: { by: "oil", with: "oil", minutes: 15, care: "lift the bulk off first" },
} as const satisfies Auxiliary;
