import type { Solvent } from "../climate";
import type { ToolKey } from "./tools";

/** What a coat needs before anything may touch it (ORDER-6): time, a heavy press of powder, or to turn clear. */
export type Setting = "dries" | "powder" | "clears";

export type Finish = "matte" | "satin" | "gloss" | "metallic" | "glitter" | "clear";

export type Hazard = "sweat" | "rubbing" | "flexing" | "sebum" | "heat" | "water";

/** 0-1 against each hazard of an hour's wear; 1 is untouched. */
export type Resistances = Readonly<Record<Hazard, number>>;

/** Where a material may never lie, whatever its label says. */
export type Keepout = "eye" | "mouth" | "lips" | "hair";

/** What a coat has become. "tacky": it never dries by itself and nobody has powdered it. "clear": adhesive and latex once their milk has gone. */
export const SURFACE_STATES = ["wet", "tacky", "dry", "clear", "powdered", "sealed"] as const;
export type SurfaceState = (typeof SURFACE_STATES)[number];

/** Materials that behave alike over and under others; see pairs.ts. */
export const FAMILIES = {
  water: "water colour",
  cream: "cream or grease",
  alcohol: "alcohol colour",
  acrylic: "adhesive acrylic",
  powder: "powder",
  gel: "gel",
  lip: "lip colour",
  tooth: "tooth lacquer",
  latex: "liquid latex",
  glitter: "glitter",
  hair: "hair colour",
  adhesive: "adhesive",
  wax: "wax",
  browHold: "glue stick",
  film: "sealer or mist",
  prep: "skin prep",
  foam: "raw foam",
  piece: "cap or latex piece",
  silicone: "silicone",
  gelatine: "gelatine",
  remover: "remover",
} as const;
export type Family = keyof typeof FAMILIES;

export const ALLERGENS = {
  latex: "natural rubber latex",
  rosin: "rosin (spirit gum)",
  carmine: "carmine",
  fragrance: "fragrance",
  nuts: "nut oils",
  nickel: "nickel",
  lanolin: "lanolin",
  acrylates: "acrylates",
  parabens: "parabens",
  castor: "castor oil",
  gluten: "gluten",
  talc: "talc",
  propyleneGlycol: "propylene glycol",
  ppd: "para-phenylenediamine (hair dye)",
  isothiazolinones: "isothiazolinones",
  formaldehyde: "formaldehyde releasers",
  cyanoacrylate: "cyanoacrylate",
  propolis: "propolis",
  cobalt: "cobalt",
} as const;
export type Allergen = keyof typeof ALLERGENS;
export const ALLERGEN_KEYS = Object.keys(ALLERGENS) as Allergen[];

/** What takes paint off, in the order it is done: all that one remover takes comes off in one pass. */
export const REMOVERS = [
  "piece",
  "adhesive",
  "gum",
  "peel",
  "tape",
  "alcohol",
  "oil",
  "soap",
  "teeth",
  "shampoo",
] as const;
export type Remover = (typeof REMOVERS)[number];

export interface Removal {
  readonly by: Remover;
  readonly with: string;
  /** Minutes for a whole face, or for one piece. Common practice, no published source. */
  readonly minutes: number;
  readonly care: string;
}

/**
 * Anything that goes on skin or hair. Grams per square metre and fractions are common practice, no published source, unless a
 * type says otherwise.
 */
export interface Material {
  readonly label: string;
  readonly what: string;
  /** What wets it before use. */
  readonly activator: "water" | "sealing medium" | "alcohol" | "none";
  /** What must leave the wet coat, if anything. */
  readonly solvent: Solvent | null;
  /** Share of a wet coat's weight that has to leave it, 0-1. */
  readonly wetVolatileFraction: number;
  /** Share of the product in the pot that stays on the skin, 0-1: cakes and creams 1, liquids less. */
  readonly solids: number;
  readonly setting: Setting;
  /** How it takes to what lies under and over it. */
  readonly behaves: Family;
  /** Dry film in g/m2 that one coat leaves, by tool; the first tool is the usual one. */
  readonly filmByTool: Readonly<Partial<Record<ToolKey, number>>>;
  readonly keepout: readonly Keepout[];
  /** Whether it is laid out in pans: cakes, creams and powders that a brush takes up. What is poured, sprayed or sharpened is not. */
  readonly inPan?: true;
  /** What it is made of: every product of the kind has it. */
  readonly allergens: readonly Allergen[];
  /** What many products of the kind have: taken as there until a product's own label has been read (SAFE-12). */
  readonly mayContain: readonly Allergen[];
  readonly flammable: boolean;
  readonly removal: Removal;
  readonly monthsAfterOpening: number;
  /** Minor units of money a gram, low and high. */
  readonly pricePerGram: readonly [low: number, high: number];
}

/** What colours are bound in: only those of one medium mix in the pan. */
export type Medium = "water" | "oil" | "alcohol" | "acrylic" | "latex" | "powder" | "resin";

/** A material that brings colour. */
export interface PaintType extends Material {
  readonly medium: Medium;
  readonly strongAt: string;
  readonly weakAt: string;
  /** How far a coat moves while it dries, L*; which way, {@link wetOf} says. */
  readonly dryDownShift: number;
  readonly finish: Finish;
  readonly resists: Resistances;
  /** 0-1, how strong its colours are at one coat. */
  readonly vivid: number;
  /** 0-1, how it feels through the hours. */
  readonly comfort: number;
  /** 0-1, how likely it leaves a tint behind. */
  readonly stain: number;
  /** Fit for: a base over large areas, lines and detail, or only small special areas. */
  readonly goodFor: readonly (
    | "base"
    | "blend"
    | "line"
    | "lips"
    | "lids"
    | "prosthetic"
    | "teeth"
    | "hair"
    | "sparkle"
    | "set"
    | "map"
    | "texture"
  )[];
  /** Made for skin; an adhesive mix is not a cosmetic. */
  readonly cosmetic: boolean;
}

/** A material that prepares, sets, seals or holds. */
export interface Auxiliary extends Material {
  /** Hands-on minutes of one piece, or of one coat worked into the brows, whatever its size; missing for what is spread. Common practice, no published source. */
  readonly minutesEach?: number;
  readonly use: "prep" | "cover" | "set" | "seal" | "attach" | "piece" | "activate" | "remove";
  /** What it does to each hazard that is left: 1 nothing, 0.5 halves it. */
  readonly eases: Readonly<Partial<Record<Hazard, number>>>;
  /** The same over what never dries by itself, where it is another. */
  readonly easesGrease?: Readonly<Partial<Record<Hazard, number>>>;
  /** What this remover takes off; missing for what is none, and for one that nobody has told more of. */
  readonly takesOff?: readonly Remover[];
  /** Translucent colour it adds, if it shows: masstone as sRGB and the contrast ratio of one coat. */
  readonly veil: { readonly hex: string; readonly hiding: number } | null;
}
