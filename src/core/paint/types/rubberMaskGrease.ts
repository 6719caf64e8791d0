import type { PaintType } from "../material";

export const rubberMaskGrease: PaintType = {
  label: "rubber-mask grease", what: "castor-oil grease for latex and foam pieces",
  strongAt: "skin tones on prosthetics, two or three tones stippled", weakAt: "thick and greasy on skin; rubs off, never on hands",
  behaves: "cream", medium: "oil", activator: "none", solvent: null, wetVolatileFraction: 0, solids: 1, setting: "powder", dryDownShift: 0, finish: "gloss",
  filmByTool: { stippleSponge: 14, dampSponge: 18, flatBrush: 18 },
  resists: { sweat: 0.35, rubbing: 0.2, flexing: 0.5, sebum: 0.35, heat: 0.4, water: 0.7 },
  vivid: 0.8, comfort: 0.3, stain: 0.3, goodFor: ["prosthetic"], cosmetic: true, inPan: true, keepout: ["eye", "lips"], allergens: ["castor"], mayContain: [], flammable: false,
  removal: { with: "cream remover", minutes: 20, care: "lift with oil, do not rub" }, monthsAfterOpening: 24, pricePerGram: [40, 110],
};
