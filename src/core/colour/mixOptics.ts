import type { PaintOptics } from "./paintOptics";
import { flat } from "./spectrum";

/**
 * A mix of paints: Kubelka-Munk two-constant theory (Duncan 1940), K and S add by parts.
 * @throws RangeError when there are no parts, or a negative or non-finite one, or all are zero
 */
export function mixOptics(parts: readonly { optics: PaintOptics; parts: number }[]): PaintOptics {
  const whole = parts.reduce((sum, part) => sum + part.parts, 0);
  if (!(whole > 0) || !Number.isFinite(whole) || parts.some((part) => !(part.parts >= 0)))
    throw new RangeError("a mix needs parts of zero or more, at least one of them above zero");
  const mix: PaintOptics = { k: flat(0), s: flat(0) };
  for (const {
    optics: { k, s },
    parts: amount,
  } of parts) {
    const share = amount / whole;
    for (let band = 0; band < k.length; band++) {
      mix.k[band] = (mix.k[band] as number) + (k[band] as number) * share;
      mix.s[band] = (mix.s[band] as number) + (s[band] as number) * share;
    }
  }
  return mix;
}
