import { buildFigure, type Figure } from "../anatomy";
import type { Brief } from "../brief";
import { material, type MaterialKey, type Product } from "../paint";
import { landmarksOf, physiqueOf, type Person } from "../people";
import { rememberBy } from "../remember";
import { HOUSE, type House } from "../rules";
import type { WearKey } from "../wear";
import { USUAL_STUDIO, type StudioSettings } from "../studio";
import type { Layer } from "./schema";

/** How this painter's hands on this look go against the house's minutes, by what was logged; see core/record. */
export interface Speed {
  readonly factor: number;
  /** Layers that were timed on their own, by id. */ readonly layers: Readonly<
    Record<string, number>
  >;
}
export const HOUSE_SPEED: Speed = { factor: 1, layers: {} };

/** All that a look is judged and planned against. */
export interface LookContext {
  readonly person: Person;
  readonly brief: Brief;
  readonly figure: Figure;
  readonly products: ReadonlyMap<string, Product>;
  /** Ids of products that were archived: known to looks that use them, never proposed. */
  readonly archived: ReadonlySet<string>;
  /** ISO date. */
  readonly today: string;
  /** The numbers and rules in force. */
  readonly house: House;
  /** How much faster or slower than the house each paint type wears by the painter's own records; 1 where nothing is recorded. */
  readonly factors: Readonly<Partial<Record<WearKey, number>>>;
  readonly speed: Speed;
  /** The room, the tools and the painter. */
  readonly studio: StudioSettings;
  /** When they sit down by the call of that day; null where none is planned. */
  readonly sitsAt: string | null;
}

/** Figures of so many people at once: more are on no screen, and each is some 100 kB. */
const MOST_FIGURES = 12;

/** The figure of somebody, drawn from their measures; the same one while these stay. */
export const figureOf = rememberBy(
  MOST_FIGURES,
  ({ build, measures, landmarks, noseWidthMm, lipHeightMm, ...person }: Person) =>
    JSON.stringify([build, measures, landmarks, noseWidthMm, lipHeightMm, physiqueOf(person)]),
  (person): Figure => buildFigure(landmarksOf(person), physiqueOf(person)),
);

/** Builds a context; the figure is drawn when it is first asked for. */
export function lookContext(o: {
  person: Person;
  brief: Brief;
  products: readonly Product[];
  archived?: readonly Product[];
  today: string;
  house?: House;
  factors?: LookContext["factors"];
  speed?: Speed;
  studio?: StudioSettings;
  sitsAt?: string | null;
}): LookContext {
  return {
    person: o.person,
    brief: o.brief,
    today: o.today,
    archived: new Set((o.archived ?? []).map(({ id }) => id)),
    house: o.house ?? HOUSE,
    factors: o.factors ?? {},
    speed: o.speed ?? HOUSE_SPEED,
    studio: o.studio ?? USUAL_STUDIO,
    sitsAt: o.sitsAt ?? null,
    get figure() {
      return figureOf(o.person);
    },
    products: new Map(o.products.map((product) => [product.id, product])),
  };
}

/** The products a layer uses with their parts; one that has left the shelf is left out. */
export function recipeOf(
  layer: Pick<Layer, "paint">,
  products: LookContext["products"],
): { product: Product; parts: number }[] {
  const listed =
    layer.paint.kind === "mix"
      ? layer.paint.parts
      : layer.paint.kind === "product"
        ? [{ productId: layer.paint.productId, parts: 1 }]
        : [];
  return listed.flatMap(({ productId, parts }) => {
    const product = products.get(productId);
    return product ? [{ product, parts }] : [];
  });
}

/** The kind of paint of a layer: its product's; of a mix, the largest part's. Null when its products are no longer known. */
export function materialOf(layer: Layer, products: LookContext["products"]): MaterialKey | null {
  if (layer.paint.kind === "material") return layer.paint.material;
  const recipe = recipeOf(layer, products);
  return (
    recipe.reduce<{ product: Product; parts: number } | null>(
      (most, part) => (most && most.parts >= part.parts ? most : part),
      null,
    )?.product.material ?? null
  );
}

/** What it is painted with, in words: "3 parts chalk white : 1 part tan". */
export function paintWords(layer: Layer, products: LookContext["products"]): string {
  if (layer.paint.kind === "material") return material(layer.paint.material).label;
  const recipe = recipeOf(layer, products);
  if (!recipe.length) return "product no longer on the shelf";
  if (layer.paint.kind === "product") return recipe[0]?.product.name ?? "";
  return recipe
    .map(
      ({ product, parts }, i) =>
        `${parts}${i === 0 ? (parts === 1 ? " part" : " parts") : ""} ${product.name}`,
    )
    .join(" : ");
}
