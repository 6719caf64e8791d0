import type { PaintType } from "../material";

export const pencil: PaintType = {
  label: "wax pencil", what: "white, nude or coloured wax pencil",
  strongAt: "mapping that can be removed, crisp curved edges, waterline if eye-grade", weakAt: "waxy slip under water colour",
  behaves: "cream", medium: "oil", activator: "none", solvent: null, wetVolatileFraction: 0, solids: 1, setting: "powder", dryDownShift: 0, finish: "satin",
  filmByTool: { stick: 8 },
  resists: { sweat: 0.4, rubbing: 0.35, flexing: 0.6, sebum: 0.4, heat: 0.4, water: 0.6 },
  vivid: 0.6, comfort: 0.9, stain: 0.15, goodFor: ["map", "line", "lids"], cosmetic: true, keepout: [], allergens: [], mayContain: [], flammable: false,
  removal: { with: "cream remover", minutes: 4, care: "light pressure near the eye" }, monthsAfterOpening: 24, pricePerGram: [200, 700],
};
