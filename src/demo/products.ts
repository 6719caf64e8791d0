import { slug } from "@/core/text/words";
import { addMonths } from "@/core/days";
import {
  guessedStrength,
  NOTHING_SAID,
  type Allergen,
  type GlitterKind,
  type Grade,
  type AuxiliaryKey,
  type PaintTypeKey,
  type ProductFields,
} from "@/core/paint";

/** One invented product: name, kind, colour, hiding of a coat, pot in grams, price in minor units, and what else differs. */
interface Extra {
  tint?: number;
  eye?: boolean;
  lip?: boolean;
  grade?: Grade;
  allergens?: Allergen[];
  left?: number;
  openedMonthsAgo?: number;
  expiresInMonths?: number;
  maker?: string;
  glitter?: GlitterKind;
  /** Counted by the piece, not weighed: so many in the box. */
  pieces?: true;
}
type Line = readonly [
  name: string,
  material: PaintTypeKey | AuxiliaryKey,
  colour: string | null,
  hiding: number,
  grams: number,
  price: number,
  extra?: Extra,
];

const MAKERS: Readonly<Record<string, string>> = {
  waterGlycerine: "Millrace Colour",
  waterWax: "Tallow Hill",
  cream: "Osier House",
  powder: "Osier House",
  alcoholActivated: "Fellgate Effects",
  airbrushWater: "Millrace Colour",
};

/** Bought lately, and nobody has read their labels yet. */
const UNREAD: readonly string[] = ["Moon spangle", "Plum lip"];

const LINES: readonly Line[] = [
  [
    "Chalk white",
    "waterGlycerine",
    "#f3f2ec",
    0.8,
    45,
    1450,
    { eye: true, openedMonthsAgo: 3, left: 31 },
  ],
  [
    "Slate grey",
    "waterGlycerine",
    "#6f7882",
    0.84,
    30,
    1150,
    { eye: true, openedMonthsAgo: 2, left: 22 },
  ],
  ["Storm blue", "waterGlycerine", "#33455f", 0.9, 30, 1150, { eye: true, openedMonthsAgo: 2 }],
  [
    "Ochre ground",
    "waterGlycerine",
    "#bd8a42",
    0.78,
    30,
    1150,
    { eye: true, openedMonthsAgo: 5, left: 5 },
  ],
  ["Clay brown", "waterGlycerine", "#84502f", 0.85, 30, 1150, { eye: true }],
  ["Sand", "waterGlycerine", "#d9bc8e", 0.76, 30, 1150, { eye: true }],
  ["Coal", "waterGlycerine", "#1c1c1f", 0.98, 30, 1150, { eye: true }],
  ["Moss", "waterGlycerine", "#5b6f38", 0.88, 30, 1150, { eye: true }],
  ["Brick", "waterGlycerine", "#a6442f", 0.88, 30, 1150, { eye: true, allergens: ["carmine"] }],
  ["Ice blue", "waterGlycerine", "#bcd4e3", 0.76, 30, 1150, { eye: true }],
  ["Peat", "waterGlycerine", "#4a3325", 0.95, 30, 1150, { eye: true }],
  ["Wheat light", "waterWax", "#ead9a8", 0.8, 20, 990, { eye: true }],
  ["Line white", "waterWax", "#f7f6f1", 0.9, 20, 990, { eye: true, openedMonthsAgo: 4 }],
  ["Line black", "waterWax", "#141417", 0.985, 20, 990, { eye: true }],
  ["Flash yellow", "waterWax", "#f0cd3e", 0.72, 20, 990, { eye: true }],
  ["Frost blue", "waterWax", "#8fb8da", 0.86, 20, 990, { eye: true, openedMonthsAgo: 1 }],
  ["Dusk violet", "waterWax", "#5a4c8c", 0.9, 20, 990],
  ["Ember", "waterWax", "#d8662b", 0.84, 20, 990, { eye: true }],
  ["Leaf", "waterWax", "#3d7842", 0.88, 20, 990, { left: 1.5 }],
  ["Rust line", "waterWax", "#6e2f1d", 0.93, 20, 990, { openedMonthsAgo: 5, left: 9 }],
  ["Veil white", "cream", "#f4f1ea", 0.92, 40, 1600, { eye: true, allergens: ["lanolin"] }],
  ["Tan cream", "cream", "#c3996f", 0.93, 40, 1600, { eye: true }],
  ["Umber cream", "cream", "#6a442d", 0.95, 40, 1600, { eye: true }],
  ["Coral cream", "cream", "#d67c67", 0.9, 15, 900, { lip: true }],
  ["Bog green", "alcoholActivated", "#3c5a3b", 0.85, 12, 2600],
  ["Old bone", "alcoholActivated", "#d6cab1", 0.8, 12, 2600],
  ["Mist grey", "airbrushWater", "#8c949c", 0.75, 60, 1300, { eye: true }],
  ["Stone base", "adhesiveAcrylic", "#9a958c", 0.93, 60, 3200, { grade: "skinAdhesive" }],
  [
    "White powder",
    "powder",
    "#f8f7f4",
    0.2,
    30,
    1200,
    { eye: true, allergens: ["talc"], openedMonthsAgo: 6 },
  ],
  ["Matte black powder", "powder", "#1a1a1b", 0.35, 20, 1200, { eye: true }],
  ["Slate powder", "powder", "#727b85", 0.25, 20, 1200, { eye: true }],
  ["Ochre powder", "powder", "#bf9150", 0.25, 20, 1200, { eye: true }],
  ["Chalk pencil", "pencil", "#f2f0ea", 0.6, 3, 550, { eye: true }],
  ["Lid black", "gelLiner", "#131315", 0.97, 5, 1400, { eye: true, openedMonthsAgo: 2 }],
  ["Brick lip", "lipLong", "#8d3b30", 0.93, 6, 1300, { lip: true }],
  ["Bone lip", "lipLong", "#b79b7c", 0.9, 6, 1300, { lip: true }],
  ["Ash lip", "lipLong", "#5c636b", 0.94, 6, 1300, { lip: true }],
  ["Clear strand latex", "latex", "#e8dcc0", 0.3, 100, 1500],
  ["Frost spangle", "glitter", "#e6eef4", 0.35, 10, 1700, { eye: true, glitter: "rounded" }],
  ["Prep dab", "skinPrep", null, 0.05, 50, 1200],
  ["Brow stick", "glueStick", null, 0.05, 20, 350],
  ["Neutral set", "settingPowder", "#ece2d2", 0.06, 60, 1400, { eye: true, left: 44 }],
  ["Tough mix", "sealingMedium", null, 0.05, 60, 1500],
  ["Last coat", "barrierSpray", null, 0.05, 75, 1300],
  ["Apricot", "corrector", "#d98a5b", 0.75, 8, 1100, { eye: true }],
  ["Deep cover", "concealer", "#d8b79a", 0.88, 8, 1100, { eye: true }],
  ["Gum", "spiritGum", null, 0.05, 15, 800, { expiresInMonths: -2 }],
  [
    "Medical hold",
    "medicalAdhesive",
    null,
    0.05,
    30,
    1900,
    { grade: "skinAdhesive", expiresInMonths: 1 },
  ],
  ["Edge paste", "thickenedAdhesive", null, 0.05, 20, 1700, { grade: "skinAdhesive" }],
  ["Thin cap", "baldCap", "#d6b096", 0.9, 3, 2700, { grade: "skinAdhesive", pieces: true }],
  ["Ridge foam", "foamPiece", "#e3cdb4", 0.995, 2, 2800, { grade: "skinAdhesive", pieces: true }],
  ["Marsh grease", "rubberMaskGrease", "#56633f", 0.94, 30, 1900],
  ["Tooth dark", "toothLacquer", "#5b4a36", 0.9, 8, 1100],
  ["Calm cream", "barrierCream", null, 0.05, 50, 1100],
  ["Neutral set, small", "settingPowder", "#ece2d2", 0.06, 20, 750, { eye: true }],
  ["Rain pencil", "pencil", "#6d7a86", 0.6, 3, 550, { eye: true }],
  ["Plum lip", "lipLong", "#5a2f45", 0.93, 6, 1300, { lip: true }],
  ["Copper strand", "hairColour", "#a5642e", 0.7, 75, 1250],
  ["Moon spangle", "glitter", "#d9dce4", 0.35, 10, 1700, { openedMonthsAgo: 8 }],
  ["Lash hold", "lashGlue", null, 0.05, 5, 600, { eye: true, openedMonthsAgo: 2, left: 3 }],
  ["Slow release", "adhesiveRemover", null, 0.05, 120, 1400, { grade: "skinAdhesive" }],
  ["Gum off", "gumRemover", null, 0.05, 60, 900, { grade: "skinAdhesive" }],
  ["Spirit off", "alcoholRemover", null, 0.05, 120, 1500, { grade: "skinAdhesive" }],
  ["Quick spirit", "activator", null, 0.05, 250, 1100],
  ["Rinse oil", "cleansingOil", null, 0.05, 200, 1200, { eye: true }],
  ["Plain bar", "soap", null, 0.05, 100, 300],
  [
    "Workshop gold",
    "waterGlycerine",
    "#b08d3c",
    0.9,
    100,
    400,
    { grade: "prop", maker: "Sawmill Crafts" },
  ],
];

/** The invented shelf of the Weather Court, with dates counted from the day it is loaded. */
export function DEMO_PRODUCTS(
  today: string,
): { id: string; grams: number; fields: ProductFields }[] {
  return LINES.map(([name, material, colour, hiding, sizeGrams, priceMinor, extra = {}]) => ({
    id: slug(name),
    grams: extra.left ?? sizeGrams,
    fields: {
      ...NOTHING_SAID,
      glitter: extra.glitter ?? null,
      name,
      material,
      colour,
      hiding,
      sizeGrams,
      priceMinor,
      maker: extra.maker ?? MAKERS[material] ?? "Osier House",
      code: "",
      tint: extra.tint ?? (colour ? guessedStrength(colour).tint : 1),
      grade: extra.grade ?? "cosmetic",
      wetColour: null,
      letDown: null,
      monthsOpen: null,
      eyeSafe: extra.eye ?? false,
      lipSafe: extra.lip ?? false,
      labelRead: !UNREAD.includes(name),
      allergens: extra.allergens ?? [],
      isHairDye: null,
      ...(extra.pieces && { counted: "pieces" as const }),
      openedOn: extra.openedMonthsAgo ? addMonths(today, -extra.openedMonthsAgo) : null,
      expiresOn: extra.expiresInMonths ? addMonths(today, extra.expiresInMonths) : null,
      notes: "",
    },
  }));
}
