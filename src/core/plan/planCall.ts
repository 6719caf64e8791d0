import { minutesBetween } from "../days";
import { predict, stopsOf, type Finding, type Look, type LookContext } from "../look";
import { scheduleCall, shiftMinutes, backwards, type PlacedInCall } from "../schedule";
import type { Artist } from "./callSetting";
import { ARTIST_SKILLS, type ArtistSkill } from "./skills";
import { layerTasks } from "./tasks";

/** A job that is painted at a call. */
export interface CallJob {
  readonly id: string;
  readonly look: Look;
  readonly context: LookContext;
}

/** One performer at a call, in clock time where the job has a curtain. */
export interface CallPerformer {
  readonly jobId: string;
  readonly chair: number;
  /** Minutes from the start of the call. */
  readonly from: number;
  /** Painted and dry, minutes from the start. */
  readonly until: number;
  readonly handsOn: number;
  readonly artists: readonly number[];
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

/**
 * A call: who is painted when, in which chair, by whom; the start counted back from all the curtains (TIME-1), and who is needed first painted first.
 * Who is stopped by a safety rule is withheld, and the others planned without them. A skill that nobody has is said as a conflict, and the work planned as if all had it.
 */
export function planCall(
  called: readonly CallJob[],
  { artists, chairs, startAt: fixed = null }: CallSetting,
): CallPlan {
  const judged = called.map((job) => ({ job, stops: stopsOf(job.look, job.context) }));
  const jobs = judged.filter(({ stops }) => !stops.length).map(({ job }) => job);
  const withheld = judged
    .filter(({ stops }) => stops.length > 0)
    .map(({ job, stops }) => ({ jobId: job.id, stops }));
  const tasked = jobs
    .map((job) => ({
      ...job,
      tasks: layerTasks(job.look, job.context, predict(job.look, job.context)),
      neededBy: neededFor(job.context),
    }))
    .filter(({ tasks }) => tasks.length > 0);
  const last = Math.max(
    ...tasked.flatMap(({ neededBy }) => (neededBy ? [Date.parse(neededBy)] : [])),
  );
  const has = (skill: string) =>
    artists.some(({ skills }) => skills === null || skills.some((own) => own === skill));
  const missing = [
    ...new Set(
      tasked.flatMap(({ tasks, look, context }) =>
        tasks.flatMap(({ skill }) =>
          skill && !has(skill)
            ? [
                `Nobody at this call does ${ARTIST_SKILLS[skill as ArtistSkill]}: ${look.name} on ${context.person.name} asks for it.`,
              ]
            : [],
        ),
      ),
    ),
  ];
  const performers = tasked.map(({ id, tasks, neededBy }) => ({
    id,
    sooner: neededBy ? (last - Date.parse(neededBy)) / 60_000 : 0,
    tasks: tasks.map(({ skill, ...task }) => (skill && has(skill) ? { ...task, skill } : task)),
  }));
  const { placed, makespan, lowerBound } = scheduleCall({
    performers,
    artists: artists.length,
    chairs,
    from: artists.map(({ lateMinutes }) => lateMinutes),
    skills: artists.map(({ skills }) => skills),
  });
  const waitOf = new Map(
    performers.flatMap(({ id, tasks }) =>
      tasks.map((task): [string, number] => [`${id} ${task.id}`, task.wait]),
    ),
  );
  const rested = placed.map((entry) => ({
    ...entry,
    rest: waitOf.get(`${entry.performer} ${entry.task}`) ?? 0,
  }));
  // Somebody who is called for two looks wears one of them at a time.
  const twice = jobs
    .filter(
      ({ context }, i) =>
        jobs.findIndex((other) => other.context.person.id === context.person.id) < i,
    )
    .map(
      ({ look, context }) =>
        `${context.person.name} is called twice this day: ${look.name} goes on only when the other is off; removal is not in these times.`,
    );
  const spans = performers.map(({ id }) => {
    const own = rested.filter(({ performer }) => performer === id);
    const neededBy = tasked.find((job) => job.id === id)?.neededBy ?? null;
    return {
      id,
      own,
      neededBy,
      from: Math.min(...own.map(({ start }) => start)),
      until: Math.max(...own.map(({ end, rest }) => end + rest)),
    };
  });
  const starts = spans.flatMap(({ neededBy, until }) =>
    neededBy ? [shiftMinutes(neededBy, -Math.ceil(until))] : [],
  );
  const startAt =
    fixed ??
    starts.reduce<string | null>(
      (first, at) => (first && Date.parse(first) <= Date.parse(at) ? first : at),
      null,
    );
  return {
    placed: rested,
    startAt,
    makespan,
    lowerBound,
    conflicts: [...missing, ...twice],
    withheld,
    performers: spans
      .map(({ id, own, neededBy, from: sits, until }): CallPerformer => {
        const paintedAt = startAt && shiftMinutes(startAt, Math.ceil(until));
        return {
          jobId: id,
          chair: own[0]?.chair ?? 0,
          from: sits,
          until,
          handsOn: own.reduce((sum, { start, end }) => sum + end - start, 0),
          artists: [...new Set(own.map(({ artist }) => artist))].sort(),
          sitsAt: startAt && shiftMinutes(startAt, Math.floor(sits)),
          paintedAt,
          neededBy,
          late:
            neededBy && paintedAt
              ? Math.max(0, Math.round(minutesBetween(neededBy, paintedAt)))
              : 0,
        };
      })
      .sort((a, b) => a.from - b.from),
  };
}
