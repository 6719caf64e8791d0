import type { PaintType } from "../material";

export const airbrushWater: PaintType = {
  label: "airbrush water colour", what: "water-based airbrush liquid without acrylic",
  strongAt: "even body cover, soft contour, usable near eyes with care", weakAt: "needs compressor, noise and masking",
  behaves: "water", medium: "water", activator: "none", solvent: "water", wetVolatileFraction: 0.7, solids: 0.3, setting: "dries", dryDownShift: 1, finish: "matte",
  filmByTool: { airbrush: 5, dampSponge: 6 },
  resists: { sweat: 0.55, rubbing: 0.45, flexing: 0.8, sebum: 0.55, heat: 0.85, water: 0.2 },
  vivid: 0.65, comfort: 0.95, stain: 0.25, goodFor: ["base", "blend"], cosmetic: true, keepout: [], allergens: [], mayContain: [], flammable: false,
  removal: { with: "soap and water", minutes: 9, care: "rinse well at the hairline" }, monthsAfterOpening: 12, pricePerGram: [15, 45],
};
