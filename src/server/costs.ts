import "server-only";
import { z } from "zod";
import { addMonths } from "@/core/days";
import { seasonCost, sizedProducts, type SeasonCost } from "@/core/kit";
import { DateSchema, type Product } from "@/core/paint";
import {
  listJobs,
  listLookHeads,
  listAllProducts,
  listProducts,
  seasonMovements,
  stockLevels,
  type Store,
} from "@/store";
import { studio, today } from "./studio";

export interface Spent {
  readonly id: string | null;
  readonly name: string;
  readonly minor: number;
  readonly grams: number;
}
export interface Costs {
  readonly from: string;
  readonly until: string;
  readonly usedMinor: number;
  readonly usedGrams: number;
  readonly boughtMinor: number;
  readonly byProduct: readonly Spent[];
  readonly byLook: readonly Omit<Spent, "grams">[];
  readonly byMonth: readonly {
    readonly month: string;
    readonly usedMinor: number;
    readonly boughtMinor: number;
  }[];
  readonly sizes: readonly (readonly {
    readonly id: string;
    readonly name: string;
    readonly sizeGrams: number;
    readonly perGram: number;
    readonly dearer: number;
  }[])[];
  /** What a single pot usually costs and holds on this shelf. */
  readonly single: { readonly minor: number; readonly grams: number } | null;
}

const SpanSchema = z.object({
  from: DateSchema.optional().catch(undefined),
  until: DateSchema.optional().catch(undefined),
});

const told = new WeakMap<object, Pick<Costs, "sizes" | "single">>();
/** What the shelf says by itself, looked for once on each state of it: sizes of one product side by side, and what a single pot usually is. */
function ofShelf(shelf: readonly Product[]): Pick<Costs, "sizes" | "single"> {
  const made = told.get(shelf) ?? {
    sizes: sizedProducts(shelf).map((line) =>
      line.map(({ product, ...rest }) => ({
        id: product.id,
        name: product.name,
        sizeGrams: product.sizeGrams,
        ...rest,
      })),
    ),
    single: usualSingle(shelf),
  };
  told.set(shelf, made);
  return made;
}

const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

function usualSingle(products: readonly Product[]): Costs["single"] {
  const pots = products.filter(
    ({ colour, priceMinor, grade }) => colour && priceMinor > 0 && grade === "cosmetic",
  );
  return pots.length
    ? {
        minor: middle(pots.map(({ priceMinor }) => priceMinor)),
        grams: middle(pots.map(({ sizeGrams }) => sizeGrams)),
      }
    : null;
}

const sums = new WeakMap<
  object,
  { readonly shelf: unknown; readonly spans: Map<string, SeasonCost> }
>();

/** A season added up once: the map of stock is another one after each line of the ledger, the shelf's list after each change of a product. */
async function seasonOf(
  db: Store,
  from: string,
  until: string,
): Promise<{ season: SeasonCost; products: ReadonlyMap<string, Product> }> {
  const [stock, shelf] = [await stockLevels(db), await listProducts(db)];
  const products = new Map((await listAllProducts(db)).map((product) => [product.id, product]));
  const known = sums.get(stock);
  const spans = known?.shelf === shelf ? known.spans : new Map<string, SeasonCost>();
  sums.set(stock, { shelf, spans });
  const season =
    spans.get(`${from} ${until}`) ??
    seasonCost(await seasonMovements(db, from, until), products, from, until);
  if (spans.size < 50) spans.set(`${from} ${until}`, season);
  return { season, products };
}

/** What a stretch of days cost in paint, by product, look and month: half a year to today where nothing is said. */
export async function costs(query: Record<string, string | undefined>): Promise<Costs> {
  const db = await studio();
  const asked = SpanSchema.parse({ from: query.from, until: query.until });
  const until = asked.until ?? today();
  const from = asked.from ?? addMonths(until, -6);
  const { season, products } = await seasonOf(db, from, until);
  const jobs = new Map((await listJobs(db)).map((job) => [job.id, job.lookId]));
  const looks = new Map((await listLookHeads(db)).map(({ id, name }) => [id, name]));
  const byLook = new Map<string | null, number>();
  for (const [jobId, minor] of season.byJob) {
    const lookId = (jobId && jobs.get(jobId)) ?? null;
    byLook.set(lookId, (byLook.get(lookId) ?? 0) + minor);
  }
  const shelf = await listProducts(db);
  return {
    from,
    until,
    usedMinor: season.usedMinor,
    usedGrams: season.usedGrams,
    boughtMinor: season.boughtMinor,
    byProduct: [...season.byProduct]
      .map(([id, { grams, minor }]) => ({ id, name: products.get(id)?.name ?? "", grams, minor }))
      .sort((a, b) => b.minor - a.minor)
      .slice(0, 25),
    byLook: [...byLook]
      .map(([id, minor]) => ({
        id,
        name: (id && looks.get(id)) || "not linked to a current job",
        minor,
      }))
      .sort((a, b) => b.minor - a.minor),
    byMonth: [...season.byMonth]
      .map(([month, sums]) => ({ month, ...sums }))
      .sort((a, b) => a.month.localeCompare(b.month)),
    ...ofShelf(shelf),
  };
}
