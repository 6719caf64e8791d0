import type { ZoneId } from "../anatomy";
import { materialOf, recipeOf, type LookContext } from "./context";
import { keptFrom } from "./mayNotTouch";
import type { Layer } from "./schema";

/** Zones on which the paint of a layer may not lie, whichever of its products forbids it; all of them where its product has left the shelf. */
export function layerKeptFrom(
  layer: Layer,
  zones: readonly ZoneId[],
  context: LookContext,
): ZoneId[] {
  const key = materialOf(layer, context.products);
  if (!key) return [...zones];
  const products = recipeOf(layer, context.products).map(({ product }) => product);
  const shut = new Set(
    (products.length ? products : [null]).flatMap((product) =>
      keptFrom(zones, product?.material ?? key, product, context),
    ),
  );
  return zones.filter((zone) => shut.has(zone));
}
