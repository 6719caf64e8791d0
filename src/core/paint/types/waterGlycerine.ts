import type { PaintType } from "../material";

export const waterGlycerine: PaintType = {
  label: "glycerine water colour", what: "water-activated cake with a glycerine binder: soft and creamy",
  strongAt: "bases and blending; takes more water, so it holds longer on a sweating face than wax", weakAt: "less vivid, poor fine lines, water and rubbing",
  behaves: "water", medium: "water", activator: "water", solvent: "water", wetVolatileFraction: 0.64, solids: 1, setting: "dries", dryDownShift: 2, finish: "matte",
  filmByTool: { dampSponge: 10, foundationBrush: 12, flatBrush: 11, roundBrush: 11, linerBrush: 10, stippleSponge: 7, splatterBrush: 3, airbrush: 5 },
  resists: { sweat: 0.6, rubbing: 0.45, flexing: 0.75, sebum: 0.6, heat: 0.85, water: 0.15 },
  vivid: 0.6, comfort: 0.9, stain: 0.25, goodFor: ["base", "blend"], cosmetic: true, inPan: true, keepout: [], allergens: [], mayContain: [], flammable: false,
  removal: { with: "soap and water", minutes: 10, care: "soak, do not scrub" }, monthsAfterOpening: 18, pricePerGram: [20, 60],
};
