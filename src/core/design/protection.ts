import type { ZoneId } from "../anatomy";
import {
  isPaintType,
  isPiece,
  isWaterColour,
  type AuxiliaryKey,
  type PaintTypeKey,
} from "../paint";
import { wearFactorOf, zoneWear, type ZoneWear } from "../wear";
import { materialOf, type LookContext } from "./context";
import { isWhole } from "./predict";
import { isColour, isVeil } from "./roles";
import type { Layer, Look } from "./schema";
import { isSetting } from "./stack";
import { touched } from "./touched";

/** How one layer wears in one zone under what the look lays below and over it. */
export interface LayerWear extends ZoneWear {
  readonly layer: Layer;
  readonly type: PaintTypeKey;
  /** Later paint lies over all of it here. */
  readonly buried: boolean;
}

/** The one product a layer is painted with; null for a mix, or what is still to be chosen. */
export const productIdOf = ({ paint }: Pick<Layer, "paint">): string | null =>
  paint.kind === "product" ? paint.productId : null;

/** What protects a layer in a zone: prep below it, powder and seal over it, and what its cake is activated with. */
export function protection(
  stored: Look,
  context: LookContext,
  at: number,
  zone: ZoneId,
): AuxiliaryKey[] {
  const look = touched(stored, context);
  const layer = look.layers[at] as Layer;
  const key = materialOf(layer, context.products);
  const found = look.layers.flatMap((other, i): AuxiliaryKey[] => {
    const material = other.zones.includes(zone) ? materialOf(other, context.products) : null;
    if (!material || i === at) return [];
    if (i > at && isSetting(other, material)) return ["settingPowder"];
    if (isPaintType(material)) return [];
    return (other.role === "prep" && i < at) || (other.role === "seal" && i > at) ? [material] : [];
  });
  const activate =
    look.system?.activate && key && isPaintType(key) && isWaterColour(key)
      ? [look.system.activate]
      : [];
  return [...new Set([...found, ...activate])];
}

/** Whether later paint lies over all of a zone: what is under it is not seen, nor mended. */
const isBuried = (look: Look, at: number, zone: ZoneId, context: LookContext): boolean =>
  look.layers.slice(at + 1).some((later) => {
    const key = later.zones.includes(zone) ? materialOf(later, context.products) : null;
    return (
      key !== null &&
      isPaintType(key) &&
      isColour(later.role) &&
      !isVeil(later.role) &&
      !isSetting(later, key) &&
      isWhole(later, zone, context)
    );
  });

/** The wear of every painted layer in each of its zones, by the brief's weather, hours and activity. */
export function wearForecast(stored: Look, context: LookContext): LayerWear[] {
  const look = touched(stored, context);
  const pieces = look.layers.flatMap(({ zones }, at) => {
    const key = materialOf(look.layers[at] as Layer, context.products);
    return key && isPiece(key) ? [{ at, zones }] : [];
  });
  return look.layers.flatMap((layer, at) => {
    const key = materialOf(layer, context.products);
    if (!key || !isPaintType(key) || isSetting(layer, key) || !isColour(layer.role)) return [];
    return layer.zones.map((zone): LayerWear => ({
      layer,
      type: key,
      buried: isBuried(look, at, zone, context),
      ...zoneWear({
        zone,
        type: key,
        helpers: protection(look, context, at, zone),
        person: context.person,
        brief: context.brief,
        house: context.house,
        factor: wearFactorOf(context.factors, key, productIdOf(layer)),
        onPiece: pieces.some((piece) => piece.at < at && piece.zones.includes(zone)),
      }),
    }));
  });
}
