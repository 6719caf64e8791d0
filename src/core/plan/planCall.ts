import { predict, type Look, type LookContext } from "../look";
import { scheduleCall, shiftMinutes, backwards, type PlacedInCall } from "../schedule";
import { layerTasks } from "./tasks";

/** A job that is painted at a call. */
export interface CallJob { readonly id: string; readonly look: Look; readonly context: LookContext }

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
}

export interface CallSetting {
  readonly artists: number;
  readonly chairs: number;
  /** Minutes after the start at which each artist is there; all from the start where nothing is said. */
  readonly from?: readonly number[];
  /** The start, where it is fixed; else as late as all can be in time. */
  readonly startAt?: string | null;
}

const minutesBetween = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / 60_000;

/** A call: who is painted when, in which chair, by whom; the start counted back from all the curtains (TIME-1). */
export function planCall(jobs: readonly CallJob[], setting: CallSetting): CallPlan {
  const { artists, chairs, from = [] } = setting;
  const performers = jobs.map(({ id, look, context }) => ({ id, tasks: layerTasks(look, context, predict(look, context)) })).filter(({ tasks }) => tasks.length > 0);
  const { placed, makespan, lowerBound } = scheduleCall({ performers, artists, chairs, from });
  const waitOf = new Map(performers.flatMap(({ id, tasks }) => tasks.map((task): [string, number] => [`${id} ${task.id}`, task.wait])));
  const rested = placed.map((entry) => ({ ...entry, rest: waitOf.get(`${entry.performer} ${entry.task}`) ?? 0 }));
  const spans = performers.map(({ id }) => {
    const own = rested.filter(({ performer }) => performer === id);
    const brief = jobs.find((job) => job.id === id)?.context.brief;
    const neededBy = brief?.curtainAt ? backwards({ curtainAt: brief.curtainAt, chairMinutes: 0, travelMinutes: brief.travelMinutes, costumeMinutes: brief.costumeMinutes, bufferMinutes: brief.bufferMinutes }).paintedBy : null;
    return { id, own, neededBy, from: Math.min(...own.map(({ start }) => start)), until: Math.max(...own.map(({ end, rest }) => end + rest)) };
  });
  const starts = spans.flatMap(({ neededBy, until }) => (neededBy ? [shiftMinutes(neededBy, -Math.ceil(until))] : []));
  const startAt = setting.startAt ?? starts.reduce<string | null>((first, at) => (first && Date.parse(first) <= Date.parse(at) ? first : at), null);
  return {
    placed: rested, startAt, makespan, lowerBound,
    performers: spans.map(({ id, own, neededBy, from: sits, until }): CallPerformer => {
      const paintedAt = startAt && shiftMinutes(startAt, Math.ceil(until));
      return {
        jobId: id, chair: own[0]?.chair ?? 0, from: sits, until, handsOn: own.reduce((sum, { start, end }) => sum + end - start, 0), artists: [...new Set(own.map(({ artist }) => artist))].sort(),
        sitsAt: startAt && shiftMinutes(startAt, Math.floor(sits)), paintedAt, neededBy, late: neededBy && paintedAt ? Math.max(0, Math.round(minutesBetween(neededBy, paintedAt))) : 0,
      };
    }).sort((a, b) => a.from - b.from),
  };
}
