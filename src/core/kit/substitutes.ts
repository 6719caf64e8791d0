import { deltaE00, hexToLab } from "../colour";
import {
  STANDS_IN,
  isPaintType,
  mediumOf,
  paintType,
  type Hazard,
  type Product,
  isProp,
} from "../paint";

/** Another product in the place of one, and what is lost by it (KIT-5). */
export interface Substitute {
  readonly product: Product;
  readonly dE: number;
  /** Of a coat's contrast ratio; above 0 it covers less. */ readonly coverLoss: number;
  /** Of the mean resistance; above 0 it wears sooner. */ readonly wearLoss: number;
  readonly left: number;
  readonly words: string;
}

/** From so far it is another colour. Common practice, no published source. */
export const OTHER_DE = 10;
/** Less than so much is nothing one sees or feels. Common practice, no published source. */
const [SEEN_COVER, SEEN_WEAR] = [0.03, 0.05];

const resistance = (product: Product): number => {
  if (!isPaintType(product.material)) return 0;
  const { resists } = paintType(product.material);
  const hazards = Object.keys(resists) as Hazard[];
  return hazards.reduce((sum, hazard) => sum + resists[hazard], 0) / hazards.length;
};

function wordsOf(dE: number, coverLoss: number, wearLoss: number, short: boolean): string {
  const say = (loss: number, least: number, worse: string, better: string) =>
    loss > least ? [worse] : loss < -least ? [better] : [];
  return [
    dE < 1
      ? "nobody tells the colours apart"
      : `a colour difference of ${dE.toFixed(1)}${dE > OTHER_DE ? ", another tone: look at it on the map" : ""}`,
    ...say(
      coverLoss,
      SEEN_COVER,
      `covers ${Math.round(coverLoss * 100)} points less a coat`,
      "covers more",
    ),
    ...say(wearLoss, SEEN_WEAR, "wears sooner", "wears longer"),
    ...(short ? ["not enough of it either"] : []),
  ].join(", ");
}

/**
 * What could stand in for a product: of the same use, in a medium that mixes and lies the same way, nearest in colour first; those with enough left before the
 * others. A product that brings no colour is replaced by its own kind.
 * @param grams how much is wanted; @param allowed whether the person may wear it where it goes
 */
export function substitutes(
  wanted: Product,
  shelf: readonly Product[],
  stock: ReadonlyMap<string, number>,
  grams: number,
  allowed: (product: Product) => boolean = () => true,
): Substitute[] {
  const medium = mediumOf(wanted.material);
  return shelf
    .flatMap((product): Substitute[] => {
      const same =
        medium === null
          ? product.material === wanted.material
          : mediumOf(product.material) === medium;
      if (
        product.id === wanted.id ||
        isProp(product) ||
        !same ||
        (wanted.colour === null) !== (product.colour === null)
      )
        return [];
      const dE =
        wanted.colour && product.colour
          ? deltaE00(hexToLab(wanted.colour), hexToLab(product.colour))
          : 0;
      // Asked last: whether it is allowed there may cost a look at the whole stack.
      if (dE > STANDS_IN.whenItMust || !allowed(product)) return [];
      const left = stock.get(product.id) ?? 0;
      const [coverLoss, wearLoss] = [
        wanted.hiding - product.hiding,
        resistance(wanted) - resistance(product),
      ];
      return [
        {
          product,
          dE,
          coverLoss,
          wearLoss,
          left,
          words: wordsOf(dE, coverLoss, wearLoss, left < grams),
        },
      ];
    })
    .sort((a, b) => Number(a.left < grams) - Number(b.left < grams) || a.dE - b.dE);
}
