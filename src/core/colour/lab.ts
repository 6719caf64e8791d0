import { converter, formatHex, parseHex, toGamut } from "culori";

/** CIELAB, D65 white, 2 degree observer. L* 0-100; a*, b* unbounded, some ±130 for sRGB. */
export type Lab = readonly [L: number, a: number, b: number];

const toLab65 = converter("lab65");
const mapIntoSrgb = toGamut("rgb", "oklch");

/**
 * CIELAB of an sRGB colour.
 * @param hex `#rgb` or `#rrggbb`
 * @throws RangeError when the text is not such a colour
 * @example hexToLab("#ffffff") // [100, 0, 0]
 */
export function hexToLab(hex: string): Lab {
  const rgb = /^#([0-9a-f]{3}|[0-9a-f]{6})$/i.test(hex) ? parseHex(hex) : undefined;
  if (!rgb) throw new RangeError(`not a colour of the form #rrggbb: ${hex}`);
  const { l, a, b } = toLab65(rgb);
  return [l, a, b];
}

/**
 * The nearest sRGB colour, gamut-mapped at constant hue (CSS Color 4 method, in OKLCH, by culori).
 * @returns `#rrggbb`
 * @example labToHex([53.24, 80.09, 67.2]) // "#ff0000"
 */
export function labToHex(lab: Lab): string {
  return formatHex(mapIntoSrgb({ mode: "lab65", l: lab[0], a: lab[1], b: lab[2] }));
}

/** Chroma C*ab. */
export function chroma(lab: Lab): number {
  return Math.hypot(lab[1], lab[2]);
}

/** Hue angle h_ab in degrees, 0 up to 360. */
export function hueAngle(lab: Lab): number {
  const degrees = (Math.atan2(lab[2], lab[1]) * 180) / Math.PI;
  return degrees < 0 ? degrees + 360 : degrees;
}
