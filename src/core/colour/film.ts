import type { PaintOptics } from "./paintOptics";
import { BANDS, type Spectrum } from "./spectrum";

/** One band: reflectance of a film of absorption K and scattering S (per unit film) over a ground of reflectance `under`. */
export function filmBand(K: number, S: number, film: number, under: number): number {
  if (film === 0) return under;
  const depth = S * film;
  if (depth < 1e-9) return under * Math.exp(-2 * K * film);
  if (K < 1e-12) return (under + (1 - under) * depth) / (1 + (1 - under) * depth);
  const a = 1 + K / S;
  const b = Math.sqrt((K / S) * (K / S + 2));
  const optical = b * depth;
  const coth = optical > 350 ? 1 : 1 / Math.tanh(optical);
  const value = (1 - under * (a - b * coth)) / (a - under + b * coth);
  return Math.min(1, Math.max(0, value));
}

/**
 * Reflectance of a dry paint film over any ground: the hyperbolic solution of Kubelka & Munk (Kubelka 1948, eq. for R).
 * @param film thickness in reference films (see {@link PaintOptics}); 0 gives the ground, a thick one the masstone
 * @throws RangeError on a negative or non-finite film
 */
export function filmReflectance(optics: PaintOptics, film: number, ground: Spectrum): Spectrum {
  if (!(film >= 0) || !Number.isFinite(film))
    throw new RangeError(`film must be zero or more, not ${film}`);
  const result = new Float64Array(BANDS);
  for (let band = 0; band < BANDS; band++)
    result[band] = filmBand(optics.k[band] ?? 0, optics.s[band] ?? 0, film, ground[band] ?? 0);
  return result;
}

/**
 * Share of the light of each band that comes through a film: Kubelka & Munk (Kubelka 1948, eq. for T).
 * @param film thickness in reference films; 0 lets all through
 * @throws RangeError on a negative or non-finite film
 */
export function filmTransmittance({ k, s }: PaintOptics, film: number): Spectrum {
  if (!(film >= 0) || !Number.isFinite(film))
    throw new RangeError(`film must be zero or more, not ${film}`);
  const result = new Float64Array(BANDS);
  for (let band = 0; band < BANDS; band++) {
    const [K, S] = [k[band] as number, s[band] as number];
    const depth = S * film;
    if (depth < 1e-9) result[band] = Math.exp(-K * film);
    else if (K < 1e-12) result[band] = 1 / (1 + depth);
    else {
      const a = 1 + K / S;
      const b = Math.sqrt((K / S) * (K / S + 2));
      const optical = b * depth;
      result[band] = optical > 350 ? 0 : b / (a * Math.sinh(optical) + b * Math.cosh(optical));
    }
  }
  return result;
}

/** Reflectance of a film so thick that the ground no longer shows: R = 1 + K/S - sqrt((K/S)^2 + 2 K/S). */
export function masstoneReflectance(optics: PaintOptics): Spectrum {
  const result = new Float64Array(BANDS);
  const { k, s } = optics;
  for (let band = 0; band < result.length; band++) {
    const K = k[band] as number;
    const S = s[band] as number;
    const ratio = K / S;
    result[band] = S > 0 ? 1 + ratio - Math.sqrt(ratio * (ratio + 2)) : K > 0 ? 0 : 1;
  }
  return result;
}
