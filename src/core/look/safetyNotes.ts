import { HEALTH } from "../brief";
import { ALLERGENS, hairDyeOf, type Product } from "../paint";
import { isChild, patchTestOf } from "../people";
import { recipeOf, type LookContext } from "./context";
import type { Look } from "./schema";
import { touched } from "./touched";
import { named } from "./words";

/** What somebody who paints has to know of this person before anything else. */
export interface SafetyNote {
  readonly kind: "allergies" | "health" | "labels" | "patchTests" | "consent";
  /** Whether something is to be done about it first. */
  readonly isOpen: boolean;
  readonly text: string;
}

function productsOf(look: Look, { products }: Pick<LookContext, "products">): Product[] {
  const used = look.layers
    .flatMap((layer) => recipeOf(layer, products))
    .map(({ product }) => [product.id, product] as const);
  return [...new Map(used).values()];
}

/** Products of a look that no clear patch test on this person speaks for (SAFE-2). Of hair dye none is asked: the test itself sensitises (SAFE-11). */
export function untestedProducts(look: Look, context: LookContext): Product[] {
  const { person, today, house } = context;
  return productsOf(look, context).filter(
    (product) =>
      product.grade !== "prop" &&
      hairDyeOf(product) === null &&
      patchTestOf(person, product.id, today, house) !== "clear",
  );
}

/** What is not tested, and whose test has lapsed: "No clear patch test of Moss; that of Peat is over 12 months old." */
export function untestedWords(
  products: readonly Product[],
  { person, today, house }: Pick<LookContext, "person" | "today" | "house">,
): string {
  const lapsed = products.filter(({ id }) => patchTestOf(person, id, today, house) === "lapsed");
  const never = products.filter((product) => !lapsed.includes(product));
  const namesOf = (list: readonly Product[]) => named(list.map(({ name }) => name));
  const parts = [
    never.length > 0 && `No clear patch test of ${namesOf(never)}`,
    lapsed.length > 0 &&
      `${never.length ? "that" : "The patch test"} of ${namesOf(lapsed)} is over ${house.numbers.patchMonths} months old`,
  ];
  return `${parts.filter(Boolean).join("; ")}.`;
}

/** Products of a look whose label nobody has read (SAFE-12). */
export const unreadProducts = (look: Look, context: Pick<LookContext, "products">): Product[] =>
  productsOf(look, context).filter(({ labelRead }) => !labelRead);

/** What was asked today, or that it still has to be (SAFE-13). */
function healthNote({ health, healthAsked }: LookContext["brief"]): SafetyNote {
  const said = health.map((answer) => HEALTH[answer]).join(", ");
  if (said) return { kind: "health", isOpen: true, text: `Said today: ${said}.` };
  return healthAsked
    ? { kind: "health", isOpen: false, text: "Asked about health today: nothing said." }
    : {
        kind: "health",
        isOpen: true,
        text: `Ask today: ${Object.values(HEALTH).join(", ")}.`,
      };
}

/**
 * What stands at the top of plan, chair, call sheet, card and every print, never only on screen:
 * allergies, open patch tests, and of a child the consent.
 */
export function safetyNotes(stored: Look, context: LookContext): SafetyNote[] {
  const { person } = context;
  const look = touched(stored, context.figure);
  const untested = untestedProducts(look, context);
  const unread = unreadProducts(look, context);
  const notes: (SafetyNote | false)[] = [
    {
      kind: "allergies",
      isOpen: false,
      text: person.allergies.length
        ? `Allergic to ${person.allergies.map((key) => ALLERGENS[key]).join(", ")}.`
        : "No allergies on the card: ask again today.",
    },
    healthNote(context.brief),
    unread.length > 0 && {
      kind: "labels",
      isOpen: true,
      text: `Label not read: ${named(unread.map(({ name }) => name))}.`,
    },
    untested.length > 0 && {
      kind: "patchTests",
      isOpen: true,
      text: untestedWords(untested, context),
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
