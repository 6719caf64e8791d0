/** Median milliseconds of some runs. */
export function median(runs: number, act: (i: number) => unknown): number {
  const times = Array.from({ length: runs }, (_, i) => {
    const from = performance.now();
    act(i);
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[runs >> 1] ?? NaN;
}
