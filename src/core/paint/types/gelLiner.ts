import type { PaintType } from "../material";

export const gelLiner: PaintType = {
  label: "gel liner", what: "long-wear gel or ink liner",
  strongAt: "lids, waterline if eye-grade, dense black", weakAt: "small areas",
  behaves: "gel", medium: "oil", activator: "none", solvent: "water", wetVolatileFraction: 0.35, solids: 0.65, setting: "dries", dryDownShift: 0, finish: "satin",
  filmByTool: { linerBrush: 10, roundBrush: 10 },
  resists: { sweat: 0.8, rubbing: 0.6, flexing: 0.85, sebum: 0.7, heat: 0.85, water: 0.85 },
  vivid: 0.9, comfort: 0.9, stain: 0.3, goodFor: ["lids", "line"], cosmetic: true, keepout: [], allergens: [], mayContain: [], flammable: false,
  removal: { with: "eye make-up remover", minutes: 4, care: "hold a soaked pad, then wipe once" }, monthsAfterOpening: 6, pricePerGram: [200, 900],
};
