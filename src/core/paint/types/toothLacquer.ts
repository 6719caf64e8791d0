import type { PaintType } from "../material";

export const toothLacquer: PaintType = {
  label: "tooth lacquer", what: "alcohol-based lacquer for teeth",
  strongAt: "teeth and gaps", weakAt: "teeth must be dry; mouth stays open until it dries",
  behaves: "tooth", medium: "resin", activator: "none", solvent: "alcohol", wetVolatileFraction: 0.75, solids: 0.25, setting: "dries", dryDownShift: 0, finish: "gloss",
  filmByTool: { roundBrush: 10, linerBrush: 10 },
  resists: { sweat: 1, rubbing: 0.6, flexing: 1, sebum: 1, heat: 1, water: 0.7 },
  vivid: 0.8, comfort: 0.6, stain: 0.1, goodFor: ["teeth"], cosmetic: true, keepout: ["eye", "lips", "hair"], allergens: [], mayContain: [], flammable: true,
  removal: { with: "toothbrush", minutes: 3, care: "brush and rinse" }, monthsAfterOpening: 12, pricePerGram: [100, 400],
};
