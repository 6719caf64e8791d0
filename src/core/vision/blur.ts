/** A grid of numbers, row by row. */
export interface Plane {
  readonly width: number;
  readonly height: number;
  readonly values: Float32Array;
}

const clamp = (i: number, n: number) => (i < 0 ? 0 : i >= n ? n - 1 : i);

/** A Gaussian cut off at three sigmas, summing to one. */
function kernel(sigma: number): Float32Array {
  const radius = Math.max(1, Math.ceil(3 * sigma));
  const taps = Float32Array.from({ length: 2 * radius + 1 }, (_, i) =>
    Math.exp(-((i - radius) ** 2) / (2 * sigma * sigma)),
  );
  const sum = taps.reduce((total, tap) => total + tap, 0);
  return taps.map((tap) => tap / sum);
}

/** Convolution along rows, then along columns; edges go on as they end. */
function convolve({ width, height, values }: Plane, taps: Float32Array): Plane {
  const radius = (taps.length - 1) / 2;
  const across = new Float32Array(values.length);
  const middle = taps[radius] as number;
  // The kernel is the same to both sides: each pair is added before it is multiplied. A row with its ends gone on is read without asking where it ends.
  const row = new Float32Array(width + 2 * radius);
  for (let y = 0; y < height; y++) {
    const from = y * width;
    row.fill(values[from] as number, 0, radius);
    row.set(values.subarray(from, from + width), radius);
    row.fill(values[from + width - 1] as number, radius + width);
    for (let x = 0; x < width; x++) {
      let sum = middle * (row[x + radius] as number);
      for (let t = 0, right = x + 2 * radius; t < radius; t++, right--)
        sum += (taps[t] as number) * ((row[x + t] as number) + (row[right] as number));
      across[from + x] = sum;
    }
  }
  const down = new Float32Array(values.length);
  // A whole row at a time: memory is read in order.
  for (let y = 0; y < height; y++) {
    const into = y * width;
    for (let x = 0; x < width; x++) down[into + x] = middle * (across[into + x] as number);
    for (let t = 0; t < radius; t++) {
      const upper = clamp(y + t - radius, height) * width;
      const lower = clamp(y + radius - t, height) * width;
      const tap = taps[t] as number;
      for (let x = 0; x < width; x++)
        down[into + x] =
          (down[into + x] as number) +
          tap * ((across[upper + x] as number) + (across[lower + x] as number));
    }
  }
  return { width, height, values: down };
}

/** Means of blocks of so many cells a side; the last ones take what is there. */
function shrink({ width, height, values }: Plane, by: number): Plane {
  const [w, h] = [Math.ceil(width / by), Math.ceil(height / by)];
  const small = new Float32Array(w * h);
  for (let Y = 0; Y < h; Y++)
    for (let X = 0; X < w; X++) {
      let sum = 0;
      const [right, bottom] = [Math.min(width, (X + 1) * by), Math.min(height, (Y + 1) * by)];
      for (let y = Y * by; y < bottom; y++)
        for (let x = X * by; x < right; x++) sum += values[y * width + x] as number;
      small[Y * w + X] = sum / ((right - X * by) * (bottom - Y * by));
    }
  return { width: w, height: h, values: small };
}

/** Adds `weight` times a shrunken plane to a large one, bilinearly between its cells. */
function addGrown(
  into: Float32Array,
  width: number,
  height: number,
  small: Plane,
  by: number,
  weight: number,
): void {
  const columns = Int32Array.from({ length: width }, (_, x) =>
    clamp(Math.floor((x + 0.5) / by - 0.5), small.width),
  );
  const shares = Float32Array.from({ length: width }, (_, x) =>
    Math.min(1, Math.max(0, (x + 0.5) / by - 0.5 - (columns[x] as number))),
  );
  // Down first, on the few cells of a small row, then across; the last cell stands twice, so that its right neighbour is itself.
  const row = new Float32Array(small.width + 1);
  for (let y = 0; y < height; y++) {
    const place = (y + 0.5) / by - 0.5;
    const top = clamp(Math.floor(place), small.height);
    const share = Math.min(1, Math.max(0, place - top));
    const a = top * small.width;
    const b = clamp(top + 1, small.height) * small.width;
    for (let x = 0; x < small.width; x++)
      row[x] =
        weight *
        ((small.values[a + x] as number) * (1 - share) + (small.values[b + x] as number) * share);
    row[small.width] = row[small.width - 1] as number;
    for (let x = 0, out = y * width; x < width; x++, out++) {
      const left = columns[x] as number;
      const here = row[left] as number;
      into[out] =
        (into[out] as number) + here + (shares[x] as number) * ((row[left + 1] as number) - here);
    }
  }
}

/** Below this many cells a Gaussian changes nothing that could be seen. */
const NEGLIGIBLE = 0.3;
/** So many cells blur the smallest plane to one colour; more would only take longer. */
const WIDEST = 40;
/** A wide Gaussian is run on a shrunken plane, so that its sigma there stays below this. */
const WIDE = 3;

/**
 * Adds `weight` times a Gaussian blur of a plane to `into`. Wide blurs run on a smaller plane, with the variance that shrinking and growing
 * add taken off first.
 * @param sigma in cells
 */
export function addBlurred(into: Float32Array, plane: Plane, sigma: number, weight: number): void {
  if (sigma < NEGLIGIBLE) {
    for (let i = 0; i < into.length; i++)
      into[i] = (into[i] as number) + weight * (plane.values[i] as number);
    return;
  }
  const largest = 2 ** Math.floor(Math.log2(Math.max(plane.width, plane.height)));
  const by = Math.min(largest, 2 ** Math.max(0, Math.ceil(Math.log2(sigma / WIDE))));
  const added = by === 1 ? 0 : (by * by - 1) / 12 + (by * by) / 6;
  const left = Math.sqrt(Math.max(0.01, sigma * sigma - added)) / by;
  const small = by === 1 ? plane : shrink(plane, by);
  addGrown(
    into,
    plane.width,
    plane.height,
    convolve(small, kernel(Math.min(left, WIDEST))),
    by,
    weight,
  );
}
