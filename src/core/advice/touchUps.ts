import { zoneInfo, type ZoneId } from "../anatomy";
import { materialOf, recipeOf, type Layer, type LayerWear, type LookContext } from "../look";
import { toolOf, toolsFor, type Hazard, type ToolKey } from "../paint";
import { HOUSE, type House } from "../rules";
import { listed } from "../text/words";
import { HAZARD_WORDS, survival, type ZoneWear } from "../wear";

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
  /** What wears it, what is due first first. */
  readonly causes: readonly Hazard[];
  readonly layers: readonly Layer[];
}

/**
 * First touch-ups within the hours worn, the earliest first. What falls due at about the same time is one walk, whatever wears it; what is buried under later
 * paint is not touched up.
 */
export function touchUps(
  forecast: readonly LayerWear[],
  hoursWorn: number,
  house: House = HOUSE,
): TouchUp[] {
  const due = forecast
    .filter(({ touchUpHours, buried }) => touchUpHours < hoursWorn && !buried)
    .sort((a, b) => a.touchUpHours - b.touchUpHours);
  const walks: { atHours: number; zones: Set<ZoneId>; causes: Set<Hazard>; layers: Set<Layer> }[] =
    [];
  for (const wear of due) {
    const walk = walks.find(
      ({ atHours }) => wear.touchUpHours - atHours <= house.numbers.touchUpsTogether,
    );
    if (walk) {
      walk.zones.add(wear.zone);
      walk.layers.add(wear.layer);
      walk.causes.add(wear.cause);
    } else
      walks.push({
        atHours: wear.touchUpHours,
        zones: new Set([wear.zone]),
        causes: new Set([wear.cause]),
        layers: new Set([wear.layer]),
      });
  }
  return walks.map(({ atHours, zones, causes, layers }) => ({
    atHours,
    zones: [...zones],
    causes: [...causes],
    layers: [...layers],
  }));
}

/** "rubbing and sweat": what wears a walk's areas, in words. */
export const causeWords = ({ causes }: Pick<TouchUp, "causes">): string =>
  listed(causes.map((cause) => HAZARD_WORDS[cause]));

/** What goes into a pocket for some walks: the paints of their layers, each with a tool of the hand. A compressor stays where it is. */
export function kitToCarry(walks: readonly TouchUp[], products: LookContext["products"]): string[] {
  const layers = [...new Set(walks.flatMap((walk) => walk.layers))];
  const byHand = (layer: Layer): ToolKey => {
    const key = materialOf(layer, products);
    const other = key && toolsFor(key).find((tool) => !toolOf(tool).drifts);
    return toolOf(layer.tool).drifts ? (other ?? "dampSponge") : layer.tool;
  };
  const names = layers.flatMap((layer) =>
    recipeOf(layer, products).map(({ product }) => product.name),
  );
  return [...new Set([...names, ...layers.map((layer) => toolOf(byHand(layer)).label)])];
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
