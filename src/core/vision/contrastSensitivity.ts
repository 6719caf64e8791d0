/**
 * Contrast sensitivity of the eye by spatial frequency, relative to about 1 at its peak near 8 cycles a degree
 * (Mannos & Sakrison 1974: A(f) = 2.6 (0.0192 + 0.114 f) exp(-(0.114 f)^1.1)).
 * Other measurements peak lower, at 2 to 5 cycles a degree (Campbell & Robson 1968): this one was fitted to pictures.
 * @param cyclesPerDegree from 0 on
 */
export function contrastSensitivity(cyclesPerDegree: number): number {
  if (!(cyclesPerDegree >= 0)) throw new RangeError("spatial frequency is 0 or more");
  return 2.6 * (0.0192 + 0.114 * cyclesPerDegree) * Math.exp(-((0.114 * cyclesPerDegree) ** 1.1));
}
