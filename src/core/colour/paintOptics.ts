import { filmBand } from "./film";
import type { Lab } from "./lab";
import { luminanceFactor } from "./labFromReflectance";
import { reflectanceFromLab } from "./reflectanceFromLab";
import { flat, type Spectrum } from "./spectrum";

/** Kubelka-Munk absorption k and scattering s per band, for one reference film (film = 1). */
export type PaintOptics = { k: Spectrum; s: Spectrum };

// A draw-down card: the grounds of ISO 6504-3, black Y about 1 or less and white Y about 80.
const CARD_BLACK = flat(0.005);
const CARD_WHITE = flat(0.8);

/** Contrast ratio of a film over a black and white card, Y over black / Y over white (ISO 6504-3; the idea of ASTM D2805). */
export function contrastRatio(optics: PaintOptics, film = 1): number {
  const over = (ground: Spectrum) => luminanceFactor(optics.k.map((K, band) => filmBand(K, optics.s[band] ?? 0, film, ground[band] ?? 0)));
  return over(CARD_BLACK) / over(CARD_WHITE);
}

/**
 * K and S of a paint from what a painter can see of it.
 *
 * K/S = (1-R)^2 / 2R per band from the masstone; S is one number over the spectrum, found so that the reference film has the
 * contrast ratio `hiding`; `tint` then multiplies both, so a strong pigment outweighs its parts in a mix. (A product's own film
 * is best computed with tint 1, for which `hiding` is exactly what its card says.) Results are shared between callers: treat them as
 * read-only.
 * @param p.masstone colour of a thick film
 * @param p.hiding contrast ratio of film 1, above 0 and below 1
 * @param p.tint tinting strength, 1 by default
 * @throws RangeError when hiding or tint lie outside their range
 */
export function paintOptics(p: { masstone: Lab; hiding: number; tint?: number }): PaintOptics {
  const { masstone, hiding, tint = 1 } = p;
  if (!(hiding > 0 && hiding < 1)) throw new RangeError(`hiding must lie between 0 and 1, not ${hiding}`);
  if (!(tint > 0) || !Number.isFinite(tint)) throw new RangeError(`tint must be more than 0, not ${tint}`);
  const key = [...masstone, hiding, tint].join(",");
  const known = cache.get(key);
  if (known) return known;
  const ratio = reflectanceFromLab(masstone).map((value) => {
    const r = Math.min(Math.max(value, 1e-4), 1 - 1e-6);
    return (1 - r) ** 2 / (2 * r);
  });
  const withScatter = (S: number): PaintOptics => ({ k: ratio.map((value) => value * S), s: flat(S) });
  let low = -14;
  let high = 10;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (contrastRatio(withScatter(Math.exp(middle))) < hiding) low = middle;
    else high = middle;
  }
  const optics = withScatter(Math.exp((low + high) / 2) * tint);
  if (cache.size >= CACHE_LIMIT) cache.delete(cache.keys().next().value ?? "");
  cache.set(key, optics);
  return optics;
}

const cache = new Map<string, PaintOptics>();
const CACHE_LIMIT = 5000;
