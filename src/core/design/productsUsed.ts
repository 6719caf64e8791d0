import type { Product } from "../paint";
import type { Look } from "./schema";
import { isSupply } from "./supplies";

/** Ids of the products a look is painted and held with, in order of first use. */
export const productsUsed = (look: Look): string[] => [
  ...new Set([
    ...look.layers.flatMap(({ paint }) =>
      paint.kind === "product"
        ? [paint.productId]
        : paint.kind === "mix"
          ? paint.parts.map(({ productId }) => productId)
          : [],
    ),
    ...look.pieces.flatMap(({ glueProductId }) => (glueProductId ? [glueProductId] : [])),
  ]),
];

/** Of some products those that looks are worked on with: what they name, and what wets paint, holds pieces and takes all off. */
export function productsFor<T extends Product>(
  looks: readonly Look[],
  products: readonly T[],
): T[] {
  const named = new Set(looks.flatMap(productsUsed));
  return products.filter((product) => named.has(product.id) || isSupply(product));
}
