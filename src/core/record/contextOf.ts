import type { Brief } from "../brief";
import {
  lookContext,
  productsFor,
  productsUsed,
  type Look,
  type LookContext,
  type Speed,
} from "../look";
import type { Product } from "../paint";
import type { Person } from "../people";
import { houseOf, type HouseChanges } from "../rules";
import type { StudioSettings } from "../studio";
import { factorOf, type WearFactor, type WearKey } from "../wear";

/** What a look is judged against, as it is stored. */
export interface StoredContext {
  readonly person: Person;
  readonly brief: Brief;
  readonly products: readonly Product[];
  /** Put away, but known to looks that use them. */
  readonly archivedProducts?: readonly Product[];
  readonly today: string;
  readonly house: { readonly version: number; readonly changes: HouseChanges };
  readonly settings: { readonly version: number; readonly fields: StudioSettings };
  readonly factors?: Partial<Record<WearKey, WearFactor>>;
  readonly speed?: Speed;
  /** When they sit down by the call of that day. */
  readonly sitsAt?: string | null;
}

/** Only what a context is made from, of something that knows more. */
export const storedContextOf = ({
  person,
  brief,
  products,
  archivedProducts,
  today,
  house,
  settings,
  factors,
  speed,
  sitsAt,
}: Required<StoredContext>): Required<StoredContext> => ({
  ...{ person, brief, products, archivedProducts, today, house, settings, factors, speed, sitsAt },
});

/** Every product that is stored, those archived with them. */
export const knownProducts = ({
  products,
  archivedProducts = [],
}: Pick<StoredContext, "products" | "archivedProducts">): readonly Product[] => [
  ...products,
  ...archivedProducts,
];

/** Of a shelf what some looks are worked on with: what they name, archived or not, and the helpers that are at hand. */
export function productsAlong(
  looks: readonly Look[],
  { products, archivedProducts = [] }: Pick<StoredContext, "products" | "archivedProducts">,
): Product[] {
  const named = new Set(looks.flatMap(productsUsed));
  return [...productsFor(looks, products), ...archivedProducts.filter(({ id }) => named.has(id))];
}

/** The means of factors, as a look is judged by them. */
export const meansOf = (
  factors: Partial<Record<WearKey, WearFactor>>,
): Partial<Record<WearKey, number>> =>
  Object.fromEntries(
    (Object.entries(factors) as [WearKey, WearFactor][]).map(([key, factor]) => [
      key,
      factorOf(factor).mean,
    ]),
  );

/** A context from what is stored: the house's rules as changed, and what the records have taught. */
export const contextOf = ({
  person,
  brief,
  today,
  house,
  settings,
  factors = {},
  speed,
  sitsAt = null,
  ...shelf
}: StoredContext): LookContext =>
  lookContext({
    person,
    brief,
    products: knownProducts(shelf),
    archived: shelf.archivedProducts ?? [],
    today,
    house: houseOf(house.changes, house.version),
    studio: settings.fields,
    factors: meansOf(factors),
    sitsAt,
    ...(speed && { speed }),
  });
