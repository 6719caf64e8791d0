import { D65_POWER } from "./d65";
import { spectrum, type Spectrum } from "./spectrum";

/** The lights a face can be seen under. A new lamp is one line here. */
export type LampKey = "D65" | "A";

/** Relative power of CIE illuminant A at 100 for 560 nm: the defining formula of CIE 15, whose 2848 K with the c2 of its day is 2856 K now. */
function illuminantA(nm: number): number {
  const c2OverT = 1.435e7 / 2848;
  return 100 * (560 / nm) ** 5 * (Math.expm1(c2OverT / 560) / Math.expm1(c2OverT / nm));
}

export const LAMPS: Readonly<Record<LampKey, Spectrum>> = {
  D65: Float64Array.from(D65_POWER),
  A: spectrum(illuminantA),
};
