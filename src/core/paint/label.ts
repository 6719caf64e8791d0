import { rememberBy } from "../remember";
import { hexToLab } from "../colour";
import { namesCarmine } from "./colourIndex";
import type { Allergen } from "./material";
import { material } from "./materials";
import type { ProductFields } from "./product";

/** Reds from pink to brown, by hue in degrees and chroma: carmine (cochineal) is their usual pigment. */
const [LEAST_HUE, MOST_HUE, LEAST_CHROMA] = [-25, 48, 22];

/** Colours of a shelf whose redness is remembered. */
const MOST_KNOWN = 5000;

const isRed = rememberBy(
  MOST_KNOWN,
  (hex: string) => hex,
  (hex) => {
    const [, a, b] = hexToLab(hex);
    const hue = (Math.atan2(b, a) * 180) / Math.PI;
    return Math.hypot(a, b) >= LEAST_CHROMA && hue >= LEAST_HUE && hue <= MOST_HUE;
  },
);

/**
 * What such products usually hold, whatever this one's label says (SAFE-12). Common practice, no
 * published source; carmine in reds: FDA color additives (21 CFR 73.2087), from memory.
 */
export function usualAllergensOf({
  material: kind,
  colour,
}: Pick<ProductFields, "material" | "colour">): Allergen[] {
  return [...material(kind).mayContain, ...(colour && isRed(colour) ? (["carmine"] as const) : [])];
}

/** What its label names: by its ingredients, and by its colour index numbers. */
export const namedAllergensOf = (
  product: Pick<ProductFields, "allergens" | "colourIndex">,
): Allergen[] => [
  ...product.allergens,
  ...(namesCarmine(product.colourIndex) ? (["carmine"] as const) : []),
];

/** All that its label names, its kind is made of, and, while nobody has read the label, what its kind usually holds. */
export function allergensOf(product: ProductFields): Allergen[] {
  return [
    ...new Set([
      ...namedAllergensOf(product),
      ...material(product.material).allergens,
      ...(product.labelRead ? [] : usualAllergensOf(product)),
    ]),
  ];
}

/** Henna that is called plain is none of these; anything else by its name is asked about. */
const DYE_WORDS = /phenylene?diamine|\bp\.?p\.?d\.?\b|hair\s*-?dye|\bhenna\b/i;
const PLAIN_HENNA = /\b(plain|pure|natural)\s+henna\b/gi;

/**
 * Whether a product is a hair dye, which never goes on skin, whatever it is called (SAFE-11). "dye":
 * somebody has said so, or its label names PPD. "asked": its name or notes say it may be, and nobody has
 * answered; it is taken as one until then. Null: it is none.
 */
export function hairDyeOf(
  product: Pick<ProductFields, "name" | "notes" | "allergens" | "isHairDye">,
): "dye" | "asked" | null {
  if (product.isHairDye === true || product.allergens.includes("ppd")) return "dye";
  if (product.isHairDye === false) return null;
  const words = `${product.name} ${product.notes}`.replace(PLAIN_HENNA, "");
  return DYE_WORDS.test(words) ? "asked" : null;
}
