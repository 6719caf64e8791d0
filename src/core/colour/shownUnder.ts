import { converter, formatHex } from "culori";
import { rememberBy } from "../remember";
import { seenXyz, xyzFromReflectance, xyzWeights } from "./labFromReflectance";
import { LAMP_KEYS, type LampKey } from "./lamps";
import type { Spectrum } from "./spectrum";

type Rgb = readonly [number, number, number];
const toLinear = converter("lrgb");

/** Linear sRGB of XYZ with white at Y = 100; may lie outside 0 to 1. */
function linearOf([x, y, z]: readonly [number, number, number]): Rgb {
  const { r, g, b } = toLinear({ mode: "xyz65", x: x / 100, y: y / 100, z: z / 100 });
  return [r, g, b];
}

/** Luminance of linear sRGB (IEC 61966-2-1). */
const luminanceOf = ([r, g, b]: Rgb) => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** Towards grey of its own luminance until no channel is below nothing: the hue stays, purity goes. */
function within(rgb: Rgb): Rgb {
  const least = Math.min(...rgb);
  if (least >= 0) return rgb;
  const grey = Math.max(0, luminanceOf(rgb));
  const keep = grey / (grey - least || 1);
  return rgb.map((value) => Math.max(0, grey + (value - grey) * keep)) as unknown as Rgb;
}

/** How much darker all is shown under a lamp, so that a white card under it still fits the screen in its own hue. */
const dimming = rememberBy(
  LAMP_KEYS.length,
  (lamp: LampKey) => lamp,
  (lamp) => Math.max(1, ...within(linearOf(seenXyz(xyzWeights(lamp).white, lamp)))),
);

/**
 * A reflectance under a lamp as sRGB. Under a gel a white card is lighter than a screen can show in that hue: lightness is given up and
 * the hue kept, for all surfaces alike, so that white under red is red and lighter than all else.
 * @returns `#rrggbb`
 */
export function hexUnder(reflectance: Spectrum, lamp: LampKey): string {
  const seen = seenXyz(xyzFromReflectance(reflectance, lamp), lamp);
  const [r, g, b] = within(linearOf(seen)).map((value) =>
    Math.min(1, value / dimming(lamp)),
  ) as unknown as Rgb;
  return formatHex({ mode: "lrgb", r, g, b });
}
