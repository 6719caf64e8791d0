import type { Lab } from "./lab";

export type ItaClass = "very light" | "light" | "intermediate" | "tan" | "brown" | "dark";

/**
 * Individual typology angle in degrees: atan((L* - 50) / b*) (Chardon, Cretois & Hourseau 1991). Above 55 very light, below -30 dark.
 * @example individualTypologyAngle([70, 8, 18]) // 48.01
 */
export function individualTypologyAngle(lab: Lab): number {
  return (Math.atan2(lab[0] - 50, lab[2]) * 180) / Math.PI;
}

/** The six classes, with their limits at 55, 41, 28, 10 and -30 degrees (Chardon 1991; Del Bino & Bernerd 2013 for the last). */
export function itaClass(angle: number): ItaClass {
  if (angle > 55) return "very light";
  if (angle > 41) return "light";
  if (angle > 28) return "intermediate";
  if (angle > 10) return "tan";
  return angle > -30 ? "brown" : "dark";
}

/** A colour in the middle of each class, for somebody whose skin nobody has measured: L* of about 70, 66, 60, 54, 45 and 33 (Del Bino & Bernerd 2013, from memory), a* and b* invented, each within its class. */
export const ITA_MIDDLES: Readonly<Record<ItaClass, string>> = {
  "very light": "#c2a596",
  light: "#ba9a86",
  intermediate: "#ae8975",
  tan: "#9f7964",
  brown: "#88624f",
  dark: "#65473a",
};
export const ITA_CLASSES = Object.keys(ITA_MIDDLES) as ItaClass[];
