import type { PaintType } from "../material";

export const waterWax: PaintType = {
  label: "wax water colour", what: "water-activated cake with a wax binder: needs little water, inky",
  strongAt: "fine lines and detail, vivid colour", weakAt: "softens in hot weather, runs sooner in sweat, stains (reds, blues and greens most)",
  behaves: "water", medium: "water", activator: "water", solvent: "water", wetVolatileFraction: 0.5, solids: 1, setting: "dries", dryDownShift: 1, finish: "satin",
  filmByTool: { roundBrush: 12, linerBrush: 12, dampSponge: 9, foundationBrush: 10, flatBrush: 12, stippleSponge: 7, splatterBrush: 3 },
  resists: { sweat: 0.45, rubbing: 0.55, flexing: 0.7, sebum: 0.5, heat: 0.35, water: 0.2 },
  vivid: 0.9, comfort: 0.8, stain: 0.55, goodFor: ["base", "line"], cosmetic: true, inPan: true, keepout: [], allergens: [], mayContain: [], flammable: false,
  removal: { with: "soap and a reusable cloth", minutes: 14, care: "oil first where red, blue or green has stained" }, monthsAfterOpening: 18, pricePerGram: [25, 70],
};
