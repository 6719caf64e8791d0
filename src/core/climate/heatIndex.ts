/**
 * What the air feels like in degC: the Rothfusz regression with the adjustments of the US National Weather Service
 * (Rothfusz 1990, SR 90-23; "The Heat Index Equation", NWS Weather Prediction Center). Below 80 degF the simple Steadman average.
 * @throws RangeError when rh is outside 0-100
 * @example heatIndex(32, 70) // 40.4
 */
export function heatIndex(degC: number, rh: number): number {
  if (!(rh >= 0 && rh <= 100))
    throw new RangeError(`relative humidity must be 0 to 100 %, not ${rh}`);
  const T = degC * 1.8 + 32;
  const simple = 0.5 * (T + 61 + (T - 68) * 1.2 + rh * 0.094);
  const mean = (simple + T) / 2;
  return ((mean < 80 ? mean : rothfusz(T, rh)) - 32) / 1.8;
}

function rothfusz(T: number, rh: number): number {
  const index =
    -42.379 +
    2.04901523 * T +
    10.14333127 * rh -
    0.22475541 * T * rh -
    0.00683783 * T * T -
    0.05481717 * rh * rh +
    0.00122874 * T * T * rh +
    0.00085282 * T * rh * rh -
    0.00000199 * T * T * rh * rh;
  if (rh < 13 && T >= 80 && T <= 112)
    return index - ((13 - rh) / 4) * Math.sqrt((17 - Math.abs(T - 95)) / 17);
  if (rh > 85 && T >= 80 && T <= 87) return index + ((rh - 85) / 10) * ((87 - T) / 5);
  return index;
}
