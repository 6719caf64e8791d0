import { eyeSocket } from "./eye";
import { LIP_BOTTOM, LIP_LINE, LIP_TOP, MOUTH_HALF, SMILE_FOLD } from "./faceCurves";
import { nose } from "./nose";
import { bell, both, clamp, mix, step, type Vec } from "./smooth";

/** The two rolls of the lips and the skin that leads to them, mm forward; a fold at their line. */
function lips(x: number, y: number): number {
  const share = clamp(1 - (x / 26.4) ** 2) ** 0.72;
  const end = step(26.4, 24, x);
  if (end === 0) return 0;
  const xx = Math.min(x, MOUTH_HALF - 0.3);
  const [top, line, bottom] = [LIP_TOP(xx), LIP_LINE(xx), LIP_BOTTOM(xx)];
  const upper = Math.max(top - line, 1.2);
  const lower = Math.max(line - bottom, 1.2);
  let z: number;
  if (y >= line) {
    const t = (y - line) / upper;
    const roll = t < 1 ? mix(0.4, 4.2, 1 - (1 - Math.min(1, t / 0.5)) ** 2.2) : 0;
    z = t < 1 ? mix(roll, 1.6, step(0.35, 1, t)) : 1.6 * bell(y - top, 5);
  } else {
    const t = (line - y) / lower;
    const roll = t < 1 ? mix(0.4, 4.6, 1 - (1 - Math.min(1, t / 0.42)) ** 2.2) : 0;
    z = t < 1 ? mix(roll, 2.5, step(0.3, 1, t)) : 2.5 * bell(y - bottom, 5.5);
  }
  return z * share * end;
}

/** Smooth forms of the face that the net is too coarse for, mm forward. */
function forms(x: number, y: number): number {
  let z = 0;
  // Philtrum: a groove between two ridges.
  const along = step(-55, -60, y) * step(-67, -63, y);
  z += along * (0.8 * both(x, 3.8 + 0.12 * (-56 - y), 2.2) - 0.7 * bell(x, 2.2));
  // Smile fold: the cheek stands over the lip.
  const fold = step(-38, -46, y) * step(-80, -66, y);
  const d = x - SMILE_FOLD(clamp(y, -76, -38));
  z += 0.9 * fold * (d / (Math.abs(d) + 4.5)) * bell(d, d > 0 ? 13 : 6);
  // Cheekbone and the hollow under it.
  z += 1.8 * bell(x - 41, 12) * bell(y + 31, 11);
  z -= 1.6 * bell(x - 47, 9) * bell(y + 62, 14);
  // Groove round the wing of the nose.
  z -= 0.5 * bell(x - 18.2, 2.6) * bell(y + 44.5, 6);
  // Corner of the mouth, fold under the lower lip, chin, brow.
  z -= 1.3 * bell(x - 27.5, 3.2) * bell(y + 75, 3.4);
  z -= 0.9 * bell(x, 14) * bell(y + 93, 4.2);
  z += 0.8 * both(x, 5, 10) * bell(y + 107, 7);
  z += 0.8 * bell(y - 9.5 - 2 * step(8, 22, x), 6) * both(x, 22, 16);
  return z;
}

/** Course of the muscle from behind the ear to the pit of the neck (sternomastoid), mm. */
const NECK_MUSCLE: readonly [Vec, Vec] = [
  [57, -62, -114],
  [9, -196, -62],
];

/** Forms of the neck, pushed out from its axis. */
function neckForms([x, y, z]: Vec): Vec {
  const [[ax, ay, az], [bx, by, bz]] = NECK_MUSCLE;
  const t = (ay - y) / (ay - by);
  if (t < 0) return [x, y, z];
  const axis = mix(-100, -125, t);
  const reach = Math.hypot(x, z - axis) || 1;
  // The course lies on the surface: compare directions round the axis.
  const round = Math.atan2(x, z - axis) - Math.atan2(mix(ax, bx, t), mix(az, bz, t) - axis);
  // Not on the jaw, which lies in front of it.
  const jaw = mix(-95, -40, step(-70, -125, y));
  const on = step(0, 0.25, t) * step(jaw + 6, jaw - 4, z);
  const muscle = 1.5 * bell(round * reach, 9) - 0.9 * bell(round * reach + 17, 9);
  const larynx = 1.6 * bell(x, 9) * bell(y + 148, 9);
  // Two columns of muscle at the nape and the furrow between them.
  const nape =
    step(-70, -92, y) *
    step(-190, -140, y) *
    step(-118, -136, z) *
    (1.3 * both(x, 19, 9) - 1.2 * bell(x, 7));
  const push = (on * muscle + larynx + nape) / reach;
  return [x + x * push, y, z + (z - axis) * push];
}

/** The skin at a point of the net: features are heights over the front of the face. */
export function sculpted([x, y, z]: Vec): Vec {
  if (y < -62) [x, y, z] = neckForms([x, y, z]);
  // Under the hollow of the ear the head gives way.
  if (z < -95) x -= 7 * bell(Math.hypot(y + 25, z + 110.5), 9.5) * step(20, 50, x);
  if (z < -45 || y > 30 || y < -122) return [x, y, z];
  const front = step(-45, -25, z);
  let depth = eyeSocket(x, y, z + forms(x, y) * front);
  depth = nose(x, y, depth + lips(x, y));
  return [x, y, depth];
}
