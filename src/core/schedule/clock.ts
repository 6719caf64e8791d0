import { canDo, type Hand, type Placed, type Task } from "./task";

// What a painter minds beside the minutes, in minutes one would give to be spared it: common practice, no published source.
/** Back up past wet paint, a level at a time, and at most (ORDER-1). */
const [UP_A_LEVEL, MOST_UP] = [0.3, 1];
/** To a lighter colour after a darker, which wants a clean brush (ORDER-2); and a difference in L* that none is wanted for. */
const [LIGHTER, ALIKE] = [0.5, 12];
/** A pass that is broken off and taken up again. */
const TORN = 1;
/** The same tool and paint is loaded anew in so much of the time that another one takes. */
const RELOADING = 0.3;
/** The same tool goes on to a darker colour after a wipe. */
const DARKER = 0.42;

export interface Breaks {
  readonly every: number;
  readonly minutes: number;
}

/** No pass is taken up in less of its load. */
export const QUICKEST = RELOADING;

/** Tasks by their places, as a clock walks through them. */
export interface Bench {
  readonly tasks: readonly Task[];
  readonly hands: readonly Hand[];
  readonly breaks: Breaks | null;
  /** What each task waits for: the place of the other, and how long it then rests. */
  readonly before: readonly (readonly { readonly at: number; readonly rest: number }[])[];
  readonly zones: readonly number[];
  readonly zoneCount: number;
  /** The pass of each task by its number; -1 where it is none. */
  readonly passes: readonly number[];
  readonly passCount: number;
  readonly heads: readonly string[];
}

/** Tasks and hands made ready to be walked through. */
export function benchOf(
  tasks: readonly Task[],
  hands: readonly Hand[],
  breaks: Breaks | null,
): Bench {
  const place = new Map(tasks.map(({ id }, i) => [id, i]));
  const zoneNames = new Map<string, number>();
  const passNames = new Map<string, number>();
  const numbered = (names: Map<string, number>, name: string) => {
    const known = names.get(name) ?? names.size;
    names.set(name, known);
    return known;
  };
  return {
    tasks,
    hands,
    breaks,
    before: tasks.map(({ after, behind = [] }) => [
      ...after.flatMap((id) => {
        const at = place.get(id);
        return at === undefined ? [] : [{ at, rest: tasks[at]?.wait ?? 0 }];
      }),
      ...behind.flatMap((id) => {
        const at = place.get(id);
        return at === undefined ? [] : [{ at, rest: 0 }];
      }),
    ]),
    zones: tasks.map(({ zone }) => numbered(zoneNames, zone)),
    zoneCount: zoneNames.size,
    passes: tasks.map(({ pass }) => (pass ? numbered(passNames, pass.id) : -1)),
    passCount: passNames.size,
    heads: [...new Set(tasks.flatMap(({ near }) => (near ? [near.head] : [])))],
  };
}

/** Where every hand, zone and head stands after some of the tasks. */
export interface Clock {
  readonly free: number[];
  readonly worked: number[];
  /** The task each hand did last; -1 before the first. */
  readonly last: number[];
  /** When each task ended; -1 while it is open. */
  readonly end: number[];
  /** When each zone is dry, and when the hand has left it. */
  readonly dry: number[];
  readonly left: number[];
  /** Hands that have begun a pass: hand times passes. */
  readonly begun: boolean[];
  /** Until when adhesive lies open round a head, and until when something oily, wet or dusty travels there. */
  readonly open: number[];
  readonly soiled: number[];
  /** Minutes one would have given to be spared what was done, and changes of tool or paint. */
  strain: number;
  changes: number;
}

export const startOf = ({ tasks, hands, zoneCount, passCount, heads }: Bench): Clock => ({
  free: hands.map(({ from = 0 }) => from),
  worked: hands.map(() => 0),
  last: hands.map(() => -1),
  end: tasks.map(() => -1),
  dry: new Array<number>(zoneCount).fill(0),
  left: new Array<number>(zoneCount).fill(0),
  begun: new Array<boolean>(hands.length * passCount).fill(false),
  open: heads.map(() => 0),
  soiled: heads.map(() => 0),
  strain: 0,
  changes: 0,
});

export const copyOf = (clock: Clock): Clock => ({
  free: [...clock.free],
  worked: [...clock.worked],
  last: [...clock.last],
  end: [...clock.end],
  dry: [...clock.dry],
  left: [...clock.left],
  begun: [...clock.begun],
  open: [...clock.open],
  soiled: [...clock.soiled],
  strain: clock.strain,
  changes: clock.changes,
});

/** Whether a hand has begun a pass of these before. */
const hasBegun = ({ passCount, hands }: Bench, { begun }: Clock, pass: number, h?: number) =>
  h === undefined
    ? hands.some((_, other) => begun[other * passCount + pass])
    : Boolean(begun[h * passCount + pass]);

/** Minutes in which a hand takes up what a task is done with. */
export function loadMinutes(bench: Bench, clock: Clock, i: number, h: number): number {
  const to = bench.tasks[i]?.pass;
  const number = bench.passes[i] ?? -1;
  if (!to) return 0;
  const last = clock.last[h] ?? -1;
  const from = last < 0 ? undefined : bench.tasks[last];
  // A pass may be laid with one tool and blended with another.
  if (last >= 0 && bench.passes[last] === number && from?.pass?.kit === to.kit) return 0;
  const setUp = to.setUp && !hasBegun(bench, clock, number) ? to.setUp : 0;
  if (from?.pass?.kit === to.kit) return RELOADING * to.load + setUp;
  const darker =
    from?.pass?.tool === to.tool &&
    (from.lightness ?? 0) >= (bench.tasks[i]?.lightness ?? Infinity);
  return (darker ? DARKER * to.load : to.load) + setUp;
}

/**
 * When one pair of hands could start a task: hands free, loaded and rested, what it lies on ended and dry, its zones dry, no adhesive open where it would
 * soil it. Infinity while a predecessor is still to come, or where they don't reach or must leave.
 */
export function readyAt(bench: Bench, clock: Clock, i: number, h: number): number {
  const task = bench.tasks[i] as Task;
  const hand = bench.hands[h] as Hand;
  if (!canDo(hand, task)) return Infinity;
  const load = loadMinutes(bench, clock, i, h);
  const free = clock.free[h] ?? 0;
  let at = Math.max(free + load, task.notBefore ?? 0);
  for (const { at: other, rest } of bench.before[i] ?? []) {
    const end = clock.end[other] ?? -1;
    if (end < 0) return Infinity;
    if (end + rest > at) at = end + rest;
  }
  // What a pass lies on it comes after, by where the paint is: the zone itself only keeps two hands apart.
  const busy = (bench.passes[i] ?? -1) >= 0 ? clock.left : clock.dry;
  at = Math.max(at, busy[bench.zones[i] ?? -1] ?? 0);
  if (task.near) {
    const head = bench.heads.indexOf(task.near.head);
    at = Math.max(at, (task.near.does === "soils" ? clock.open : clock.soiled)[head] ?? 0);
  }
  const { breaks } = bench;
  const worked = clock.worked[h] ?? 0;
  if (breaks && worked > 0 && worked + load + task.handsOn > breaks.every + 1e-9)
    at = Math.max(at, free + breaks.minutes + load);
  return at + task.handsOn > (hand.until ?? Infinity) + 1e-9 ? Infinity : at;
}

/** What a move of the hand costs beside its minutes: from what it did last to a task that starts then. */
function moveCost(bench: Bench, clock: Clock, i: number, h: number, start: number): number {
  const to = bench.tasks[i] as Task;
  const last = clock.last[h] ?? -1;
  const from = last < 0 ? undefined : bench.tasks[last];
  const number = bench.passes[i] ?? -1;
  const goesOn = from !== undefined && (bench.passes[last] ?? -1) === number && number >= 0;
  const torn = number >= 0 && !goesOn && hasBegun(bench, clock, number, h) ? TORN : 0;
  if (!from) return torn;
  const isWet = (clock.end[last] ?? 0) + from.wait > start + 1e-9;
  const up = isWet ? Math.max(0, (from.height ?? 0) - (to.height ?? 0)) : 0;
  const lighter =
    !goesOn &&
    from.lightness !== undefined &&
    to.lightness !== undefined &&
    to.lightness - from.lightness > ALIKE;
  return torn + Math.min(MOST_UP, up * UP_A_LEVEL) + (lighter ? LIGHTER : 0);
}

/** Does a task by a pair of hands from a minute on. `really`: how long it took where it is done. */
export function place(
  bench: Bench,
  clock: Clock,
  i: number,
  h: number,
  start: number,
  really?: number,
): Placed {
  const task = bench.tasks[i] as Task;
  const pass = bench.passes[i] ?? -1;
  const load = really === undefined ? loadMinutes(bench, clock, i, h) : 0;
  const handsOn = really ?? task.handsOn;
  const end = start + handsOn;
  const free = clock.free[h] ?? 0;
  const rested = bench.breaks && start - load - free >= bench.breaks.minutes - 1e-9;
  if (task.pass) {
    const last = clock.last[h] ?? -1;
    if (last < 0 || bench.tasks[last]?.pass?.kit !== task.pass.kit) clock.changes++;
    clock.strain += load;
  }
  clock.strain += moveCost(bench, clock, i, h, start);
  clock.worked[h] = (rested ? 0 : (clock.worked[h] ?? 0)) + load + handsOn;
  clock.free[h] = end;
  clock.last[h] = i;
  clock.end[i] = end;
  if (pass >= 0) clock.begun[h * bench.passCount + pass] = true;
  const zone = bench.zones[i] ?? 0;
  clock.dry[zone] = Math.max(clock.dry[zone] ?? 0, end + task.wait);
  clock.left[zone] = Math.max(clock.left[zone] ?? 0, end);
  if (task.near) {
    const head = bench.heads.indexOf(task.near.head);
    const until = task.near.does === "opens" ? end + task.wait : end;
    const air = task.near.does === "opens" ? clock.open : clock.soiled;
    air[head] = Math.max(air[head] ?? 0, until);
  }
  return { id: task.id, start, end, hand: h, ...(load > 0 && { load }) };
}

/** The hands that can start a task soonest; the ones that have its pass in hand where several can. Infinity where nobody ever can. */
export function soonest(bench: Bench, clock: Clock, i: number): { at: number; hand: number } {
  let [at, hand] = [Infinity, 0];
  for (let h = 0; h < bench.hands.length; h++) {
    const own = readyAt(bench, clock, i, h);
    const last = clock.last[h] ?? -1;
    const mine =
      last >= 0 && (bench.passes[i] ?? -1) >= 0 && bench.passes[last] === bench.passes[i];
    if (own < at - 1e-9 || (mine && own <= at + 1e-9)) [at, hand] = [own, h];
  }
  return { at, hand };
}

/** The clock with what has been done already as it really was, and hands free from now on. */
export function afterDone(bench: Bench, done: readonly Placed[], now: number): Clock {
  const clock = startOf(bench);
  const at = new Map(bench.tasks.map(({ id }, i) => [id, i]));
  for (const entry of [...done].sort((a, b) => a.start - b.start)) {
    const i = at.get(entry.id);
    const h = Math.min(entry.hand ?? 0, bench.hands.length - 1);
    if (i !== undefined) place(bench, clock, i, h, entry.start, entry.end - entry.start);
  }
  bench.hands.forEach(({ from = 0 }, h) => {
    clock.free[h] = Math.max(clock.free[h] ?? 0, now, from);
  });
  return { ...clock, strain: 0, changes: 0 };
}

export const lengthOf = (placed: readonly Placed[]): number =>
  Math.max(0, ...placed.map(({ end }) => end));
