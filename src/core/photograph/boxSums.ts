/** A pass along one way of a picture: sums of so many places either side of each. */
function along(
  from: Float32Array,
  by: number,
  count: number,
  length: number,
  at: (i: number, j: number) => number,
): Float32Array {
  const to = new Float32Array(from.length);
  for (let i = 0; i < count; i++) {
    let sum = 0;
    for (let j = -by; j < length; j++) {
      if (j + by < length) sum += from[at(i, j + by)] ?? 0;
      if (j > by) sum -= from[at(i, j - by - 1)] ?? 0;
      if (j >= 0) to[at(i, j)] = sum;
    }
  }
  return to;
}

/** Sums over the square of so many pixels either way of each pixel, as far as it lies in the picture; the time does not grow with the square. */
export function boxSums(
  values: Float32Array,
  width: number,
  height: number,
  by: number,
): Float32Array {
  const rows = along(values, by, height, width, (i, j) => i * width + j);
  return along(rows, by, width, height, (i, j) => j * width + i);
}
