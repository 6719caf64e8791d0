import { minutesBetween } from "../days";
import { stopsOf, type Finding, type Look, type LookContext } from "../look";
import {
  asTasks,
  backwards,
  lateAsCanBe,
  scheduleCall,
  shiftMinutes,
  sittingsOf,
  type PlacedInCall,
  type Sitting,
} from "../schedule";
import type { Artist } from "./callSetting";
import { removalOf } from "./removal";
import { seat, type Seat } from "./seat";
import { ARTIST_SKILLS, type ArtistSkill } from "./skills";

/** A job that is painted at a call. */
export interface CallJob {
  readonly id: string;
  readonly look: Look;
  readonly context: LookContext;
}

/** One artist leaves a performer and another goes on: a minute from the start. */
export interface Handover {
  readonly minute: number;
  readonly from: number;
  readonly to: number;
}

/** One performer at a call, in clock time where the job has a curtain. */
export interface CallPerformer {
  readonly jobId: string;
  /** -1 for who paints themselves, at a mirror of their own. */
  readonly chair: number;
  /** Minutes from the start of the call. */
  readonly from: number;
  /** Painted and dry, minutes from the start. */
  readonly until: number;
  readonly handsOn: number;
  /** Whose hands, by their place among the call's. */
  readonly artists: readonly number[];
  readonly handovers: readonly Handover[];
  readonly sitsAt: string | null;
  readonly paintedAt: string | null;
  /** Painted by then, so that costume, what is kept in hand and travel still fit. */
  readonly neededBy: string | null;
  /** Minutes too late; 0 when in time. */
  readonly late: number;
}

export interface CallPlan {
  readonly performers: readonly CallPerformer[];
  readonly placed: readonly (PlacedInCall & { readonly rest: number })[];
  /** Names of all hands: the artists, then whoever paints themselves. */
  readonly hands: readonly string[];
  /** When the first sits down; null while no job has a curtain. */
  readonly startAt: string | null;
  readonly makespan: number;
  readonly lowerBound: number;
  /** What can't be as it is: a skill that nobody there has. */
  readonly conflicts: readonly string[];
  /** Who is not planned, since a safety rule stops their look on them. */
  readonly withheld: readonly { readonly jobId: string; readonly stops: readonly Finding[] }[];
}

/** What planning a call needs of who is there. */
export interface CallSetting {
  readonly artists: readonly Artist[];
  readonly chairs: number;
  /** The start, where it is fixed; else as late as all can be in time. */
  readonly startAt?: string | null;
}

/** Another chair has to bring the end so much nearer, or nobody waits in it. Common practice, no published source. */
const CHAIR_WINS = 3;

/** A job at its chair, cut into what an artist stays for. */
interface Seated extends CallJob {
  readonly chair: Seat;
  readonly sittings: readonly Sitting[];
  readonly neededBy: string | null;
  /** Minutes sooner than the last that this one is needed. */
  readonly sooner: number;
}

/** Painted by then: costume, what is kept in hand and travel still fit before the curtain. */
const neededFor = ({ brief }: LookContext): string | null =>
  brief.curtainAt
    ? backwards({
        curtainAt: brief.curtainAt,
        chairMinutes: 0,
        travelMinutes: brief.travelMinutes,
        costumeMinutes: brief.costumeMinutes,
        bufferMinutes: brief.bufferMinutes,
      }).paintedBy
    : null;

function seatedOf(jobs: readonly CallJob[], { artists }: CallSetting): Seated[] {
  const has = (skills: readonly string[]) =>
    artists.some(
      ({ skills: own }) =>
        own === null || skills.every((skill) => own.some((other) => other === skill)),
    );
  const known = jobs
    .map((job) => ({
      ...job,
      // At a call one pair of hands is on a face; who paints themselves has their own.
      chair: seat(job.look, {
        ...job.context,
        brief: { ...job.context.brief, artists: 1, pins: [] },
      }),
      neededBy: neededFor(job.context),
    }))
    .filter(({ chair }) => chair.tasks.length > 0);
  const last = Math.max(
    ...known.flatMap(({ neededBy }) => (neededBy ? [Date.parse(neededBy)] : [])),
  );
  return known.map((job) => {
    const changing = job.context.house.numbers.changingPerformer;
    // What nobody there can do is said as a conflict, and planned as if all could.
    const tasks = job.chair.tasks.map(({ skills = [], ...task }) => ({
      ...task,
      skills: skills.filter((skill) => has([skill])),
    }));
    return {
      ...job,
      sooner: job.neededBy ? (last - Date.parse(job.neededBy)) / 60_000 : 0,
      sittings: sittingsOf(job.chair.placed, tasks, changing, has),
    };
  });
}

/** Skills that looks ask for and nobody has. */
function missingSkills(jobs: readonly Seated[], { artists }: CallSetting): string[] {
  const has = (skill: string) =>
    artists.some(({ skills }) => skills === null || skills.some((own) => own === skill));
  const words = jobs
    .filter(({ context }) => !context.brief.self)
    .flatMap(({ chair, look, context }) =>
      chair.tasks.flatMap(({ skills = [] }) =>
        skills
          .filter((skill) => !has(skill))
          .map(
            (skill) =>
              `Nobody at this call does ${ARTIST_SKILLS[skill as ArtistSkill]}: ${look.name} on ${context.person.name} asks for it.`,
          ),
      ),
    );
  return [...new Set(words)];
}

/** Minutes from when somebody is needed until they can sit down again: costume, the way, the hours worn, and what it takes to come off. */
const awayMinutes = ({ look, context }: CallJob): number => {
  const { brief } = context;
  return (
    brief.bufferMinutes +
    brief.costumeMinutes +
    brief.travelMinutes +
    brief.hoursWorn * 60 +
    removalOf(look, context).minutes
  );
};

/** The job of the same person that comes before one, by when they are needed. */
function beforeOnOne(job: Seated, jobs: readonly Seated[]): Seated | undefined {
  return jobs
    .filter(
      (other) =>
        other !== job &&
        other.context.person.id === job.context.person.id &&
        (other.sooner > job.sooner ||
          (other.sooner === job.sooner && jobs.indexOf(other) < jobs.indexOf(job))),
    )
    .sort((a, b) => a.sooner - b.sooner)[0];
}

/** The last touch of a job in a call, and its last coat dry. */
const driedAt = (placed: readonly PlacedInCall[], job: Seated): number =>
  Math.max(0, ...placed.filter(({ performer }) => performer === job.id).map(({ end }) => end)) +
  job.chair.until -
  job.chair.ends;

/** When the first sits down: fixed, or as late as everybody is ready when needed. */
function startOf(
  seated: readonly Seated[],
  placed: readonly PlacedInCall[],
  { startAt }: CallSetting,
): string | null {
  if (startAt) return startAt;
  return seated
    .flatMap((job) => {
      const minutes = job.context.brief.self ? job.chair.until : driedAt(placed, job);
      return job.neededBy ? [shiftMinutes(job.neededBy, -Math.ceil(minutes))] : [];
    })
    .reduce<string | null>(
      (first, at) => (first && Date.parse(first) <= Date.parse(at) ? first : at),
      null,
    );
}

/** A few rounds settle how early whoever is called twice is ready the first time. */
const ROUNDS = 4;

/**
 * The call by the clock. Whoever is called twice can sit down again so long after they were needed, not after they were ready: how early that was is known
 * only when the start is, so it is planned again until it holds.
 */
function byTheClock(painted: readonly Seated[], seated: readonly Seated[], setting: CallSetting) {
  let early = new Map<string, number>();
  for (let round = 1; ; round++) {
    const call = inChairs(painted, setting, early);
    const startAt = startOf(seated, call.placed, setting);
    const now = new Map(
      painted.map((job) => {
        const needed = startAt && job.neededBy ? minutesBetween(startAt, job.neededBy) : 0;
        return [job.id, Math.max(0, needed - driedAt(call.placed, job))];
      }),
    );
    const holds = painted.every((job) => {
      const before = beforeOnOne(job, painted);
      return !before || (now.get(before.id) ?? 0) <= (early.get(before.id) ?? 0) + 0.5;
    });
    if (holds || round === ROUNDS) return { ...call, startAt };
    early = now;
  }
}

/** The call with as few chairs as serve it: another one only where it wins some minutes. */
function inChairs(
  painted: readonly Seated[],
  setting: CallSetting,
  early: ReadonlyMap<string, number>,
) {
  const run = (chairs: number) =>
    scheduleCall({
      performers: painted.map((job) => {
        const before = beforeOnOne(job, painted);
        return {
          id: job.id,
          tasks: asTasks(job.sittings),
          sooner: job.sooner,
          ...(before && {
            follows: {
              id: before.id,
              minutes: awayMinutes(before) + (early.get(before.id) ?? 0),
            },
          }),
        };
      }),
      artists: setting.artists.length,
      chairs,
      from: setting.artists.map(({ lateMinutes }) => lateMinutes),
      skills: setting.artists.map(({ skills }) => skills),
      changing: painted[0]?.context.house.numbers.changingPerformer ?? 0,
    });
  let best = run(Math.min(setting.chairs, setting.artists.length));
  for (let chairs = setting.artists.length + 1; chairs <= setting.chairs; chairs++) {
    const more = run(chairs);
    if (more.span < best.span - CHAIR_WINS) best = more;
  }
  return best;
}

/** Sittings of a call spread out into the tasks they are made of. */
function inTasks(jobs: readonly Seated[], placed: readonly PlacedInCall[]): CallPlan["placed"] {
  return placed.flatMap((entry) => {
    const job = jobs.find(({ id }) => id === entry.performer);
    const sitting = job?.sittings.find(({ id }) => id === entry.task);
    return (sitting?.parts ?? []).map(({ id, start, end, load }) => ({
      ...entry,
      task: id,
      start: entry.start + start,
      end: entry.start + end,
      ...(load !== undefined && { load }),
      rest: job?.chair.tasks.find((task) => task.id === id)?.wait ?? 0,
    }));
  });
}

function handoversOf(own: readonly PlacedInCall[]): Handover[] {
  return own.flatMap((entry, i) => {
    const before = own[i - 1];
    return before && before.artist !== entry.artist
      ? [{ minute: entry.start - (entry.load ?? 0), from: before.artist, to: entry.artist }]
      : [];
  });
}

/**
 * A call: who is painted when, in which chair, by whom; the start counted back from all the curtains (TIME-1), and who is needed first painted first. An
 * artist stays with a performer unless a wait is longer than there and back; nobody is painted long before they are needed. Who paints themselves needs no
 * chair. Who is stopped by a safety rule is withheld, and the others planned without them. A skill that nobody has is said as a conflict, and the work
 * planned as if all had it.
 */
export function planCall(called: readonly CallJob[], setting: CallSetting): CallPlan {
  const judged = called.map((job) => ({ job, stops: stopsOf(job.look, job.context) }));
  const jobs = judged.filter(({ stops }) => !stops.length).map(({ job }) => job);
  const seated = seatedOf(jobs, setting);
  const painted = seated.filter(({ context }) => !context.brief.self);
  const alone = seated.filter(({ context }) => context.brief.self);
  const { placed, makespan, lowerBound, startAt } = byTheClock(painted, seated, setting);
  const neededAt = (job: Seated) =>
    startAt && job.neededBy ? minutesBetween(startAt, job.neededBy) : Infinity;
  const late = lateAsCanBe(placed, {
    latest: (id) => {
      const job = painted.find((other) => other.id === id);
      return job ? neededAt(job) - (job.chair.until - job.chair.ends) : Infinity;
    },
    changing: painted[0]?.context.house.numbers.changingPerformer ?? 0,
  });
  const own = alone.flatMap((job, i): PlacedInCall[] => {
    const from = Math.max(0, Math.floor(neededAt(job) - job.chair.until));
    let at = Number.isFinite(from) ? from : 0;
    return job.sittings.map(({ id, minutes, rest }) => {
      const start = at;
      at += minutes + rest;
      return {
        performer: job.id,
        task: id,
        artist: setting.artists.length + i,
        chair: -1,
        start,
        end: start + minutes,
      };
    });
  });
  const all = inTasks(seated, [...late, ...own]);
  return {
    placed: [...all].sort((a, b) => a.start - b.start || a.end - b.end),
    hands: [
      ...setting.artists.map(({ name }) => name),
      ...alone.map(({ context }) => context.person.name),
    ],
    startAt,
    makespan: Math.max(makespan, ...all.map(({ end }) => end)),
    lowerBound,
    conflicts: missingSkills(seated, setting),
    withheld: judged
      .filter(({ stops }) => stops.length > 0)
      .map(({ job, stops }) => ({ jobId: job.id, stops })),
    performers: seated.map((job) => performerOf(job, all, startAt)).sort((a, b) => a.from - b.from),
  };
}

function performerOf(job: Seated, all: CallPlan["placed"], startAt: string | null): CallPerformer {
  const own = all.filter(({ performer }) => performer === job.id).sort((a, b) => a.start - b.start);
  const from = Math.min(...own.map(({ start, load = 0 }) => start - load));
  const until = Math.max(...own.map(({ end, rest }) => end + rest));
  const paintedAt = startAt && shiftMinutes(startAt, Math.ceil(until));
  return {
    jobId: job.id,
    chair: own[0]?.chair ?? 0,
    from,
    until,
    handsOn: job.chair.handsOn,
    artists: [...new Set(own.map(({ artist }) => artist))].sort(),
    handovers: handoversOf(own),
    sitsAt: startAt && shiftMinutes(startAt, Math.floor(from)),
    paintedAt,
    neededBy: job.neededBy,
    late:
      job.neededBy && paintedAt
        ? Math.max(0, Math.round(minutesBetween(job.neededBy, paintedAt)))
        : 0,
  };
}
