import type { Lab } from "./lab";
import { labFromXyz, xyzWeights } from "./labFromReflectance";
import type { PaintOptics } from "./paintOptics";
import { BANDS } from "./spectrum";

const { x, y, z, white } = xyzWeights("D65");
/** Sums of one call, used again by the next: nothing keeps them. */
const [K, S] = [new Float64Array(BANDS), new Float64Array(BANDS)];

/**
 * The colour of a thick film of a mix: what `labFromReflectance(masstoneReflectance(mixOptics(parts)))` gives, in one pass over the bands
 * and without a spectrum in between, which is what most of the time went into.
 *
 * @throws RangeError when there are no parts, or a negative or non-finite one, or all are zero
 */
export function mixedLab(parts: readonly { optics: PaintOptics; parts: number }[]): Lab {
  let whole = 0;
  for (const { parts: amount } of parts) {
    if (!(amount >= 0)) whole = NaN;
    whole += amount;
  }
  if (!(whole > 0) || !Number.isFinite(whole))
    throw new RangeError("a mix needs parts of zero or more, at least one of them above zero");
  // Parts of a whole would cancel out: K/S alone decides.
  K.fill(0);
  S.fill(0);
  for (const { optics, parts: amount } of parts) {
    const { k, s } = optics;
    for (let band = 0; band < K.length; band++) {
      K[band] = (K[band] as number) + (k[band] as number) * amount;
      S[band] = (S[band] as number) + (s[band] as number) * amount;
    }
  }
  let X = 0;
  let Y = 0;
  let Z = 0;
  for (let band = 0; band < K.length; band++) {
    const ratio = (K[band] as number) / (S[band] as number);
    const r =
      (S[band] as number) > 0
        ? 1 + ratio - Math.sqrt(ratio * (ratio + 2))
        : (K[band] as number) > 0
          ? 0
          : 1;
    X += (x[band] as number) * r;
    Y += (y[band] as number) * r;
    Z += (z[band] as number) * r;
  }
  return labFromXyz([X, Y, Z], white);
}

/** The colour of a thick film of one paint. */
export const masstoneLab = (optics: PaintOptics): Lab => mixedLab([{ optics, parts: 1 }]);
