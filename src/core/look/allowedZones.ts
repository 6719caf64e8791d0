import { ZONES, type ZoneId } from "../anatomy";
import type { MaterialKey, Product } from "../paint";
import { leftBare, misplaced } from "./mayNotTouch";

/** Where a product may lie on this person today: not on what stays bare, and not on hair, eyes, lips or mouth unless its label and its kind allow it. */
export function allowedZones(
  zones: readonly ZoneId[],
  key: MaterialKey,
  product: Product | null,
  who: Parameters<typeof leftBare>[0],
): ZoneId[] {
  const shut = new Set([...leftBare(who), ...misplaced({ zones }, key, product)]);
  return ZONES.map((zone) => zone.id).filter((id) => zones.includes(id) && !shut.has(id));
}
