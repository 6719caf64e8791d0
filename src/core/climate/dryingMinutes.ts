import { convection } from "./convection";
import { saturationVapourPressure, vapourPressure } from "./vapour";

export type Solvent = "water" | "alcohol";

/** Lewis relation for water at sea level, K/kPa (ASHRAE Fundamentals). */
const LEWIS = 16.5;
const GAS_CONSTANT = 8.314462; // J/mol K
const AIR_PRESSURE = 101.325; // kPa
const AIR = { density: 1.18, heat: 1006, diffusivity: 2.2e-5 } as const; // kg/m3, J/kg K, m2/s, near 25 degC (handbook values, from memory)
/** Ethanol: Antoine constants in mmHg and degC, molar mass, diffusivity in air at 25 degC (Lugg 1968). Constants from memory. */
const ETHANOL = {
  A: 8.20417,
  B: 1642.89,
  C: 230.3,
  gramsPerMole: 46.07,
  diffusivity: 1.18e-5,
} as const;

/** Latent heat of water in J/g near skin temperature (ASHRAE's linear form). */
const latentHeat = (degC: number) => 2501 - 2.36 * degC;

function waterFlux(hc: number, skinDegC: number, airDegC: number, rh: number): number {
  return (
    (LEWIS * hc * (saturationVapourPressure(skinDegC) - vapourPressure(airDegC, rh))) /
    latentHeat(skinDegC)
  );
}

/**
 * Most that wet skin can give off to this air, g/m2 an hour: what a person sweats beyond it runs off.
 * @throws RangeError on a negative air speed, or humidity outside 0-100
 */
export function greatestEvaporation(o: {
  airDegC: number;
  rh: number;
  airSpeed: number;
  skinDegC?: number;
}): number {
  return Math.max(0, waterFlux(convection(o.airSpeed), o.skinDegC ?? 35, o.airDegC, o.rh) * 3600);
}

/** Skin of the face in air of so many degrees: 33 degC from 21 up, 27 from 10 down, straight between. Common practice, no published source. */
export const skinAt = (airDegC: number): number =>
  27 + 6 * Math.min(1, Math.max(0, (airDegC - 10) / 11));

/** Mass transfer by the Chilton-Colburn analogy, with the Stefan correction for a vapour this dense; the room holds no alcohol. */
function alcoholFlux(hc: number, skinDegC: number): number {
  const vapour = 10 ** (ETHANOL.A - ETHANOL.B / (skinDegC + ETHANOL.C)) * 0.1333224;
  const lewisNumber = AIR.diffusivity / ETHANOL.diffusivity;
  const transfer = hc / (AIR.density * AIR.heat * lewisNumber ** (2 / 3));
  const gramsPerM3 = (vapour * 1000 * ETHANOL.gramsPerMole) / (GAS_CONSTANT * (skinDegC + 273.15));
  const share = vapour / AIR_PRESSURE;
  return transfer * gramsPerM3 * (-Math.log1p(-share) / share);
}

/**
 * Minutes until a wet coat on skin has lost its solvent, by evaporation through the boundary layer of air at the skin.
 *
 * 20 g/m2 of water at 22 degC, 50 %, still air: a little over 4 min; at 32 degC, 85 %: about 16 min.
 * The skin is taken to hold its temperature, that of a face in this air where nothing is said; a coat thick enough to skin over dries slower than this.
 * @param o.wetGramsPerM2 solvent to lose, g/m2
 * @param o.airSpeed m/s at the skin
 * @returns minutes; Infinity when the air is too damp for the coat to dry at all
 * @throws RangeError on a negative coat or air speed, or humidity outside 0-100
 * @example dryingMinutes({ wetGramsPerM2: 20, solvent: "water", airDegC: 22, rh: 50, airSpeed: 0.1 }) // 4.3
 */
export function dryingMinutes(o: {
  wetGramsPerM2: number;
  solvent: Solvent;
  airDegC: number;
  rh: number;
  airSpeed: number;
  skinDegC?: number;
}): number {
  const { wetGramsPerM2, solvent, airDegC, rh, airSpeed } = o;
  const { skinDegC = skinAt(airDegC) } = o;
  if (!(wetGramsPerM2 >= 0))
    throw new RangeError(`a coat must weigh zero or more, not ${wetGramsPerM2}`);
  const hc = convection(airSpeed);
  const perSecond =
    solvent === "water" ? waterFlux(hc, skinDegC, airDegC, rh) : alcoholFlux(hc, skinDegC);
  if (wetGramsPerM2 === 0) return 0;
  return perSecond > 0 ? wetGramsPerM2 / perSecond / 60 : Infinity;
}
