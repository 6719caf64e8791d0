import type { PaintType } from "../material";

export const hairColour: PaintType = {
  label: "hair colour", what: "spray or cream hair colour that washes out",
  strongAt: "ageing and colouring hair", weakAt: "eyes and lungs: shield and ventilate",
  behaves: "hair", medium: "resin", activator: "none", solvent: "alcohol", wetVolatileFraction: 0.7, solids: 0.3, setting: "dries", dryDownShift: 2, finish: "matte",
  filmByTool: { spray: 12, flatBrush: 14 },
  resists: { sweat: 0.5, rubbing: 0.5, flexing: 0.9, sebum: 0.6, heat: 0.9, water: 0.2 },
  vivid: 0.6, comfort: 0.7, stain: 0.2, goodFor: ["hair"], cosmetic: true, keepout: ["eye", "mouth", "lips"], allergens: [], mayContain: ["fragrance"], flammable: true,
  removal: { with: "shampoo, twice", minutes: 15, care: "comb out dry first" }, monthsAfterOpening: 24, pricePerGram: [4, 12],
};
