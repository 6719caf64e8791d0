import { formatHex } from "culori";
import { hexToLab } from "./lab";
import { CARD, tintOfLetDown } from "./paintOptics";

type Rgb = readonly [r: number, g: number, b: number];

/** Light of a patch of a photograph, linear, 1 the brightest there can be; `spread` is its standard deviation, `clipped` the share of pixels at either end. */
export interface PatchLight {
  readonly y: number;
  readonly rgb: Rgb;
  readonly spread: number;
  readonly clipped: number;
}

/** sRGB to linear light (IEC 61966-2-1). */
const linear = (value: number) => {
  const part = value / 255;
  return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
};
const LINEAR = Float64Array.from({ length: 256 }, (_, value) => linear(value));
/** Luminance of linear sRGB (IEC 61966-2-1). */
const luminanceOf = ([r, g, b]: Rgb) => 0.2126 * r + 0.7152 * g + 0.0722 * b;
/** Pixels this near to black or white may have been cut off. */
const [DARKEST, BRIGHTEST] = [3, 252];

/**
 * Mean light of some pixels, linear.
 * @param pixels RGBA, 8 bits each, sRGB
 * @throws RangeError where there are none
 */
export function patchLight(pixels: Uint8ClampedArray): PatchLight {
  const count = Math.floor(pixels.length / 4);
  if (count < 1) throw new RangeError("a patch has no pixels");
  let [squares, clipped] = [0, 0];
  const sums = [0, 0, 0];
  for (let i = 0; i < count; i++) {
    const at = [0, 1, 2].map((channel) => pixels[4 * i + channel] as number);
    const light = at.map((value) => LINEAR[value] as number) as unknown as Rgb;
    light.forEach((value, channel) => (sums[channel] = (sums[channel] as number) + value));
    squares += luminanceOf(light) ** 2;
    if (Math.max(...at) >= BRIGHTEST || Math.max(...at) <= DARKEST) clipped++;
  }
  const rgb = sums.map((sum) => sum / count) as unknown as Rgb;
  const y = luminanceOf(rgb);
  const spread = Math.sqrt(Math.max(0, squares / count - y * y));
  return { y, rgb, spread, clipped: clipped / count };
}

/** What a card shows: one usual coat over its white and its black half, and what else was laid beside it. */
export interface PhotographedCard {
  readonly overWhite: PatchLight;
  readonly overBlack: PatchLight;
  /** The bare card beside the paint: with both, haze, exposure and the colour of the light are taken out. */
  readonly white?: PatchLight;
  readonly black?: PatchLight;
  /** So thick that nothing of the card shows: the colour itself. Only with the bare card. */
  readonly thick?: PatchLight;
  /** One part in ten of a strong white, thick: how it tints. Only with the thick stroke. */
  readonly letDown?: PatchLight;
}
export interface ReadSwatches {
  readonly contrastRatio: number;
  /** sRGB, balanced by the bare card; null where no thick stroke was laid. */
  readonly colour: string | null;
  readonly letDown: string | null;
  /** Strength in a mix, 0.1 to 10. */
  readonly tint: number | null;
  readonly warnings: readonly string[];
}

/** Of more pixels cut off, or a wider scatter against its mean, a patch is told. Common practice, no published source. */
const [MOST_CLIPPED, MOST_SPREAD] = [0.02, 0.12];

/** Light as a share of what falls on the card, channel by channel: a grey card stays grey whatever the lamp. */
function balanced({ rgb }: PatchLight, white: PatchLight, black: PatchLight): Rgb {
  return rgb.map((value, channel) => {
    const [low, high] = [black.rgb[channel] as number, white.rgb[channel] as number];
    const share = (value - low) / Math.max(1e-6, high - low);
    return CARD.black + share * (CARD.white - CARD.black);
  }) as unknown as Rgb;
}

const hexOfLight = (light: Rgb): string => {
  const [r, g, b] = light.map((value) => Math.min(1, Math.max(0, value)));
  return formatHex({ mode: "lrgb", r: r ?? 0, g: g ?? 0, b: b ?? 0 });
};

/**
 * What strokes of a paint on a card that is half black, half white tell: hiding of one coat as luminance over black by luminance over white
 * (ISO 6504-3, contrast ratio), the colour of a thick stroke, and by one part of it in ten of white how it tints.
 * @returns with what speaks against the photograph
 * @throws RangeError where the patches can't be those of one card
 */
export function readSwatchCard(card: PhotographedCard): ReadSwatches {
  const { overWhite, overBlack, white, black, thick, letDown } = card;
  const bare = white && black ? { white, black } : null;
  if (bare && !(bare.white.y > bare.black.y * 1.5))
    throw new RangeError("the bare white has to be much lighter than the bare black");
  const lightOf = (patch: PatchLight) =>
    bare ? balanced(patch, bare.white, bare.black) : patch.rgb;
  const [light, dark] = [luminanceOf(lightOf(overWhite)), luminanceOf(lightOf(overBlack))];
  if (!(light > 0) || !(dark > 0))
    throw new RangeError("the paint is darker than the bare black: the patches may be mixed up");
  if (dark > light * 1.05)
    throw new RangeError(
      "the paint over black is lighter than over white: the patches may be mixed up",
    );
  const contrastRatio = Math.min(0.995, Math.max(0.02, Math.min(1, dark / light)));
  const colour = bare && thick ? hexOfLight(lightOf(thick)) : null;
  const mixed = colour && letDown ? hexOfLight(lightOf(letDown)) : null;
  const tint =
    colour && mixed
      ? tintOfLetDown({
          masstone: hexToLab(colour),
          hiding: contrastRatio,
          letDown: hexToLab(mixed),
        })
      : null;
  return { contrastRatio, colour, letDown: mixed, tint, warnings: warningsOf(card) };
}

function warningsOf({ overWhite, overBlack, white, black, thick, letDown }: PhotographedCard) {
  const all = [overWhite, overBlack, white, black, thick, letDown].filter((patch) => !!patch);
  return [
    ...(all.some(({ clipped }) => clipped > MOST_CLIPPED)
      ? ["part of it is too bright or too dark for the camera: expose it otherwise"]
      : []),
    ...(all.some(({ y, spread }) => spread > Math.max(0.01, y * MOST_SPREAD))
      ? ["a patch is uneven: mark a smaller one, without brush marks or shine"]
      : []),
    ...(white && black
      ? []
      : ["without the bare card beside it, haze in the picture makes it hide too well"]),
  ];
}
