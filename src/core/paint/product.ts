import { z } from "zod";
import { keysOf } from "../keysOf";
import {
  emissionOf,
  hexToLab,
  mixOptics,
  paintOptics,
  tintOfLetDown,
  type Lab,
  type PaintOptics,
  type Spectrum,
  type Swatched,
} from "../colour";
import { ColourIndexSchema } from "./colourIndex";
import { AUXILIARIES } from "./auxiliaries";
import { ALLERGEN_KEYS } from "./material";
import { isPaintType, material, MATERIAL_KEYS } from "./materials";
import { wetOf } from "./dryDown";
import { PAINT_TYPES } from "./types";

export const HexSchema = z.string().regex(/^#[0-9a-f]{6}$/i, "a colour like #a0c4de");
export const DateSchema = z.iso.date("a date like 2026-11-24");

/** cosmetic: sold for skin. skinAdhesive: sold for skin, but no cosmetic. prop: craft, hardware and office goods (SAFE-1). */
export const GRADES = {
  cosmetic: "cosmetic grade, for skin",
  skinAdhesive: "skin adhesive or effects, not a cosmetic",
  prop: "prop or craft product, not for skin",
} as const;
export type Grade = keyof typeof GRADES;

/** How a dry coat of it looks. */
export const FINISHES = {
  matte: "matte",
  satin: "satin",
  gloss: "gloss",
  pearl: "pearl",
  metallic: "metallic",
  fluorescent: "fluorescent",
} as const;

/** What glitter is cut from: only rounded, cosmetic cuts go on skin (SAFE-3). Common practice, no published source. */
export const GLITTERS = {
  rounded: "cosmetic, rounded film",
  plant: "cosmetic, plant-based film",
  mineral: "mica or mineral shimmer",
  craft: "craft or metal glitter, sharp-edged",
} as const;
export type GlitterKind = keyof typeof GLITTERS;

/** Where a label says to keep it away from. */
export const KEPT_FROM = { eyes: "the eyes", lips: "the lips" } as const;

/** How stock of it is told. */
export const COUNTED = { grams: "grams", pieces: "pieces" } as const;

/** What a product can't do without, as its label names it. */
export const NEEDS = {
  activator: "Activator",
  thinner: "Thinner",
  remover: "Remover",
} as const;
const need = z.string().trim().max(60, "at most 60 letters").default("");
const NeedsSchema = z.object({ activator: need, thinner: need, remover: need }).strict();
export const NO_NEEDS: z.output<typeof NeedsSchema> = { activator: "", thinner: "", remover: "" };

export const ProductSchema = z
  .object({
    name: z.string().trim().min(1, "give it a name").max(80),
    maker: z.string().trim().max(60).default(""),
    code: z.string().trim().max(40).default(""),
    material: z.enum(MATERIAL_KEYS),
    /** Masstone, dry; null for what brings no colour. */
    colour: HexSchema.nullable(),
    /** The same film still wet (LAYER-6); null where nobody has swatched it: then the kind's usual dry-down stands in. */
    wetColour: HexSchema.nullable().default(null),
    /** One part of it in ten of a strong white, dry (LAYER-6, COLOUR-1): tells how it tints; null where nobody has swatched it. */
    letDown: HexSchema.nullable().default(null),
    /** Contrast ratio of one usual coat, 0-1. */
    hiding: z.number().min(0.02, "at least 0.02").max(0.995, "at most 0.995"),
    tint: z.number().min(0.1, "at least 0.1").max(10, "at most 10").default(1),
    grade: z.enum(Object.keys(GRADES) as [Grade, ...Grade[]]),
    eyeSafe: z.boolean(),
    lipSafe: z.boolean(),
    /** Its label says to keep it away from there: stricter than not being made for it. */
    keepFrom: z
      .array(z.enum(keysOf(KEPT_FROM)))
      .max(2)
      .default([]),
    /** Somebody has read the label's list of ingredients: until then what its kind usually holds counts as in it (SAFE-12). */
    labelRead: z.boolean().default(false),
    allergens: z.array(z.enum(ALLERGEN_KEYS)).max(40),
    /** Whether it is a hair dye, or holds PPD; null while nobody has been asked (SAFE-11). */
    isHairDye: z.boolean().nullable().default(null),
    /** Colour index numbers its label lists. */
    colourIndex: z.array(ColourIndexSchema).max(40, "at most 40").default([]),
    /** Its own finish; null where it is its kind's usual one. */
    finish: z.enum(keysOf(FINISHES)).nullable().default(null),
    /** What its glitter is cut from; null for what is no glitter, or while nobody has said. */
    glitter: z.enum(keysOf(GLITTERS)).nullable().default(null),
    needs: NeedsSchema.default(NO_NEEDS),
    /** What a pot holds is weighed, or counted. */
    counted: z.enum(keysOf(COUNTED)).default("grams"),
    /** The batch in use, as printed on the pot. */
    batch: z.string().trim().max(40, "at most 40 letters").default(""),
    /** Grams a pot, or pieces a packet where they are counted. */
    sizeGrams: z.number().positive("more than 0").max(50_000),
    /** Minor units: pence, cents. */
    priceMinor: z.number().int("whole pence or cents").min(0).max(10_000_000),
    openedOn: DateSchema.nullable().default(null),
    expiresOn: DateSchema.nullable().default(null),
    /** Months its label gives it once opened (the open jar); null where the label says nothing: then its kind's usual ones stand in. */
    monthsOpen: z
      .number()
      .int("whole months")
      .min(1, "1 or more")
      .max(120, "at most 120")
      .nullable()
      .default(null),
    notes: z.string().max(2000).default(""),
  })
  .strict()
  .superRefine((product, context) => {
    if (isPaintType(product.material) && !product.colour)
      context.addIssue({ code: "custom", path: ["colour"], message: "a paint needs its colour" });
    const contradicts =
      (product.eyeSafe && product.keepFrom.includes("eyes")) ||
      (product.lipSafe && product.keepFrom.includes("lips"));
    if (contradicts)
      context.addIssue({
        code: "custom",
        path: ["keepFrom"],
        message: "made for it above, and kept away from it here: the label says one of the two",
      });
  });

export type ProductFields = z.infer<typeof ProductSchema>;
export interface Product extends ProductFields {
  readonly id: string;
  readonly version: number;
}

/** Made for props and craft: never on skin, whatever it is called (SAFE-1). */
export const isProp = ({ grade, glitter }: Pick<ProductFields, "grade" | "glitter">): boolean =>
  grade === "prop" || glitter === "craft";

/** Its own finish, or its kind's. */
export const finishOf = (product: Pick<ProductFields, "finish" | "material">) =>
  product.finish ??
  (isPaintType(product.material) ? PAINT_TYPES[product.material].finish : ("matte" as const));

/** What takes it off, as its label names it, or as its kind usually comes off. */
export const removerOf = (product: Pick<ProductFields, "needs" | "material">): string =>
  product.needs.remover || material(product.material).removal.with;

/** What a product says that nobody has looked at yet. */
export const NOTHING_SAID = {
  keepFrom: [],
  colourIndex: [],
  finish: null,
  glitter: null,
  needs: NO_NEEDS,
  counted: "grams",
  batch: "",
} satisfies Partial<ProductFields>;

type Film = "dry" | "wet";

/** A pale wet film hides more than the same film dry (LAYER-5): so much of what is left to hide. Common practice, no published source. */
const WET_HIDES = 0.3;

function swatchOf(product: ProductFields, film: Film): Swatched | null {
  const veil = isPaintType(product.material) ? null : AUXILIARIES[product.material].veil;
  const hex = product.colour ?? veil?.hex;
  if (!hex) return null;
  const masstone = hexToLab(hex);
  const hiding = product.colour ? product.hiding : (veil?.hiding ?? 0.05);
  if (film === "dry")
    return { masstone, hiding, ...(product.letDown && { letDown: hexToLab(product.letDown) }) };
  const pale = Math.max(0, (masstone[0] - 60) / 40);
  return {
    masstone: wetLabOf(product, masstone),
    hiding: Math.min(0.995, hiding + (1 - hiding) * WET_HIDES * pale),
  };
}

/** Colour of the wet masstone: as swatched, or the dry one before its kind's usual dry-down. */
function wetLabOf(product: ProductFields, dry: Lab): Lab {
  if (product.wetColour) return hexToLab(product.wetColour);
  return isPaintType(product.material) ? wetOf(dry, PAINT_TYPES[product.material]) : dry;
}

/** Optics of its own film: `hiding` is what one usual coat shows. Null for what brings no colour. */
export function productOptics(product: ProductFields, film: Film = "dry"): PaintOptics | null {
  const swatch = swatchOf(product, film);
  return swatch && paintOptics(swatch);
}

/** What it gives off under ultraviolet light: only what is fluorescent does; an invented emission of its own colour. */
const emissionOfProduct = (product: ProductFields): Spectrum | null =>
  product.colour && finishOf(product) === "fluorescent"
    ? emissionOf(hexToLab(product.colour))
    : null;

/** The same of a mix by parts. Null where nothing in it is fluorescent. */
export function emissionOfRecipe(
  parts: readonly { product: ProductFields; parts: number }[],
): Spectrum | null {
  const all = parts.reduce((sum, { parts: amount }) => sum + amount, 0);
  const glowing = parts.flatMap(({ product, parts: amount }) => {
    const emission = emissionOfProduct(product);
    return emission ? [emission.map((value) => (value * amount) / all)] : [];
  });
  return glowing.length
    ? glowing.reduce((sum, one) => sum.map((value, band) => value + (one[band] ?? 0)))
    : null;
}

/** Optics as it weighs in a mix: by its strength, which a let-down swatch tells better than a guess. Null for what brings no colour. */
export function mixingOptics(product: ProductFields, film: Film = "dry"): PaintOptics | null {
  const swatch = swatchOf(product, film);
  if (!swatch) return null;
  const told = swatch.letDown
    ? tintOfLetDown({ ...swatch, letDown: swatch.letDown })
    : product.tint;
  return paintOptics({ ...swatch, tint: told });
}

/** Optics of a mix by parts; each product weighs in by its tinting strength. Null when none of them brings colour. */
export function recipeOptics(
  parts: readonly { product: ProductFields; parts: number }[],
  film: Film = "dry",
): PaintOptics | null {
  const coloured = parts.flatMap(({ product, parts: amount }) => {
    const optics = mixingOptics(product, film);
    return optics ? [{ optics, parts: amount }] : [];
  });
  return coloured.length ? mixOptics(coloured) : null;
}
