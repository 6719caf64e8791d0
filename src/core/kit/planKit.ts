import { addDays } from "../days";
import type { MaterialKey, Product } from "../paint";
import type { Need } from "./paintNeeded";

/** What a job takes, on its day. */
export interface JobNeeds {
  readonly jobId: string;
  readonly name: string;
  readonly on: string | null;
  readonly needs: readonly Need[];
}

export interface KitLine {
  readonly productId: string | null;
  readonly material: MaterialKey;
  readonly name: string;
  /** Grams, or pieces of what is counted. */
  readonly grams: number;
  readonly counted: Need["counted"];
  readonly left: number;
  readonly missing: number;
  /** Whole pots to buy. */
  readonly pots: number;
  /** Minor units of money: what the jobs take, and what is to be bought. */
  readonly costMinor: number;
  readonly buyMinor: number;
  /** The day it has to be ordered on, so that it comes the day before the first job that goes short; null where nothing is missing or no job has a day. */
  readonly orderBy: string | null;
  readonly byJob: readonly {
    readonly jobId: string;
    readonly grams: number;
    readonly short: boolean;
  }[];
}

export interface KitPlan {
  readonly lines: readonly KitLine[];
  readonly costMinor: number;
  readonly buyMinor: number;
  readonly costByJob: readonly {
    readonly jobId: string;
    readonly name: string;
    readonly costMinor: number;
  }[];
}

const pricePerGram = (product: Product | undefined): number =>
  product ? product.priceMinor / product.sizeGrams : 0;

/**
 * What a set of jobs takes against what is there: grams and whole pots, what goes short first, when to order it (KIT-1), and what it costs by product, job and
 * in all. Jobs use stock up in the order of their days; those without one come last.
 */
export function planKit(
  jobs: readonly JobNeeds[],
  stock: ReadonlyMap<string, number>,
  products: ReadonlyMap<string, Product>,
  leadDays: number,
): KitPlan {
  const inOrder = [...jobs].sort((a, b) => (a.on ?? "9999").localeCompare(b.on ?? "9999"));
  const lines = new Map<
    string,
    {
      first: Need;
      left: number;
      rest: number;
      byJob: { jobId: string; grams: number; short: boolean }[];
      shortOn: string | null;
    }
  >();
  for (const { jobId, on, needs } of inOrder)
    for (const need of needs) {
      const key = need.productId ?? `kind:${need.material}`;
      const left = need.productId ? Math.max(0, stock.get(need.productId) ?? 0) : 0;
      const line = lines.get(key) ?? { first: need, left, rest: left, byJob: [], shortOn: null };
      line.rest -= need.grams;
      const short = line.rest < -1e-9;
      line.byJob.push({ jobId, grams: need.grams, short });
      if (short && on) line.shortOn ??= on;
      lines.set(key, line);
    }
  const all = [...lines.values()].map(({ first, left, rest, byJob, shortOn }): KitLine => {
    const product = first.productId ? products.get(first.productId) : undefined;
    const grams = byJob.reduce((sum, entry) => sum + entry.grams, 0);
    const missing = Math.max(0, -rest);
    const pots = product && missing > 1e-9 ? Math.ceil(missing / product.sizeGrams - 1e-9) : 0;
    return {
      productId: first.productId,
      material: first.material,
      name: first.name,
      grams,
      counted: first.counted,
      left,
      missing,
      pots,
      costMinor: grams * pricePerGram(product),
      buyMinor: pots * (product?.priceMinor ?? 0),
      orderBy: missing > 1e-9 && shortOn ? addDays(shortOn, -(leadDays + 1)) : null,
      byJob,
    };
  });
  const costOf = (needs: readonly Need[]) =>
    needs.reduce(
      (sum, need) =>
        sum + need.grams * pricePerGram(need.productId ? products.get(need.productId) : undefined),
      0,
    );
  return {
    lines: all.sort(
      (a, b) =>
        Number(b.missing > 0) - Number(a.missing > 0) ||
        (a.orderBy ?? "9999").localeCompare(b.orderBy ?? "9999") ||
        a.name.localeCompare(b.name),
    ),
    costMinor: all.reduce((sum, { costMinor }) => sum + costMinor, 0),
    buyMinor: all.reduce((sum, { buyMinor }) => sum + buyMinor, 0),
    costByJob: inOrder.map(({ jobId, name, needs }) => ({ jobId, name, costMinor: costOf(needs) })),
  };
}
