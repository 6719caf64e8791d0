import { deltaE00, hexToLab, type Lab } from "../colour";
import type { Product } from "./product";

/**
 * How far a product may be from a colour to stand in for it, dE00: where it is swapped to be laid
 * better, and where it must be swapped at all. Common practice, no published source.
 */
export const STANDS_IN = { asMeant: 12, whenItMust: 25 } as const;

/**
 * The product nearest to a colour; the first of equals.
 *
 * @param wanted null where none brings a colour: then all are as near
 * @param worse what else speaks against a product, as if it were so much farther off, dE00
 * @returns null where there is no product; a product without a colour is infinitely far
 */
export function nearestInColour<P extends Pick<Product, "colour">>(
  products: Iterable<P>,
  wanted: Lab | null,
  worse: (product: P) => number = () => 0,
): { readonly product: P; readonly far: number } | null {
  let best: { product: P; far: number } | null = null;
  for (const product of products) {
    const off = !wanted
      ? 0
      : product.colour
        ? deltaE00(hexToLab(product.colour), wanted)
        : Infinity;
    const far = off + worse(product);
    if (!best || far < best.far) best = { product, far };
  }
  return best;
}
