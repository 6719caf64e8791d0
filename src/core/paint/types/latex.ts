import type { PaintType } from "../material";

export const latex: PaintType = {
  label: "liquid latex", what: "liquid latex, plain or coloured",
  strongAt: "edges, strands, texture", weakAt: "allergy; never on hair or brows",
  behaves: "latex", medium: "latex", activator: "none", solvent: "water", wetVolatileFraction: 0.55, solids: 0.45, setting: "clears", dryDownShift: 6, finish: "satin",
  filmByTool: { stippleSponge: 25, flatBrush: 30 },
  resists: { sweat: 0.7, rubbing: 0.7, flexing: 0.7, sebum: 0.7, heat: 0.9, water: 0.9 },
  vivid: 0.6, comfort: 0.4, stain: 0, goodFor: ["texture"], cosmetic: true, keepout: ["eye", "lips", "hair"], allergens: ["latex"], mayContain: [], flammable: false,
  removal: { with: "peel with warm water", minutes: 15, care: "roll from the edge, off every hair" }, monthsAfterOpening: 12, pricePerGram: [5, 20],
};
