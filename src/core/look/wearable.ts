import { zoneInfo, type ZoneId } from "../anatomy";
import { allergensOf, material, type Product } from "../paint";
import type { Person } from "../people";

/** Whether a person may wear a product at all: made for skin, none of their allergens, and no reaction to it (SAFE-1, SAFE-2). */
export const isWearable = (
  product: Product,
  person: Pick<Person, "allergies" | "patchTests">,
): boolean =>
  product.grade === "cosmetic" &&
  !allergensOf(product).some((allergen) => person.allergies.includes(allergen)) &&
  !person.patchTests.some((test) => test.productId === product.id && test.result === "reacted");

/** Whether a person may have it glued on: the same, of what is sold to hold things on skin. */
export const mayHold = (
  product: Product,
  person: Pick<Person, "allergies" | "patchTests">,
): boolean => product.grade !== "prop" && isWearable({ ...product, grade: "cosmetic" }, person);

/** Grease on hands comes off on all they touch (WEAR-1): nothing proposes it there. */
export const isGreaseOnHands = (product: Product, zones: readonly ZoneId[]): boolean =>
  material(product.material).behaves === "cream" &&
  zones.some((zone) => zoneInfo(zone).group === "hands");
