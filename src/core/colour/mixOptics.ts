import type { PaintOptics } from "./paintOptics";
import { BANDS } from "./spectrum";

/**
 * A mix of paints: Kubelka-Munk two-constant theory (Duncan 1940), K and S add by parts.
 * @throws RangeError when there are no parts, or a negative or non-finite one, or all are zero
 */
export function mixOptics(parts: readonly { optics: PaintOptics; parts: number }[]): PaintOptics {
  let whole = 0;
  let fair = true;
  for (const { parts: amount } of parts) {
    whole += amount;
    fair &&= amount >= 0;
  }
  if (!(whole > 0) || !Number.isFinite(whole) || !fair)
    throw new RangeError("a mix needs parts of zero or more, at least one of them above zero");
  // The inner loop of every search for a mix: two arrays and no more.
  const k = new Float64Array(BANDS);
  const s = new Float64Array(BANDS);
  for (const { optics, parts: amount } of parts) {
    const share = amount / whole;
    const { k: ownK, s: ownS } = optics;
    for (let band = 0; band < k.length; band++) {
      k[band] = (k[band] as number) + (ownK[band] as number) * share;
      s[band] = (s[band] as number) + (ownS[band] as number) * share;
    }
  }
  return { k, s };
}
