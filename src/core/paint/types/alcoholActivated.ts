import type { PaintType } from "../material";

export const alcoholActivated: PaintType = {
  label: "alcohol colour", what: "resin pigment let down with 99 % alcohol or a face-grade activator",
  strongAt: "sweat- and rub-proof, thin, reworkable with more alcohol, on wax and prosthetics", weakAt: "fumes, flammable, dear; not around eyes or mouth",
  behaves: "alcohol", medium: "alcohol", activator: "alcohol", solvent: "alcohol", wetVolatileFraction: 0.8, solids: 1, setting: "dries", dryDownShift: 1, finish: "satin",
  filmByTool: { flatBrush: 6, stippleSponge: 5, roundBrush: 6, linerBrush: 6, splatterBrush: 3, foundationBrush: 6, airbrush: 4 },
  resists: { sweat: 0.92, rubbing: 0.85, flexing: 0.85, sebum: 0.8, heat: 0.92, water: 0.92 },
  vivid: 0.85, comfort: 0.65, stain: 0.35, goodFor: ["base", "line", "prosthetic", "texture"], cosmetic: true, inPan: true, keepout: ["eye", "mouth", "lips"], allergens: [], mayContain: [], flammable: true,
  removal: { with: "alcohol-colour remover or oil", minutes: 30, care: "oil first, then soap; air the room" }, monthsAfterOpening: 36, pricePerGram: [150, 400],
};
