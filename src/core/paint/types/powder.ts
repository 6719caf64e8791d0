import type { PaintType } from "../material";

export const powder: PaintType = {
  label: "powder colour", what: "pressed or loose pigment, matte, satin or metallic",
  strongAt: "setting a cream or tacky base in its own colour, soft shadow", weakAt: "little cover alone, fallout",
  behaves: "powder", medium: "powder", activator: "none", solvent: null, wetVolatileFraction: 0, solids: 1, setting: "dries", dryDownShift: 0, finish: "matte",
  filmByTool: { puff: 4, flatBrush: 3, roundBrush: 2.5, foundationBrush: 3 },
  resists: { sweat: 0.4, rubbing: 0.3, flexing: 0.8, sebum: 0.45, heat: 0.95, water: 0.3 },
  vivid: 0.4, comfort: 0.95, stain: 0.1, goodFor: ["set", "blend", "lids"], cosmetic: true, inPan: true, keepout: [], allergens: [], mayContain: ["talc"], flammable: false,
  removal: { with: "soap and water", minutes: 5, care: "dust off first, breath held" }, monthsAfterOpening: 36, pricePerGram: [30, 120],
};
