/** From the child of seven whose measures are known to the grown, years. */
const [SEVEN, GROWN] = [7, 18];
/** The youngest that is measured or painted: below, nothing is drawn smaller. */
const YOUNGEST = 3;

/**
 * How much of a child somebody is: 1 at seven, 0 grown, in between and down to three in proportion (from three to six more than 1).
 * Faces grow nearly evenly over these years (Farkas 1994, from memory).
 * @throws RangeError for a negative age
 */
export function childhood(ageYears: number): number {
  if (!(ageYears >= 0)) throw new RangeError(`age must be zero or more, not ${ageYears}`);
  return (GROWN - Math.min(GROWN, Math.max(YOUNGEST, ageYears))) / (GROWN - SEVEN);
}

/** The same where nothing is known of those under seven: they count as seven. */
export const childhoodFromSeven = (ageYears: number): number => Math.min(1, childhood(ageYears));

/** A face of seven, both sexes, mm: Farkas 1994, from memory; the hairline from memory, no published source. */
export const FACE_OF_SEVEN = {
  faceLength: 98,
  faceWidth: 118,
  jawWidth: 93,
  hairlineHeight: 57,
  pupilDistance: 54,
  mouthWidth: 42.5,
} as const;

/** What at seven is larger or smaller against the breadth of the face than it is on a grown one: head 142 mm broad, neck 77, wings of the nose 28.5 on a face of 118 (Farkas 1994, from memory). */
export const AGAINST_FACE_OF_SEVEN = { skull: 1.12, neck: 0.86, nose: 0.9 } as const;
