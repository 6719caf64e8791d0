import { differenceCiede2000 } from "culori";
import type { Lab } from "./lab";

const ciede2000 = differenceCiede2000();
const asLab65 = (lab: Lab) => ({ mode: "lab65" as const, l: lab[0], a: lab[1], b: lab[2] });

/**
 * CIEDE2000 colour difference with kL = kC = kH = 1 (CIE 142:2001; by culori). About 1 is just noticeable side by side.
 * @example deltaE00([50, 2.6772, -79.7751], [50, 0, -82.7485]) // 2.0425
 */
export function deltaE00(a: Lab, b: Lab): number {
  return ciede2000(asLab65(a), asLab65(b));
}

/** Between telling apart (1) and accepting (2, as CMC's 2:1 has it for cloth; both from memory). Common practice, no published source. */
const FORGIVEN = 1.5;
const lenient = differenceCiede2000(FORGIVEN);

/**
 * CIEDE2000 with a kL of its own: not whether two colours can be told apart but whether a painter is content with one for the other, where lightness is
 * forgiven most (the parametric factors of CIE 142:2001).
 */
export function contentDeltaE(a: Lab, b: Lab): number {
  return lenient(asLab65(a), asLab65(b));
}

const RADIANS = Math.PI / 180;
const POWER_7 = 25 ** 7;

/**
 * CIEDE2000 to one colour, for asking again and again: what depends on that colour alone is worked out once, and nothing is allocated.
 * The same numbers as {@link deltaE00} (CIE 142-2001, after Sharma, Wu & Dalal 2005).
 * @returns a function of L*, a* and b*
 */
export function differenceTo([L1, a1, b1]: Lab): (L: number, a: number, b: number) => number {
  const C1 = Math.hypot(a1, b1);
  return (L2, a2, b2) => {
    const meanC7 = ((C1 + Math.sqrt(a2 * a2 + b2 * b2)) / 2) ** 7;
    const stretch = 1 + 0.5 * (1 - Math.sqrt(meanC7 / (meanC7 + POWER_7)));
    const x1 = a1 * stretch;
    const x2 = a2 * stretch;
    const c1 = Math.sqrt(x1 * x1 + b1 * b1);
    const c2 = Math.sqrt(x2 * x2 + b2 * b2);
    let h1 = c1 === 0 ? 0 : Math.atan2(b1, x1) / RADIANS;
    let h2 = c2 === 0 ? 0 : Math.atan2(b2, x2) / RADIANS;
    if (h1 < 0) h1 += 360;
    if (h2 < 0) h2 += 360;
    let dh = h2 - h1;
    let h = (h1 + h2) / 2;
    if (c1 * c2 === 0) {
      dh = 0;
      h = h1 + h2;
    } else if (Math.abs(dh) > 180) {
      h += h1 + h2 < 360 ? 180 : -180;
      dh += dh > 180 ? -360 : 360;
    }
    const L = (L1 + L2) / 2 - 50;
    const c = (c1 + c2) / 2;
    const c7 = c ** 7;
    const T =
      1 -
      0.17 * Math.cos((h - 30) * RADIANS) +
      0.24 * Math.cos(2 * h * RADIANS) +
      0.32 * Math.cos((3 * h + 6) * RADIANS) -
      0.2 * Math.cos((4 * h - 63) * RADIANS);
    const away = (h - 275) / 25;
    const turn =
      -2 * Math.sqrt(c7 / (c7 + POWER_7)) * Math.sin(60 * Math.exp(-away * away) * RADIANS);
    const l = (L2 - L1) / (1 + (0.015 * L * L) / Math.sqrt(20 + L * L));
    const k = (c2 - c1) / (1 + 0.045 * c);
    const hue = (2 * Math.sqrt(c1 * c2) * Math.sin((dh / 2) * RADIANS)) / (1 + 0.015 * c * T);
    return Math.sqrt(Math.max(0, l * l + k * k + hue * hue + turn * k * hue));
  };
}
