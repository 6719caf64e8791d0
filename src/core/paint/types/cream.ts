import type { PaintType } from "../material";

export const cream: PaintType = {
  label: "cream or grease", what: "oil or wax cream in a stick or pot",
  strongAt: "blends on skin and over dry water colour; very high cover; white and veils", weakAt: "never dries by itself: must be powdered; glossy; rubs, sweats and creases off",
  behaves: "cream", medium: "oil", activator: "none", solvent: null, wetVolatileFraction: 0, solids: 1, setting: "powder", dryDownShift: 0, finish: "gloss",
  filmByTool: { dampSponge: 14, foundationBrush: 15, flatBrush: 14, roundBrush: 13, finger: 16, stippleSponge: 8 },
  resists: { sweat: 0.3, rubbing: 0.2, flexing: 0.4, sebum: 0.35, heat: 0.35, water: 0.7 },
  vivid: 0.85, comfort: 0.6, stain: 0.3, goodFor: ["base", "blend", "lips"], cosmetic: true, inPan: true, keepout: [], allergens: [], mayContain: ["lanolin"], flammable: false,
  removal: { with: "cream remover, then soap", minutes: 15, care: "wipe outwards, away from the eyes" }, monthsAfterOpening: 24, pricePerGram: [25, 90],
};
