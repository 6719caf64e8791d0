import { remember, rememberBy, rememberPair } from "../remember";
import {
  hexToLab,
  glowOver,
  hexUnder,
  labFromReflectance,
  labToHex,
  paintOptics,
  reflectanceFromLab,
  type Lab,
  type LampKey,
  type PaintOptics,
  type Spectrum,
  LAMP_KEYS,
} from "../colour";
import { zoneInfo, type ZoneId } from "../anatomy";
import {
  filmsPerCoat,
  guessedStrength,
  auxiliary,
  emissionOfRecipe,
  isPaintType,
  productOptics,
  recipeOptics,
  type MaterialKey,
} from "../paint";
import { materialOf, recipeOf, type LookContext } from "./context";
import { placedStrokes, sameShape } from "../shapes";
import { coatsOfLines, coatsOver, filmOver } from "./remembered";
import { shareFilled } from "./leftOut";
import { isSamePart, liesInStrips, middleOf } from "./part";
import { filmOf } from "./passes";
import { isVeil } from "./roles";
import type { Layer, Look } from "./schema";
import { touched } from "./touched";

/** Most coats the plan lays of itself; a ground that needs more wants an undercoat (LAYER-5). */
const MOST_COATS = 4;
/** Thin layers that hide a brow (BROW-1: two to three). */
const BROW_LAYERS = 3;

/** One layer as it lies on one zone. */
export interface ZoneFilm {
  readonly layer: Layer;
  readonly coats: number;
  /** What the zone looks like beside this layer where it fills only part of it. */
  readonly beside: Spectrum;
  /** What lies right under it: the same, or the layer of the same shape that was laid there first (white under a tint). */
  readonly before: Spectrum;
  /** What this layer looks like where it lies. */
  readonly colour: Spectrum;
  /** What it gives off there under ultraviolet light, what shines through it from below among it; null where nothing does. */
  readonly glow: Spectrum | null;
  /** What the next layer finds: the same, or what was there before where this one only touches part of the zone. */
  readonly after: Spectrum;
}

export interface Prediction {
  /** Coats of each layer, "auto" resolved. */
  readonly coats: ReadonlyMap<string, { readonly coats: number; readonly covers: boolean }>;
  /** Films of each painted zone, first layer first. */
  readonly films: ReadonlyMap<ZoneId, readonly ZoneFilm[]>;
  /** The colour a zone has up to its hard edges, and the layer it has it from; faded layers and marks are left out. */
  readonly fields: ReadonlyMap<ZoneId, { readonly layer: Layer; readonly colour: Spectrum }>;
  /** What an unpainted zone looks like. */
  readonly bare: (zone: ZoneId) => Spectrum;
}

/** Optics of what a layer is painted with; null where it brings no colour. */
export function layerOptics(
  layer: Pick<Layer, "paint" | "target">,
  products: LookContext["products"],
  film: "dry" | "wet" = "dry",
): PaintOptics | null {
  if (film === "wet") return opticsOf(layer, products, film);
  // A colour still to be matched belongs to the layer, any other to the paint it was given.
  const onShelf = dryOptics(products);
  return layer.paint.kind === "material" ? onShelf.ofLayer(layer) : onShelf.ofPaint(layer.paint);
}
const dryOptics = remember((products: LookContext["products"]) => ({
  ofLayer: remember((layer: Pick<Layer, "paint" | "target">) => opticsOf(layer, products, "dry")),
  ofPaint: remember((paint: Layer["paint"]) => opticsOf({ paint, target: null }, products, "dry")),
}));

function opticsOf(
  layer: Pick<Layer, "paint" | "target">,
  products: LookContext["products"],
  film: "dry" | "wet",
): PaintOptics | null {
  if (layer.paint.kind === "material") {
    // A colour still to be matched is drawn as it is wanted.
    if (layer.target && isPaintType(layer.paint.material))
      return paintOptics({ masstone: hexToLab(layer.target), ...guessedStrength(layer.target) });
    const veil = isPaintType(layer.paint.material) ? null : auxiliary(layer.paint.material).veil;
    return veil && paintOptics({ masstone: hexToLab(veil.hex), hiding: veil.hiding });
  }
  const recipe = recipeOf(layer, products);
  if (layer.paint.kind === "mix") return recipe.length ? recipeOptics(recipe, film) : null;
  return recipe[0] ? productOptics(recipe[0].product, film) : null;
}

/** Lips are redder and darker than the skin round them; brow hair hides most of the skin under it. Common practice, no published source. */
const LIP_SHIFT: Lab = [-9, 13, -1];
const BROW_HAIR_COVER = 0.75;

const bareSkin = remember((context: LookContext): ((zone: ZoneId) => Spectrum) => {
  const skinLab = hexToLab(context.person.skin);
  const skin = reflectanceFromLab(skinLab);
  const lips = reflectanceFromLab([
    Math.max(5, skinLab[0] + LIP_SHIFT[0]),
    skinLab[1] + LIP_SHIFT[1],
    skinLab[2] + LIP_SHIFT[2],
  ]);
  const hair = reflectanceFromLab(hexToLab(context.person.brow));
  const brow = skin.map(
    (value, band) => value * (1 - BROW_HAIR_COVER) + (hair[band] ?? 0) * BROW_HAIR_COVER,
  );
  return (zone) => {
    const info = zoneInfo(zone);
    if (info.group === "lips") return lips;
    return info.kind === "brow" ? brow : skin;
  };
});

type Bodied = Pick<LookContext, "figure">;

/** Short of a whole by less than this nothing is seen of what is left. */
const NEARLY_ALL = 0.99;

/** Whether a layer covers all of a zone. */
export const isWhole = (layer: Layer, zone: ZoneId, of: Bodied): boolean =>
  shareFilled(layer, zone, of) >= NEARLY_ALL;

/** Marks and small veils lie on top of a zone without filling it: they do not change what later layers find below them. */
export const fillsZone = (layer: Layer, zone: ZoneId, of: Bodied): boolean =>
  shareFilled(layer, zone, of) >= 0.5;

/** Whether one layer lies right under all of another that does not fill its zones: the same marks, or as large a part of the same zones. */
export function liesUnder(lower: Layer, upper: Layer): boolean {
  if (upper.marks.length === 0)
    return (
      lower.marks.length === 0 &&
      lower.edge === upper.edge &&
      isSamePart(lower.part, upper.part) &&
      (middleOf(upper.part) < 0.5 || liesInStrips(upper.part)) &&
      upper.zones.every((zone) => lower.zones.includes(zone))
    );
  return upper.marks.every((mark) =>
    lower.marks.some((other) => sameShape(mark, other) && other.outsetMm >= mark.outsetMm),
  );
}

/** Reference films that one coat of a layer lays. */
export const coatFilm = (layer: Layer, material: MaterialKey | null): number =>
  (material ? filmsPerCoat(material, layer.tool) : 1) * filmOf(layer);

/** What lies under a layer where its cover is judged: brow hair and scalp want a cover of their own (BROW-3). */
export function judgedGrounds(layer: Layer, under: (zone: ZoneId) => Spectrum): Spectrum[] {
  const judged = layer.zones.filter(
    (zone) => zoneInfo(zone).kind !== "brow" && zoneInfo(zone).kind !== "scalp",
  );
  return [...new Set((judged.length ? judged : layer.zones).map(under))];
}

/** Whether a layer is strokes alone, none of them filled. */
const isDrawnInLines = ({ marks }: Layer): boolean =>
  marks.length > 0 && marks.every((mark) => placedStrokes(mark).every(({ fill }) => !fill));

/** Coats of a layer: as fixed, or as many as its grounds take; and whether they cover. */
export function resolveCoats(
  layer: Layer,
  material: MaterialKey | null,
  optics: PaintOptics | null,
  grounds: readonly Spectrum[],
): { coats: number; covers: boolean } {
  const films = coatFilm(layer, material);
  // What is meant to be thin is not meant to cover.
  const isThin = isVeil(layer.role) || layer.strength !== "full";
  const coatsOn = isDrawnInLines(layer) ? coatsOfLines : coatsOver;
  const needed = (most: number) =>
    grounds.map((ground) =>
      optics ? coatsOn(optics, ground, films, most) : { coats: 1, reached: true },
    );
  if (layer.coats !== "auto") {
    const fixed = layer.coats;
    return {
      coats: fixed,
      covers: isThin || !optics || needed(fixed).every((cover) => cover.reached),
    };
  }
  if (material === "glueStick" || material === "browWax")
    return { coats: material === "glueStick" ? BROW_LAYERS : 1, covers: true };
  if (!optics || isThin || layer.role === "set" || layer.role === "map")
    return { coats: 1, covers: true };
  const covers = needed(MOST_COATS);
  return {
    coats: Math.max(1, ...covers.map((cover) => cover.coats)),
    covers: covers.every((cover) => cover.reached),
  };
}

/**
 * The predicted colour of every painted zone: each layer's film over what lies below, all the way down to this person's skin.
 * Brow hair does not set the number of coats of a base: it wants its own cover (BROW-3).
 */
export function predict(stored: Look, context: LookContext): Prediction {
  return predicted(context, touched(stored, context));
}

/** Checks, plan and drawing share one prediction. */
const predicted = rememberPair((context: LookContext, look: Look): Prediction => {
  const bare = bareSkin(context);
  const films = new Map<ZoneId, ZoneFilm[]>();
  const coats = new Map<string, { coats: number; covers: boolean }>();
  const fields = new Map<ZoneId, { layer: Layer; colour: Spectrum }>();
  const glows = new Map<ZoneId, Spectrum | null>();
  const top = (zone: ZoneId) => films.get(zone)?.at(-1)?.after ?? bare(zone);
  // A mark over the same mark lies on that one, not on what is beside both.
  const sameShapeUnder = (shape: ReadonlySet<Layer>, zone: ZoneId) =>
    shape.size ? films.get(zone)?.findLast((film) => shape.has(film.layer)) : undefined;
  const rightUnder = (shape: ReadonlySet<Layer>, zone: ZoneId) =>
    sameShapeUnder(shape, zone)?.colour ?? top(zone);
  for (const [at, layer] of look.layers.entries()) {
    const shape = new Set(look.layers.slice(0, at).filter((lower) => liesUnder(lower, layer)));
    const material = materialOf(layer, context.products);
    const optics = layerOptics(layer, context.products);
    const grounds = judgedGrounds(layer, (zone) => rightUnder(shape, zone));
    const resolved = resolveCoats(layer, material, optics, grounds);
    coats.set(layer.id, resolved);
    const thickness = resolved.coats * coatFilm(layer, material);
    const emission = emissionOfRecipe(recipeOf(layer, context.products));
    const lay = (ground: Spectrum): Spectrum =>
      optics ? filmOver(optics, ground, thickness) : ground;
    for (const zone of layer.zones) {
      const beside = top(zone);
      const before = rightUnder(shape, zone);
      const colour = lay(before);
      const alike = sameShapeUnder(shape, zone);
      const below = alike ? alike.glow : (glows.get(zone) ?? null);
      const glow = glowOver(emission, optics, thickness, before, below);
      const fills = fillsZone(layer, zone, context);
      if (fills) glows.set(zone, glow);
      const stack = films.get(zone) ?? [];
      stack.push({
        layer,
        coats: resolved.coats,
        beside,
        before,
        colour,
        glow,
        after: fills ? colour : beside,
      });
      films.set(zone, stack);
      if (optics && layer.edge === "hard" && isWhole(layer, zone, context)) {
        const below = fields.get(zone);
        fields.set(zone, {
          layer: below && layer.role === "set" ? below.layer : layer,
          colour: lay(below?.colour ?? bare(zone)),
        });
      }
    }
  }
  return { coats, films, fields, bare };
});

/** Predicted reflectance of what lies under a layer in a zone, down to the skin. @throws RangeError when the layer is not in the look */
export function groundUnder(
  stored: Look,
  layerId: string,
  zone: ZoneId,
  context: LookContext,
): Spectrum {
  const look = touched(stored, context);
  const at = look.layers.findIndex((layer) => layer.id === layerId);
  if (at < 0) throw new RangeError(`no layer ${layerId} in this look`);
  const below = predict({ ...look, layers: look.layers.slice(0, at) }, context);
  return below.films.get(zone)?.at(-1)?.after ?? below.bare(zone);
}

/** What a reflectance looks like under a lamp, as sRGB; remembered, since a figure asks for the same ones again and again. */
export const hexOf = (reflectance: Spectrum, lamp: LampKey = "D65"): string =>
  shown(reflectance)(lamp);
const shown = remember((reflectance: Spectrum) =>
  rememberBy(
    LAMP_KEYS.length,
    (lamp: LampKey) => lamp,
    (lamp) =>
      lamp === "D65" ? labToHex(labFromReflectance(reflectance)) : hexUnder(reflectance, lamp),
  ),
);
