import type { Helper, Removal } from "./material";

const soap: Removal = { with: "soap and water", minutes: 2, care: "rinse" };
const plain = { activator: "none", solvent: null, wetVolatileFraction: 0, solids: 1, setting: "dries", keepout: [], allergens: [], mayContain: [], flammable: false, removal: soap, monthsAfterOpening: 24, pricePerGram: [5, 40], eases: {}, veil: null } as const;

/**
 * What prepares, sets, seals and holds. What each one eases is common practice, no published source: it is chosen so that any one
 * helps, two help more, and prep with sealing medium and barrier helps most (SET-5).
 */
export const HELPERS = {
  skinPrep: { ...plain, behaves: "prep", use: "prep", label: "skin prep", what: "a thin dab against sweat, left to dry", solvent: "water", wetVolatileFraction: 0.85, solids: 0.15, filmByTool: { dampSponge: 2, finger: 2 }, keepout: ["eye", "lips"], eases: { sweat: 0.6, sebum: 0.8 } },
  barrierCream: { ...plain, behaves: "prep", use: "prep", label: "barrier cream", what: "cream or foam for skin that breaks out under face paint", solvent: "water", wetVolatileFraction: 0.7, solids: 0.3, filmByTool: { finger: 4 }, keepout: ["eye"], eases: { sebum: 0.8 } },
  primer: { ...plain, behaves: "prep", use: "prep", label: "primer", what: "a grip for colour, often on lids", solvent: "water", wetVolatileFraction: 0.6, solids: 0.4, filmByTool: { finger: 4, flatBrush: 4 }, eases: { sebum: 0.75, flexing: 0.85 } },
  glueStick: { ...plain, behaves: "browHold", use: "cover", label: "glue stick", what: "washable, non-toxic stick for brow hair", solvent: "water", wetVolatileFraction: 0.5, solids: 0.5, filmByTool: { stick: 60 }, keepout: ["lips"], allergens: [] },
  browWax: { ...plain, behaves: "wax", use: "cover", label: "brow wax", what: "stiff wax pressed into brow hair, then sealed", setting: "powder", filmByTool: { spatula: 90 }, keepout: ["lips"] },
  browSealer: { ...plain, behaves: "film", use: "cover", label: "brow sealer", what: "plastic sealer over brow wax", solvent: "alcohol", wetVolatileFraction: 0.85, solids: 0.15, filmByTool: { flatBrush: 10 }, keepout: ["lips"], flammable: true },
  corrector: { ...plain, inPan: true, behaves: "cream", use: "cover", label: "corrector", what: "orange or apricot cream that cancels dark hair and shadow", setting: "powder", filmByTool: { finger: 12, flatBrush: 12 }, veil: { hex: "#d98a5b", hiding: 0.75 } },
  concealer: { ...plain, inPan: true, behaves: "cream", use: "cover", label: "concealer", what: "dense skin-tone cream for small areas", setting: "powder", filmByTool: { finger: 12, flatBrush: 12 }, veil: { hex: "#d8b79a", hiding: 0.85 } },
  settingPowder: { ...plain, behaves: "powder", use: "set", label: "setting powder", what: "translucent, white or coloured powder that sets what does not dry", filmByTool: { puff: 3 }, mayContain: ["talc"], eases: { sweat: 0.85, rubbing: 0.7, sebum: 0.8 }, veil: { hex: "#ece2d2", hiding: 0.06 } },
  sealingMedium: { ...plain, behaves: "film", use: "activate", label: "sealing medium", what: "used instead of water to activate a cake: dries to a tougher film", solvent: "water", wetVolatileFraction: 0.9, solids: 0.1, filmByTool: { dampSponge: 2, flatBrush: 2 }, keepout: ["eye", "lips"], eases: { sweat: 0.6, rubbing: 0.65, water: 0.6 } },
  barrierSpray: { ...plain, behaves: "film", use: "seal", label: "barrier spray", what: "a film over the finished work", solvent: "alcohol", wetVolatileFraction: 0.95, solids: 0.05, filmByTool: { spray: 2 }, keepout: ["eye", "lips"], flammable: true, eases: { sweat: 0.6, rubbing: 0.6, water: 0.5 } },
  settingMist: { ...plain, behaves: "film", use: "seal", label: "setting mist", what: "a light water-based mist that settles powder", solvent: "water", wetVolatileFraction: 0.97, solids: 0.03, filmByTool: { spray: 1 }, eases: { sweat: 0.9, rubbing: 0.9 } },
  activator: { ...plain, behaves: "film", use: "activate", label: "alcohol activator", what: "99 % alcohol or a face-grade activator", solvent: "alcohol", wetVolatileFraction: 1, solids: 0.01, filmByTool: { flatBrush: 0.1 }, keepout: ["eye", "mouth", "lips"], flammable: true },
  medicalAdhesive: { ...plain, behaves: "adhesive", use: "attach", label: "medical adhesive", what: "water-based adhesive that grips when clear", solvent: "water", wetVolatileFraction: 0.5, solids: 0.5, setting: "clears", filmByTool: { flatBrush: 20 }, keepout: ["eye", "lips", "hair"], allergens: ["acrylates"], removal: { with: "adhesive remover", minutes: 30, care: "never pull" } },
  spiritGum: { ...plain, behaves: "adhesive", use: "attach", label: "spirit gum", what: "rosin adhesive", solvent: "alcohol", wetVolatileFraction: 0.6, solids: 0.4, setting: "clears", filmByTool: { flatBrush: 20 }, keepout: ["eye", "lips"], allergens: ["rosin"], flammable: true, removal: { with: "spirit-gum remover", minutes: 20, care: "let it dissolve" } },
  thickenedAdhesive: { ...plain, behaves: "adhesive", use: "attach", label: "thickened adhesive", what: "adhesive with filler for edges", solvent: "water", wetVolatileFraction: 0.4, solids: 0.6, setting: "clears", filmByTool: { spatula: 60 }, keepout: ["eye", "lips", "hair"], allergens: ["acrylates"], removal: { with: "adhesive remover", minutes: 30, care: "never pull" } },
  sculptingWax: { ...plain, behaves: "wax", use: "attach", label: "sculpting wax", what: "wax modelled on the skin", setting: "powder", filmByTool: { spatula: 1500 }, keepout: ["eye", "lips", "hair"], removal: { with: "oil", minutes: 15, care: "lift the bulk off first" } },
  baldCap: { ...plain, use: "piece", behaves: "piece", label: "bald cap", what: "a thin plastic or latex cap over flattened hair, glued at the hairline", filmByTool: { finger: 60 }, mayContain: ["latex"], veil: { hex: "#d6b096", hiding: 0.9 }, removal: { with: "adhesive remover along the edge", minutes: 20, care: "lift the front first, never pull" } },
  foamPiece: { ...plain, use: "piece", behaves: "foam", label: "foam piece", what: "a foam-latex piece glued to the skin: its raw surface drinks paint", filmByTool: { finger: 900 }, keepout: ["eye", "lips"], allergens: ["latex"], veil: { hex: "#e3cdb4", hiding: 0.995 }, removal: { with: "adhesive remover along the edge", minutes: 30, care: "open the edge with a soaked brush, never pull" } },
  latexPiece: { ...plain, use: "piece", behaves: "piece", label: "slip-latex piece", what: "a hollow cast of latex, glued at its edge", filmByTool: { finger: 500 }, keepout: ["eye", "lips"], allergens: ["latex"], veil: { hex: "#dcc0a0", hiding: 0.98 }, removal: { with: "adhesive remover along the edge", minutes: 25, care: "open the edge with a soaked brush, never pull" } },
  remover: { ...plain, behaves: "remover", use: "remove", label: "remover", what: "cream, oil or solvent for taking paint off", filmByTool: { finger: 20 } },
} as const satisfies Record<string, Helper>;

export type HelperKey = keyof typeof HELPERS;
export const HELPER_KEYS = Object.keys(HELPERS) as HelperKey[];
