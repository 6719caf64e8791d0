import type { Auxiliary } from "../material";
import { plain } from "./plain";

/** Pulls the skin together as it dries: thin coats, never near eyes or lips, never on broken skin. */
export const scarPlastic = {
  ...plain,
  behaves: "film",
  use: "attach",
  label: "scar plastic",
  what: "a solvent-based film that shrinks the skin into a scar as it dries",
  solvent: "alcohol",
  wetVolatileFraction: 0.8,
  solids: 0.2,
  filmByTool: { roundBrush: 25 },
  keepout: ["eye", "lips"],
  flammable: true,
  removal: {
    by: "adhesive",
    with: "adhesive remover, or peeled from its edge",
    minutes: 8,
    care: "lift the edge with oil, never pull",
  },
} as const satisfies Auxiliary;
