import { deltaE00 } from "./difference";
import { filmReflectance } from "./film";
import { labFromReflectance } from "./labFromReflectance";
import type { PaintOptics } from "./paintOptics";
import type { Spectrum } from "./spectrum";

/** A paint that may go under the base, with the film of one of its coats. */
export interface Undercoat {
  readonly optics: PaintOptics;
  readonly filmPerCoat: number;
}

export interface HiddenUnder {
  /** Coats of the corrector, then of the concealer. */
  readonly corrector: number;
  readonly concealer: number;
  /** dE00 between the base over what is hidden and the base beside it. */
  readonly deltaE: number;
  readonly reached: boolean;
}

/** A coloured patch is hidden when it differs by no more than this from what lies beside it; the same dE00 that counts as covered. */
const HIDDEN = 2;
/** Coats of one undercoat that still stay smooth. Common practice, no published source. */
const MOST = 3;

/**
 * What it takes to hide a dark patch (a brow, a shadow, a tattoo) under a base: the fewest coats of corrector and concealer after which the
 * base looks the same over the patch as beside it (BROW-3). Every count of both is tried.
 * @param o.patch reflectance of what is to vanish, o.beside of the skin next to it
 * @param o.baseFilm reference films of the base in all
 */
export function hideUnder(o: {
  patch: Spectrum;
  beside: Spectrum;
  base: PaintOptics;
  baseFilm: number;
  corrector: Undercoat | null;
  concealer: Undercoat | null;
}): HiddenUnder {
  const { patch, beside, base, baseFilm, corrector, concealer } = o;
  const wanted = labFromReflectance(filmReflectance(base, baseFilm, beside));
  const counts = (undercoat: Undercoat | null) =>
    Array.from({ length: undercoat ? MOST + 1 : 1 }, (_, n) => n);
  const over = (undercoat: Undercoat | null, coats: number, ground: Spectrum) =>
    undercoat && coats
      ? filmReflectance(undercoat.optics, undercoat.filmPerCoat * coats, ground)
      : ground;
  const tries = counts(corrector).flatMap((first) =>
    counts(concealer).map((second): HiddenUnder => {
      const ground = over(concealer, second, over(corrector, first, patch));
      const deltaE = deltaE00(labFromReflectance(filmReflectance(base, baseFilm, ground)), wanted);
      return { corrector: first, concealer: second, deltaE, reached: deltaE <= HIDDEN };
    }),
  );
  const coats = ({ corrector: first, concealer: second }: HiddenUnder) => first + second;
  const enough = tries
    .filter(({ reached }) => reached)
    .sort((a, b) => coats(a) - coats(b) || a.deltaE - b.deltaE);
  return enough[0] ?? (tries.sort((a, b) => a.deltaE - b.deltaE)[0] as HiddenUnder);
}
