/** Magnus coefficients over water (Alduchov & Eskridge 1996, eq. 21), kPa and degC. */
const MAGNUS = { p0: 0.61094, a: 17.625, b: 243.04 } as const;

function checkHumidity(rh: number): void {
  if (!(rh >= 0 && rh <= 100))
    throw new RangeError(`relative humidity must be 0 to 100 %, not ${rh}`);
}

/**
 * Saturation vapour pressure of water in kPa.
 * @throws RangeError outside -40 to 100 degC
 * @example saturationVapourPressure(20) // 2.333
 */
export function saturationVapourPressure(degC: number): number {
  if (!(degC >= -40 && degC <= 100))
    throw new RangeError(`temperature must be -40 to 100 degC, not ${degC}`);
  return MAGNUS.p0 * Math.exp((MAGNUS.a * degC) / (degC + MAGNUS.b));
}

/** Vapour pressure of the air in kPa. */
export function vapourPressure(degC: number, rh: number): number {
  checkHumidity(rh);
  return (saturationVapourPressure(degC) * rh) / 100;
}

/**
 * Temperature in degC at which this air would be saturated; rh must be above 0.
 * @example dewPoint(25, 60) // 16.7
 */
export function dewPoint(degC: number, rh: number): number {
  if (!(rh > 0)) throw new RangeError("perfectly dry air has no dew point");
  const logarithm = Math.log(vapourPressure(degC, rh) / MAGNUS.p0);
  return (MAGNUS.b * logarithm) / (MAGNUS.a - logarithm);
}

/** How much more water the air could take, kPa. */
export function vapourPressureDeficit(degC: number, rh: number): number {
  return saturationVapourPressure(degC) - vapourPressure(degC, rh);
}
