import type { Vec } from "../../src/core/anatomy/surface/smooth";

export const add = (a: Vec, b: Vec, s = 1): Vec => [
  a[0] + s * b[0],
  a[1] + s * b[1],
  a[2] + s * b[2],
];
export const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const unit = (a: Vec): Vec => {
  const l = Math.hypot(...a) || 1;
  return [a[0] / l, a[1] / l, a[2] / l];
};
/** What of `a` is square to the unit vector `d`, made one long. */
export const square = (a: Vec, d: Vec): Vec => unit(add(a, d, -dot(a, d)));
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const distance = (a: Vec, b: Vec) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** The smaller of two distances with a fillet of about `k` mm (quadratic smooth minimum). */
export const blend = (a: number, b: number, k: number) => {
  const h = Math.max(k - Math.abs(a - b), 0);
  return Math.min(a, b) - (h * h) / (4 * k);
};
