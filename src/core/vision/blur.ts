/** A grid of numbers, row by row. */
export interface Plane { readonly width: number; readonly height: number; readonly values: Float32Array }

const clamp = (i: number, n: number) => (i < 0 ? 0 : i >= n ? n - 1 : i);

/** A Gaussian cut off at three sigmas, summing to one. */
function kernel(sigma: number): Float32Array {
  const radius = Math.max(1, Math.ceil(3 * sigma));
  const taps = Float32Array.from({ length: 2 * radius + 1 }, (_, i) => Math.exp(-((i - radius) ** 2) / (2 * sigma * sigma)));
  const sum = taps.reduce((total, tap) => total + tap, 0);
  return taps.map((tap) => tap / sum);
}

/** Convolution along rows, then along columns; edges go on as they end. */
function convolve({ width, height, values }: Plane, taps: Float32Array): Plane {
  const radius = (taps.length - 1) / 2;
  const across = new Float32Array(values.length);
  for (let y = 0; y < height; y++) {
    const row = y * width;
    for (let x = 0; x < width; x++) {
      let sum = 0;
      if (x >= radius && x < width - radius) for (let t = 0, from = row + x - radius; t < taps.length; t++) sum += (taps[t] as number) * (values[from + t] as number);
      else for (let t = 0; t < taps.length; t++) sum += (taps[t] as number) * (values[row + clamp(x + t - radius, width)] as number);
      across[row + x] = sum;
    }
  }
  const down = new Float32Array(values.length);
  // A whole row at a time: memory is read in order.
  for (let y = 0; y < height; y++) for (let t = 0; t < taps.length; t++) {
    const from = clamp(y + t - radius, height) * width;
    const tap = taps[t] as number;
    for (let x = 0, into = y * width; x < width; x++) down[into + x] = (down[into + x] as number) + tap * (across[from + x] as number);
  }
  return { width, height, values: down };
}

/** Means of blocks of so many cells a side; the last ones take what is there. */
function shrink({ width, height, values }: Plane, by: number): Plane {
  const [w, h] = [Math.ceil(width / by), Math.ceil(height / by)];
  const small = new Float32Array(w * h);
  for (let Y = 0; Y < h; Y++) for (let X = 0; X < w; X++) {
    let sum = 0;
    const [right, bottom] = [Math.min(width, (X + 1) * by), Math.min(height, (Y + 1) * by)];
    for (let y = Y * by; y < bottom; y++) for (let x = X * by; x < right; x++) sum += values[y * width + x] as number;
    small[Y * w + X] = sum / ((right - X * by) * (bottom - Y * by));
  }
  return { width: w, height: h, values: small };
}

/** Adds `weight` times a shrunken plane to a large one, bilinearly between its cells. */
function addGrown(into: Float32Array, width: number, height: number, small: Plane, by: number, weight: number): void {
  const columns = Int32Array.from({ length: width }, (_, x) => clamp(Math.floor((x + 0.5) / by - 0.5), small.width));
  const shares = Float32Array.from({ length: width }, (_, x) => Math.min(1, Math.max(0, (x + 0.5) / by - 0.5 - (columns[x] as number))));
  for (let y = 0; y < height; y++) {
    const place = (y + 0.5) / by - 0.5;
    const top = clamp(Math.floor(place), small.height);
    const share = Math.min(1, Math.max(0, place - top));
    const [a, b] = [top * small.width, clamp(top + 1, small.height) * small.width];
    for (let x = 0, out = y * width; x < width; x++) {
      const left = columns[x] as number;
      const right = left + 1 < small.width ? left + 1 : left;
      const u = shares[x] as number;
      const upper = (small.values[a + left] as number) * (1 - u) + (small.values[a + right] as number) * u;
      const lower = (small.values[b + left] as number) * (1 - u) + (small.values[b + right] as number) * u;
      into[out + x] = (into[out + x] as number) + weight * (upper * (1 - share) + lower * share);
    }
  }
}

/** Below this many cells a Gaussian changes nothing that could be seen. */
const NEGLIGIBLE = 0.3;
/** A wide Gaussian is run on a shrunken plane, so that its sigma there stays below this. */
const WIDE = 3;

/**
 * Adds `weight` times a Gaussian blur of a plane to `into`. Wide blurs run on a smaller plane, with the variance that shrinking and growing
 * add taken off first.
 * @param sigma in cells
 */
export function addBlurred(into: Float32Array, plane: Plane, sigma: number, weight: number): void {
  if (sigma < NEGLIGIBLE) { for (let i = 0; i < into.length; i++) into[i] = (into[i] as number) + weight * (plane.values[i] as number); return; }
  const largest = 2 ** Math.floor(Math.log2(Math.max(plane.width, plane.height)));
  const by = Math.min(largest, 2 ** Math.max(0, Math.ceil(Math.log2(sigma / WIDE))));
  const added = by === 1 ? 0 : (by * by - 1) / 12 + by * by / 6;
  const left = Math.sqrt(Math.max(0.01, sigma * sigma - added)) / by;
  const small = by === 1 ? plane : shrink(plane, by);
  const most = Math.max(small.width, small.height);
  addGrown(into, plane.width, plane.height, convolve(small, kernel(Math.min(left, most))), by, weight);
}
