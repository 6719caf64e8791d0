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
