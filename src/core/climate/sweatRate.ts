import { convection } from "./convection";
import { vapourPressure } from "./vapour";

const SKIN = { degC: 36, kPa: 5.94 } as const; // hot, wet skin, as Shapiro et al. take it
const WATTS_PER_MET = 58.15;
const CLO = 0.155; // m2K/W in one clo (ASHRAE)
const LEWIS = 16.5;

/** What a square metre of skin gives at most in an hour, g; trained people in great heat (ISO 7933's greatest rate for the acclimatised, from memory). */
export const MOST_SWEAT = 1100;

/**
 * Sweat in g/m2 an hour: 147 + 1.527 Ereq - 0.87 Emax, nothing below zero (Gonzalez et al. 2009, from memory), the correction of Shapiro,
 * Pandolf & Goldman 1982, which sweats too much in light clothes, in wind and at work.
 *
 * Ereq = M + radiation and convection gained through the clothing; Emax by the Lewis relation and a clothing permeability index of 0.4.
 * @param o.met metabolic rate in met (1 = seated)
 * @param o.clo insulation worn
 * @param o.radiantDegC mean radiant temperature, the air's by default; direct sun adds some 15-25 degC
 * @throws RangeError on negative met, clo or air speed
 * @example sweatRate({ met: 2.6, clo: 0.6, airDegC: 30, rh: 50, airSpeed: 0.1 }) // 238
 */
export function sweatRate(o: {
  met: number;
  clo: number;
  airDegC: number;
  rh: number;
  airSpeed: number;
  radiantDegC?: number;
}): number {
  const { met, clo, airDegC, rh, airSpeed, radiantDegC = airDegC } = o;
  if (!(met >= 0) || !(clo >= 0)) throw new RangeError("met and clo must be zero or more");
  const hc = convection(airSpeed);
  const hr = 4.7; // W/m2K, linear radiation near skin temperature (ASHRAE)
  const operative = (hc * airDegC + hr * radiantDegC) / (hc + hr);
  const clothing = 1 / (1 + (hc + hr) * CLO * clo); // share of the heat exchange that the clothing lets through
  const dry = (hc + hr) * clothing * (operative - SKIN.degC);
  const required = met * WATTS_PER_MET + dry;
  const permeability = 1 / (1 + (hc * CLO * clo) / 0.4);
  const greatest = Math.max(
    5,
    LEWIS * hc * permeability * (SKIN.kPa - vapourPressure(airDegC, rh)),
  );
  return Math.max(0, Math.min(MOST_SWEAT, 147 + 1.527 * required - 0.87 * greatest));
}
