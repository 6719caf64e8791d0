import type { ZoneId } from "../anatomy";
import { filmReflectance, type PaintOptics, type Spectrum } from "../colour";
import { filmsPerCoat, isPaintType } from "../paint";
import { materialOf, type LookContext } from "./context";
import { hexOf, layerOptics, type Prediction } from "./predict";
import type { Layer, Look } from "./schema";
import { isSetting } from "./stack";

/** A layer as the eye finds it: its colour zone by zone, under every powder pressed on later. */
export interface VisibleLayer { readonly layer: Layer; readonly colours: ReadonlyMap<ZoneId, string> }

interface Powder { readonly at: number; readonly optics: PaintOptics; readonly film: number; readonly zones: ReadonlySet<ZoneId> }

/**
 * What can be seen of each layer, lowest first. Powder is no picture of its own: it shows as a thin film over whatever lies below it,
 * also where that fills only part of a zone.
 * @param upTo how many layers of the stack are on, all by default
 */
export function visibleLayers(look: Look, context: LookContext, prediction: Prediction, upTo = look.layers.length): VisibleLayer[] {
  const on = look.layers.slice(0, upTo);
  const powders = on.flatMap((layer, at): Powder[] => {
    const key = materialOf(layer, context.products);
    const optics = key && isSetting(layer, key) ? layerOptics(layer, context.products) : null;
    return key && optics ? [{ at, optics, film: filmsPerCoat(key, layer.tool) * (prediction.coats.get(layer.id)?.coats ?? 1), zones: new Set(layer.zones) }] : [];
  });
  const cache = new Map<Spectrum, Map<string, string>>();
  const shown = (colour: Spectrum, over: readonly Powder[]): string => {
    const known = cache.get(colour) ?? new Map<string, string>();
    cache.set(colour, known);
    const key = over.map(({ at }) => at).join(",");
    const hex = known.get(key) ?? hexOf(over.reduce((ground, { optics, film }) => filmReflectance(optics, film, ground), colour));
    known.set(key, hex);
    return hex;
  };
  return on.flatMap((layer, at): VisibleLayer[] => {
    const key = materialOf(layer, context.products);
    if (!key || isSetting(layer, key) || !layerOptics(layer, context.products) || (!isPaintType(key) && layer.role === "seal")) return [];
    const colours = new Map(layer.zones.flatMap((zone): [ZoneId, string][] => {
      const film = prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
      return film ? [[zone, shown(film.colour, powders.filter((powder) => powder.at > at && powder.zones.has(zone)))]] : [];
    }));
    return [{ layer, colours }];
  });
}
