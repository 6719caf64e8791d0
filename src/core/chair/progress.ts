import { minutesBetween } from "../days";
import { shiftMinutes, type Placed } from "../schedule";
import type { Look, LookContext } from "../look";
import { seat, type Seat } from "../plan";
import { skippedTasks, type ChairState } from "./log";
import type { ChairStep } from "./steps";
import { touched } from "../look";

/** What is done, task by task, as it really went: the hands-on minutes of a step are shared out by the plan. */
export function doneTasks(
  steps: readonly ChairStep[],
  state: Pick<ChairState, "done">,
  { tasks }: Pick<Seat, "tasks">,
): Placed[] {
  const planned = new Map(tasks.map(({ id, handsOn }) => [id, handsOn]));
  return state.done
    .filter(({ skipped }) => !skipped)
    .flatMap((entry) => {
      const whole = entry.tasks.reduce((sum, id) => sum + (planned.get(id) ?? 0), 0);
      let at = entry.from;
      return entry.tasks.map((id): Placed => {
        const length =
          whole > 0
            ? ((planned.get(id) ?? 0) / whole) * (entry.to - entry.from)
            : (entry.to - entry.from) / entry.tasks.length;
        const start = at;
        at += length;
        return {
          id,
          start,
          end: at,
          hand: steps.find((step) => step.tasks.includes(id))?.hand ?? 0,
        };
      });
    });
}

export interface Progress {
  /** Minutes behind the plan; negative when ahead. */
  readonly behind: number;
  /** Painted and dry, if it goes on like the plan from here; minutes from the beginning. */
  readonly until: number;
  readonly paintedAt: string | null;
  /** Painted by then, so that costume, what is kept in hand and travel still fit; null without a curtain. */
  readonly neededBy: string | null;
  /** Minutes past what the curtain allows, the buffer spent; 0 when it is still met. */
  readonly late: number;
  /** Minutes of the buffer that are gone. */
  readonly bufferSpent: number;
}

/** Plans the rest of a sitting from now and says where that leaves the day. */
export function progressOf(
  stored: Look,
  context: LookContext,
  o: { steps: readonly ChairStep[]; state: ChairState; now: number; plan: Seat },
): Progress {
  const look = touched(stored, context);
  const { brief } = context;
  const rest = seat(look, context, {
    done: doneTasks(o.steps, o.state, o.plan),
    now: o.now,
    without: skippedTasks(o.state),
  });
  const { begunAt } = o.state;
  const paintedAt = begunAt && shiftMinutes(begunAt, Math.round(rest.until));
  const neededBy =
    brief.curtainAt && shiftMinutes(brief.curtainAt, -(brief.travelMinutes + brief.costumeMinutes));
  const over = paintedAt && neededBy ? minutesBetween(neededBy, paintedAt) : -Infinity;
  return {
    behind: rest.until - o.plan.until,
    until: rest.until,
    paintedAt,
    neededBy,
    late: Math.max(0, Math.round(over)),
    bufferSpent: Math.min(brief.bufferMinutes, Math.max(0, Math.round(over + brief.bufferMinutes))),
  };
}
