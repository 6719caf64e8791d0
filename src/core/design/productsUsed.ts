import type { Look } from "./schema";

/** Ids of the products a look is painted with, in order of first use. */
export const productsUsed = (look: Look): string[] => [
  ...new Set(
    look.layers.flatMap(({ paint }) =>
      paint.kind === "product"
        ? [paint.productId]
        : paint.kind === "mix"
          ? paint.parts.map(({ productId }) => productId)
          : [],
    ),
  ),
];
