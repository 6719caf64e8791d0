import { z } from "zod";
import { hexToLab, mixOptics, paintOptics, type PaintOptics } from "../colour";
import { HELPERS } from "./helpers";
import { ALLERGEN_KEYS, type Allergen } from "./material";
import { isPaintType, material, MATERIAL_KEYS, type MaterialKey } from "./materials";

export const HexSchema = z.string().regex(/^#[0-9a-f]{6}$/i, "a colour like #a0c4de");
export const DateSchema = z.iso.date("a date like 2026-11-24");

/** cosmetic: sold for skin. skinAdhesive: sold for skin, but no cosmetic. prop: craft, hardware and office goods (SAFE-1). */
export const GRADES = { cosmetic: "cosmetic grade, for skin", skinAdhesive: "skin adhesive or effects, not a cosmetic", prop: "prop or craft product, not for skin" } as const;
export type Grade = keyof typeof GRADES;

export const ProductSchema = z.object({
  name: z.string().trim().min(1, "give it a name").max(80),
  maker: z.string().trim().max(60).default(""),
  code: z.string().trim().max(40).default(""),
  material: z.enum(MATERIAL_KEYS as [MaterialKey, ...MaterialKey[]]),
  /** Masstone, dry; null for what brings no colour. */
  colour: HexSchema.nullable(),
  /** Contrast ratio of one usual coat, 0-1. */
  hiding: z.number().min(0.02, "at least 0.02").max(0.995, "at most 0.995"),
  tint: z.number().min(0.1, "at least 0.1").max(10, "at most 10").default(1),
  grade: z.enum(Object.keys(GRADES) as [Grade, ...Grade[]]),
  eyeSafe: z.boolean(),
  lipSafe: z.boolean(),
  allergens: z.array(z.enum(ALLERGEN_KEYS as [Allergen, ...Allergen[]])).max(20),
  sizeGrams: z.number().positive("more than 0 g").max(50_000),
  /** Minor units: pence, cents. */
  priceMinor: z.number().int("whole pence or cents").min(0).max(10_000_000),
  openedOn: DateSchema.nullable().default(null),
  expiresOn: DateSchema.nullable().default(null),
  notes: z.string().max(2000).default(""),
}).strict().superRefine((product, context) => {
  if (isPaintType(product.material) && !product.colour) context.addIssue({ code: "custom", path: ["colour"], message: "a paint needs its colour" });
});

export type ProductFields = z.infer<typeof ProductSchema>;
export interface Product extends ProductFields { readonly id: string; readonly version: number }

/** All that its label names or its kind is made of. */
export function allergensOf(product: ProductFields): Allergen[] {
  return [...new Set([...product.allergens, ...material(product.material).allergens])];
}

function colourOf(product: ProductFields): { hex: string; hiding: number } | null {
  if (product.colour) return { hex: product.colour, hiding: product.hiding };
  return isPaintType(product.material) ? null : HELPERS[product.material].veil;
}

/** Optics of its own film: `hiding` is what one usual coat shows. Null for what brings no colour. */
export function productOptics(product: ProductFields): PaintOptics | null {
  const colour = colourOf(product);
  return colour && paintOptics({ masstone: hexToLab(colour.hex), hiding: colour.hiding });
}

/** Optics of a mix by parts; each product weighs in by its tinting strength. Null when none of them brings colour. */
export function recipeOptics(parts: readonly { product: ProductFields; parts: number }[]): PaintOptics | null {
  const coloured = parts.flatMap(({ product, parts: amount }) => {
    const colour = colourOf(product);
    return colour ? [{ optics: paintOptics({ masstone: hexToLab(colour.hex), hiding: colour.hiding, tint: product.tint }), parts: amount }] : [];
  });
  return coloured.length ? mixOptics(coloured) : null;
}
