import { HEALTH, type Health } from "../brief";
import { ALLERGENS, hairDyeOf, isProp, type Product } from "../paint";
import { isChild, patchTestOf, type Lapse } from "../people";
import type { StudioSettings } from "../studio";
import { recipeOf, type LookContext } from "../design/context";
import { chairThings } from "../design/chairThings";
import { healthOf } from "../design/health";
import { leftBare } from "../design/mayNotTouch";
import type { Look } from "../design/schema";
import { touched } from "../design/touched";
import { named, zoneWords } from "../design/words";

/** What somebody who paints has to know of this person before anything else. */
export interface SafetyNote {
  readonly kind: "allergies" | "health" | "bare" | "labels" | "patchTests" | "consent" | "reaction";
  /** Whether something is to be done about it first. */
  readonly isOpen: boolean;
  readonly text: string;
}

/** What comes near the skin: paint and helpers of the layers, and what holds worn things. */
function productsOf(look: Look, context: LookContext): Product[] {
  const painted = look.layers
    .flatMap((layer) => recipeOf(layer, context.products))
    .map(({ product }) => product);
  const glues = chairThings(look, context).flatMap(({ glue }) => glue?.product ?? []);
  return [...new Map([...painted, ...glues].map((product) => [product.id, product])).values()];
}

/** Products of a look that no clear patch test on this person speaks for (SAFE-2). Of hair dye none is asked: the test itself sensitises (SAFE-11). */
export function untestedProducts(look: Look, context: LookContext): Product[] {
  const { person, today, house } = context;
  return productsOf(look, context).filter(
    (product) =>
      !isProp(product) &&
      hairDyeOf(product) === null &&
      patchTestOf(person, product, today, house).kind !== "clear",
  );
}

/** Why clear tests count no longer, as one says it of several products. */
const LAPSED: Readonly<Record<Lapse, (months: number) => string>> = {
  old: (months) => `over ${months} months ago`,
  batch: () => "of another batch",
  reaction: () => "before their last reaction",
};

/** What is not tested, and whose test has lapsed: "No clear patch test of Moss. Patch tests that no longer count: Peat (over 12 months ago)." */
export function untestedWords(
  products: readonly Product[],
  { person, today, house }: Pick<LookContext, "person" | "today" | "house">,
): string {
  const standing = products.map((product) => ({
    name: product.name,
    standing: patchTestOf(person, product, today, house),
  }));
  const namesOf = (fits: (entry: (typeof standing)[number]) => boolean) =>
    named(standing.filter(fits).map(({ name }) => name));
  const never = namesOf((entry) => entry.standing.kind === "none");
  const lapsed = (Object.keys(LAPSED) as Lapse[]).flatMap((why) => {
    const names = namesOf(({ standing: it }) => it.kind === "lapsed" && it.why === why);
    return names ? [`${names} (${LAPSED[why](house.numbers.patchMonths)})`] : [];
  });
  const parts = [
    never && `No clear patch test of ${never}.`,
    lapsed.length > 0 && `Patch tests that no longer count: ${lapsed.join("; ")}.`,
  ];
  return parts.filter(Boolean).join(" ");
}

/** Products of a look whose label nobody has read (SAFE-12). */
export const unreadProducts = (look: Look, context: LookContext): Product[] =>
  productsOf(look, context).filter(({ labelRead }) => !labelRead);

/** What was asked today, or that it still has to be (SAFE-13). */
function healthNote(context: LookContext): SafetyNote {
  const counts = healthOf(context);
  const wordsOf = (lasts: boolean) =>
    counts
      .filter((entry) => entry.lasts === lasts)
      .map(({ answer }) => HEALTH[answer])
      .join(", ");
  const [card, today] = [wordsOf(true), wordsOf(false)];
  const known = [card && `By the card: ${card}.`, today && `Said today: ${today}.`]
    .filter(Boolean)
    .join(" ");
  // What the card says is known, and not asked again.
  const toAsk = (Object.keys(HEALTH) as Health[])
    .filter((key) => !counts.some(({ answer }) => answer === key))
    .map((key) => HEALTH[key]);
  if (context.brief.healthAsked || today)
    return {
      kind: "health",
      isOpen: known !== "",
      text: known || "Asked about health today: nothing said.",
    };
  return {
    kind: "health",
    isOpen: true,
    text: `${known ? `${known} ` : ""}Ask today: ${toAsk.join(", ")}.`,
  };
}

/** Who agreed to a child being painted, or that nobody has yet (SAFE-8). */
function consentNote({ person, brief, today }: LookContext): SafetyNote {
  const { consent } = brief;
  if (consent)
    return {
      kind: "consent",
      isOpen: false,
      text: `A child: ${consent.who} agreed ${consent.on === today ? "today" : `on ${consent.on}`}${consent.to ? `, to ${consent.to}` : ""}, and stays.`,
    };
  return {
    kind: "consent",
    isOpen: true,
    text: person.guardianConsent
      ? "A child: a parent agrees by the card. Ask who is here today, and to what."
      : "A child: no parent's or guardian's consent yet. Don't begin.",
  };
}

/** What to do when skin reacts: on every card, since it can't wait for a screen (SAFE-2). */
export const reactionPlan = ({ emergency }: StudioSettings): string =>
  `If it stings, itches or swells: stop, wash it off with water and mild soap, and keep the product to show. Not gone in an hour, or in the eye: a doctor. Trouble breathing, or face or lips swell: ring ${emergency} at once.`;

/**
 * What stands at the top of plan, chair, call sheet, card and every print, never only on screen:
 * allergies, what was said today, areas left bare, open patch tests, of a child the consent, and what to do when skin reacts.
 */
export function safetyNotes(stored: Look, context: LookContext): SafetyNote[] {
  const { person } = context;
  const look = touched(stored, context);
  const untested = untestedProducts(look, context);
  const unread = unreadProducts(look, context);
  const bare = [...leftBare(context)];
  const notes: (SafetyNote | false)[] = [
    {
      kind: "allergies",
      isOpen: false,
      text: person.allergies.length
        ? `Allergic to ${person.allergies.map((key) => ALLERGENS[key]).join(", ")}.`
        : "No allergies on the card: ask again today.",
    },
    healthNote(context),
    bare.length > 0 && { kind: "bare", isOpen: true, text: `Leave bare: ${zoneWords(bare)}.` },
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
    isChild(person) && consentNote(context),
    { kind: "reaction", isOpen: false, text: reactionPlan(context.studio) },
  ];
  return notes.filter((note): note is SafetyNote => note !== false);
}
