import { masstoneLab } from "./mixedLab";
import { deltaE00 } from "./difference";
import { filmReflectance } from "./film";
import type { Lab } from "./lab";
import { labFromReflectance } from "./labFromReflectance";
import type { PaintOptics } from "./paintOptics";
import type { Spectrum } from "./spectrum";

/**
 * How many coats until the ground no longer shows: the first whose colour is within `tolerance` of the masstone.
 * @param o.filmPerCoat reference films a coat lays, 1 by default
 * @param o.tolerance dE00, 2 by default (two small steps: hard to see away from a sharp edge; common practice, no published source)
 * @param o.maxCoats where to stop trying, 8 by default
 * @returns `coats` (maxCoats when not reached), `reached`, and `after`: the colour after each coat, the first coat first
 * @throws RangeError when an option is not above zero
 */
export function coatsToCover(
  optics: PaintOptics,
  ground: Spectrum,
  o: { filmPerCoat?: number; tolerance?: number; maxCoats?: number } = {},
): { coats: number; reached: boolean; after: Lab[] } {
  const { filmPerCoat = 1, tolerance = 2, maxCoats = 8 } = o;
  if (!(filmPerCoat > 0) || !(tolerance > 0) || !(maxCoats >= 1))
    throw new RangeError("film per coat, tolerance and most coats must be above zero");
  const masstone = masstoneLab(optics);
  const after: Lab[] = [];
  for (let coat = 1; coat <= maxCoats; coat++) {
    const lab = labFromReflectance(filmReflectance(optics, filmPerCoat * coat, ground));
    after.push(lab);
    if (deltaE00(lab, masstone) <= tolerance) return { coats: coat, reached: true, after };
  }
  return { coats: after.length, reached: false, after };
}
