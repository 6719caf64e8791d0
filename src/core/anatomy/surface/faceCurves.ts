import { curve } from "./smooth";

/** The line between the lips, and the borders of the vermilion, by distance from the midline. */
export const LIP_LINE = curve([
  [0, -74],
  [6, -73],
  [13, -73.7],
  [20, -73.8],
  [25.8, -73.9],
]);
export const LIP_TOP = curve([
  [0, -65.4],
  [3.2, -64.2],
  [6.3, -63.6],
  [11, -65.5],
  [17, -69],
  [22, -72.3],
  [25.8, -73.9],
]);
export const LIP_BOTTOM = curve([
  [0, -85.8],
  [6, -85.3],
  [13, -83],
  [20, -79],
  [25.8, -73.9],
]);
export const MOUTH_HALF = 25.8;

/** Edges of the lids by distance from the midline. */
export const UPPER_LID = curve([
  [15.5, -11.8],
  [17, -10.2],
  [19, -8.8],
  [25, -5.9],
  [31.5, -4.9],
  [38, -5.9],
  [43, -8],
  [46.5, -9.8],
]);
export const LOWER_LID = curve([
  [15.5, -11.8],
  [18.5, -12.6],
  [23, -13.9],
  [30, -15],
  [36, -14.7],
  [42, -12.6],
  [46.5, -9.8],
]);
export const EYE = { inner: 15.5, outer: 46.5, x: 31, y: -9.6, apex: -10.2, radius: 15.2 } as const;
/** Horizontal visible iris diameter 11.7 mm (Ruefer et al. 2005, from memory). */
export const IRIS_RADIUS = 5.85;

/** Crest of the bridge of the nose: depth by height (height falling is given rising here). */
export const BRIDGE = curve([
  [-46, 27],
  [-38, 22.6],
  [-30, 17.2],
  [-20, 11],
  [-10, 4.9],
  [-5, 2],
  [0, 0],
  [3, 0.3],
  [8, 3],
  [14, 5],
]);
/** Half-breadth of the foot of the bridge by height. */
export const BRIDGE_FOOT = curve([
  [-46, 17],
  [-38, 16],
  [-30, 15],
  [-20, 13.6],
  [-10, 12.4],
  [0, 13],
  [8, 16],
  [14, 20],
]);
export const COLUMELLA = curve([
  [-58, 4],
  [-55.5, 8],
  [-54.5, 10.6],
  [-53.5, 14.4],
  [-52.5, 18.4],
  [-51.5, 21.8],
  [-50.5, 24],
  [-48, 25.5],
]);

/** The fold from the wing of the nose to beside the mouth: distance from the midline by height. */
export const SMILE_FOLD = curve([
  [-76, 33],
  [-72, 32.5],
  [-63, 30.5],
  [-53, 26.5],
  [-44, 21.5],
  [-38, 17],
]);
