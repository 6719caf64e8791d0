import type { Product } from "../paint";
import type { Need } from "./paintNeeded";

/** A pot under this share of its size is running low. Common practice, no published source. */
const LOW_SHARE = 0.15;
export const isLow = ({ sizeGrams }: Pick<Product, "sizeGrams">, left: number): boolean =>
  left < sizeGrams * LOW_SHARE;

export interface Shortage extends Need {
  readonly left: number;
  readonly missing: number;
}

/** Needs beside what the ledger says is left; `missing` is zero where the pot is enough (KIT-1). A kind without a product is all missing. */
export function shortage(needs: readonly Need[], stock: ReadonlyMap<string, number>): Shortage[] {
  return needs.map((need) => {
    const left = need.productId ? (stock.get(need.productId) ?? 0) : 0;
    return { ...need, left, missing: Math.max(0, need.grams - Math.max(0, left)) };
  });
}
