import type { PaintType } from "../material";

export const glitter: PaintType = {
  label: "cosmetic glitter", what: "cosmetic-grade glitter or metallic powder in gel, glue or mixing liquid",
  strongAt: "sparkle, mirror effects on lids, scales", weakAt: "fallout; craft glitter cuts eyes",
  behaves: "glitter", medium: "powder", activator: "none", solvent: "water", wetVolatileFraction: 0.6, solids: 0.4, setting: "dries", dryDownShift: 0, finish: "glitter",
  filmByTool: { roundBrush: 15, flatBrush: 15, finger: 15 },
  resists: { sweat: 0.6, rubbing: 0.4, flexing: 0.6, sebum: 0.5, heat: 0.9, water: 0.4 },
  vivid: 0.7, comfort: 0.6, stain: 0, goodFor: ["sparkle"], cosmetic: true, keepout: ["lips"], allergens: [], mayContain: [], flammable: false,
  removal: { with: "tape, then oil", minutes: 8, care: "lift with tape first; never rub near the eye" }, monthsAfterOpening: 24, pricePerGram: [80, 300],
};
