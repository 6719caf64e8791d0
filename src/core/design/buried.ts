import type { ZoneId } from "../anatomy";
import { isPaintType } from "../paint";
import { rememberPair } from "../remember";
import { materialOf, type LookContext } from "./context";
import { isWhole } from "./predict";
import { isColour, isVeil } from "./roles";
import type { Layer, Look } from "./schema";
import { isSetting } from "./stack";
import { touched } from "./touched";

/** What no longer shows by so much of its area counts as buried (LAYER-10). */
const MOST_OF_IT = 0.75;

/** Which layer hides another, and whether it hides all of it. */
export interface Burial {
  readonly by: string;
  readonly all: boolean;
}

/** Whether a layer lays full, covering colour over all of a zone. */
function covers(layer: Layer, zone: ZoneId, context: LookContext): boolean {
  const key = materialOf(layer, context.products);
  return (
    key !== null &&
    isPaintType(key) &&
    key !== "glitter" &&
    isColour(layer.role) &&
    !isVeil(layer.role) &&
    layer.strength === "full" &&
    !isSetting(layer, key) &&
    layer.edge === "hard" &&
    layer.zones.includes(zone) &&
    isWhole(layer, zone, context)
  );
}

const burials = rememberPair((context: LookContext, look: Look): ReadonlyMap<string, Burial> => {
  const found = new Map<string, Burial>();
  for (const [at, layer] of look.layers.entries()) {
    if (!isColour(layer.role) || !layer.zones.length) continue;
    const area = (zones: readonly ZoneId[]) =>
      zones.reduce((sum, zone) => sum + context.figure.zone(zone).areaCm2, 0);
    const later = look.layers.slice(at + 1);
    const hidden = layer.zones.filter((zone) => later.some((one) => covers(one, zone, context)));
    const last = later.findLast((one) => hidden.some((zone) => covers(one, zone, context)));
    const share = area(hidden) / area(layer.zones);
    if (last && share >= MOST_OF_IT) found.set(layer.id, { by: last.id, all: share > 0.99 });
  }
  return found;
});

/** Layers of colour that later paint hides, all or most of it; a shape only where all of its areas are painted over. */
export const buriedBy = (look: Look, context: LookContext): ReadonlyMap<string, Burial> =>
  burials(context, touched(look, context));
