import { mediumOf, type Product } from "../paint";
import { allowedZones } from "./allowedZones";
import { materialOf, type LookContext } from "./context";
import type { Layer } from "./schema";
import { isWearable } from "./wearable";

/** Products that a layer could be painted with: coloured, of its medium, and for this person and these zones. */
export function standInsFor(
  layer: Layer,
  context: LookContext,
  shelf: readonly Product[],
): Product[] {
  const key = materialOf(layer, context.products);
  const medium = key && mediumOf(key);
  return medium
    ? shelf.filter(
        (product) =>
          product.colour &&
          mediumOf(product.material) === medium &&
          isWearable(product, context.person) &&
          allowedZones(layer.zones, product.material, product, context).length ===
            layer.zones.length,
      )
    : [];
}
