import "server-only";
import { USUAL_BRIEF } from "@/core/brief";
import { recipeOf } from "@/core/look";
import { STAND_IN } from "@/core/people";
import { boothDesign, removalOf } from "@/core/plan";
import { contextOf, productsAlong, speedOf, type StoredContext } from "@/core/record";
import { allergensOf, type Allergen } from "@/core/paint";
import type { StudioSettings } from "@/core/studio";
import { findLooks, listLookHeads } from "@/store";
import { markOf } from "./lookPicture";
import { planInput } from "./planInput";
import { studio } from "./studio";

/** A design on the menu of a booth. */
export interface MenuLine {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  readonly colours: readonly { readonly name: string; readonly hex: string | null }[];
  /** What one takes of each product, with what is left of it. */
  readonly takes: readonly {
    readonly id: string;
    readonly name: string;
    readonly amount: number;
    readonly left: number;
    readonly allergens: readonly Allergen[];
  }[];
  /** Why no child gets it. */
  readonly stops: readonly string[];
  /** How it comes off, in words for a parent. */
  readonly off: readonly string[];
  readonly mark: string;
}
export interface BoothGiven {
  readonly menu: readonly MenuLine[];
  readonly turnover: number;
  readonly settings: StudioSettings;
}

/** More designs are on no menu. */
const MOST_LOOKS = 60;

/** Loading and rinsing a brush takes so much of a colour, however small the design. Common practice, no published source. */
const LEAST_GRAMS = 0.1;

/** Who sits down at a booth until they are asked: a child of seven. */
const CHILD = { ...STAND_IN, name: "A child", ageYears: 7 };
const BRIEF = {
  ...USUAL_BRIEF,
  circumstances: ["queue" as const],
  hoursWorn: 3,
  nearestM: 0.6,
  farthestM: 3,
};

/** Every look as a booth would offer it, the quickest first. */
export async function loadBooth(): Promise<BoothGiven> {
  const db = await studio();
  const { stock, records, ...stored } = await planInput();
  const heads = await listLookHeads(db);
  const found = await findLooks(
    db,
    heads.slice(0, MOST_LOOKS).map(({ id }) => id),
  );
  const looks = found.filter(({ archived, design }) => !archived && design.layers.length > 0);
  const menu = looks.map(({ id, design }): MenuLine => {
    const given: StoredContext = {
      ...stored,
      person: CHILD,
      brief: BRIEF,
      products: productsAlong([design], stored),
      archivedProducts: [],
      speed: speedOf(records, id),
    };
    const context = contextOf(given);
    const { minutes, needs, stops } = boothDesign(design, context);
    const products = design.layers.flatMap((layer) => recipeOf(layer, context.products));
    const coloured = new Map(
      products
        .filter(({ product }) => product.colour)
        .map(({ product }) => [product.name, product.colour]),
    );
    return {
      id,
      name: design.name,
      minutes: Math.max(0.5, Math.round(minutes * 2) / 2),
      colours: [...coloured].map(([name, hex]) => ({ name, hex })),
      takes: needs.flatMap(({ productId, name, grams }) => {
        const product = productId ? context.products.get(productId) : undefined;
        return product
          ? [
              {
                id: product.id,
                name,
                amount: Math.max(grams, LEAST_GRAMS),
                left: stock.get(product.id) ?? 0,
                allergens: allergensOf(product),
              },
            ]
          : [];
      }),
      stops,
      off: removalOf(design, context).steps.map(({ label, with: how }) => `${label}: ${how}`),
      mark: markOf({ look: design, stored: given }),
    };
  });
  return {
    menu: menu.sort((a, b) => a.minutes - b.minutes || a.name.localeCompare(b.name)),
    turnover: contextOf({ ...stored, person: CHILD, brief: BRIEF }).house.numbers.boothTurnover,
    settings: stored.settings.fields,
  };
}
