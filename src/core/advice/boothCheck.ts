import { HEALTH, type Health } from "../brief";
import { ALLERGENS, PAINT_TYPE_KEYS, type Allergen, type PaintTypeKey } from "../paint";
import { isChild, isSmall, isTooSmall } from "../people";
import { mayHoldKind } from "../look";

/** What one asks of each who sits down at a booth, before the first stroke. */
export interface BoothAnswers {
  readonly ageYears: number;
  readonly allergies: readonly Allergen[];
  readonly health: readonly Health[];
  /** A parent or guardian is there and agrees; of a grown-up nobody asks. */
  readonly consent: boolean;
}

/** paint: go on. small: a small design on cheek or hand, no more. wait: not before somebody has agreed. */
export interface BoothVerdict {
  readonly may: "paint" | "small" | "wait";
  readonly why: readonly string[];
  /** Paint types that stay in the case: too strong for the age, or usually with what they are allergic to. */
  readonly leaveOut: readonly PaintTypeKey[];
}

const SAYS: Readonly<Partial<Record<Health, string>>> = {
  asthma: "No spray, no loose powder, no solvent near them.",
  pregnancy: "Only what its label allows, and no solvent.",
  brokenSkin: "Not where it is sore: another place, or another day.",
  sunburn: "Not where it is burnt: another place, or another day.",
  coldSore: "Nothing on the lips or near them; a sponge of its own, thrown away after.",
  eyeInfection: "Nothing round the eyes; a brush of its own, washed at once.",
  peel: "The skin is thin: the hand rather than the face.",
  lenses: "No loose glitter or powder near the eyes.",
};

/**
 * What a booth may do for somebody, by four answers: by the same rules of age and allergens as every look.
 *
 * @see SAFE-2, SAFE-8, SAFE-12 to SAFE-14, common practice, no published source; the label, local rules and a doctor decide
 */
export function boothCheck({ ageYears, allergies, health, consent }: BoothAnswers): BoothVerdict {
  const who = { ageYears };
  const mustWait = isChild(who) && !consent;
  const why: (string | false | undefined)[] = [
    mustWait && "A parent or guardian has to be here and agree first.",
    isTooSmall(who) && "Under three: a small design on the cheek or the back of the hand, no more.",
    isSmall(who) && !isTooSmall(who) && "Under twelve: water colour, powder and pencil only.",
    ...health.map((answer) => SAYS[answer] ?? HEALTH[answer]),
    allergies.length > 0 &&
      `Read the label for ${allergies.map((one) => ALLERGENS[one]).join(", ")} before anything goes on.`,
  ];
  return {
    may: mustWait ? "wait" : isTooSmall(who) ? "small" : "paint",
    why: why.filter((line): line is string => Boolean(line)),
    leaveOut: PAINT_TYPE_KEYS.filter(
      (key) => !mayHoldKind(key, { ageYears, allergies: [...allergies] }),
    ),
  };
}
