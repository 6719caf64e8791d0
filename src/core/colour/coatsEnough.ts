import { contentDeltaE } from "./difference";
import { filmReflectance } from "./film";
import { labFromReflectance } from "./labFromReflectance";
import { masstoneLab } from "./mixedLab";
import type { PaintOptics } from "./paintOptics";
import type { Spectrum } from "./spectrum";

/** A hand lays between so much and so much of the film it means to. Common practice, no published source. */
const [THIN, THICK] = [0.6, 1.4];
/** Streaks this far apart are no longer seen, nor a mean this near to the paint itself, dE00 with lightness forgiven: so that a usual white takes one coat on very light skin and two on any other. Common practice, no published source. */
const [STREAK, NEAR] = [3.4, 4.4];

/**
 * How many coats until a painter is content: until the thin places and the thick ones of a coat look alike and all of it is near the paint's own
 * colour. Less strict than {@link coatsToCover}, which asks for no ground at all.
 * @param o.filmPerCoat reference films a coat lays, 1 by default
 * @param o.maxCoats where to stop, 8 by default
 * @param o.lines drawn as thin strokes, in which no streak is seen: the mean alone decides
 * @throws RangeError when an option is not above zero
 */
export function coatsEnough(
  optics: PaintOptics,
  ground: Spectrum,
  o: { filmPerCoat?: number; maxCoats?: number; lines?: boolean } = {},
): { coats: number; reached: boolean } {
  const { filmPerCoat = 1, maxCoats = 8, lines = false } = o;
  if (!(filmPerCoat > 0) || !(maxCoats >= 1))
    throw new RangeError("film per coat and most coats must be above zero");
  const masstone = masstoneLab(optics);
  const lab = (film: number) => labFromReflectance(filmReflectance(optics, film, ground));
  for (let coats = 1; coats <= maxCoats; coats++) {
    const film = filmPerCoat * coats;
    if (
      contentDeltaE(lab(film), masstone) <= NEAR &&
      (lines || contentDeltaE(lab(film * THIN), lab(film * THICK)) < STREAK)
    )
      return { coats, reached: true };
  }
  return { coats: maxCoats, reached: false };
}
