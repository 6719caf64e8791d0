import { mixedLab } from "./mixedLab";
import { rememberBy } from "../remember";
import { deltaE00 } from "./difference";
import { filmBand } from "./film";
import type { Lab } from "./lab";
import { LET_DOWN_WHITE_PARTS, scatteringFromLetDown } from "./letDown";
import { luminanceFactor } from "./labFromReflectance";
import { reflectanceFromLab } from "./reflectanceFromLab";
import { flat, type Spectrum } from "./spectrum";

/** Kubelka-Munk absorption k and scattering s per band, for one reference film (film = 1). */
export type PaintOptics = { k: Spectrum; s: Spectrum };

// A draw-down card: the grounds of ISO 6504-3, black Y about 1 or less and white Y about 80.
export const CARD = { black: 0.005, white: 0.8 } as const;
const CARD_BLACK = flat(CARD.black);
const CARD_WHITE = flat(CARD.white);

/** Contrast ratio of a film over a black and white card, Y over black / Y over white (ISO 6504-3; the idea of ASTM D2805). */
export function contrastRatio(optics: PaintOptics, film = 1): number {
  const over = (ground: Spectrum) =>
    luminanceFactor(
      optics.k.map((K, band) => filmBand(K, optics.s[band] ?? 0, film, ground[band] ?? 0)),
    );
  return over(CARD_BLACK) / over(CARD_WHITE);
}

/** Absorption over scattering from the reflectance of a thick film: (1-R)^2 / 2R. */
const ratioOf = (reflectance: Spectrum): Spectrum =>
  reflectance.map((value) => {
    const r = Math.min(Math.max(value, 1e-4), 1 - 1e-6);
    return (1 - r) ** 2 / (2 * r);
  });

/** The natural logarithm of the factor on K and S at which one reference film has this contrast ratio; by bisection. */
function logScale(ratio: Spectrum, S: Spectrum, hiding: number): number {
  let low = -14;
  let high = 10;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (contrastRatio(scaled(ratio, S, Math.exp(middle))) < hiding) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

const scaled = (ratio: Spectrum, S: Spectrum, factor: number): PaintOptics => ({
  k: ratio.map((value, band) => value * (S[band] ?? 0) * factor),
  s: S.map((value) => value * factor),
});

/** What can be seen of a paint: a thick film, the contrast ratio of one film, and if swatched, 1 part of it in 10 of white. */
export interface Swatched {
  readonly masstone: Lab;
  readonly hiding: number;
  readonly letDown?: Lab;
}

/** The white that let-downs are made with: strong, opaque, nearly neutral. Common practice, no published source. */
export const LET_DOWN_WHITE: Swatched = { masstone: [96, 0, 2], hiding: 0.9 };

/** A let-down that level scattering explains this well says no more than how strong the paint is, dE00. Common practice, no published source. */
const EXPLAINED = 1;

/** Colour of 1 part in 10 of the let-down white. */
function letDownColour(optics: PaintOptics): Lab {
  return mixedLab([
    { optics, parts: 1 },
    { optics: paintOptics(LET_DOWN_WHITE), parts: LET_DOWN_WHITE_PARTS },
  ]);
}

interface Fitted {
  readonly optics: PaintOptics;
  readonly tint: number;
  readonly away: number;
}

/** The strength at which a paint of this scattering comes nearest to its let-down: golden section over the logarithm. */
function fitStrength(ratio: Spectrum, shape: Spectrum, hiding: number, letDown: Lab): Fitted {
  const optics = scaled(ratio, shape, Math.exp(logScale(ratio, shape, hiding)));
  const at = (log: number) => {
    const t = Math.exp(log);
    return deltaE00(letDownColour(times(optics, t)), letDown);
  };
  let [low, high] = [Math.log(TINT_LIMITS[0]), Math.log(TINT_LIMITS[1])];
  for (let i = 0; i < 40; i++) {
    const [a, b] = [high - (high - low) * GOLDEN, low + (high - low) * GOLDEN];
    if (at(a) < at(b)) high = b;
    else low = a;
  }
  const best = (low + high) / 2;
  return { optics, tint: Math.exp(best), away: at(best) };
}
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Paints whose optics are remembered. */
const MOST_KNOWN = 5000;

/** K, S and strength from both swatches: level scattering where that explains the let-down, else fitted per band ({@link scatteringFromLetDown}). */
const fromBothSwatches = rememberBy(
  MOST_KNOWN,
  ({ masstone, hiding, letDown }: Required<Swatched>) =>
    [...masstone, hiding, ...letDown].join(","),
  ({ masstone, hiding, letDown }): Fitted => {
    const ratio = ratioOf(reflectanceFromLab(masstone));
    const level = fitStrength(ratio, flat(1), hiding, letDown);
    const S =
      level.away > EXPLAINED
        ? scatteringFromLetDown(
            ratio,
            ratioOf(reflectanceFromLab(letDown)),
            paintOptics(LET_DOWN_WHITE),
          )
        : null;
    const banded = S && fitStrength(ratio, S, hiding, letDown);
    return banded && banded.away < level.away ? banded : level;
  },
);

/**
 * K and S of a paint from what a painter can see of it.
 *
 * K/S = (1-R)^2 / 2R per band from the masstone. Without a let-down S is one number over the spectrum; with one, K and S are fitted
 * separately per band ({@link scatteringFromLetDown}). Either way S is scaled so that the reference film has the contrast ratio `hiding`;
 * `tint` then multiplies both, so a strong pigment outweighs its parts in a mix. (A product's own film is best computed with tint 1,
 * for which `hiding` is exactly what its card says.) Results are shared between callers: treat them as read-only.
 * @param p.masstone colour of a thick film
 * @param p.hiding contrast ratio of film 1, above 0 and below 1
 * @param p.tint tinting strength, 1 by default
 * @param p.letDown colour of 1 part in 10 of {@link LET_DOWN_WHITE}, when somebody has swatched it
 * @throws RangeError when hiding or tint lie outside their range
 */
export function paintOptics(p: Swatched & { readonly tint?: number }): PaintOptics {
  const { masstone, hiding, tint = 1, letDown } = p;
  if (!(hiding > 0 && hiding < 1))
    throw new RangeError(`hiding must lie between 0 and 1, not ${hiding}`);
  if (!(tint > 0) || !Number.isFinite(tint))
    throw new RangeError(`tint must be more than 0, not ${tint}`);
  return opticsBy({ masstone, hiding, tint, ...(letDown && { letDown }) });
}

const opticsBy = rememberBy(
  MOST_KNOWN,
  ({ masstone, hiding, tint, letDown }: Swatched & { readonly tint: number }) =>
    [...masstone, hiding, tint, ...(letDown ?? [])].join(","),
  ({ masstone, hiding, tint, letDown }): PaintOptics =>
    letDown
      ? times(fromBothSwatches({ masstone, hiding, letDown }).optics, tint)
      : levelOptics(masstone, hiding, tint),
);

/** Tinting strengths anybody may give or that are read from a swatch. */
export const TINT_LIMITS = [0.1, 10] as const;

function levelOptics(masstone: Lab, hiding: number, tint: number): PaintOptics {
  const ratio = ratioOf(reflectanceFromLab(masstone));
  return scaled(ratio, flat(1), Math.exp(logScale(ratio, flat(1), hiding)) * tint);
}

const times = ({ k, s }: PaintOptics, factor: number): PaintOptics => ({
  k: k.map((value) => value * factor),
  s: s.map((value) => value * factor),
});

/** A paint as pale as the white it was let down in tells nothing of its strength, dE00. */
const TELLS = 3;

/** How strongly a paint tints, read from its let-down: the strength at which the mix comes out as swatched. Within 0.1 to 10; 1 when the let-down tells nothing. */
export function tintOfLetDown(p: Required<Swatched>): number {
  if (deltaE00(p.masstone, LET_DOWN_WHITE.masstone) < TELLS) return 1;
  return fromBothSwatches(p).tint;
}
