/** A booth: people come at random and are painted one after another. */
export interface Booth {
  readonly arrivalsPerHour: number;
  readonly minutesEach: number;
  readonly artists: number;
}

export interface BoothWait {
  /** Share of their time that the artists paint; 1 and more can't be kept up. */
  readonly busyShare: number;
  /** Chance that somebody who comes has to wait. */
  readonly waits: number;
  /** Mean wait before the brush, minutes; Infinity where the queue only grows. */
  readonly waitMinutes: number;
  /** Designs an hour at most. */
  readonly perHour: number;
}

/** Erlang's C: the chance to wait with so many servers under a load (arrival rate times service time). Erlang 1917. */
export function erlangC(servers: number, load: number): number {
  if (load >= servers) return 1;
  // Erlang's B by its recursion, which never overflows; C follows from it.
  let blocked = 1;
  for (let n = 1; n <= servers; n++) blocked = (load * blocked) / (n + load * blocked);
  return blocked / (1 - (load / servers) * (1 - blocked));
}

/**
 * Expected wait at a booth, by the M/M/c queue: people come at random, designs take varying times, the first come is the first served
 * (Gross & Harris, Fundamentals of Queueing Theory, section on M/M/c).
 * @throws RangeError on rates below zero, minutes of zero or less, or no artist
 * @example boothWait({ arrivalsPerHour: 10, minutesEach: 4, artists: 1 }).waitMinutes // 8.0
 */
export function boothWait({ arrivalsPerHour, minutesEach, artists }: Booth): BoothWait {
  if (!(arrivalsPerHour >= 0) || !(minutesEach > 0) || !Number.isInteger(artists) || artists < 1)
    throw new RangeError("a booth needs arrivals of zero or more, minutes and an artist");
  const load = (arrivalsPerHour / 60) * minutesEach;
  const waits = erlangC(artists, load);
  return {
    busyShare: load / artists,
    waits,
    waitMinutes: load >= artists ? Infinity : (waits * minutesEach) / (artists - load),
    perHour: (60 / minutesEach) * artists,
  };
}

/** The most designs of a menu, the quickest first, that keep the mean wait within so many minutes when each is chosen as often; 0 when not even the quickest does. */
export function designsToOffer(
  minutes: readonly number[],
  booth: Omit<Booth, "minutesEach">,
  mostWait: number,
): number {
  const quickest = [...minutes].sort((a, b) => a - b);
  const mean = (n: number) => quickest.slice(0, n).reduce((sum, value) => sum + value, 0) / n;
  return quickest.reduce(
    (most, _, i) =>
      boothWait({ ...booth, minutesEach: mean(i + 1) }).waitMinutes <= mostWait ? i + 1 : most,
    0,
  );
}
