import { hexToLab, labToHex, masstoneLab } from "../colour";
import {
  isColour,
  layerOptics,
  materialOf,
  recipeOf,
  standInsFor,
  type Look,
  type LookContext,
  touched,
} from "../look";
import { material, mediumOf, mixingOptics, type Product, isProp } from "../paint";
import type { PanPaint } from "./mixes";
import type { WantedColour } from "./suggestPalette";

/** Products as paints of a palette: each mixes with those of its medium. */
export const panPaints = (products: readonly Product[]): PanPaint[] =>
  products.flatMap((product) => {
    const [optics, family] = [mixingOptics(product), mediumOf(product.material)];
    return optics && family && !isProp(product) ? [{ id: product.id, optics, family }] : [];
  });

/** What a look asks of a palette, colour by colour: layers of one paint once. What is not laid in pans is carried beside it. */
export interface PaletteWishes {
  readonly colours: readonly WantedColour[];
  readonly beside: readonly string[];
}

export function wantedColours(
  stored: Look,
  context: LookContext,
  shelf: readonly Product[],
): PaletteWishes {
  const look = touched(stored, context);
  const pannable = shelf.filter((product) => material(product.material).inPan);
  const colours = new Map<
    string,
    {
      id: string;
      names: string[];
      layers: string[];
      lab: WantedColour["lab"];
      allowed: readonly string[];
      own: WantedColour["own"];
    }
  >();
  const beside = new Set<string>();
  for (const layer of look.layers) {
    const [key, recipe] = [materialOf(layer, context.products), recipeOf(layer, context.products)];
    if (!key || !isColour(layer.role)) continue;
    if (!material(key).inPan) {
      for (const { product } of recipe) beside.add(product.name);
      continue;
    }
    const optics = layerOptics(layer, context.products);
    if (!optics || (!recipe.length && !layer.target)) continue;
    // What it is painted with is what it shall look like; a target that nothing was chosen for yet stands for itself.
    const lab = recipe.length ? masstoneLab(optics) : hexToLab(layer.target ?? "#808080");
    const same = `${mediumOf(key) ?? key} ${recipe
      .map(({ product, parts }) => `${product.id}:${parts}`)
      .sort()
      .join()} ${labToHex(lab)}`;
    const allowed = standInsFor(layer, context, pannable).map(({ id }) => id);
    const known = colours.get(same);
    if (known) {
      known.names.push(layer.name);
      known.layers.push(layer.id);
      known.allowed = known.allowed.filter((id) => allowed.includes(id));
      continue;
    }
    colours.set(same, {
      id: layer.id,
      names: [layer.name],
      layers: [layer.id],
      lab,
      allowed,
      own: recipe.map(({ product, parts }) => ({ id: product.id, parts })),
    });
  }
  return {
    colours: [...colours.values()].map(({ names, ...colour }) => ({
      ...colour,
      name: names.join(", "),
    })),
    beside: [...beside],
  };
}
