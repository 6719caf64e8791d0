import type { PersonFields } from "./person";

/** Years from which somebody is no child, and from which more than a small cheek design is painted on one (SAFE-8). Common practice, no published source. */
const [ADULT, OLD_ENOUGH] = [16, 3];

/** A child: a parent or guardian is asked (SAFE-8). */
export const isChild = ({ ageYears }: Pick<PersonFields, "ageYears">): boolean => ageYears < ADULT;

/** Younger than this, only what SAFE-14 lists goes on skin; from then until grown up it is a caution. */
const SMALL_UNTIL = 12;

/** Young enough that only mild, cosmetic, water-based paint goes on their skin (SAFE-14). */
export const isSmall = ({ ageYears }: Pick<PersonFields, "ageYears">): boolean =>
  ageYears < SMALL_UNTIL;

/** Too small for face paint (SAFE-8). */
export const isTooSmall = ({ ageYears }: Pick<PersonFields, "ageYears">): boolean =>
  ageYears < OLD_ENOUGH;

/** Shown in a plain fitted suit, and painted only where it leaves skin bare (SAFE-16). Common practice, no published source. */
export const wearsSuit = ({ ageYears }: Pick<PersonFields, "ageYears">): boolean => ageYears < 18;
