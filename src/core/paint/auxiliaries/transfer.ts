import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const transfer = {
  ...plain,
  minutesEach: 4,
  use: "piece",
  behaves: "piece",
  label: "transfer",
  what: "a printed or sculpted transfer on a carrier: pressed on, wetted, lifted; sticks by itself",
  filmByTool: { finger: 30 },
  keepout: ["eye", "lips"],
  allergens: ["acrylates"],
  veil: { hex: "#b98a74", hiding: 0.7 },
  removal: {
    by: "piece",
    with: "oil or alcohol-paint remover",
    minutes: 5,
    care: "let it soften, then roll it off",
  },
} as const satisfies Auxiliary;
