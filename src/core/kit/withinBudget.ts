import type { Product } from "../paint";
import type { KitLine, KitPlan } from "./planKit";
import { OTHER_DE, substitutes, type Substitute } from "./substitutes";

/** A product that need not be bought as it is: what stands in for it, and what that saves. */
export interface Swap {
  readonly from: Product;
  readonly to: Substitute;
  readonly savesMinor: number;
}

/** What is to be bought against what may be spent, minor units. */
export interface Budget {
  /** Above zero: what it is over. */
  readonly overMinor: number;
  /** The changes that are seen least and bring it under; none where it is under. */
  readonly swaps: readonly Swap[];
  /** What is left to buy with them. */
  readonly afterMinor: number;
}

/** What a stand-in would cost: nothing while there is enough of it, whole pots where there is not. */
function costOf({ product, left }: Substitute, { grams }: KitLine): number {
  const missing = Math.max(0, grams - Math.max(0, left));
  return missing > 1e-9 ? Math.ceil(missing / product.sizeGrams - 1e-9) * product.priceMinor : 0;
}

/**
 * What of a kit may be done otherwise so that it comes under a budget: stand-ins from the shelf, or cheaper pots, those that are seen least first,
 * and no more of them than are needed. Where even all of them do not bring it under, they are all there is to save.
 * @param budgetMinor what may be spent, minor units
 * @param allowed whether a product may go where the other one lies
 */
export function withinBudget(
  kit: KitPlan,
  budgetMinor: number,
  shelf: readonly Product[],
  stock: ReadonlyMap<string, number>,
  allowed: (product: Product, from: Product) => boolean,
): Budget {
  const overMinor = kit.buyMinor - budgetMinor;
  if (overMinor <= 0) return { overMinor, swaps: [], afterMinor: kit.buyMinor };
  const used = new Set(kit.lines.flatMap(({ productId }) => productId ?? []));
  const known = new Map(shelf.map((product) => [product.id, product]));
  const possible = kit.lines.flatMap((line): Swap[] => {
    const from = line.productId ? known.get(line.productId) : undefined;
    if (!from || line.buyMinor <= 0) return [];
    // What the look takes already has no more to give than is counted there, and another tone is another look.
    const [best] = substitutes(from, shelf, stock, line.grams, (product) => allowed(product, from))
      .filter(({ product, dE }) => !used.has(product.id) && dE <= OTHER_DE)
      .map((to) => ({ from, to, savesMinor: line.buyMinor - costOf(to, line) }))
      .filter(({ savesMinor }) => savesMinor > 0);
    return best ? [best] : [];
  });
  const swaps: Swap[] = [];
  let afterMinor = kit.buyMinor;
  for (const swap of possible.sort((a, b) => a.to.dE - b.to.dE)) {
    if (afterMinor <= budgetMinor) break;
    swaps.push(swap);
    afterMinor -= swap.savesMinor;
  }
  // A change that was taken for nothing is put back: the one that is seen most first.
  const needed = swaps.reduceRight<Swap[]>((kept, swap) => {
    const without = afterMinor + swap.savesMinor;
    if (without <= budgetMinor) afterMinor = without;
    else kept.unshift(swap);
    return kept;
  }, []);
  return { overMinor, swaps: needed, afterMinor };
}
