import { BRIDGE, BRIDGE_FOOT, COLUMELLA } from "./faceCurves";
import { mix, smoothMax, step, type Vec } from "./smooth";

interface Ellipsoid {
  readonly at: Vec;
  readonly r: Vec;
  readonly above?: number;
}

/** Height of an ellipsoid over the front plane, falling away steeply outside it. */
function dome({ at, r, above }: Ellipsoid, x: number, y: number): number {
  const ry = y > at[1] ? (above ?? r[1]) : r[1];
  const q = ((x - at[0]) / r[0]) ** 2 + ((y - at[1]) / ry) ** 2;
  const EDGE = 0.94;
  if (q < EDGE) return at[2] + r[2] * Math.sqrt(1 - q);
  return at[2] + r[2] * (Math.sqrt(1 - EDGE) - (q - EDGE) / (2 * Math.sqrt(1 - EDGE)));
}

const TIP: Ellipsoid = { at: [0, -45.2, 17.4], r: [10.2, 8.4, 10.5], above: 10.5 };
const WING: Ellipsoid = { at: [10.8, -44.8, 3.5], r: [6.4, 7.2, 10.5], above: 8.5 };
const LOBE: Ellipsoid = { at: [8, -44.8, 7.5], r: [6.6, 7.4, 12.2], above: 8.5 };

/** Above zero within the opening of the nostril (1 at its middle). */
export function nostril(x: number, y: number): number {
  const [dx, dy] = [x - 7.7, y + 50.3];
  const [a, b] = [dx * 0.96 + dy * 0.28, dy * 0.96 - dx * 0.28];
  return 1 - (a / 4.1) ** 2 - (b / 1.9) ** 2;
}

/** The nose on a face of depth `base`: a ridge for the bridge, domes for tip, lobes and wings. */
export function nose(x: number, y: number, base: number): number {
  let z = base;
  const foot = BRIDGE_FOOT(y);
  const fade = step(14, 5, y) * step(-54, -44, y);
  if (x < foot && fade > 0) {
    const t = x / foot;
    const fall = (1 - Math.cos(Math.PI * t ** 1.3)) / 2;
    // Its foot runs 3 mm below the face, so that the fillet of 3 mm ends there without a step.
    const ridge = mix(BRIDGE(y), base - 3, fall);
    z = mix(base, smoothMax(ridge, base, 3), fade);
  }
  const tip = dome(TIP, x, y);
  const wing = dome(WING, x, y);
  const columella =
    COLUMELLA(y) - (x / 3.4) ** 2 * 3 - step(-49, -45, y) * 40 - step(-55.5, -58, y) * 60;
  let soft = smoothMax(z, tip, mix(4, 7, step(-45, -38, y)));
  soft = smoothMax(soft, columella, 1.6);
  soft = smoothMax(soft, dome(LOBE, x, y), mix(2, 5, step(-50, -44, y)));
  const crease = mix(1.2, 8, Math.max(step(14.5, 9, x), step(-43, -36, y)));
  soft = smoothMax(soft, wing, crease);
  const hole = nostril(x, y);
  return soft - 8 * step(-0.15, 0.8, hole);
}
