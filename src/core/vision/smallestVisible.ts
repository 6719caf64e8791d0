/** Millimetres that an angle of arc degrees spans at a distance. */
export const mmAcross = (degrees: number, distanceM: number): number =>
  2 * distanceM * 1000 * Math.tan((degrees * Math.PI) / 360);
/** Degrees of arc that so many millimetres span at a distance. */
export const degreesAcross = (mm: number, distanceM: number): number =>
  (360 / Math.PI) * Math.atan(mm / (2 * distanceM * 1000));

/**
 * The smallest detail an eye resolves: 1 arcmin at normal acuity (Snellen 1862), 2.9 mm at 10 m.
 * @param acuity decimal acuity, 1 by default; 0.5 sees twice as coarse
 * @throws RangeError on a negative distance or an acuity that is not above zero
 * @example smallestVisibleMm(10) // 2.91
 */
export function smallestVisibleMm(distanceM: number, acuity = 1): number {
  if (!(distanceM >= 0) || !(acuity > 0))
    throw new RangeError("distance from 0 on, acuity above 0");
  return mmAcross(1 / 60 / acuity, distanceM);
}
