/** A mesh laid over pixels. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  /** Number of the first corner's entry of the nearest triangle at each pixel; -1 where there is none. */
  readonly triangle: Int32Array;
  /** Shares of that triangle's second and third corner at the pixel. */
  readonly second: Float32Array;
  readonly third: Float32Array;
}

/** Where the vertices of a mesh come to lie in a picture: pixels right and down, and how near each is (greater is nearer). */
export interface Laid {
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly near: Float32Array;
}

/** A pixel counts as inside with this much to spare, so that no seam opens between neighbours. */
const SEAM = 1e-5;

/**
 * Which triangle is seen at each pixel's corner (depth buffer; Catmull 1974).
 *
 * @param front whether only triangles that turn their front to the picture are seen
 */
export function rasterise(
  { x, y, near }: Laid,
  triangles: Uint32Array,
  width: number,
  height: number,
  front = true,
): Raster {
  const triangle = new Int32Array(width * height).fill(-1);
  const second = new Float32Array(width * height);
  const third = new Float32Array(width * height);
  const nearest = new Float32Array(width * height).fill(-Infinity);
  for (let t = 0; t < triangles.length; t += 3) {
    const a = triangles[t]!;
    const b = triangles[t + 1]!;
    const c = triangles[t + 2]!;
    const ax = x[a]!;
    const ay = y[a]!;
    const ux = x[b]! - ax;
    const uy = y[b]! - ay;
    const vx = x[c]! - ax;
    const vy = y[c]! - ay;
    const area = ux * vy - vx * uy;
    // Rows run downwards: what goes round counterclockwise from outside has a negative area.
    if (front ? area >= -1e-9 : Math.abs(area) < 1e-6) continue;
    const left = Math.max(0, Math.ceil(ax + Math.min(0, ux, vx)));
    const right = Math.min(width - 1, Math.floor(ax + Math.max(0, ux, vx)));
    const top = Math.max(0, Math.ceil(ay + Math.min(0, uy, vy)));
    const foot = Math.min(height - 1, Math.floor(ay + Math.max(0, uy, vy)));
    const depth = near[a]!;
    const toSecond = near[b]! - depth;
    const toThird = near[c]! - depth;
    for (let py = top; py <= foot; py++) {
      const dy = py - ay;
      for (let px = left; px <= right; px++) {
        const dx = px - ax;
        const w1 = (dx * vy - vx * dy) / area;
        if (w1 < -SEAM) continue;
        const w2 = (ux * dy - dx * uy) / area;
        if (w2 < -SEAM || w1 + w2 > 1 + SEAM) continue;
        const z = depth + w1 * toSecond + w2 * toThird;
        const at = py * width + px;
        if (z <= nearest[at]!) continue;
        nearest[at] = z;
        triangle[at] = t;
        second[at] = w1;
        third[at] = w2;
      }
    }
  }
  return { width, height, triangle, second, third };
}

/** A value of the vertices at a pixel that has a triangle; `size` numbers a vertex, of which the `k`th. */
export function valueAt(
  raster: Raster,
  triangles: Uint32Array,
  at: number,
  values: ArrayLike<number>,
  size = 1,
  k = 0,
): number {
  const t = raster.triangle[at]!;
  const [w1, w2] = [raster.second[at]!, raster.third[at]!];
  return (
    (1 - w1 - w2) * values[triangles[t]! * size + k]! +
    w1 * values[triangles[t + 1]! * size + k]! +
    w2 * values[triangles[t + 2]! * size + k]!
  );
}

/** A place on a triangle: its corners, and their shares. Filled anew for each pixel, so that a picture makes no rubbish. */
export interface Spot {
  a: number;
  b: number;
  c: number;
  ofA: number;
  ofB: number;
  ofC: number;
}
export const newSpot = (): Spot => ({ a: 0, b: 0, c: 0, ofA: 0, ofB: 0, ofC: 0 });

/** Puts the place a pixel shows into a spot; the pixel must have a triangle. */
export function spotAt(raster: Raster, triangles: Uint32Array, at: number, spot: Spot): void {
  const t = raster.triangle[at]!;
  spot.a = triangles[t]!;
  spot.b = triangles[t + 1]!;
  spot.c = triangles[t + 2]!;
  spot.ofB = raster.second[at]!;
  spot.ofC = raster.third[at]!;
  spot.ofA = 1 - spot.ofB - spot.ofC;
}

/** A value of the vertices at a spot; `size` numbers a vertex, of which the `k`th. */
export const valueOn = (
  { a, b, c, ofA, ofB, ofC }: Spot,
  values: Float32Array,
  size = 1,
  k = 0,
): number =>
  ofA * values[a * size + k]! + ofB * values[b * size + k]! + ofC * values[c * size + k]!;
