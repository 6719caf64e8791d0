import type { Spectrum } from "./spectrum";

/** A let-down swatch: one part of the paint in ten of white. */
export const LET_DOWN_WHITE_PARTS = 10;

/**
 * Scattering of a paint per band from two swatches, its masstone and 1 part of it in 10 of a white whose K and S are known.
 *
 * Per band the let-down's K/S = (Kp + 10 Kw) / (Sp + 10 Sw), and Kp = r Sp from the masstone, so Sp follows (the two-swatch method of
 * two-constant Kubelka-Munk colour matching; Duncan 1940). Bands where the let-down tells nothing, because the paint is as pale as the
 * white there or the swatches contradict each other, take the middle of the others, so S stays positive.
 * @param masstone K/S per band of the paint alone
 * @param letDown K/S per band of the let-down
 * @returns S in the white's own unit, or null when no band tells anything
 */
export function scatteringFromLetDown(
  masstone: Spectrum,
  letDown: Spectrum,
  white: { readonly k: Spectrum; readonly s: Spectrum },
): Spectrum | null {
  const found = Array.from(masstone, (paint, band) => {
    const mix = letDown[band] ?? 0;
    const S =
      (LET_DOWN_WHITE_PARTS * (mix * (white.s[band] ?? 0) - (white.k[band] ?? 0))) / (paint - mix);
    return paint > mix * 1.02 && S > 0 && Number.isFinite(S) ? S : null;
  });
  const told = found.filter((S): S is number => S !== null).sort((a, b) => a - b);
  const middle = told[Math.floor(told.length / 2)];
  // A tenfold spread between bands is noise in the swatches, not a pigment.
  return middle === undefined
    ? null
    : Float64Array.from(found, (value) =>
        Math.min(Math.max(value ?? middle, middle / 10), middle * 10),
      );
}
