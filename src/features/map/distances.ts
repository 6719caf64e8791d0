/** Stops of the From switch: it moves evenly by proportion, since that is how sight falls off. */
const NEAREST_M = 0.6;
export const STEPS = 200;

/** Metres at a place of the slider, 0 to {@link STEPS}, up to a farthest seat. */
export const metresAt = (place: number, farthestM: number): number =>
  NEAREST_M * (Math.max(farthestM, 1.2) / NEAREST_M) ** (place / STEPS);
/** The slider's place for a distance. */
export const placeOf = (metres: number, farthestM: number): number =>
  Math.round(
    (STEPS * Math.log(Math.max(1, metres / NEAREST_M))) /
      Math.log(Math.max(farthestM, 1.2) / NEAREST_M),
  );

export function metresWords(metres: number): string {
  if (metres <= NEAREST_M + 1e-6) return "mirror, 0.6 m";
  return `${metres < 10 ? Math.round(metres * 10) / 10 : Math.round(metres)} m`;
}
