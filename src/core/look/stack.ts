import type { ZoneId } from "../anatomy";
import { helper, isPaintType, material, type MaterialKey } from "../paint";
import { materialOf, type LookContext } from "./context";
import { predict, type Prediction } from "./predict";
import type { Layer, Look } from "./schema";

/** What a zone's uppermost colour has become. "tacky": it never dries by itself and nobody has powdered it. */
export type SurfaceState = "dry" | "tacky" | "clear" | "powdered" | "sealed";

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

interface Surface { layer: Layer; material: MaterialKey; state: SurfaceState }

const FRESH: Readonly<Record<"dries" | "powder" | "clears", SurfaceState>> = { dries: "dry", powder: "tacky", clears: "clear" };

/** Whether a layer is powder pressed onto what is there. */
export const isSetting = (layer: Layer, key: MaterialKey): boolean => layer.role === "set" || key === "settingPowder" || (key === "powder" && layer.technique === "press");
const isSealing = (key: MaterialKey): boolean => !isPaintType(key) && helper(key).use === "seal";
/** Prep stays under everything and takes no part in what colours do to each other. */
const isGround = (layer: Layer, key: MaterialKey): boolean => layer.role === "prep" || (!isPaintType(key) && (helper(key).use === "prep" || helper(key).use === "activate" || helper(key).use === "remove"));

export function readStack(look: Look, context: LookContext): Stack {
  const materials = new Map<string, MaterialKey>();
  const surfaces = new Map<ZoneId, Surface>();
  const meetings: Meeting[] = [];
  for (const layer of look.layers) {
    const key = materialOf(layer, context.products);
    if (!key) continue;
    materials.set(layer.id, key);
    if (isGround(layer, key)) continue;
    const met = new Map<string, { surface: Surface; zones: ZoneId[] }>();
    for (const zone of layer.zones) {
      const surface = surfaces.get(zone);
      if (isSetting(layer, key) || isSealing(key)) {
        if (surface) surfaces.set(zone, { ...surface, state: isSealing(key) ? "sealed" : "powdered" });
        if (surface || !isPaintType(key)) continue;
      }
      if (surface) {
        const pair = `${surface.layer.id} ${surface.state}`;
        const entry = met.get(pair) ?? { surface, zones: [] };
        entry.zones.push(zone);
        met.set(pair, entry);
      }
      surfaces.set(zone, { layer, material: key, state: FRESH[material(key).setting] });
    }
    for (const { surface, zones } of met.values()) meetings.push({ lower: surface.layer, lowerMaterial: surface.material, state: surface.state, upper: layer, upperMaterial: key, zones });
  }
  const tacky = new Map<string, { layer: Layer; zones: ZoneId[] }>();
  for (const [zone, { layer, state }] of surfaces) {
    if (state !== "tacky") continue;
    const entry = tacky.get(layer.id) ?? { layer, zones: [] };
    entry.zones.push(zone);
    tacky.set(layer.id, entry);
  }
  return { look, context, prediction: predict(look, context), materials, meetings, leftTacky: [...tacky.values()] };
}
