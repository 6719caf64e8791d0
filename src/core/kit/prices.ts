import type { Product } from "../paint";
import type { Movement } from "./ledger";

/** What was paid for how much, when. */
export interface Bought {
  readonly on: string;
  readonly grams: number;
  readonly priceMinor: number;
  readonly batch: string;
}

/** Purchases of a product with what they cost, oldest first. */
export const boughtOf = (
  ledger: readonly Pick<Movement, "kind" | "on" | "delta" | "priceMinor" | "batch">[],
): Bought[] =>
  ledger
    .flatMap(({ kind, on, delta, priceMinor, batch }) =>
      kind === "bought" && priceMinor !== null && delta > 0
        ? [{ on, grams: delta, priceMinor, batch }]
        : [],
    )
    .sort((a, b) => a.on.localeCompare(b.on));

/** What a gram cost on a day: by the last purchase up to then, or the shelf's price where none is known. Minor units. */
export function gramPrice(
  product: Pick<Product, "priceMinor" | "sizeGrams">,
  bought: readonly Bought[] = [],
  on = "9999",
): number {
  const last = bought.filter((entry) => entry.on <= on).at(-1);
  return last ? last.priceMinor / last.grams : product.priceMinor / product.sizeGrams;
}

/** One product in several pots, the cheapest gram first; `dearer` is how much more a gram costs than in the cheapest, as a share. */
export interface SizePrice {
  readonly product: Product;
  readonly perGram: number;
  readonly dearer: number;
}
const sameLine = (a: Product, b: Product): boolean =>
  a.material === b.material &&
  a.maker.trim().toLowerCase() === b.maker.trim().toLowerCase() &&
  lineName(a) === lineName(b);
/** Its name without a size in it: "Chalk white 45 g" and "Chalk white, large" are one. */
const lineName = ({ name }: Product): string =>
  name
    .toLowerCase()
    .replace(/\d+([.,]\d+)?\s*(g|ml|kg)\b/g, "")
    .replace(/\b(small|large|big|mini|refill)\b/g, "")
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

/** Every product that the shelf knows in more than one size. */
export function sizedProducts(shelf: readonly Product[]): SizePrice[][] {
  const lines = new Map<string, Product[]>();
  for (const product of shelf) {
    const key = `${product.material} ${product.maker.trim().toLowerCase()} ${lineName(product)}`;
    lines.set(key, [...(lines.get(key) ?? []), product]);
  }
  return [...lines.values()].flatMap((line) => {
    const [first] = line;
    const sizes = first ? sizesOf(first, line) : [];
    return sizes.length ? [sizes] : [];
  });
}

/** The sizes of one product that the shelf knows; empty where there is but one. */
export function sizesOf(product: Product, shelf: readonly Product[]): SizePrice[] {
  const all = shelf
    .filter((other) => sameLine(other, product))
    .map((other) => ({ product: other, perGram: gramPrice(other) }))
    .sort((a, b) => a.perGram - b.perGram);
  const least = all[0]?.perGram ?? 0;
  return all.length < 2
    ? []
    : all.map((entry) => ({ ...entry, dearer: least > 0 ? entry.perGram / least - 1 : 0 }));
}

export interface BreakEven {
  /** The palette is the cheaper from this many of its colours on; null where it never is. */
  readonly colours: number | null;
  readonly singlesMinor: number;
  readonly paletteMinor: number;
  /** Per gram, minor units. */
  readonly perGram: { readonly palette: number; readonly singles: number };
}

/**
 * A ready palette against its colours bought one by one. Whoever wants few of them is better off with single pots; whoever needs many grams may be too.
 * @param o.priceMinor of the palette; @param o.pans grams in each of its pans; @param o.singleMinor usual price of a single pot of @param o.singleGrams
 */
export function breakEven(o: {
  priceMinor: number;
  pans: number;
  panGrams: number;
  singleMinor: number;
  singleGrams: number;
  wanted: number;
}): BreakEven {
  const colours = o.singleMinor > 0 ? Math.floor(o.priceMinor / o.singleMinor) + 1 : null;
  return {
    colours: colours !== null && colours <= o.pans ? colours : null,
    singlesMinor: Math.min(o.wanted, o.pans) * o.singleMinor,
    paletteMinor: o.priceMinor,
    perGram: {
      palette: o.priceMinor / (o.pans * o.panGrams),
      singles: o.singleMinor / o.singleGrams,
    },
  };
}

/** What was used and bought in a stretch of days, by job where it is known. Minor units. */
export interface SeasonCost {
  readonly usedMinor: number;
  readonly boughtMinor: number;
  readonly usedGrams: number;
  readonly byJob: ReadonlyMap<string | null, number>;
  readonly byProduct: ReadonlyMap<string, { readonly grams: number; readonly minor: number }>;
  /** By month, as "2026-11". */ readonly byMonth: ReadonlyMap<
    string,
    { readonly usedMinor: number; readonly boughtMinor: number }
  >;
}

/** Paint that went on skin or to waste between two days, both counted, at what it cost by then. */
export function seasonCost(
  ledger: readonly Movement[],
  products: ReadonlyMap<string, Product>,
  from: string,
  until: string,
): SeasonCost {
  const purchases = new Map<string, Movement[]>();
  for (const line of ledger)
    if (line.kind === "bought")
      purchases.set(line.productId, [...(purchases.get(line.productId) ?? []), line]);
  const bought = new Map([...purchases].map(([id, lines]) => [id, boughtOf(lines)]));
  const byJob = new Map<string | null, number>();
  const byProduct = new Map<string, { grams: number; minor: number }>();
  const byMonth = new Map<string, { usedMinor: number; boughtMinor: number }>();
  const month = (on: string, used: number, paid: number) => {
    const before = byMonth.get(on.slice(0, 7)) ?? { usedMinor: 0, boughtMinor: 0 };
    byMonth.set(on.slice(0, 7), {
      usedMinor: before.usedMinor + used,
      boughtMinor: before.boughtMinor + paid,
    });
  };
  let [usedMinor, usedGrams, boughtMinor] = [0, 0, 0];
  for (const { productId, kind, delta, on, jobId, priceMinor } of ledger) {
    const product = products.get(productId);
    if (!product || on < from || on > until) continue;
    if (kind === "bought" && priceMinor !== null) {
      boughtMinor += priceMinor;
      month(on, 0, priceMinor);
    }
    if (kind !== "used" && kind !== "wasted") continue;
    const minor = -delta * gramPrice(product, bought.get(productId), on);
    usedMinor += minor;
    month(on, minor, 0);
    usedGrams -= delta;
    byJob.set(jobId, (byJob.get(jobId) ?? 0) + minor);
    const before = byProduct.get(productId) ?? { grams: 0, minor: 0 };
    byProduct.set(productId, { grams: before.grams - delta, minor: before.minor + minor });
  }
  return { usedMinor, boughtMinor, usedGrams, byJob, byProduct, byMonth };
}
