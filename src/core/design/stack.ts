import type { ZoneId } from "../anatomy";
import {
  freshState,
  auxiliary,
  isPaintType,
  material,
  type MaterialKey,
  type SurfaceState,
} from "../paint";
import { materialOf, type LookContext } from "./context";
import { leftOutBy, shapesOf } from "./leftOut";
import { predict, type Prediction } from "./predict";
import type { Layer, Look } from "./schema";
import { touched } from "./touched";

/** One layer laid over the colour of another in some zones. */
export interface Meeting {
  readonly lower: Layer;
  readonly lowerMaterial: MaterialKey;
  readonly state: SurfaceState;
  readonly upper: Layer;
  readonly upperMaterial: MaterialKey;
  readonly zones: readonly ZoneId[];
}

/** A look with everything the checks share, worked out once. */
export interface Stack {
  readonly look: Look;
  readonly context: LookContext;
  readonly prediction: Prediction;
  readonly materials: ReadonlyMap<string, MaterialKey>;
  readonly meetings: readonly Meeting[];
  /** Layers whose paint is still tacky at the end, with the zones. */
  readonly leftTacky: readonly { readonly layer: Layer; readonly zones: readonly ZoneId[] }[];
}

interface Surface {
  layer: Layer;
  material: MaterialKey;
  state: SurfaceState;
}

/** Whether a layer is powder pressed onto what is there. */
export const isSetting = (layer: Layer, key: MaterialKey): boolean =>
  layer.role === "set" ||
  key === "settingPowder" ||
  (key === "powder" && layer.technique === "press");
const isSealing = (key: MaterialKey): boolean => !isPaintType(key) && auxiliary(key).use === "seal";
/** Prep stays under everything and takes no part in what colours do to each other. */
const isGround = (layer: Layer, key: MaterialKey): boolean =>
  layer.role === "prep" ||
  (!isPaintType(key) &&
    (auxiliary(key).use === "prep" ||
      auxiliary(key).use === "activate" ||
      auxiliary(key).use === "remove"));

/** What sets a layer where it stands in its look, in words. */
export function setBy(stored: Look, context: LookContext, layer: Layer): string {
  const look = touched(stored, context);
  const key = materialOf(layer, context.products);
  if (!key) return "nobody knows: its product has left the shelf";
  const kind = material(key).setting;
  if (kind !== "powder") return kind === "clears" ? "drying until it is clear" : "drying by itself";
  const open = new Set(layer.zones);
  for (const later of look.layers.slice(look.layers.indexOf(layer) + 1)) {
    const over = materialOf(later, context.products);
    if (!over || !isSetting(later, over)) continue;
    for (const zone of later.zones) open.delete(zone);
    if (!open.size) return later.name;
  }
  return open.size < layer.zones.length
    ? "powder on some of its areas only"
    : "nothing yet: it stays tacky until it is powdered";
}

export function readStack(stored: Look, context: LookContext): Stack {
  const look = touched(stored, context);
  const materials = new Map<string, MaterialKey>();
  const surfaces = new Map<ZoneId, Surface>();
  const meetings: Meeting[] = [];
  for (const layer of look.layers) {
    const key = materialOf(layer, context.products);
    if (!key) continue;
    materials.set(layer.id, key);
    if (isGround(layer, key)) continue;
    const apart = new Set(
      shapesOf(layer).length
        ? []
        : leftOutBy(layer, look.layers.slice(0, look.layers.indexOf(layer)), look.layers),
    );
    const met = new Map<string, { surface: Surface; zones: ZoneId[] }>();
    for (const zone of layer.zones) {
      const surface = surfaces.get(zone);
      if (isSetting(layer, key) || isSealing(key)) {
        if (surface)
          surfaces.set(zone, { ...surface, state: isSealing(key) ? "sealed" : "powdered" });
        if (surface || !isPaintType(key)) continue;
      }
      const isApart = surface !== undefined && apart.has(surface.layer);
      if (surface && !isApart) {
        const pair = `${surface.layer.id} ${surface.state}`;
        const entry = met.get(pair) ?? { surface, zones: [] };
        entry.zones.push(zone);
        met.set(pair, entry);
      }
      // Beside each other in one area: what is still tacky there wants its powder all the same.
      if (isApart && surface.state === "tacky") continue;
      surfaces.set(zone, { layer, material: key, state: freshState(key) });
    }
    for (const { surface, zones } of met.values())
      meetings.push({
        lower: surface.layer,
        lowerMaterial: surface.material,
        state: surface.state,
        upper: layer,
        upperMaterial: key,
        zones,
      });
  }
  const tacky = new Map<string, { layer: Layer; zones: ZoneId[] }>();
  for (const [zone, { layer, state }] of surfaces) {
    if (state !== "tacky") continue;
    const entry = tacky.get(layer.id) ?? { layer, zones: [] };
    entry.zones.push(zone);
    tacky.set(layer.id, entry);
  }
  let prediction: Prediction | null = null;
  // Safety is judged without colours: they are worked out when the first check asks for them.
  return {
    look,
    context,
    get prediction() {
      return (prediction ??= predict(look, context));
    },
    materials,
    meetings,
    leftTacky: [...tacky.values()],
  };
}
