import {
  filledCm2,
  filmOf,
  materialOf,
  paintWords,
  placedStrokes,
  predict,
  recipeOf,
  shapesOf,
  strokeArea,
  strokeLength,
  type Layer,
  type Look,
  type LookContext,
  type Prediction,
  touched,
} from "../look";
import {
  filmPerCoat,
  isPiece,
  material,
  TOOLS,
  type MaterialKey,
  type ProductFields,
} from "../paint";

/** A faded edge thins to nothing over part of the zone: so much of a full film on average. Common practice, no published source. */
const FADED_SHARE = 0.7;

/** Way of the brush over all of a layer's shapes, mm. */
export const strokeLengthMm = (layer: Layer): number =>
  shapesOf(layer)
    .flatMap(placedStrokes)
    .reduce((sum, stroke) => sum + strokeLength(stroke), 0);

/** Skin a layer covers, cm2: what it fills of its zones, and its shapes by their strokes. */
export function layerAreaCm2(layer: Layer, context: LookContext): number {
  const shapes = shapesOf(layer).flatMap(placedStrokes);
  return (
    filledCm2(layer, context) + shapes.reduce((sum, stroke) => sum + strokeArea(stroke), 0) / 100
  );
}

/** Grams of one product, or of a kind of material nobody has chosen a product for yet. */
export interface Need {
  readonly productId: string | null;
  readonly material: MaterialKey;
  readonly name: string;
  /** Grams, or pieces of what is counted. */
  readonly grams: number;
  readonly counted: ProductFields["counted"];
  readonly layers: readonly string[];
}

/** Corrector and concealer are scooped out with a spatula: so much a coat at least, g. Common practice, no published source. */
const LEAST_CREAM = 0.05;

/** Grams of product one layer takes: area x dry film x coats x waste / solids. */
export function layerGrams(layer: Layer, context: LookContext, prediction: Prediction): number {
  const key = materialOf(layer, context.products);
  if (!key) return 0;
  const coats = prediction.coats.get(layer.id)?.coats ?? 1;
  const least =
    layer.role === "cover" && material(key).behaves === "cream" ? LEAST_CREAM * coats : 0;
  const film =
    filmPerCoat(key, layer.tool) * filmOf(layer) * (layer.edge === "faded" ? FADED_SHARE : 1);
  return Math.max(
    least,
    ((layerAreaCm2(layer, context) / 10_000) * film * coats * TOOLS[layer.tool].waste) /
      material(key).solids,
  );
}

/** Every product a look takes, in grams, in order of first use; mixes are split by their parts. */
export function paintNeeded(
  stored: Look,
  context: LookContext,
  prediction: Prediction = predict(stored, context),
): Need[] {
  const look = touched(stored, context);
  const needs = new Map<
    string,
    {
      productId: string | null;
      material: MaterialKey;
      name: string;
      grams: number;
      counted: ProductFields["counted"];
      layers: string[];
    }
  >();
  for (const layer of look.layers) {
    const key = materialOf(layer, context.products);
    if (!key) continue;
    const grams = layerGrams(layer, context, prediction);
    const recipe = recipeOf(layer, context.products);
    const whole = recipe.reduce((sum, part) => sum + part.parts, 0);
    const shares = recipe.length
      ? recipe.map(({ product, parts }) => ({
          id: product.id,
          productId: product.id,
          material: product.material,
          name: product.name,
          counted: product.counted,
          share: parts / whole,
        }))
      : [
          {
            id: key,
            productId: null,
            material: key,
            name: paintWords(layer, context.products),
            counted: isPiece(key) ? ("pieces" as const) : ("grams" as const),
            share: 1,
          },
        ];
    for (const { id, share, ...rest } of shares) {
      const need = needs.get(id) ?? { ...rest, grams: 0, layers: [] };
      // A piece is used whole, however much of the skin it covers.
      need.grams += rest.counted === "pieces" ? 1 : grams * share;
      need.layers.push(layer.name);
      needs.set(id, need);
    }
  }
  return [...needs.values()];
}
