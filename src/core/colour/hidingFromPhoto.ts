import { CARD } from "./paintOptics";

/** Light of a patch of a photograph, linear, 1 the brightest there can be; `spread` is its standard deviation, `clipped` the share of pixels at either end. */
export interface PatchLight {
  readonly y: number;
  readonly spread: number;
  readonly clipped: number;
}

/** sRGB to linear light (IEC 61966-2-1). */
const linear = (value: number) => {
  const part = value / 255;
  return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
};
const LINEAR = Float64Array.from({ length: 256 }, (_, value) => linear(value));
/** Pixels this near to black or white may have been cut off. */
const [DARKEST, BRIGHTEST] = [3, 252];

/**
 * Mean luminance of some pixels in linear light.
 * @param pixels RGBA, 8 bits each, sRGB
 * @throws RangeError where there are none
 */
export function patchLight(pixels: Uint8ClampedArray): PatchLight {
  const count = Math.floor(pixels.length / 4);
  if (count < 1) throw new RangeError("a patch has no pixels");
  let [sum, squares, clipped] = [0, 0, 0];
  for (let i = 0; i < count; i++) {
    const [r, g, b] = [
      pixels[4 * i] as number,
      pixels[4 * i + 1] as number,
      pixels[4 * i + 2] as number,
    ];
    const y =
      0.2126 * (LINEAR[r] as number) +
      0.7152 * (LINEAR[g] as number) +
      0.0722 * (LINEAR[b] as number);
    sum += y;
    squares += y * y;
    if (Math.max(r, g, b) >= BRIGHTEST || Math.max(r, g, b) <= DARKEST) clipped++;
  }
  const y = sum / count;
  return { y, spread: Math.sqrt(Math.max(0, squares / count - y * y)), clipped: clipped / count };
}

export interface PhotographedCard {
  readonly overWhite: PatchLight;
  readonly overBlack: PatchLight;
  /** The bare card beside the paint: with both, haze and exposure are taken out. */ readonly white?: PatchLight;
  readonly black?: PatchLight;
}
export interface PhotographedHiding {
  readonly contrastRatio: number;
  readonly warnings: readonly string[];
}

/** Of more pixels cut off, or a wider scatter against its mean, a patch is told. Common practice, no published source. */
const [MOST_CLIPPED, MOST_SPREAD] = [0.02, 0.12];

/**
 * Hiding of a coat on a card that is half black, half white: luminance over black by luminance over white (ISO 6504-3, contrast ratio).
 * @returns 0-1, with what speaks against the photograph
 * @throws RangeError where the patches can't be those of one card
 */
export function hidingFromPhoto({
  overWhite,
  overBlack,
  white,
  black,
}: PhotographedCard): PhotographedHiding {
  const bare = white && black;
  if (bare && !(white.y > black.y * 1.5))
    throw new RangeError("the bare white has to be much lighter than the bare black");
  const reflectance = ({ y }: PatchLight) =>
    bare ? CARD.black + ((y - black.y) / (white.y - black.y)) * (CARD.white - CARD.black) : y;
  const [light, dark] = [reflectance(overWhite), reflectance(overBlack)];
  if (!(light > 0) || !(dark > 0))
    throw new RangeError("the paint is darker than the bare black: the patches may be mixed up");
  if (dark > light * 1.05)
    throw new RangeError(
      "the paint over black is lighter than over white: the patches may be mixed up",
    );
  const all = [overWhite, overBlack, ...(bare ? [white, black] : [])];
  const warnings = [
    ...(all.some(({ clipped }) => clipped > MOST_CLIPPED)
      ? ["part of it is too bright or too dark for the camera: expose it otherwise"]
      : []),
    ...(all.some(({ y, spread }) => spread > Math.max(0.01, y * MOST_SPREAD))
      ? ["a patch is uneven: mark a smaller one, without brush marks or shine"]
      : []),
    ...(bare
      ? []
      : ["without the bare card beside it, haze in the picture makes it hide too well"]),
  ];
  return { contrastRatio: Math.min(0.995, Math.max(0.02, Math.min(1, dark / light))), warnings };
}
