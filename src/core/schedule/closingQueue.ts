/** A design that a booth offers. Minutes of hands; the turnover comes on top. */
export interface Offered {
  readonly id: string;
  readonly minutes: number;
}

/** A booth that closes: who is there, how long there still is, and how many paint. */
export interface ClosingBooth {
  readonly waiting: number;
  readonly minutesLeft: number;
  readonly artists: number;
  /** To sit down, choose, ask about allergies and pay, min. */
  readonly turnover: number;
}

export interface Closing {
  /** Children that are painted before it closes, whatever they choose among the offered, nine times in ten. */
  readonly fits: number;
  /** Of those, how many may still join. */
  readonly more: number;
  /** Minutes each takes, the turnover with it. */
  readonly each: number;
  /** Designs to offer now, by id, the quickest first. */
  readonly offered: readonly string[];
  /** When the last of those waiting now is done, minutes from now. */
  readonly lastAt: number;
  /** When nobody may join any more so that all who have are painted, minutes from now; 0: now. */
  readonly closeAt: number;
}

/** Nine in ten: the standard normal's 0.9 quantile (tables of the normal distribution). */
const NINE_IN_TEN = 1.2816;

/** Mean and spread of what a child takes who chooses any of these as often. */
function timesOf(designs: readonly Offered[], turnover: number): { mean: number; sd: number } {
  const mean = designs.reduce((sum, { minutes }) => sum + minutes, 0) / designs.length;
  const variance =
    designs.reduce((sum, { minutes }) => sum + (minutes - mean) ** 2, 0) / designs.length;
  return { mean: mean + turnover, sd: Math.sqrt(variance) };
}

/** Minutes until so many are painted, nine times in ten: each artist paints their share one after the other (sum of independent times, central limit). */
function minutesFor(
  children: number,
  { artists }: ClosingBooth,
  { mean, sd }: { mean: number; sd: number },
): number {
  const rounds = Math.ceil(children / artists);
  return rounds * mean + NINE_IN_TEN * sd * Math.sqrt(rounds);
}

/** How many are painted in so many minutes. */
function fitsIn(minutes: number, booth: ClosingBooth, times: { mean: number; sd: number }): number {
  let rounds = 0;
  while (minutesFor((rounds + 1) * booth.artists, booth, times) <= minutes + 1e-9) rounds++;
  return rounds * booth.artists;
}

/**
 * A queue that closes (design 6.6): a booth's children are there, and time runs out; no endless stream of them. Offered is the longest list of designs, the
 * quickest first, with which everybody who waits still gets a turn; the quickest alone where even that is too much.
 * @throws RangeError on no design, no artist, or numbers below zero
 * @example closingQueue([{ id: "leaf", minutes: 3.5 }], { waiting: 7, minutesLeft: 60, artists: 1, turnover: 1.5 }).fits // 12
 */
export function closingQueue(designs: readonly Offered[], booth: ClosingBooth): Closing {
  const { waiting, minutesLeft, artists, turnover } = booth;
  if (
    !designs.length ||
    !(artists >= 1) ||
    !(waiting >= 0) ||
    !(minutesLeft >= 0) ||
    !(turnover >= 0)
  )
    throw new RangeError("a booth needs a design, an artist, and no number below zero");
  const quickest = [...designs].sort((a, b) => a.minutes - b.minutes);
  const lists = quickest.map((_, i) => quickest.slice(0, i + 1));
  const enough = lists.filter(
    (list) => fitsIn(minutesLeft, booth, timesOf(list, turnover)) >= waiting,
  );
  const offered = enough.at(-1) ?? quickest.slice(0, 1);
  const times = timesOf(offered, turnover);
  const fits = fitsIn(minutesLeft, booth, times);
  const more = Math.max(0, fits - waiting);
  // Whoever joins last is painted last: the queue closes one turn of theirs before the end.
  const closeAt = more > 0 ? Math.max(0, minutesLeft - minutesFor(artists, booth, times)) : 0;
  return {
    fits,
    more,
    each: times.mean,
    offered: offered.map(({ id }) => id),
    lastAt: minutesFor(waiting, booth, times),
    closeAt,
  };
}
