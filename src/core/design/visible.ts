import type { ZoneId } from "../anatomy";
import { glowOver, withGlow, type LampKey, type PaintOptics, type Spectrum } from "../colour";
import { filmsPerCoat, isPaintType } from "../paint";
import { materialOf, type LookContext } from "./context";
import { coatFilm, isWhole, layerOptics, type Prediction } from "./predict";
import { filmOver } from "./remembered";
import { isColour } from "./roles";
import type { Layer, Look } from "./schema";
import { isSetting } from "./stack";
import { touched } from "./touched";

/** A layer as the eye finds it: its reflectance zone by zone, under every powder pressed on later. */
export interface VisibleLayer {
  readonly layer: Layer;
  readonly colours: ReadonlyMap<ZoneId, Spectrum>;
  /** Drawn over every area: shapes, and parts of areas that are painted after some of them. */
  readonly isOver: boolean;
}

/** A film that is laid later, over all of some zones. */
interface LaterFilm {
  readonly at: number;
  readonly optics: PaintOptics;
  readonly film: number;
  readonly zones: ReadonlySet<ZoneId>;
  /** Powder is pressed on everything; colour is drawn itself, and lies over shapes alone. */
  readonly isPowder: boolean;
}

function laterFilms(look: Look, context: LookContext, prediction: Prediction): LaterFilm[] {
  return look.layers.flatMap((layer, at): LaterFilm[] => {
    const key = materialOf(layer, context.products);
    if (!key || layer.hidden) return [];
    const isPowder = isSetting(layer, key);
    if (!isPowder && !isPaintType(key)) return [];
    const zones = layer.zones.filter((zone) => isPowder || isWhole(layer, zone, context));
    if (!zones.length) return [];
    const optics = layerOptics(layer, context.products);
    const films = isPowder ? filmsPerCoat(key, layer.tool) : coatFilm(layer, key);
    const film = films * (prediction.coats.get(layer.id)?.coats ?? 1);
    return optics ? [{ at, optics, film, zones: new Set(zones), isPowder }] : [];
  });
}

/**
 * What is laid later makes of a colour that a layer of the stack has in a zone: powder of every
 * colour, and paint that fills the zone of what is drawn there in shapes.
 * @param upTo how many layers of the stack are on
 * @returns a function of the colour, the place of its layer in the stack, the zone, and whether it lies in shapes
 */
export function underLater(
  stored: Look,
  context: LookContext,
  prediction: Prediction,
  upTo = stored.layers.length,
): (
  colour: Spectrum,
  at: number,
  zone: ZoneId,
  inShapes: boolean,
  glow?: Spectrum | null,
) => Spectrum {
  const look = touched(stored, context);
  const later = laterFilms({ ...look, layers: look.layers.slice(0, upTo) }, context, prediction);
  const cache = new Map<Spectrum, Map<string, Spectrum>>();
  return (colour, at, zone, inShapes, glow = null) => {
    const over = later.filter(
      (film) => film.at > at && film.zones.has(zone) && (film.isPowder || inShapes),
    );
    if (glow) return glowing(colour, glow, over);
    if (!over.length) return colour;
    const known = cache.get(colour) ?? new Map<string, Spectrum>();
    cache.set(colour, known);
    const key = over.map((film) => film.at).join(",");
    const shown =
      known.get(key) ??
      over.reduce((ground, { optics, film }) => filmOver(optics, ground, film), colour);
    known.set(key, shown);
    return shown;
  };
}

/** What glows, as it is seen under ultraviolet through what was laid over it. */
const glowing = (colour: Spectrum, glow: Spectrum, over: readonly LaterFilm[]): Spectrum => {
  const seen = over.reduce<{ ground: Spectrum; glow: Spectrum | null }>(
    ({ ground, glow: below }, { optics, film }) => ({
      ground: filmOver(optics, ground, film),
      glow: glowOver(null, optics, film, ground, below),
    }),
    { ground: colour, glow },
  );
  return seen.glow ? withGlow(seen.ground, seen.glow) : seen.ground;
};

/**
 * What can be seen of each layer, lowest first; shapes that are painted over show as far as the paint
 * lets them through. Powder is no picture of its own: it shows as a thin film over whatever lies below it,
 * also where that fills only part of a zone.
 * @param upTo how many layers of the stack are on, all by default
 * @param lamp under ultraviolet what is fluorescent gives light of its own
 * @param whole share of a layer still whole in a zone, 0-1: where it has gone one sees what lay under it
 */
export function visibleLayers(
  stored: Look,
  context: LookContext,
  prediction: Prediction,
  upTo = stored.layers.length,
  whole?: (layer: Layer, zone: ZoneId) => number,
  lamp: LampKey = "D65",
): VisibleLayer[] {
  const look = touched(stored, context);
  const shown = underLater(look, context, prediction, upTo);
  const firstShapes = look.layers.findIndex(({ marks }) => marks.length > 0);
  return look.layers.slice(0, upTo).flatMap((layer, at): VisibleLayer[] => {
    const key = materialOf(layer, context.products);
    if (
      layer.hidden ||
      !key ||
      isSetting(layer, key) ||
      !layerOptics(layer, context.products) ||
      (!isPaintType(key) && layer.role === "seal")
    )
      return [];
    const isOver =
      layer.marks.length > 0 ||
      (firstShapes >= 0 && at > firstShapes && layer.part.kind !== "whole" && isColour(layer.role));
    const colours = new Map(
      layer.zones.flatMap((zone): [ZoneId, Spectrum][] => {
        const film = prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
        if (!film) return [];
        const share = whole?.(layer, zone) ?? 1;
        return [
          [
            zone,
            shown(
              share < 1 ? worn(film.colour, film.before, share) : film.colour,
              at,
              zone,
              isOver,
              lamp === "ultraviolet" ? dimmedTo(film.glow, share) : null,
            ),
          ],
        ];
      }),
    );
    return [{ layer, colours, isOver }];
  });
}

const dimmedTo = (glow: Spectrum | null, share: number): Spectrum | null =>
  glow && share < 1 ? glow.map((value) => value * share) : glow;

/** Paint that is whole in places and gone in others: the eye averages the light of both by area. */
const worn = (paint: Spectrum, under: Spectrum, share: number): Spectrum =>
  paint.map((value, band) => value * share + (under[band] ?? 0) * (1 - share));
