import { zoneInfo, type ZoneId } from "../anatomy";
import { isColour, isSetting, materialOf, type Layer, type Look, type LookContext } from "../look";
import { isPaintType, isWaterColour, type Hazard, type HelperKey } from "../paint";
import { survival, zoneWear, type ZoneWear } from "../wear";

/** How one layer wears in one zone under what the look lays below and over it. */
export interface LayerWear extends ZoneWear { readonly layer: Layer }

/** What protects a layer in a zone: prep below it, powder and seal over it, and what its cake is activated with. */
function protection(look: Look, context: LookContext, at: number, zone: ZoneId): HelperKey[] {
  const layer = look.layers[at] as Layer;
  const key = materialOf(layer, context.products);
  const found = look.layers.flatMap((other, i): HelperKey[] => {
    const material = other.zones.includes(zone) ? materialOf(other, context.products) : null;
    if (!material || i === at) return [];
    if (i > at && isSetting(other, material)) return ["settingPowder"];
    if (isPaintType(material)) return [];
    return (other.role === "prep" && i < at) || (other.role === "seal" && i > at) ? [material] : [];
  });
  const activate = look.system?.activate && key && isPaintType(key) && isWaterColour(key) ? [look.system.activate] : [];
  return [...new Set([...found, ...activate])];
}

/** The wear of every painted layer in each of its zones, by the brief's weather, hours and activity. */
export function wearForecast(look: Look, context: LookContext): LayerWear[] {
  return look.layers.flatMap((layer, at) => {
    const key = materialOf(layer, context.products);
    if (!key || !isPaintType(key) || isSetting(layer, key) || !isColour(layer.role)) return [];
    return layer.zones.map((zone): LayerWear => ({ layer, ...zoneWear({ zone, type: key, helpers: protection(look, context, at, zone), person: context.person, brief: context.brief }) }));
  });
}

/** Share of each layer still whole in a zone after some hours; 1 for what does not wear. */
export function wholeAfter(forecast: readonly LayerWear[], hours: number): (layer: Layer, zone: ZoneId) => number {
  const shares = new Map(forecast.map((wear) => [`${wear.layer.id} ${wear.zone}`, survival(wear, hours)]));
  return (layer, zone) => shares.get(`${layer.id} ${zone}`) ?? 1;
}

/** One walk to the mirror: when, where, why, and which layers it mends. */
export interface TouchUp { readonly atHours: number; readonly zones: readonly ZoneId[]; readonly cause: Hazard; readonly layers: readonly Layer[] }

/** Zones that need mending within so long of each other are mended together, hours. Common practice, no published source. */
const TOGETHER_HOURS = 0.5;

/** First touch-ups within the hours worn, the earliest first; what wears for the same reason at about the same time is one. */
export function touchUps(forecast: readonly LayerWear[], hoursWorn: number): TouchUp[] {
  const due = forecast.filter(({ touchUpHours }) => touchUpHours < hoursWorn).sort((a, b) => a.touchUpHours - b.touchUpHours);
  const walks: { atHours: number; zones: Set<ZoneId>; cause: Hazard; layers: Set<Layer> }[] = [];
  for (const wear of due) {
    const walk = walks.find(({ cause, atHours }) => cause === wear.cause && wear.touchUpHours - atHours <= TOGETHER_HOURS);
    if (walk) { walk.zones.add(wear.zone); walk.layers.add(wear.layer); } else walks.push({ atHours: wear.touchUpHours, zones: new Set([wear.zone]), cause: wear.cause, layers: new Set([wear.layer]) });
  }
  return walks.map(({ atHours, zones, cause, layers }) => ({ atHours, zones: [...zones], cause, layers: [...layers] }));
}

/** The zone of a group of zones that gives out first under a paint: what a curve is drawn for. */
export const weakestOf = (wears: readonly ZoneWear[]): ZoneWear | undefined => wears.reduce<ZoneWear | undefined>((worst, wear) => (worst && worst.touchUpHours <= wear.touchUpHours ? worst : wear), undefined);

/** Parts of the face a painter speaks of when paint wears, and the zones each is judged by. */
export const WEAR_PARTS = { forehead: ["forehead"], eyes: ["upperLidLeft", "underEyeLeft"], nose: ["noseBridge", "noseTip"], cheeks: ["cheekAppleLeft", "cheekHollowLeft"], mouth: ["lipSideLeft", "philtrum"], chin: ["chin"], neck: ["neckFront"] } as const satisfies Record<string, readonly ZoneId[]>;
export type WearPart = keyof typeof WEAR_PARTS;

/** Words for what wears a zone: "left cheek apple", both sides as one. */
export const partOf = (zone: ZoneId): string => zoneInfo(zone).label.replace(/^(left|right) /, "");
