import { addDays } from "../days";

/** A job of a series, by the day it is worn. */
export interface DatedFace {
  readonly personId: string;
  readonly name: string;
  readonly on: string;
}
export interface Series {
  readonly name: string;
  readonly from: string;
  readonly days: number;
}

/** So many days running, and skin wants one without paint (TIME-5). Common practice, no published source. */
export const REST_AFTER_DAYS = 3;

const next = (day: string): string => addDays(day, 1);

/** Who is painted so many days running that a rest day for the skin is due (TIME-5), the longest run of each. */
export function withoutRest(jobs: readonly DatedFace[]): Series[] {
  const people = new Map<string, { name: string; days: Set<string> }>();
  for (const { personId, name, on } of jobs)
    people.set(personId, { name, days: new Set([...(people.get(personId)?.days ?? []), on]) });
  return [...people.values()].flatMap(({ name, days }): Series[] => {
    const runs = [...days]
      .sort()
      .reduce<{ from: string; last: string; days: number }[]>((list, on) => {
        const run = list.at(-1);
        return run && next(run.last) === on
          ? [...list.slice(0, -1), { ...run, last: on, days: run.days + 1 }]
          : [...list, { from: on, last: on, days: 1 }];
      }, []);
    const longest = runs.reduce<(typeof runs)[number] | null>(
      (most, run) => (most && most.days >= run.days ? most : run),
      null,
    );
    return longest && longest.days >= REST_AFTER_DAYS
      ? [{ name, from: longest.from, days: longest.days }]
      : [];
  });
}

/** A look a day, as it is asked for. */
export interface SeriesAsked {
  /** In the order they are to be painted. */
  readonly looks: readonly string[];
  /** ISO day of the first. */
  readonly from: string;
  /** ISO day of the last there may be. */
  readonly until: string | null;
  /** Days painted between two rest days. */
  readonly running: number;
  /** Looks that are practised, on paper, on a day of its own before they are painted. */
  readonly practise: ReadonlySet<string>;
}

export interface DayOfSeries {
  readonly on: string;
  readonly lookId: string;
}

export interface PlannedSeries {
  readonly days: readonly DayOfSeries[];
  /** Days for practice; skin rests on them too. */
  readonly practice: readonly DayOfSeries[];
  readonly rests: readonly string[];
  /** Looks there is no day for. */
  readonly left: readonly string[];
}

/** How many days one is painted before a rest day, so that no rest is overdue. */
export const USUAL_RUN = REST_AFTER_DAYS - 1;

/** A look a day with a rest day for the skin after every so many (TIME-5), and days to practise what is hard: what there is no day for is left. */
export function planSeries({ looks, from, until, running, practise }: SeriesAsked): PlannedSeries {
  const days: DayOfSeries[] = [];
  const practice: DayOfSeries[] = [];
  const rests: string[] = [];
  let [on, run] = [from, 0];
  for (const lookId of looks) {
    const isPractised = practise.has(lookId);
    const isRest = !isPractised && run >= Math.max(1, running);
    const painted = isPractised || isRest ? addDays(on, 1) : on;
    if (until !== null && painted > until) break;
    if (isPractised) practice.push({ on, lookId });
    if (isRest) rests.push(on);
    days.push({ on: painted, lookId });
    run = isPractised || isRest ? 1 : run + 1;
    on = addDays(painted, 1);
  }
  return { days, practice, rests, left: looks.slice(days.length) };
}
