import type { Auxiliary } from "../material";
import { plain } from "./plain";

export const gelatinePiece = {
  ...plain,
  minutesEach: 12,
  use: "piece",
  behaves: "gelatine",
  label: "gelatine piece",
  what: "a cast of gelatine: melts in heat and sweat, edges blend with warm water or witch hazel",
  filmByTool: { finger: 900 },
  keepout: ["eye", "lips"],
  veil: { hex: "#d2a886", hiding: 0.85 },
  removal: {
    by: "piece",
    with: "warm water along the edge, then what holds it",
    minutes: 10,
    care: "soften it first, then roll it off",
  },
} as const satisfies Auxiliary;
