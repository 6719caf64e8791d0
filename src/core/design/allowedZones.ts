import { ZONES, type ZoneId } from "../anatomy";
import type { MaterialKey, Product } from "../paint";
import { isBareOn } from "./exposedZones";
import { keptFrom, type Painted } from "./mayNotTouch";

/** Where a product may lie on this person today, in the order of painting: not on what stays bare, and not on hair, eyes, lips or mouth unless its label and its kind allow it. */
export function allowedZones(
  zones: readonly ZoneId[],
  key: MaterialKey,
  product: Product | null,
  who: Painted,
): ZoneId[] {
  const shut = new Set(keptFrom(zones, key, product, who));
  return ZONES.map((zone) => zone.id).filter(
    (id) => zones.includes(id) && !shut.has(id) && isBareOn(id, who.person),
  );
}
