/** Radiance or reflectance at 41 bands, 380 to 780 nm in steps of 10 nm. */
export type Spectrum = Float64Array;

export const FIRST_NM = 380;
export const STEP_NM = 10;
export const BANDS = 41;

/** A spectrum with a value for each band, computed from its wavelength in nm. */
export function spectrum(at: (nm: number, band: number) => number): Spectrum {
  return Float64Array.from({ length: BANDS }, (_, band) => at(FIRST_NM + band * STEP_NM, band));
}

/** The same value in every band. */
export function flat(value: number): Spectrum {
  return new Float64Array(BANDS).fill(value);
}
