/** One size that was made: the shares its forms should have, and how much it counts. */
interface Sample {
  readonly weights: readonly number[];
  readonly counts: number;
}

/** Turns a square matrix with right sides into the solution, in place of the right sides (Gauss and Jordan, with pivoting). */
function solved(rows: number[][]): number[][] {
  const size = rows.length;
  for (let i = 0; i < size; i++) {
    const pivot = rows
      .slice(i)
      .reduce((best, row) => (Math.abs(row[i]!) > Math.abs(best[i]!) ? row : best));
    rows.splice(rows.indexOf(pivot), 1);
    rows.splice(
      i,
      0,
      pivot.map((value) => value / pivot[i]!),
    );
    for (let k = 0; k < size; k++)
      if (k !== i) rows[k] = rows[k]!.map((value, j) => value - rows[k]![i]! * rows[i]![j]!);
  }
  return rows.map((row) => row.slice(size));
}

/**
 * Forms whose sums, weighted, come nearest to what was made (least squares).
 *
 * @param made what each sample measured, all equally long
 * @returns a form for each weight, as long as what was measured
 */
export function fitted(
  samples: readonly Sample[],
  made: readonly (readonly number[])[],
): readonly (readonly number[])[] {
  const size = samples[0]!.weights.length;
  const rows = Array.from({ length: size }, (_, i) => [
    ...Array.from({ length: size }, (_unused, j) =>
      samples.reduce((sum, { weights, counts }) => sum + counts * weights[i]! * weights[j]!, 0),
    ),
    ...samples.map(({ weights, counts }) => counts * weights[i]!),
  ]);
  return solved(rows).map((shares) =>
    made[0]!.map((_, at) => shares.reduce((sum, share, k) => sum + share * made[k]![at]!, 0)),
  );
}
