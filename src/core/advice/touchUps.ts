import { zoneInfo, type ZoneId } from "../anatomy";
import type { Layer, LayerWear } from "../look";
import type { Hazard } from "../paint";
import { HOUSE, type House } from "../rules";
import { survival, type ZoneWear } from "../wear";

/** Share of each layer still whole in a zone after some hours; 1 for what does not wear. */
export function wholeAfter(
  forecast: readonly LayerWear[],
  hours: number,
): (layer: Layer, zone: ZoneId) => number {
  const shares = new Map(
    forecast.map((wear) => [`${wear.layer.id} ${wear.zone}`, survival(wear, hours)]),
  );
  return (layer, zone) => shares.get(`${layer.id} ${zone}`) ?? 1;
}

/** One walk to the mirror: when, where, why, and which layers it mends. */
export interface TouchUp {
  readonly atHours: number;
  readonly zones: readonly ZoneId[];
  readonly cause: Hazard;
  readonly layers: readonly Layer[];
}

/** First touch-ups within the hours worn, the earliest first; what wears for the same reason at about the same time is one. */
export function touchUps(
  forecast: readonly LayerWear[],
  hoursWorn: number,
  house: House = HOUSE,
): TouchUp[] {
  const due = forecast
    .filter(({ touchUpHours }) => touchUpHours < hoursWorn)
    .sort((a, b) => a.touchUpHours - b.touchUpHours);
  const walks: { atHours: number; zones: Set<ZoneId>; cause: Hazard; layers: Set<Layer> }[] = [];
  for (const wear of due) {
    const walk = walks.find(
      ({ cause, atHours }) =>
        cause === wear.cause && wear.touchUpHours - atHours <= house.numbers.touchUpsTogether,
    );
    if (walk) {
      walk.zones.add(wear.zone);
      walk.layers.add(wear.layer);
    } else
      walks.push({
        atHours: wear.touchUpHours,
        zones: new Set([wear.zone]),
        cause: wear.cause,
        layers: new Set([wear.layer]),
      });
  }
  return walks.map(({ atHours, zones, cause, layers }) => ({
    atHours,
    zones: [...zones],
    cause,
    layers: [...layers],
  }));
}

/** The zone of a group of zones that gives out first under a paint: what a curve is drawn for. */
export const weakestOf = (wears: readonly ZoneWear[]): ZoneWear | undefined =>
  wears.reduce<ZoneWear | undefined>(
    (worst, wear) => (worst && worst.touchUpHours <= wear.touchUpHours ? worst : wear),
    undefined,
  );

/** Parts of the face a painter speaks of when paint wears, and the zones each is judged by. */
export const WEAR_PARTS = {
  forehead: ["forehead"],
  nose: ["noseBridge", "noseTip"],
  cheeks: ["cheekAppleLeft", "cheekHollowLeft"],
  mouth: ["lipSideLeft", "philtrum"],
  chin: ["chin"],
  neck: ["neckFront"],
} as const satisfies Record<string, readonly ZoneId[]>;

/** Words for what wears a zone: "left cheek apple", both sides as one. */
export const partOf = (zone: ZoneId): string => zoneInfo(zone).label.replace(/^(left|right) /, "");
