import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const baldCap = {
  ...plain,
  minutesEach: 18,
  use: "piece",
  behaves: "piece",
  label: "bald cap",
  what: "a thin plastic or latex cap over flattened hair, glued at the hairline",
  filmByTool: { finger: 60 },
  mayContain: ["latex"],
  veil: { hex: "#d6b096", hiding: 0.9 },
  removal: {
    by: "piece",
    with: "adhesive remover along the edge",
    minutes: 17,
    care: "lift the front first, never pull",
  },
} as const satisfies Auxiliary;
