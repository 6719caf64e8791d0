import type { PaintType } from "../material";

export const lipLong: PaintType = {
  label: "long-wear lip colour", what: "liquid matte lip colour",
  strongAt: "lips that must last", weakAt: "flakes when layered, colours teeth by contrast",
  behaves: "lip", medium: "resin", activator: "none", solvent: "alcohol", wetVolatileFraction: 0.5, solids: 0.5, setting: "dries", dryDownShift: 2, finish: "matte",
  filmByTool: { roundBrush: 12, flatBrush: 12 },
  resists: { sweat: 0.85, rubbing: 0.7, flexing: 0.75, sebum: 0.7, heat: 0.9, water: 0.8 },
  vivid: 0.85, comfort: 0.6, stain: 0.4, goodFor: ["lips"], cosmetic: true, keepout: ["eye", "hair"], allergens: [], mayContain: [], flammable: false,
  removal: { with: "oil", minutes: 5, care: "press oil on and wait" }, monthsAfterOpening: 12, pricePerGram: [150, 500],
};
