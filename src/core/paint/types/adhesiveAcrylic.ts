import type { PaintType } from "../material";

export const adhesiveAcrylic: PaintType = {
  label: "adhesive acrylic", what: "medical adhesive mixed with acrylic colour",
  strongAt: "longest wear, a base that later water colour can't muddy, prosthetics", weakAt: "slow, tacky until powdered, hours to remove, not for sensitive skin, not cosmetic-grade",
  behaves: "acrylic", medium: "acrylic", activator: "none", solvent: "water", wetVolatileFraction: 0.5, solids: 0.5, setting: "powder", dryDownShift: 3, finish: "satin",
  filmByTool: { dampSponge: 14, stippleSponge: 10, flatBrush: 16 },
  resists: { sweat: 0.96, rubbing: 0.93, flexing: 0.9, sebum: 0.93, heat: 0.95, water: 0.95 },
  vivid: 0.75, comfort: 0.3, stain: 0.2, goodFor: ["base", "prosthetic"], cosmetic: false, keepout: ["eye", "lips", "hair"], allergens: ["acrylates"], mayContain: [], flammable: false,
  removal: { with: "adhesive remover, slow and gentle", minutes: 120, care: "never pull: skin tears" }, monthsAfterOpening: 12, pricePerGram: [60, 150],
};
