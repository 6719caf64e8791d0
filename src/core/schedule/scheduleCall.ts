import { chairLowerBound } from "./bound";
import { checkedTasks, inOrder, type Task } from "./task";

export interface Performer {
  readonly id: string;
  readonly tasks: readonly Task[];
  /** Minutes sooner than the last that this one has to be ready: who goes on first is painted first. 0 where nothing is said. */
  readonly sooner?: number;
  /** Sits down so many minutes after another performer of the call is ready: the same person, in another look. */
  readonly follows?: { readonly id: string; readonly minutes: number };
}
export interface Call {
  readonly performers: readonly Performer[];
  readonly artists: number;
  readonly chairs: number;
  /** Minutes at which each artist is there; 0 where nothing is said. */
  readonly from?: readonly number[];
  /** What each artist can do of the tasks that name a skill; everything where nothing is said. */
  readonly skills?: readonly (readonly string[] | null)[];
  /** Minutes it takes an artist to go on to another performer: hands washed, other sponges. 0 where nothing is said. */
  readonly changing?: number;
}
export interface PlacedInCall {
  performer: string;
  task: string;
  artist: number;
  chair: number;
  start: number;
  end: number;
  /** Minutes before the start in which tool and paint are taken up. */ load?: number;
}

/** Orders that are tried, and how long on the clock of effort: tries are cheap for small calls and few for large ones. */
const MOST_TRIES = 160;
const MOST_STEPS = 9_000;

/** A performer's work as the simulation walks through it. */
interface Work {
  readonly id: string;
  readonly tasks: readonly Task[];
  /** Places of the tasks each one waits for. */
  readonly before: readonly (readonly number[])[];
  /** Longest chain of work and rest from the start of each task to the end of all. */
  readonly tail: readonly number[];
  readonly zone: readonly number[];
  readonly zones: number;
  readonly bound: number;
  readonly handsOn: number;
  readonly sooner: number;
  /** The place of the performer this one comes after, and how long after; -1 where there is none. */
  readonly follows: { readonly place: number; readonly minutes: number };
  /** Artists who may do each task. */
  readonly able: readonly (readonly number[])[];
}

/** The artists that may do a task. @throws RangeError where nobody may */
function ableTo(task: Pick<Task, "skills">, { artists, skills = [] }: Call): number[] {
  const able = Array.from({ length: artists }, (_, i) => i).filter((i) => {
    const own = skills[i] ?? null;
    return own === null || (task.skills ?? []).every((skill) => own.includes(skill));
  });
  if (!able.length) throw new RangeError(`nobody at this call does ${task.skills?.join(" and ")}`);
  return able;
}

const NOBODY: readonly number[] = [];

function workOf(
  { id, tasks, sooner = 0, follows }: Performer,
  able: (task: Task) => readonly number[],
  placeOf: (id: string) => number,
): Work {
  const byId = checkedTasks(tasks);
  const place = new Map(tasks.map((task, i) => [task.id, i]));
  const before = tasks.map((task) => task.after.map((other) => place.get(other) ?? 0));
  const tail = tasks.map((task) => task.handsOn);
  for (const task of inOrder(tasks).toReversed()) {
    const own = tail[place.get(task.id) ?? 0] ?? 0;
    for (const other of task.after) {
      const lower = byId.get(other);
      const at = place.get(other) ?? 0;
      if (lower) tail[at] = Math.max(tail[at] ?? 0, lower.handsOn + lower.wait + own);
    }
  }
  const names = [...new Set(tasks.map(({ zone }) => zone))];
  return {
    id,
    tasks,
    before,
    tail,
    zone: tasks.map(({ zone }) => names.indexOf(zone)),
    zones: names.length,
    bound: chairLowerBound(tasks),
    handsOn: tasks.reduce((sum, { handsOn }) => sum + handsOn, 0),
    sooner,
    follows: { place: follows ? placeOf(follows.id) : -1, minutes: follows?.minutes ?? 0 },
    able: tasks.map(able),
  };
}

/** No call is shorter: the longest performer, the hands there are, those who alone can do a thing, and the chairs there are. */
function callLowerBound(works: readonly Work[], { artists, chairs, skills }: Call): number {
  const own = skills ? { skills } : {};
  const sum = (of: (work: Work) => number) => works.reduce((total, work) => total + of(work), 0);
  const bySkill = new Map<string, { load: number; hands: number }>();
  for (const work of works)
    work.tasks.forEach(({ skills: asked = [], handsOn }) => {
      for (const skill of asked)
        bySkill.set(skill, {
          load: (bySkill.get(skill)?.load ?? 0) + handsOn,
          hands: ableTo({ skills: [skill] }, { artists, chairs, performers: [], ...own }).length,
        });
    });
  return Math.max(
    0,
    ...works.map(({ bound }) => bound),
    sum(({ handsOn }) => handsOn) / artists,
    sum(({ bound }) => bound) / chairs,
    ...[...bySkill.values()].map(({ load, hands }) => load / hands),
  );
}

/** From the start until everybody has been ready for as long as they have to be sooner than the last. */
const spanOf = (works: readonly Work[], placed: readonly PlacedInCall[]): number => {
  const sooner = new Map(works.map((work) => [work.id, work.sooner]));
  return Math.max(0, ...placed.map(({ performer, end }) => end + (sooner.get(performer) ?? 0)));
};

/** When each pair of hands is free first. */
const arrivals = ({ artists, from = [] }: Call): number[] =>
  Array.from({ length: artists }, (_, i) => Math.max(0, from[i] ?? 0));

/** Deterministic jitter for the repeated tries; not for anything that needs real randomness. */
const jitter = (n: number) => {
  const x = Math.sin(n * 78.233) * 43758.5453;
  return x - Math.floor(x);
};

interface Way {
  readonly order: readonly number[];
  /** How a performer in a chair weighs against another: the more is left, the sooner. */ readonly urgency: readonly number[];
  readonly patience: number;
}

/** Walks through the call once: of all that could start soonest, the most urgent. Null as soon as it can't beat a known end. */
function walk(works: readonly Work[], call: Call, way: Way, best: number): PlacedInCall[] | null {
  const placed: PlacedInCall[] = [];
  const artistFree = arrivals(call);
  const chairFree = new Array<number>(call.chairs).fill(0);
  const lastArtist = new Array<number>(works.length).fill(-1);
  const lastFace = new Array<number>(call.artists).fill(-1);
  const { changing = 0 } = call;
  /** When an artist could be at a performer's face. */
  const artistAt = (i: number, p: number): number => {
    const face = lastFace[i] ?? -1;
    return (artistFree[i] ?? 0) + (face >= 0 && face !== p ? changing : 0);
  };
  const readyOf = (p: number) => Math.max(...(ends[p] ?? [0]));
  const seated: number[] = [];
  const chairOf = new Array<number>(works.length).fill(-1);
  const free = new Array<number>(works.length).fill(0);
  const ends = works.map(({ tasks }) => new Array<number>(tasks.length).fill(-1));
  const rested = works.map(({ zones }) => new Array<number>(zones).fill(0));
  const left = works.map(({ tasks }) => tasks.length);
  const waiting = [...way.order];
  const earliest = (p: number, t: number): number => {
    const work = works[p] as Work;
    let at = Math.max(free[p] ?? 0, rested[p]?.[work.zone[t] ?? 0] ?? 0);
    for (const b of work.before[t] ?? []) {
      const end = ends[p]?.[b] ?? -1;
      if (end < 0) return Infinity;
      at = Math.max(at, end + (work.tasks[b]?.wait ?? 0));
    }
    return at;
  };
  for (;;) {
    // A free chair takes the next performer at once: an empty chair earns nothing.
    while (seated.length < call.chairs) {
      const next = waiting.findIndex((other) => {
        const { place } = (works[other] as Work).follows;
        return place < 0 || !left[place];
      });
      const [p] = next < 0 ? [] : waiting.splice(next, 1);
      if (p === undefined) break;
      const chair = chairFree.reduce(
        (found, at, i) =>
          seated.some((other) => chairOf[other] === i)
            ? found
            : found < 0 || at < (chairFree[found] ?? 0)
              ? i
              : found,
        -1,
      );
      chairOf[p] = chair;
      const { place, minutes } = (works[p] as Work).follows;
      free[p] = Math.max(chairFree[chair] ?? 0, place < 0 ? 0 : readyOf(place) + minutes);
      seated.push(p);
    }
    if (!seated.length) return placed;
    let soonestStart = Infinity;
    const open: { p: number; t: number; start: number }[] = [];
    const firstOf = (able: readonly number[], p: number): number =>
      able.reduce((least, i) => Math.min(least, artistAt(i, p)), Infinity);
    for (const p of seated) {
      for (let t = 0; t < (works[p] as Work).tasks.length; t++) {
        if ((ends[p]?.[t] ?? 0) >= 0) continue;
        const ready = earliest(p, t);
        if (ready === Infinity) continue;
        const start = Math.max(firstOf((works[p] as Work).able[t] ?? NOBODY, p), ready);
        open.push({ p, t, start });
        soonestStart = Math.min(soonestStart, start);
      }
    }
    const scoreOf = ({ p, t }: { p: number; t: number }) =>
      (((works[p] as Work).tail[t] ?? 0) + (works[p] as Work).sooner) * (way.urgency[p] ?? 1);
    const { p: bestP, t: bestT } = open
      .filter(({ start }) => start <= soonestStart + way.patience)
      .reduce((a, b) => (scoreOf(b) > scoreOf(a) + 1e-9 ? b : a));
    const work = works[bestP] as Work;
    const task = work.tasks[bestT] as Task;
    const ready = earliest(bestP, bestT);
    // Who painted this face last goes on with it, if that costs no more than another's change; else the hands that have been free the shortest.
    const mine = lastArtist[bestP] ?? -1;
    const able = work.able[bestT] ?? NOBODY;
    const soonest = Math.max(firstOf(able, bestP), ready);
    const stays =
      mine >= 0 && able.includes(mine) && artistAt(mine, bestP) <= soonest + changing + 1e-9;
    const artist = stays
      ? mine
      : able.reduce(
          (found, i) =>
            artistAt(i, bestP) <= soonest + 1e-9 &&
            (found < 0 || artistAt(i, bestP) > artistAt(found, bestP))
              ? i
              : found,
          -1,
        );
    const start = Math.max(artistAt(artist, bestP), ready);
    const end = start + task.handsOn;
    if (end + (work.tail[bestT] ?? 0) - task.handsOn + work.sooner >= best - 1e-9) return null;
    placed.push({
      performer: work.id,
      task: task.id,
      artist,
      chair: chairOf[bestP] ?? 0,
      start,
      end,
    });
    artistFree[artist] = end;
    lastArtist[bestP] = artist;
    lastFace[artist] = bestP;
    free[bestP] = end;
    (ends[bestP] as number[])[bestT] = end;
    (rested[bestP] as number[])[work.zone[bestT] ?? 0] = end + task.wait;
    left[bestP] = (left[bestP] ?? 0) - 1;
    if (!left[bestP]) {
      chairFree[chairOf[bestP] ?? 0] = end;
      seated.splice(seated.indexOf(bestP), 1);
    }
  }
}

/** Calls of so few tasks are solved exactly. */
const EXHAUSTIVE = 8;

interface State {
  readonly placed: readonly PlacedInCall[];
  readonly artistFree: readonly number[];
  readonly chairFree: readonly number[];
  readonly chairOf: ReadonlyMap<string, number>;
}

/** The best of all orders in which tasks could be taken up, each as early as it can be then; depth first, cut by the longest chain that is left. */
function everyWay(
  works: readonly Work[],
  call: Call,
  start: readonly PlacedInCall[],
  end: number,
): { placed: readonly PlacedInCall[]; span: number } {
  let best = { placed: start, span: end };
  const search = ({ placed, artistFree, chairFree, chairOf }: State) => {
    const now = spanOf(works, placed);
    if (placed.length === works.reduce((sum, { tasks }) => sum + tasks.length, 0)) {
      if (now < best.span - 1e-9) best = { placed, span: now };
      return;
    }
    for (const work of works) {
      const own = placed.filter(({ performer }) => performer === work.id);
      const endOf = (t: number) => own.find(({ task }) => task === work.tasks[t]?.id)?.end;
      work.tasks.forEach((task, t) => {
        if (endOf(t) !== undefined || (work.before[t] ?? []).some((b) => endOf(b) === undefined))
          return;
        const sitting = chairOf.get(work.id);
        const free = [...chairFree.keys()].filter((i) => Number.isFinite(chairFree[i]));
        const chair =
          sitting ??
          free.reduce(
            (found, i) => (found < 0 || (chairFree[i] ?? 0) < (chairFree[found] ?? 0) ? i : found),
            -1,
          );
        if (chair < 0) return;
        const rested = own.map((entry) => {
          const at = work.tasks.findIndex(({ id }) => id === entry.task);
          return entry.end + (work.zone[at] === work.zone[t] ? (work.tasks[at]?.wait ?? 0) : 0);
        });
        const ready = Math.max(
          0,
          ...rested,
          ...(work.before[t] ?? []).map((b) => (endOf(b) ?? 0) + (work.tasks[b]?.wait ?? 0)),
          sitting === undefined ? (chairFree[chair] ?? 0) : 0,
        );
        const last = own.length + 1 === work.tasks.length;
        const alike = new Set<string>();
        for (const artist of work.able[t] ?? []) {
          // Artists who are free at once and can do the same are one and the same.
          const kind = `${artistFree[artist] ?? 0} ${(call.skills?.[artist] ?? ["everything"]).join()}`;
          if (alike.has(kind)) continue;
          alike.add(kind);
          const from = Math.max(ready, artistFree[artist] ?? 0);
          if (from + (work.tail[t] ?? 0) + work.sooner >= best.span - 1e-9) continue;
          const to = from + task.handsOn;
          search({
            placed: [
              ...placed,
              { performer: work.id, task: task.id, artist, chair, start: from, end: to },
            ],
            artistFree: artistFree.map((at, i) => (i === artist ? to : at)),
            chairFree: chairFree.map((at, i) => (i === chair ? (last ? to : Infinity) : at)),
            chairOf: new Map([...chairOf, [work.id, chair]]),
          });
        }
      });
    }
  };
  search({
    placed: [],
    artistFree: arrivals(call),
    chairFree: new Array<number>(call.chairs).fill(0),
    chairOf: new Map(),
  });
  return best;
}

/**
 * Several performers, artists and chairs: who is painted by whom, where and when.
 *
 * A performer keeps one chair from the first touch to the last; one pair of hands at a time is on a face, and goes on to another while that one dries.
 * List scheduling over many orders of who sits down when, the best kept; eight tasks or fewer are solved exactly.
 * @returns `makespan`, the end of the last hands-on part; `lowerBound`, which no makespan beats. Who has to be ready `sooner` weighs by as much: what is
 * made short is the time until the last is ready and each of the others has been for as long.
 * @throws RangeError without artists or chairs, on two performers of one id, on a skill that nobody there has, and on tasks that a chair refuses
 */
export function scheduleCall(call: Call): {
  placed: PlacedInCall[];
  makespan: number;
  /** From the start until everybody has been ready for as long as they have to be sooner than the last. */ span: number;
  lowerBound: number;
} {
  if (!Number.isInteger(call.artists) || call.artists < 1)
    throw new RangeError("a call needs an artist");
  if (!Number.isInteger(call.chairs) || call.chairs < 1)
    throw new RangeError("a call needs a chair");
  if (new Set(call.performers.map(({ id }) => id)).size !== call.performers.length)
    throw new RangeError("two performers have the same id");
  const performers = call.performers.filter(({ tasks }) => tasks.length > 0);
  const placeOf = (id: string) => performers.findIndex((performer) => performer.id === id);
  const works = performers.map((performer) =>
    workOf(performer, (task) => ableTo(task, call), placeOf),
  );
  const lowerBound = callLowerBound(works, call);
  const spanBound = Math.max(lowerBound, ...works.map(({ bound, sooner }) => bound + sooner));
  const size = works.reduce((sum, { tasks }) => sum + tasks.length, 0);
  const tries = Math.max(12, Math.min(MOST_TRIES, Math.round(MOST_STEPS / Math.max(1, size))));
  const places = works.map((_, i) => i);
  let best: readonly PlacedInCall[] = [];
  let span = Infinity;
  const good = spanBound * 1.0005 + 1e-9;
  for (let i = 0; i < tries && span > good; i++) {
    const noise = (k: number) => jitter(i * 131 + k);
    const weight = (p: number) => {
      const work = works[p] as Work;
      const long = work.bound + work.sooner;
      return i === 0
        ? long
        : i === 1
          ? work.handsOn + work.sooner
          : i === 2
            ? work.sooner * 1000 - work.bound
            : long * (0.5 + noise(p));
    };
    const order = [...places].sort((a, b) => weight(b) - weight(a));
    const urgency = places.map((p) => (i < 3 ? 1 : 0.6 + 0.8 * noise(p + 57)));
    const found = walk(
      works,
      call,
      { order, urgency, patience: i % 3 === 2 ? 1 : i % 3 === 1 ? 0.4 : 0 },
      span,
    );
    const end = found ? spanOf(works, found) : Infinity;
    if (found && end < span - 1e-9) [best, span] = [found, end];
  }
  const isPlain = !call.changing && works.every(({ follows }) => follows.place < 0);
  if (isPlain && size <= EXHAUSTIVE && span > good)
    ({ placed: best, span } = everyWay(works, call, best, span));
  return {
    placed: [...best].sort((a, b) => a.start - b.start || a.end - b.end),
    makespan: Math.max(0, ...best.map(({ end }) => end)),
    span: spanOf(works, best),
    lowerBound,
  };
}
