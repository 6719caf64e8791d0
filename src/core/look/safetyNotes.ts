import { ALLERGENS, type Product } from "../paint";
import { isChild } from "../people";
import { recipeOf, type LookContext } from "./context";
import type { Look } from "./schema";
import { touched } from "./touched";

/** What somebody who paints has to know of this person before anything else. */
export interface SafetyNote {
  readonly kind: "allergies" | "patchTests" | "consent";
  /** Whether something is to be done about it first. */
  readonly isOpen: boolean;
  readonly text: string;
}

const MOST_NAMED = 4;

/** Names in a row, the rest counted: "Moss, Peat and 3 more". */
function named(names: readonly string[]): string {
  const shown = names.slice(0, MOST_NAMED);
  const rest = names.length - shown.length;
  return rest ? `${shown.join(", ")} and ${rest} more` : shown.join(", ");
}

/** Products of a look that no clear patch test on this person speaks for (SAFE-2). */
export function untestedProducts(look: Look, { person, products, today }: LookContext): Product[] {
  const used = new Map(
    look.layers
      .flatMap((layer) => recipeOf(layer, products))
      .map(({ product }) => [product.id, product]),
  );
  return [...used.values()].filter(
    ({ id, grade }) =>
      grade !== "prop" &&
      !person.patchTests.some(
        (test) => test.productId === id && test.result === "clear" && test.on <= today,
      ),
  );
}

/**
 * What stands at the top of plan, chair, call sheet, card and every print, never only on screen:
 * allergies, open patch tests, and of a child the consent.
 */
export function safetyNotes(stored: Look, context: LookContext): SafetyNote[] {
  const { person } = context;
  const untested = untestedProducts(touched(stored, context.figure), context);
  const notes: (SafetyNote | false)[] = [
    {
      kind: "allergies",
      isOpen: false,
      text: person.allergies.length
        ? `Allergic to ${person.allergies.map((key) => ALLERGENS[key]).join(", ")}.`
        : "No allergies on the card: ask again today.",
    },
    untested.length > 0 && {
      kind: "patchTests",
      isOpen: true,
      text: `No clear patch test of ${named(untested.map(({ name }) => name))}.`,
    },
    isChild(person) && {
      kind: "consent",
      isOpen: !person.guardianConsent,
      text: person.guardianConsent
        ? "A child: parent or guardian has consented, and stays."
        : "A child: no parent's or guardian's consent yet. Don't begin.",
    },
  ];
  return notes.filter((note): note is SafetyNote => note !== false);
}
