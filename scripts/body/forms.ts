import type { Vec } from "../../src/core/anatomy/surface/smooth";
import type { Section } from "./lathe";

// ---------------------------------------------------------------------------------------------
// The sculpture: left half of the drawn adult of 1700 mm, mm from the floor and the plumb line
// ---------------------------------------------------------------------------------------------

/** Trunk: height, half-breadth, front, back, depth of the widest line, squareness. */
export const TRUNK: readonly (readonly [number, number, number, number, number, number])[] = [
  [790, 22, 34, -50, -6, 2],
  [812, 70, 64, -80, -7, 2],
  [842, 152, 91, -100, -9, 2.05],
  [880, 175, 100, -107, -8, 2.1],
  [920, 175, 105, -105, -6, 2.15],
  [960, 168, 107, -95, -2, 2.2],
  [1000, 160, 107, -87, 3, 2.2],
  [1045, 143, 102, -83, 6, 2.2],
  [1090, 143, 102, -88, 6, 2.2],
  [1150, 151, 106, -99, 4, 2.2],
  [1210, 153, 108, -107, -2, 2.25],
  [1265, 155, 103, -113, -12, 2.25],
  [1310, 150, 92, -114, -20, 2.2],
  [1350, 130, 74, -109, -26, 2.1],
  [1385, 98, 54, -99, -30, 2],
  [1412, 68, 42, -87, -26, 2],
  [1430, 56, 38, -78, -22, 2],
];

/** Arm from the shoulder joint (0) over the elbow (0.546) to the wrist (1). */
export const ARM: readonly Section[] = [
  [0, 0, 0, 39, 35, 39, 39, 2, 0],
  [0.1, 0, 1, 42, 38, 44, 44, 2, 0],
  [0.22, 0, 2, 44, 44, 50, 50, 2, 0],
  [0.34, 0, 1, 42, 43, 48, 49, 2, 0],
  [0.44, 0, -3, 42, 42, 43, 44, 2, 0],
  [0.53, 0, -8, 44, 44, 37, 41, 2.1, 0],
  [0.6, 0, -8, 47, 44, 39, 38, 2, 0],
  [0.68, 0, -4, 46, 42, 39, 37, 2, 0],
  [0.78, 0, 0, 40, 37, 34, 30.5, 2, 0],
  [0.88, 0, 1, 33, 30.5, 25.5, 24.5, 2.1, 0],
  [0.95, 0, 1, 30, 29, 22, 22, 2.2, 0],
  [1, 0, 1, 29.5, 29, 21, 21, 2.2, 0],
];
/** How far the palm is turned from the front to the thigh, rad. */
export const PALM_TURN = Math.PI;
/** Arm from the body, rad; a heavy arm a little more, clear of the chest. */
export const ARM_OUT = (22 * Math.PI) / 180;

/** Leg: height, offset to the side and front, half-breadths outer and inner, front and back. */
export const LEG: readonly (readonly [number, number, number, number, number, number, number])[] = [
  [900, -4, -4, 56, 56, 60, 60],
  [850, 0, -1, 82, 77, 82, 83],
  [799, 2, 0, 87, 82, 92, 92],
  [740, 1, 1, 86, 81, 93, 88],
  [670, 1, 2, 82, 75, 86, 78],
  [600, -1, 1, 73, 68, 75, 68],
  [540, -4, -2, 63, 63, 65, 61],
  [485, -4, -5, 58, 60, 60, 56],
  [445, -3, -7, 56, 57, 54, 58],
  [400, 1, -9, 58, 56, 49, 64],
  [355, 3, -10, 59.5, 58, 45.5, 70],
  [300, 3, -11, 52, 56, 42.5, 66],
  [240, 1, -11, 44, 45, 40, 53],
  [185, 0, -10, 36, 36.5, 38, 44],
  [130, 0, -8, 31.5, 31.5, 37, 40],
  [90, 0, -6, 29, 29, 41, 42],
  [60, 0, -4, 26, 26, 48, 47],
];

/** Foot of 258 mm: from the heel, across, up; half-breadths outer, inner; top, sole; squareness. */
export const FOOT: readonly (readonly [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
])[] = [
  [24, 0, 29, 29, 29, 28, 29, 2.2],
  [45, 0, 30, 32, 32, 36, 30, 2.3],
  [75, 0, 30, 32, 32, 44, 30, 2.3],
  [105, 1, 30, 33, 29, 42, 30, 2.3],
  [135, 3, 28, 36, 34, 31, 28, 2.3],
  [160, 4, 22, 42, 43, 21, 22, 2.4],
  [182, 3, 16, 44, 47, 14, 16, 2.4],
  [205, 2, 10, 41, 43, 6, 10, 2.3],
];
/** Toes, from the big one: foot and tip (from the heel, across, up), radius at both. */
export const TOES: readonly (readonly [Vec, Vec, number, number])[] = [
  [[190, -28, 15], [248, -25, 12.5], 14, 12],
  [[200, -8, 14], [246, -2, 10.5], 9.5, 8.6],
  [[194, 7, 13], [236, 14, 10], 9, 8],
  [[186, 21, 12], [224, 29, 9.5], 8.6, 7.6],
  [[174, 34, 11.5], [208, 42, 9], 8.4, 7.4],
];

/** Palm of a hand of 184 mm: along, across; half-breadths to thumb, little finger, palm, back. */
export const PALM: readonly Section[] = [
  [0, 0, 0, 27, 27, 18.5, 18.5, 2.2, 0],
  [0.2, 0, 0, 30, 30, 17, 17.5, 2.3, 0],
  [0.5, 0, 0, 37, 38, 15.5, 15.5, 2.5, 0],
  [0.8, 0, 0, 41, 42, 14.5, 13.5, 2.6, 0],
  [1, 0, -1, 39, 40, 12.5, 11.5, 2.5, 0],
];
export const PALM_LENGTH = 84;

export interface Finger {
  readonly name: string;
  /** Middle of the knuckle: along, across (to the thumb), to the palm; mm of a hand of 184 mm. */
  readonly at: Vec;
  /** Across, rad from the middle of the hand; and to the palm. */
  readonly spread: number;
  readonly drop: number;
  /** From knuckle to tip. */
  readonly length: number;
  readonly radius: number;
  /** How far the tip curls to the palm, mm. */
  readonly curl: number;
}
export const FINGERS: readonly Finger[] = [
  { name: "index", at: [88, 28, -1.5], spread: 0.19, drop: 0.05, length: 84, radius: 10, curl: 9 },
  {
    name: "middle",
    at: [91, 9, -2.5],
    spread: 0.045,
    drop: 0.07,
    length: 93,
    radius: 10.2,
    curl: 11,
  },
  { name: "ring", at: [88, -9.5, -2], spread: -0.1, drop: 0.1, length: 86, radius: 9.7, curl: 12 },
  {
    name: "little",
    at: [80, -27.5, -0.5],
    spread: -0.27,
    drop: 0.14,
    length: 70,
    radius: 8.6,
    curl: 10,
  },
];
/** Girth of a finger along it: knuckle, web, two joints, tip; shares of its radius. */
export const FINGER_GIRTH: readonly (readonly [number, number, number])[] = [
  [0, 1, 1.1],
  [0.2, 1, 1.08],
  [0.34, 0.97, 1],
  [0.5, 1.01, 1],
  [0.58, 0.99, 0.95],
  [0.68, 0.91, 0.9],
  [0.78, 0.9, 0.87],
  [0.88, 0.85, 0.8],
  [1, 0.76, 0.68],
];
