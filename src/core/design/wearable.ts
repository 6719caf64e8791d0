import { zoneInfo, type ZoneId } from "../anatomy";
import {
  ALLERGENS,
  allergensOf,
  hairDyeOf,
  isProp,
  isWaterColour,
  material,
  namedAllergensOf,
  usualAllergensOf,
  type Allergen,
  type MaterialKey,
  type Product,
} from "../paint";
import { isChild, isSmall, type Person } from "../people";
import type { RuleId } from "../rules";

/** What of a person decides what they may wear. */
export type Wearer = Pick<Person, "ageYears" | "allergies" | "patchTests">;

/** What speaks against a product on somebody's skin, wherever it lies. */
export interface Objection {
  readonly rule: Extract<RuleId, "SAFE-1" | "SAFE-2" | "SAFE-11" | "SAFE-14">;
  /** Follows the person's name: "is allergic to carmine, which is in Brick". */
  readonly why: string;
}

const listed = (allergens: readonly Allergen[]) =>
  allergens.map((allergen) => ALLERGENS[allergen]).join(" and ");

/** Kinds a child under twelve may have, in cosmetic grade: water-based face paint, powder, pencil, glitter in gel, and what prepares or fixes it without alcohol. */
const FOR_CHILDREN: readonly MaterialKey[] = [
  "powder",
  "settingPowder",
  "pencil",
  "glitter",
  "skinPrep",
  "settingMist",
];

/** Whether a kind may go on a child under twelve at all (SAFE-14). */
export const isForChildren = (key: MaterialKey): boolean =>
  (isWaterColour(key) || FOR_CHILDREN.includes(key)) && !material(key).flammable;

/**
 * Whether a kind is kept from this person by their age. "stop" under twelve, "caution" until sixteen.
 *
 * @see SAFE-14, common practice, no published source; EU 1223/2009 Annex I, part B asks for an assessment of its own for children under three
 */
export function tooYoungFor(
  key: MaterialKey,
  person: Pick<Person, "ageYears">,
): "stop" | "caution" | null {
  if (!isChild(person) || isForChildren(key)) return null;
  return isSmall(person) ? "stop" : "caution";
}

/** What this person is allergic to that a kind is made of or often holds: without a product whose label says otherwise it counts as there. */
export const kindAllergens = (
  key: MaterialKey,
  { allergies }: Pick<Person, "allergies">,
): Allergen[] =>
  [...material(key).allergens, ...material(key).mayContain].filter((one) =>
    allergies.includes(one),
  );

/** Whether a person may have a kind of which no product is chosen. */
export const mayHoldKind = (
  key: MaterialKey,
  person: Pick<Person, "allergies" | "ageYears">,
): boolean => kindAllergens(key, person).length === 0 && tooYoungFor(key, person) !== "stop";

/** A patch test that found a reaction. */
const hasReacted = (id: string, { patchTests }: Pick<Person, "patchTests">): boolean =>
  patchTests.some((test) => test.productId === id && test.result === "reacted");

/** Everything that stops a product on this person's skin: made for props, an allergy, a reaction, hair dye, their age. Checks, mends and advice ask here and nowhere else. */
export function objections(product: Product, person: Wearer): Objection[] {
  const known = allergensOf(product).filter((allergen) => person.allergies.includes(allergen));
  const usual = usualAllergensOf(product);
  const isOnlyUsual = (allergen: Allergen) =>
    usual.includes(allergen) &&
    !namedAllergensOf(product).includes(allergen) &&
    !material(product.material).allergens.includes(allergen);
  const [assumed, named] = [known.filter(isOnlyUsual), known.filter((one) => !isOnlyUsual(one))];
  const found: (Objection | false)[] = [
    isProp(product) && { rule: "SAFE-1", why: "may not wear what is made for props" },
    hairDyeOf(product) !== null && {
      rule: "SAFE-11",
      why: `would have hair dye on the skin with ${product.name}`,
    },
    named.length > 0 && {
      rule: "SAFE-2",
      why: `is allergic to ${listed(named)}, which is in ${product.name}`,
    },
    assumed.length > 0 && {
      rule: "SAFE-2",
      why: `is allergic to ${listed(assumed)}, which ${material(product.material).label} usually holds, and nobody has read the label of ${product.name}`,
    },
    hasReacted(product.id, person) && {
      rule: "SAFE-2",
      why: `reacted to ${product.name} in a patch test`,
    },
    (tooYoungFor(product.material, person) === "stop" ||
      (isSmall(person) && product.grade !== "cosmetic")) && {
      rule: "SAFE-14",
      why: `is under twelve: ${product.name} is not for a child's skin`,
    },
  ];
  return found.filter((objection): objection is Objection => objection !== false);
}

/** Whether a person may have it glued on: nothing speaks against it, and it is sold for skin. */
export const mayHold = (product: Product, person: Wearer): boolean =>
  objections(product, person).length === 0;

/** Whether a person may wear a product as paint: the same, of what is made as a cosmetic. */
export const isWearable = (product: Product, person: Wearer): boolean =>
  product.grade === "cosmetic" && mayHold(product, person);

/** Grease on hands comes off on all they touch (WEAR-1): nothing proposes it there. */
export const isGreaseOnHands = (product: Product, zones: readonly ZoneId[]): boolean =>
  material(product.material).behaves === "cream" &&
  zones.some((zone) => zoneInfo(zone).group === "hands");
