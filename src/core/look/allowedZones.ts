import { ZONES, type ZoneId } from "../anatomy";
import type { MaterialKey, Product } from "../paint";
import { misplaced } from "./checks/safety";

/** Where a product may lie: not eyes, lips or mouth unless its label and its kind allow it. */
export function allowedZones(
  zones: readonly ZoneId[],
  key: MaterialKey,
  product: Product | null,
): ZoneId[] {
  const shut = new Set(misplaced({ zones: [...zones] }, key, product));
  return ZONES.map((zone) => zone.id).filter((id) => zones.includes(id) && !shut.has(id));
}
