import { labToHex, masstoneLab } from "@/core/colour";
import type { Pan } from "@/core/kit";
import { recipeOptics, type Product } from "@/core/paint";
import { recipeWords } from "@/shared/mixing/words";

export type Known = ReadonlyMap<string, Product>;

/** What a pan's paint looks like, thick and dry; null while it is empty or brings no colour. */
export function panHex({ parts }: Pick<Pan, "parts">, products: Known): string | null {
  const recipe = parts.flatMap(({ productId, parts: n }) => {
    const product = products.get(productId);
    return product ? [{ product, parts: n }] : [];
  });
  const [only] = recipe;
  if (recipe.length === 1 && only) return only.product.colour;
  const optics = recipe.length ? recipeOptics(recipe) : null;
  return optics && labToHex(masstoneLab(optics));
}

/** "Slate grey", "2 parts Chalk white : 1 Coal", "empty". */
export function panName({ parts }: Pick<Pan, "parts">, products: Known): string {
  const [only] = parts;
  if (!only) return "empty";
  return parts.length === 1
    ? (products.get(only.productId)?.name ?? "no longer on the shelf")
    : recipeWords(
        parts.map(({ productId, parts: n }) => ({ id: productId, parts: n })),
        products,
      );
}
