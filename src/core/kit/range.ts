import { chroma, deltaE00, hexToLab, hueAngle, type Lab } from "../colour";
import { isPaintType, type Product, isProp } from "../paint";
import { nearestMade, type Made, type MadeColour } from "./mixes";

export interface NearPair {
  readonly a: Product;
  readonly b: Product;
  readonly dE: number;
}
export interface Gap {
  readonly name: string;
  readonly hex: string;
  readonly nearest: Product | null;
  readonly dE: number;
}

/** Two paints of one kind nearer than this do the same work. Common practice, no published source. */
export const ALIKE_DE = 2;
/** A region of colour with nothing nearer than this is a gap. Common practice, no published source. */
export const GAP_DE = 10;

/** CIEDE2000 divides a difference of lightness by 1.75 at most: at L* 0 or 100, 1 + 0.015 x 2500 / sqrt(20 + 2500). */
const MOST_SL = 1.75;

const coloured = (products: readonly Product[]) =>
  products.flatMap((product) =>
    product.colour && isPaintType(product.material) && !isProp(product)
      ? [{ product, lab: hexToLab(product.colour) }]
      : [],
  );

/** Paints of one kind that nobody tells apart, the nearest first. */
export function nearDuplicates(products: readonly Product[]): NearPair[] {
  const byKind = new Map<string, ReturnType<typeof coloured>>();
  for (const entry of coloured(products))
    byKind.set(entry.product.material, [...(byKind.get(entry.product.material) ?? []), entry]);
  const pairs: NearPair[] = [];
  for (const list of byKind.values()) {
    const sorted = [...list].sort((x, y) => x.lab[0] - y.lab[0]);
    sorted.forEach(({ product: a, lab }, i) => {
      for (let j = i + 1; j < sorted.length; j++) {
        const other = sorted[j];
        // What is further off in lightness alone is further off in all: the weight of L* is never above 1.75 (CIEDE2000, S_L).
        if (!other || other.lab[0] - lab[0] > ALIKE_DE * MOST_SL) break;
        const dE = deltaE00(lab, other.lab);
        if (dE < ALIKE_DE) pairs.push({ a, b: other.product, dE });
      }
    });
  }
  return pairs.sort((x, y) => x.dE - y.dE);
}

/** A painter's map of colour: what one looks for in a range. Names are plain words; places are typical of them, from memory. */
export const RANGE: readonly { readonly name: string; readonly hex: string }[] = [
  ["white", "#f4f3ee"],
  ["light grey", "#c4c4c2"],
  ["mid grey", "#8a8a89"],
  ["dark grey", "#4b4b4b"],
  ["black", "#17171a"],
  ["warm red", "#c2382b"],
  ["cool red", "#a61f3d"],
  ["dark red", "#6b1f22"],
  ["orange", "#dc6f2b"],
  ["golden yellow", "#e2aa2f"],
  ["lemon yellow", "#efe04a"],
  ["ochre", "#bd8a42"],
  ["sand", "#d9bc8e"],
  ["light brown", "#9c6b45"],
  ["dark brown", "#4a3226"],
  ["yellow green", "#93a83a"],
  ["warm mid green", "#5b7a35"],
  ["cool mid green", "#2f7d5a"],
  ["dark green", "#24442f"],
  ["turquoise", "#2f8f96"],
  ["light blue", "#8fb8da"],
  ["mid blue", "#3f6fb0"],
  ["dark blue", "#26355e"],
  ["violet", "#5a4c8c"],
  ["magenta", "#a3407f"],
  ["pink", "#dd9aa6"],
  ["pale skin", "#e3bfa5"],
  ["mid skin", "#b98462"],
  ["deep skin", "#64412f"],
].map(([name = "", hex = ""]) => ({ name, hex }));

/** Places of that map with nothing on the shelf near them, the emptiest first. */
export function gapsIn(products: readonly Product[], least = GAP_DE): Gap[] {
  const all = coloured(products);
  return RANGE.flatMap(({ name, hex }): Gap[] => {
    const wanted = hexToLab(hex);
    const nearest = all.reduce<{ product: Product; dE: number } | null>(
      (best, { product, lab }) => {
        const dE = deltaE00(lab, wanted);
        return best && best.dE <= dE ? best : { product, dE };
      },
      null,
    );
    return nearest && nearest.dE <= least
      ? []
      : [{ name, hex, nearest: nearest?.product ?? null, dE: nearest?.dE ?? Infinity }];
  }).sort((a, b) => b.dE - a.dE);
}

/** A place of that map and what comes nearest to it. */
export interface Reached {
  readonly name: string;
  readonly hex: string;
  readonly made: Made;
}

/** How far some colours that can be made come round the map of colour, place by place. */
export const reachedBy = (made: readonly MadeColour[]): Reached[] =>
  RANGE.flatMap(({ name, hex }) => {
    const nearest = nearestMade(made, hexToLab(hex));
    return nearest ? [{ name, hex, made: nearest }] : [];
  });

/** Orders in which swatches are looked at. */
export const SWATCH_ORDERS = {
  hue: "by hue",
  lightness: "by lightness",
  nearest: "nearest to a colour",
} as const;
export type SwatchOrder = keyof typeof SWATCH_ORDERS;

/** Less colourful than this is a grey to the eye that sorts. Common practice, no published source. */
const GREY_CHROMA = 7;
export const isGrey = (lab: Lab): boolean => chroma(lab) < GREY_CHROMA;
const hueOf = (lab: Lab) => (isGrey(lab) ? -1 : hueAngle(lab));
/** Greys first and then round the circle, light before dark. */
export const byHue = (x: Lab, y: Lab): number => hueOf(x) - hueOf(y) || y[0] - x[0];

/** Paints with a colour in an order for the eye: greys first and then round the circle; light to dark; or from the nearest to a colour. */
export function inSwatchOrder(
  products: readonly Product[],
  order: SwatchOrder,
  target = "#808080",
): { product: Product; dE: number }[] {
  const wanted = hexToLab(target);
  return coloured(products)
    .map(({ product, lab }) => ({ product, lab, dE: deltaE00(lab, wanted) }))
    .sort((x, y) =>
      order === "nearest"
        ? x.dE - y.dE
        : order === "lightness"
          ? y.lab[0] - x.lab[0]
          : byHue(x.lab, y.lab),
    )
    .map(({ product, dE }) => ({ product, dE }));
}
