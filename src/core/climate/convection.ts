/** Convective heat transfer at the skin in W/m2K: 3.1 in still air, 8.3 v^0.6 in moving air (ASHRAE Fundamentals, thermal comfort chapter). v in m/s. */
export function convection(airSpeed: number): number {
  if (!(airSpeed >= 0)) throw new RangeError(`air speed must be zero or more, not ${airSpeed}`);
  return Math.max(3.1, 8.3 * airSpeed ** 0.6);
}
