import { chairLowerBound, headsAndTails } from "./bound";
import { moveCost, strainOf } from "./strain";
import { canDo, checkedTasks, ONE_HAND, type Hand, type Placed, type Task } from "./task";

/** So few tasks are solved exactly: for one pair of hands, and for more. */
const EXHAUSTIVE = { one: 9, more: 6 } as const;
const TRIES = 120;
/** What was held to a minute by hand is taken up as soon as that has come. */
const PINNED = 1e6;
/** Where moves are weighed, the order given is a good start, and chance adds little. */
const SHAPED_TRIES = 12;

export interface ChairSetting {
  /** Whose hands there are; one pair that reaches everything where nothing is said. */
  readonly hands?: readonly Hand[];
  /** After so many minutes of work without one, hands rest. A drying gap as long as the break is one. */
  readonly breaks?: { readonly every: number; readonly minutes: number } | null;
  /** What has been done already, when it really was; it stays, and only the rest is planned. */
  readonly done?: readonly Placed[];
  /** Nothing that is left starts before this minute. */
  readonly now?: number;
}

interface Clock {
  readonly free: number[];
  readonly worked: number[];
  readonly last: (Task | undefined)[];
  readonly end: Map<string, number>;
  readonly rested: Map<string, number>;
}
interface Setup {
  readonly byId: ReadonlyMap<string, Task>;
  readonly hands: readonly Hand[];
  readonly breaks: { readonly every: number; readonly minutes: number } | null;
  readonly first: Clock;
}

const copyOf = (clock: Clock): Clock => ({
  free: [...clock.free],
  worked: [...clock.worked],
  last: [...clock.last],
  end: new Map(clock.end),
  rested: new Map(clock.rested),
});

/** When one pair of hands could start a task: hands free and rested, predecessors ended and dry, zone dry. Infinity while a predecessor is still to come, or where they don't reach or must leave. */
function readyAt(task: Task, h: number, { byId, hands, breaks }: Setup, clock: Clock): number {
  const hand = hands[h] as Hand;
  if (!canDo(hand, task)) return Infinity;
  const free = clock.free[h] ?? 0;
  const worked = clock.worked[h] ?? 0;
  let at = Math.max(free, clock.rested.get(task.zone) ?? 0, task.notBefore ?? 0);
  for (const id of task.after) {
    const end = clock.end.get(id);
    if (end === undefined) return Infinity;
    at = Math.max(at, end + (byId.get(id)?.wait ?? 0));
  }
  if (breaks && worked > 0 && worked + task.handsOn > breaks.every + 1e-9)
    at = Math.max(at, free + breaks.minutes);
  return at + task.handsOn > (hand.until ?? Infinity) + 1e-9 ? Infinity : at;
}

function place(task: Task, h: number, start: number, { breaks }: Setup, clock: Clock): Placed {
  const end = start + task.handsOn;
  const rested = breaks && start - (clock.free[h] ?? 0) >= breaks.minutes - 1e-9;
  clock.worked[h] = (rested ? 0 : (clock.worked[h] ?? 0)) + task.handsOn;
  clock.free[h] = end;
  clock.last[h] = task;
  clock.end.set(task.id, end);
  clock.rested.set(task.zone, Math.max(clock.rested.get(task.zone) ?? 0, end + task.wait));
  return { id: task.id, start, end, hand: h };
}

/** The clock as it stands before anything is planned: what is done is done, and hands are there from when they come. */
function firstClock(
  hands: readonly Hand[],
  done: readonly Placed[],
  now: number,
  setup: Omit<Setup, "first">,
): Clock {
  const clock: Clock = {
    free: hands.map(() => 0),
    worked: hands.map(() => 0),
    last: hands.map(() => undefined),
    end: new Map(),
    rested: new Map(),
  };
  for (const entry of [...done].sort((a, b) => a.start - b.start)) {
    const task = setup.byId.get(entry.id);
    const h = Math.min(entry.hand ?? 0, hands.length - 1);
    if (task)
      place(
        { ...task, handsOn: entry.end - entry.start },
        h,
        entry.start,
        { ...setup, first: clock },
        clock,
      );
  }
  hands.forEach((hand, h) => {
    clock.free[h] = Math.max(clock.free[h] ?? 0, now, hand.from ?? 0);
  });
  return clock;
}

interface Way {
  readonly priority: (task: Task) => number;
  readonly patience: number;
  /** How much a move against the hand weighs, of the priority. */ readonly calm: number;
}

/** List schedule: of the tasks that can start soonest, the one with the highest priority; first in the list breaks ties. Null where some can never start. */
function greedy(
  tasks: readonly Task[],
  setup: Setup,
  { priority, patience, calm }: Way,
): Placed[] | null {
  const clock = copyOf(setup.first);
  const placed: Placed[] = [];
  const rest = [...tasks];
  while (rest.length) {
    let soonest = Infinity;
    const ready = rest.map((task) => {
      let [at, hand] = [Infinity, 0];
      for (let h = 0; h < setup.hands.length; h++) {
        const own = readyAt(task, h, setup, clock);
        if (own < at - 1e-9) [at, hand] = [own, h];
      }
      soonest = Math.min(soonest, at);
      return { task, at, hand };
    });
    if (soonest === Infinity) return null;
    const worth = ({ task, hand }: { task: Task; hand: number }) =>
      priority(task) +
      (task.notBefore === undefined ? 0 : PINNED) -
      (calm ? calm * moveCost(clock.last[hand], task) : 0);
    const best = ready
      .filter(({ at }) => at <= soonest + patience)
      .reduce((a, b) => (worth(b) > worth(a) + 1e-9 ? b : a));
    placed.push(place(best.task, best.hand, best.at, setup, clock));
    rest.splice(rest.indexOf(best.task), 1);
  }
  return placed;
}

const lengthOf = (placed: readonly Placed[]) => Math.max(0, ...placed.map(({ end }) => end));

/** Best of all orders and hands by length and strain, by depth-first search: what is spent and the tail bound what is to come. */
function exhaustive(
  tasks: readonly Task[],
  setup: Setup,
  tail: ReadonlyMap<string, number>,
  start: Placed[],
  cost: number,
): Placed[] {
  let best = { placed: start, cost };
  const search = (placed: Placed[], clock: Clock, rest: readonly Task[], strain: number) => {
    if (!rest.length) {
      const own = lengthOf(placed) + strain;
      if (own < best.cost - 1e-9) best = { placed, cost: own };
      return;
    }
    // No sooner than all hands have done what is left, nor than the longest chain of it.
    const load = rest.reduce((sum, { handsOn }) => sum + handsOn, 0);
    const least = Math.max(
      lengthOf(placed),
      (clock.free.reduce((sum, free) => sum + free, 0) + load) / clock.free.length,
    );
    if (least + strain >= best.cost - 1e-9) return;
    for (const task of rest)
      for (let h = 0; h < setup.hands.length; h++) {
        const at = readyAt(task, h, setup, clock);
        const spent = strain + moveCost(clock.last[h], task);
        if (
          Math.max(least, at + task.handsOn + (tail.get(task.id) ?? 0)) + spent >=
          best.cost - 1e-9
        )
          continue;
        const next = copyOf(clock);
        const step = place(task, h, at, setup, next);
        search(
          [...placed, step],
          next,
          rest.filter((other) => other !== task),
          spent,
        );
      }
  };
  search([], setup.first, tasks, 0);
  return best.placed;
}

/** Deterministic jitter for the repeated tries; not for anything that needs real randomness. */
const jitter = (n: number) => {
  const x = Math.sin(n * 12.9898) * 43758.5453;
  return x - Math.floor(x);
};

/**
 * One performer at one chair: fills drying gaps with work on other zones.
 *
 * A task starts when hands that reach it are free, its zone has rested, and all it comes `after` have ended and rested. Small cases (nine tasks or
 * fewer for one pair of hands, six for more) are solved exactly; larger ones by list scheduling with several priorities, the best kept. What is
 * made least is the length and what the moves of the hand cost (`strain`, in minutes one would give to be spared them).
 * @returns placed tasks in order of start, what was done among them; `makespan`, the end of the last hands-on part; `lowerBound`, which no schedule beats
 * @throws RangeError on negative minutes, a double id, an unknown predecessor, a circle, no hands, or a task that none of them can do
 */
export function scheduleChair(
  tasks: readonly Task[],
  o: ChairSetting = {},
): { placed: Placed[]; makespan: number; lowerBound: number; strain: number } {
  const byId = checkedTasks(tasks);
  const { hands = ONE_HAND, breaks = null, done = [], now = 0 } = o;
  if (!hands.length) throw new RangeError("a chair needs a pair of hands");
  const finished = new Set(done.map(({ id }) => id));
  const open = tasks.filter(({ id }) => !finished.has(id));
  const setup: Setup = {
    byId,
    hands,
    breaks,
    first: firstClock(hands, done, now, { byId, hands, breaks }),
  };
  const left = open.map((task): Task => ({
    ...task,
    after: task.after.filter((id) => !finished.has(id)),
  }));
  const { tail } = headsAndTails(left);
  const lowerBound = open.length
    ? now +
      chairLowerBound(
        left.map(({ notBefore = 0, ...task }) => ({
          ...task,
          notBefore: Math.max(0, notBefore - now),
        })),
        hands,
      )
    : lengthOf(done);
  const zoneLeft = new Map<string, number>();
  for (const { zone, handsOn, wait } of open)
    zoneLeft.set(zone, (zoneLeft.get(zone) ?? 0) + handsOn + wait);
  const tailOf = (task: Task) => task.handsOn + (tail.get(task.id) ?? 0);
  const priorities: ((task: Task) => number)[] = [
    tailOf,
    (task) => tailOf(task) + task.wait,
    (task) => (zoneLeft.get(task.zone) ?? 0) + tailOf(task),
    (task) => task.wait,
  ];
  const good = lowerBound * 1.0005 + 1e-9;
  const costOf = (placed: readonly Placed[]) => lengthOf(placed) + strainOf(placed, byId);
  let best = null as Placed[] | null;
  const offer = (placed: Placed[] | null) => {
    if (placed && (!best || costOf(placed) < costOf(best) - 1e-9)) best = placed;
  };
  const shaped = open.some(
    ({ batch, height, lightness }) =>
      batch !== undefined || height !== undefined || lightness !== undefined,
  );
  const index = new Map(open.map((task, i) => [task.id, i]));
  // Never worse than the shortest, moves and all.
  if (shaped)
    offer(
      scheduleChair(
        tasks.map(({ batch: _, height: __, lightness: ___, ...task }) => task),
        o,
      ).placed.filter(({ id }) => !finished.has(id)),
    );
  // The order given is how a painter thinks of it: with patience one waits for a coat rather than take up another colour.
  if (shaped)
    for (const patience of [0, 1, 2, 4, 8, 20])
      offer(
        greedy(open, setup, { priority: (task) => -(index.get(task.id) ?? 0), patience, calm: 0 }),
      );
  const isGood = () => best !== null && costOf(best) <= good;
  for (const priority of priorities)
    for (const patience of [0, 0.75, 3])
      for (const calm of shaped ? [0, 4, 12] : [0])
        if (!isGood()) offer(greedy(open, setup, { priority, patience, calm }));
  for (let i = 0; i < (shaped ? SHAPED_TRIES : TRIES) && !isGood(); i++) {
    const noise = new Map(open.map((task, k) => [task.id, 1 + 0.35 * (jitter(i * 977 + k) - 0.5)]));
    const priority = priorities[i % 4 === 3 ? 0 : i % 4] ?? tailOf;
    offer(
      greedy(open, setup, {
        priority: (task) => priority(task) * (noise.get(task.id) ?? 1),
        patience: [0, 0.75, 3][i % 3] ?? 0,
        calm: shaped && i % 4 > 1 ? 3 : 0,
      }),
    );
  }
  if (best === null)
    throw new RangeError(
      `no hands here do ${open.find((task) => !hands.some((hand) => canDo(hand, task)))?.id ?? "all of it before they leave"}`,
    );
  if (open.length <= (hands.length > 1 ? EXHAUSTIVE.more : EXHAUSTIVE.one) && costOf(best) > good)
    offer(exhaustive(open, setup, tail, best, costOf(best)));
  const found: readonly Placed[] = best;
  const placed = [...done.filter(({ id }) => byId.has(id)), ...found].sort(
    (a, b) => a.start - b.start || a.end - b.end,
  );
  return { placed, makespan: lengthOf(placed), lowerBound, strain: strainOf(placed, byId) };
}
