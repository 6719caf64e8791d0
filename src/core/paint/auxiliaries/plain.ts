import type { Removal } from "../material";

export const soap: Removal = { by: "soap", with: "soap and water", minutes: 8, care: "rinse" };

/** What an auxiliary is where it says nothing else. */
export const plain = {
  activator: "none",
  solvent: null,
  wetVolatileFraction: 0,
  solids: 1,
  setting: "dries",
  keepout: [],
  allergens: [],
  mayContain: [],
  flammable: false,
  removal: soap,
  monthsAfterOpening: 24,
  pricePerGram: [5, 40],
  eases: {},
  veil: null,
} as const;
