import { isPaintType, material, AUXILIARIES, type AuxiliaryKey, type Product } from "../paint";
import type { LookContext } from "./context";
import { mayHold } from "./wearable";

/** Kinds that are taken from the shelf without being a layer: what paint is wetted with, what holds worn things, what takes all off. */
const HELPS: readonly string[] = ["activate", "attach", "remove"];

/** Whether a product may be asked for by a look that does not name it: it goes along wherever a look is worked on. */
export const isSupply = ({ material: key }: Pick<Product, "material">): boolean =>
  !isPaintType(key) && HELPS.includes(AUXILIARIES[key].use);

/**
 * The product of a kind that this person may have, the one on the shelf that is in date first, else by name; null where there is none. What was archived is
 * never proposed.
 */
export function supplyOf(
  keys: readonly AuxiliaryKey[],
  { products, archived, person, today }: LookContext,
): Product | null {
  const isPast = ({ expiresOn }: Product) => expiresOn !== null && expiresOn < today;
  const found = keys.flatMap((key) =>
    [...products.values()]
      .filter((product) => product.material === key)
      .filter((product) => !archived.has(product.id) && mayHold(product, person))
      .sort((a, b) => Number(isPast(a)) - Number(isPast(b)) || a.name.localeCompare(b.name)),
  );
  return found[0] ?? null;
}

/** "Medical hold", or "any medical adhesive". */
export const supplyWords = (key: AuxiliaryKey, product: Product | null): string =>
  product?.name ?? material(key).label;
